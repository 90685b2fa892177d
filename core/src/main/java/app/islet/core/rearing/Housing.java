package app.islet.core.rearing;

import app.islet.core.care.Evidence;
import app.islet.core.text.Fields;

/**
 * One way of housing the young: keepers differ, so each has its own room and upkeep.
 *
 * @param most in one box, however large
 * @param litresEach for each animal
 * @param changePercent of the water at each change
 * @param flushes times a day that boxes get water of the tank they float in; 0 without
 * @param wipe whether the walls are wiped at the change
 */
public record Housing(
    Kind kind,
    int most,
    double litresEach,
    double changePercent,
    int changeDays,
    int flushes,
    boolean wipe,
    Evidence basis) {
  /** The schools of housing. */
  public enum Kind {
    SINGLY("Singly in tubs"),
    BOXES("By size in floating boxes"),
    TOGETHER("Together among plants");

    private final String words;

    Kind(String words) {
      this.words = words;
    }

    public String words() {
      return words;
    }
  }

  static Housing read(Fields f) {
    return new Housing(
        f.choice("kind", Kind.class),
        f.whole("most", 1, 1000, "animals"),
        f.number("litresEach", 0.01, 100, "L"),
        f.number("changePercent", 5, 100, "%"),
        f.whole("changeDays", 1, 30, "days"),
        f.whole("flushes", 0, 6, "times"),
        f.flag("wipe", false),
        Evidence.of(f.text("basis", 200)));
  }

  /** How many a box of so much water holds: one at the least, and never more than {@code most}. */
  public int mostIn(double litres) {
    return Math.max(1, Math.min(most, (int) Math.floor(litres / litresEach + 1e-9)));
  }
}
