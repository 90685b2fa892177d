package app.islet.core.care;

import app.islet.core.text.Node;
import app.islet.core.text.NodeText;
import java.util.Collection;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** The care sheets at hand, by species. */
public final class CareLibrary {
  private final Map<String, Entry> entries;
  private volatile @Nullable List<CareSheet> byName;

  private CareLibrary(Map<String, Entry> entries) {
    this.entries = entries;
  }

  public static CareLibrary of(Collection<CareSheet> sheets) {
    return new CareLibrary(Map.of()).and(sheets);
  }

  /** The sheets that ship with Islet. */
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
    return SheetTexts.find(id)
        .orElseThrow(
            () -> new IllegalArgumentException("no sheet \"%s\" ships with Islet".formatted(id)));
  }

  /**
   * The same text with everything it shares with a relative written out, so that a keeper can
   * change each number of a copy.
   *
   * @throws IllegalArgumentException if there is none of that id
   */
  public static String fullText(String id) {
    String text = bundledText(id);
    Node root = Node.yaml(id, text);
    Node full = Relatives.writtenOut(id, root);
    return full == root ? text : NodeText.yaml(full);
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
        read = CareSheetReader.read(id + SheetTexts.ENDING, bundledText(id));
        sheet = read;
      }
      return read;
    }
  }

  /** Read once, when first asked for. */
  private static final class Bundled {
    static final CareLibrary LIBRARY = library();

    private static CareLibrary library() {
      Map<String, Entry> entries = new LinkedHashMap<>();
      SheetTexts.ids().forEach(id -> entries.put(id, new Entry(id)));
      return new CareLibrary(entries);
    }
  }
}
