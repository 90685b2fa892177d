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
import java.util.Collection;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** The care sheets at hand, by species. */
public final class CareLibrary {
  private static final String FOLDER = "/app/islet/core/care/";

  private final Map<String, Entry> entries;
  private volatile @Nullable List<CareSheet> byName;

  private CareLibrary(Map<String, Entry> entries) {
    this.entries = entries;
  }

  public static CareLibrary of(Collection<CareSheet> sheets) {
    return new CareLibrary(Map.of()).and(sheets);
  }

  /**
   * The sheets that ship with Islet: every YAML file in this package's folder, found by listing it.
   */
  public static CareLibrary bundled() {
    return Bundled.LIBRARY;
  }

  /** These sheets and a keeper's own beside them. */
  public CareLibrary and(Collection<CareSheet> own) {
    Map<String, Entry> both = new LinkedHashMap<>(entries);
    for (CareSheet sheet : own) {
      if (both.put(sheet.id(), new Entry(sheet)) != null) {
        throw new IllegalArgumentException(
            "two care sheets are called \"%s\"".formatted(sheet.id()));
      }
    }
    return new CareLibrary(both);
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

  /** All of them, by name. */
  public Collection<CareSheet> all() {
    List<CareSheet> known = byName;
    if (known == null) {
      known =
          entries.values().stream()
              .map(Entry::sheet)
              .sorted(Comparator.comparing(CareSheet::name))
              .toList();
      byName = known;
    }
    return known;
  }

  public Optional<CareSheet> find(String id) {
    return Optional.ofNullable(entries.get(id)).map(Entry::sheet);
  }

  /** A sheet, read when it is first asked for: the shell needs one or two of them. */
  private static final class Entry {
    private final String id;
    private @Nullable CareSheet sheet;

    Entry(String id) {
      this.id = id;
    }

    Entry(CareSheet sheet) {
      this.id = sheet.id();
      this.sheet = sheet;
    }

    synchronized CareSheet sheet() {
      CareSheet read = sheet;
      if (read == null) {
        read = CareSheetReader.read(id + Bundled.ENDING, bundledText(id));
        sheet = read;
      }
      return read;
    }
  }

  /** The texts that ship, by the name of their file, which is the sheet's id. */
  private static final class Bundled {
    static final String ENDING = ".yaml";
    static final Map<String, String> TEXTS = load();
    static final CareLibrary LIBRARY = library();

    private static CareLibrary library() {
      Map<String, Entry> entries = new LinkedHashMap<>();
      TEXTS.keySet().forEach(id -> entries.put(id, new Entry(id)));
      return new CareLibrary(entries);
    }

    private static Map<String, String> load() {
      URL marker = CareLibrary.class.getResource(FOLDER + "axolotl.yaml");
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
}
