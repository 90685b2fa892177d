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
