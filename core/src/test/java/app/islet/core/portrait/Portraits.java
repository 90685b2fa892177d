package app.islet.core.portrait;

import app.islet.core.Assessment;
import app.islet.core.Setups;
import app.islet.core.care.CareLibrary;
import app.islet.core.document.DocumentReader;
import app.islet.core.document.EnclosureDocument;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;

/** The portraits of all samples as they were last looked through, and how to draw them anew. */
public final class Portraits {
  private static final Path SAMPLES = Path.of("../samples");
  private static final Path KEPT = Path.of("src/test/resources/app/islet/core/portrait");
  private static final DocumentReader READER = new DocumentReader(CareLibrary.bundled());

  private Portraits() {}

  static List<String> samples() throws IOException {
    try (Stream<Path> files = Files.list(SAMPLES)) {
      return files
          .map(file -> file.getFileName().toString())
          .filter(file -> file.endsWith(".json") && !file.equals("trailing-text.json"))
          .map(file -> file.replace(".json", ""))
          .sorted()
          .toList();
    }
  }

  static List<String> drawn(String sample) throws IOException {
    EnclosureDocument document =
        READER.read(sample, Files.readString(SAMPLES.resolve(sample + ".json")));
    return Portrait.of(Assessment.of(document.enclosure(), document.residents(), Setups.TODAY));
  }

  static List<String> kept(String sample) throws IOException {
    return Files.readAllLines(KEPT.resolve(sample + ".txt"));
  }

  /** Draws all of them anew. */
  public static void main(String[] args) throws IOException {
    Files.createDirectories(KEPT);
    for (String sample : samples()) {
      Files.write(KEPT.resolve(sample + ".txt"), drawn(sample));
    }
  }
}
