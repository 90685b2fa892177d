package app.islet.cli;

import static org.assertj.core.api.Assertions.assertThat;

import app.islet.core.Assessment;
import app.islet.core.care.CareLibrary;
import app.islet.core.document.DocumentReader;
import app.islet.core.document.EnclosureDocument;
import app.islet.core.review.Severity;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvFileSource;

/**
 * The samples, written from good and bad practice, are judged as {@code samples/expected.csv} says:
 * all that is worse than a note, and nothing else.
 */
@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class SamplesTest {
  private static final LocalDate DAY = LocalDate.of(2026, 3, 2);
  private static final Path SAMPLES = Path.of("..", "samples");
  private static final Path EXPECTED = SAMPLES.resolve("expected.csv");

  @ParameterizedTest(name = "{0}: {1}")
  @CsvFileSource(files = "../samples/expected.csv", numLinesToSkip = 1)
  void a_sample_is_judged_as_it_was_meant(String sample, String practice, String expected)
      throws IOException {
    Path file = SAMPLES.resolve(sample + ".json");
    EnclosureDocument document =
        new DocumentReader(CareLibrary.bundled()).read(file.toString(), Files.readString(file));
    Assessment judged = Assessment.of(document.enclosure(), document.residents(), DAY);
    List<String> found =
        judged.review().findings().stream()
            .filter(f -> f.severity() != Severity.NOTE)
            .map(f -> f.severity().word() + " " + f.rule())
            .toList();
    assertThat(found).containsExactlyInAnyOrder(split(expected));
    assertThat(judged.review().fails()).isEqualTo(practice.equals("bad"));
  }

  private static String[] split(String expected) {
    return expected == null ? new String[0] : expected.split("; ");
  }

  @Test
  void every_sample_has_its_line() throws IOException {
    List<String> lines = Files.readAllLines(EXPECTED);
    try (Stream<Path> files = Files.list(SAMPLES)) {
      assertThat(
              files
                  .map(f -> f.getFileName().toString())
                  .filter(f -> f.endsWith(".json"))
                  .filter(f -> !f.startsWith("trailing-text"))
                  .map(f -> f.replace(".json", "")))
          .hasSizeGreaterThanOrEqualTo(15)
          .allMatch(name -> lines.stream().anyMatch(l -> l.startsWith(name + ",")));
    }
  }
}
