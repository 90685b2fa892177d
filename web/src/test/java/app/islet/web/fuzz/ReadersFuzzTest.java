package app.islet.web.fuzz;

import app.islet.core.Assessment;
import app.islet.core.AssessmentJson;
import app.islet.core.care.CareLibrary;
import app.islet.core.care.CareSheetReader;
import app.islet.core.document.DocumentReader;
import app.islet.core.document.DocumentWriter;
import app.islet.core.document.EnclosureDocument;
import app.islet.core.document.LedgerFile;
import app.islet.core.health.HealthTables;
import app.islet.core.livestock.Ledger;
import app.islet.core.livestock.UnbalancedException;
import app.islet.core.text.UnreadableException;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;

/** A file is read, and can then be worked with, or it is refused with a sentence. */
@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class ReadersFuzzTest {
  private static final LocalDate DAY = LocalDate.of(2026, 3, 2);
  private static final Path SAMPLES = Path.of("../samples");
  private static final Path SHEETS = Path.of("../core/src/main/resources/app/islet/core/care");

  private static List<String> files(Path folder, String ending) {
    try (Stream<Path> files = Files.list(folder)) {
      return files
          .filter(f -> f.toString().endsWith(ending) && !f.toString().endsWith("schema.json"))
          .sorted()
          .map(ReadersFuzzTest::text)
          .toList();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private static String text(Path file) {
    try {
      return Files.readString(file);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private static Optional<String> attempt(String text, Runnable reading) {
    try {
      reading.run();
      return Optional.empty();
    } catch (UnreadableException | UnbalancedException e) {
      return e.getMessage() == null || e.getMessage().isBlank()
          ? Optional.of("refused without a word")
          : Optional.empty();
    } catch (RuntimeException | StackOverflowError e) {
      return Optional.of("%s at %s%n%s".formatted(e, where(e), shortened(text)));
    }
  }

  /** The first place in our own code. */
  private static String where(Throwable e) {
    return Arrays.stream(e.getStackTrace())
        .map(StackTraceElement::toString)
        .filter(place -> place.contains("app.islet"))
        .findFirst()
        .orElse("");
  }

  private static String shortened(String text) {
    return text.substring(0, Math.min(2000, text.length()));
  }

  @Test
  void enclosure_documents() {
    List<String> samples = files(SAMPLES, ".json");
    DocumentReader reader = new DocumentReader(CareLibrary.bundled());
    Fuzz.run(
        "documents",
        100,
        mutator -> {
          String text = mutator.spoiled(mutator.oneOf(samples));
          return attempt(text, () -> work(reader, text));
        });
  }

  /** As its page would, and back to a file. */
  private static void work(DocumentReader reader, String text) {
    EnclosureDocument document = reader.read("fuzz.json", text);
    Assessment assessment = Assessment.of(document.enclosure(), document.residents(), DAY);
    AssessmentJson.write(assessment);
    reader.read("again.json", DocumentWriter.write(document));
  }

  @Test
  void care_sheets() {
    List<String> sheets = files(SHEETS, ".yaml");
    Fuzz.run(
        "care sheets",
        100,
        mutator -> {
          String text = mutator.spoiled(mutator.oneOf(sheets));
          return attempt(text, () -> CareSheetReader.read("fuzz.yaml", text));
        });
  }

  @Test
  void tables_of_signs_and_courses() {
    List<String> names = HealthTables.names();
    Fuzz.run(
        "health tables",
        100,
        mutator -> {
          String name = mutator.oneOf(names);
          String text = mutator.spoiled(HealthTables.text(name));
          return attempt(text, () -> HealthTables.of(Map.of(name, text)));
        });
  }

  @Test
  void books_of_animals() {
    String books = text(SAMPLES.resolve("ledger.csv"));
    Fuzz.run(
        "books",
        100,
        mutator -> {
          String text = mutator.spoiled(books);
          return attempt(text, () -> Ledger.of(LedgerFile.read("fuzz.csv", text)));
        });
  }
}
