package app.islet.core.livestock;

import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;

/**
 * Where animals stand on the books: somewhere they are kept, where they came from, or how they
 * left.
 *
 * @param name of a place they are kept in; of the other animals where some were singled out or
 *     joined; empty for the rest
 */
public record Place(Kind kind, String name) {
  public static final Place BEGUN = new Place(Kind.BEGUN, "");

  /** What a place is to the books. */
  public enum Kind {
    /** Before they were anybody's to count: laid, hatched, bought. */
    BEGUN,
    /** An enclosure, a tub or box in one, "eggs". */
    KEPT,
    /** Another name on the books: singled out of a group, or joined to it. */
    OTHER,
    DIED,
    SOLD,
    GIVEN,
    RETURNED,
    ESCAPED,
    RELEASED,
    /** Gone, and nobody wrote down how. */
    GONE;

    /** Whether animals leave by it. */
    public boolean isWayOut() {
      return compareTo(DIED) >= 0;
    }

    /** As it is written, as {@code died}. */
    public String word() {
      return name().toLowerCase(Locale.ROOT);
    }
  }

  public Place {
    if ((kind == Kind.KEPT || kind == Kind.OTHER) == name.isBlank()) {
      throw new IllegalArgumentException("a place they are kept in has a name, and no other has");
    }
  }

  public static Place kept(String name) {
    return new Place(Kind.KEPT, name);
  }

  public static Place out(Kind way) {
    return new Place(way, "");
  }

  /** The account of other animals that these were taken from or put to. */
  static Place other(String animals) {
    return new Place(Kind.OTHER, animals);
  }

  /** What a word of the books means, as {@code begun} or {@code sold}; none for a place's name. */
  public static Optional<Place> reserved(String word) {
    return Arrays.stream(Kind.values())
        .filter(kind -> kind == Kind.BEGUN || kind.isWayOut())
        .filter(kind -> kind.word().equals(word.toLowerCase(Locale.ROOT)))
        .map(kind -> new Place(kind, ""))
        .findFirst();
  }

  public boolean isKept() {
    return kind == Kind.KEPT;
  }

  /** As in {@code Tub 1} or {@code sold}. */
  public String words() {
    return name.isEmpty() ? kind.word() : name;
  }
}
