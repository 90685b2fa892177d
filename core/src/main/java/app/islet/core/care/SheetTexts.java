package app.islet.core.care;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.URI;
import java.net.URISyntaxException;
import java.net.URL;
import java.nio.file.FileSystem;
import java.nio.file.FileSystems;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/**
 * The texts of the sheets that ship with Islet, by the name of their file, which is the sheet's id:
 * every YAML file in this package's folder, found by listing it.
 */
final class SheetTexts {
  static final String ENDING = ".yaml";
  private static final String FOLDER = "/app/islet/core/care/";
  private static final Map<String, String> TEXTS = load();

  private SheetTexts() {}

  static Set<String> ids() {
    return TEXTS.keySet();
  }

  static Optional<String> find(String id) {
    return Optional.ofNullable(TEXTS.get(id));
  }

  /**
   * One stage of a sheet that ships with Islet, cut out of its text: the shell must answer in half
   * a second, and reading the whole of a relative for its eggs would take a fifth of that.
   *
   * @return a text with that stage as its only one; nothing where the sheet has none of that id
   */
  static Optional<String> stage(String text, String stageId) {
    String head = "\n  - id: " + stageId + "\n";
    int from = text.indexOf(head, Math.max(0, text.indexOf("\nstages:")));
    if (from < 0) {
      return Optional.empty();
    }
    int next = text.indexOf("\n  - id: ", from + head.length());
    return Optional.of("stages:" + text.substring(from, next < 0 ? text.length() : next) + "\n");
  }

  /** The common name in a sheet that ships with Islet. */
  static String name(String text) {
    String head = "\nname: ";
    int from = text.indexOf(head) + head.length();
    return text.substring(from, text.indexOf('\n', from)).strip();
  }

  private static Map<String, String> load() {
    URL marker = SheetTexts.class.getResource(FOLDER + "axolotl.yaml");
    if (marker == null) {
      throw new IllegalStateException("the care sheets are missing from the application");
    }
    try {
      URI uri = marker.toURI();
      if (!uri.getScheme().equals("jar")) {
        return textsIn(Path.of(uri).getParent());
      }
      try (FileSystem jar = FileSystems.newFileSystem(uri, Map.of())) {
        return textsIn(jar.getPath(FOLDER));
      }
    } catch (URISyntaxException | IOException e) {
      throw new IllegalStateException("the care sheets cannot be read: " + e.getMessage(), e);
    }
  }

  private static Map<String, String> textsIn(Path folder) throws IOException {
    Map<String, String> texts = new LinkedHashMap<>();
    try (Stream<Path> files = Files.list(folder)) {
      for (Path file : files.filter(f -> f.toString().endsWith(ENDING)).sorted().toList()) {
        String name = file.getFileName().toString();
        texts.put(name.substring(0, name.length() - ENDING.length()), Files.readString(file));
      }
    } catch (UncheckedIOException e) {
      throw e.getCause();
    }
    return texts;
  }
}
