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
import java.util.ArrayList;
import java.util.Collection;
import java.util.Collections;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/** The care sheets at hand, by species. */
public final class CareLibrary {
  private static final String FOLDER = "/app/islet/core/care/";

  private final Map<String, CareSheet> sheets;

  private CareLibrary(Map<String, CareSheet> sheets) {
    this.sheets = sheets;
  }

  public static CareLibrary of(Collection<CareSheet> sheets) {
    Map<String, CareSheet> byId = new LinkedHashMap<>();
    sheets.stream()
        .sorted(Comparator.comparing(CareSheet::name))
        .forEach(
            sheet -> {
              if (byId.put(sheet.id(), sheet) != null) {
                throw new IllegalArgumentException(
                    "two care sheets are called \"%s\"".formatted(sheet.id()));
              }
            });
    return new CareLibrary(byId);
  }

  /**
   * The sheets that ship with Islet: every YAML file in this package's folder, found by listing it.
   */
  public static CareLibrary bundled() {
    return Bundled.LIBRARY;
  }

  /** These sheets and a keeper's own beside them. */
  public CareLibrary and(Collection<CareSheet> own) {
    List<CareSheet> both = new ArrayList<>(sheets.values());
    both.addAll(own);
    return of(both);
  }

  /**
   * The text of a sheet that ships with Islet.
   *
   * @throws IllegalArgumentException if there is none of that id
   */
  public static String bundledText(String id) {
    String text = Bundled.TEXTS.get(id);
    if (text == null) {
      throw new IllegalArgumentException("no sheet \"%s\" ships with Islet".formatted(id));
    }
    return text;
  }

  public Collection<CareSheet> all() {
    return Collections.unmodifiableCollection(sheets.values());
  }

  public Optional<CareSheet> find(String id) {
    return Optional.ofNullable(sheets.get(id));
  }

  private static final class Bundled {
    static final Map<String, String> TEXTS = new LinkedHashMap<>();
    static final CareLibrary LIBRARY = of(load());

    private static List<CareSheet> load() {
      URL marker = CareLibrary.class.getResource(FOLDER + "axolotl.yaml");
      if (marker == null) {
        throw new IllegalStateException("the care sheets are missing from the application");
      }
      try {
        URI uri = marker.toURI();
        if (!uri.getScheme().equals("jar")) {
          return sheetsIn(Path.of(uri).getParent());
        }
        try (FileSystem jar = FileSystems.newFileSystem(uri, Map.of())) {
          return sheetsIn(jar.getPath(FOLDER));
        }
      } catch (URISyntaxException | IOException e) {
        throw new IllegalStateException("the care sheets cannot be read: " + e.getMessage(), e);
      }
    }

    private static List<CareSheet> sheetsIn(Path folder) throws IOException {
      List<CareSheet> found = new ArrayList<>();
      try (Stream<Path> files = Files.list(folder)) {
        for (Path file : files.filter(f -> f.toString().endsWith(".yaml")).sorted().toList()) {
          String text = Files.readString(file);
          CareSheet sheet = CareSheetReader.read(file.getFileName().toString(), text);
          TEXTS.put(sheet.id(), text);
          found.add(sheet);
        }
      } catch (UncheckedIOException e) {
        throw e.getCause();
      }
      return found;
    }
  }
}
