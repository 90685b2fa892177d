package app.islet.core.health;

import app.islet.core.care.AnimalGroup;
import app.islet.core.care.Evidence;
import app.islet.core.quantity.Range;
import app.islet.core.text.Fields;
import java.util.List;
import java.util.Objects;

/**
 * How a group changes its skin, shell or scutes.
 *
 * @param before what is seen first
 * @param rest for how many days it is left alone, by its size, the smallest first
 * @param softDays for so many days after it is soft
 * @param leave what to do, which is mostly nothing
 * @param wrong from which sign on it is no longer normal
 */
public record SkinGuide(
    AnimalGroup group,
    String name,
    List<String> before,
    List<Rest> rest,
    Range softDays,
    List<String> leave,
    String wrong,
    Regrowth regrowth,
    Evidence basis) {
  private static final int MAX_SIZES = 20;

  /** Animals up to a length rest for so many days. */
  public record Rest(double upToCm, Range days) {}

  /**
   * How a lost limb comes back.
   *
   * @param moults after so many it is nearly whole; 0 where moults do not count
   * @param weeks after so many; 0 where it does not grow again
   */
  public record Regrowth(Range moults, Range weeks, String words) {
    /** Whether it grows again at all. */
    public boolean happens() {
      return moults.max() > 0 || weeks.max() > 0;
    }
  }

  static SkinGuide read(Fields f) {
    Regrowth regrow =
        f.group(
            "regrow",
            r ->
                new Regrowth(
                    r.range("moults", 0, 10, "moults"),
                    r.range("weeks", 0, 104, "weeks"),
                    r.text("words", 120)));
    f.stopIfProblems();
    return new SkinGuide(
        f.choice("group", AnimalGroup.class),
        f.text("name", 40),
        f.texts("before", 140),
        f.groups(
            "rest",
            MAX_SIZES,
            r -> new Rest(r.number("upToCm", 0.1, 200, "cm"), r.range("days", 0, 200, "days"))),
        f.range("softDays", 0, 60, "days"),
        f.texts("leave", 140),
        f.text("wrong", 120),
        Objects.requireNonNull(regrow),
        Evidence.of(f.text("basis", 200)));
  }

  /** Days an animal of this length is left alone. */
  public Range restDays(double lengthCm) {
    return rest.stream()
        .filter(row -> lengthCm <= row.upToCm())
        .findFirst()
        .orElse(rest.get(rest.size() - 1))
        .days();
  }
}
