package app.islet.core.care;

import app.islet.core.quantity.Check;
import app.islet.core.quantity.Range;
import java.util.List;

/**
 * The four zones of sun seeking, each by the UV index an animal of it chooses.
 *
 * @see "Baines, F. et al. (2016), How much UV-B does my reptile need? J. Zoo Aquarium Res. 4(1),
 *     42-63; zones after Ferguson et al. (2010). Ranges typed from memory"
 */
public enum UvZone {
  CREPUSCULAR(new Range(0, 0.7), new Range(0.6, 1.4)),
  PARTIAL_SUN(new Range(0.7, 1.0), new Range(1.1, 3.0)),
  OPEN_SUN(new Range(1.0, 2.6), new Range(2.9, 7.4)),
  FULL_SUN(new Range(2.6, 3.5), new Range(4.5, 9.5));

  private final Range average;
  private final Range most;

  UvZone(Range average, Range most) {
    this.average = average;
    this.most = most;
  }

  /**
   * @param number 1 to 4
   */
  public static UvZone of(int number) {
    Check.inRange("number", number, 1, 4);
    return List.of(values()).get(number - 1);
  }

  public int number() {
    return ordinal() + 1;
  }

  /** UV index over the whole range of the animal, day in, day out. */
  public Range average() {
    return average;
  }

  /** Highest UV index it exposes itself to: what the basking place should offer. */
  public Range most() {
    return most;
  }
}
