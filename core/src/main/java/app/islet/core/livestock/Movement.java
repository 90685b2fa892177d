package app.islet.core.livestock;

import java.time.LocalDate;
import java.util.List;

/**
 * So many of some animals go from one place to another.
 *
 * @param animals key of one animal or of a group counted together
 * @param count 1 to 1,000,000
 * @param cause what they died of, or why they moved; may be empty
 */
public record Movement(
    LocalDate day, String animals, int count, Place from, Place to, String cause, String note) {
  public static final int MAX = 1_000_000;

  public Movement {
    if (animals.isBlank()) {
      throw new IllegalArgumentException("it is not said which animals");
    }
    if (count < 1 || count > MAX) {
      throw new IllegalArgumentException(
          "the count is %d; it must be a whole number from 1 to %,d".formatted(count, MAX));
    }
    if (from.equals(to)) {
      throw new IllegalArgumentException("from and to are the same, %s".formatted(to.words()));
    }
  }

  /** The first there are of them. */
  public static Movement begun(LocalDate day, String animals, int count, Place to) {
    return new Movement(day, animals, count, Place.BEGUN, to, "", "");
  }

  /** The entry that undoes this one: of the same day, so that no day remembers it. */
  public Movement reversed(String why) {
    return new Movement(day, animals, count, to, from, cause, why);
  }

  /**
   * Some of a group become animals of their own, or go to another group; both stay where they are.
   *
   * @return the two sides, that which gives first
   */
  public static List<Movement> handOver(
      LocalDate day, String giving, String taking, int count, Place where, String note) {
    return List.of(
        new Movement(day, giving, count, where, Place.other(taking), "", note),
        new Movement(day, taking, count, Place.other(giving), where, "", note));
  }
}
