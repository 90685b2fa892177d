package app.islet.core.health;

import app.islet.core.care.AnimalGroup;
import app.islet.core.care.Evidence;
import app.islet.core.livestock.Origin;
import app.islet.core.quantity.Range;
import app.islet.core.quantity.Steps;
import app.islet.core.text.Fields;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;

/**
 * How a new animal of a group is taken in.
 *
 * @param weeksBy weeks of quarantine, least and most, by where it comes from
 * @param lists what to do, in order
 */
public record Arrival(AnimalGroup group, Map<Origin, Range> weeksBy, Lists lists, Evidence basis) {
  /** No faster than this is water or air changed for an animal that comes in, °C a step. */
  private static final double STEP_C = 1;

  private static final int MINUTES_A_STEP = 20;
  private static final int DAYS_A_WEEK = 7;

  /** Before it comes, on its day, what to look at, during, and when it may meet others. */
  public record Lists(
      List<String> before,
      List<String> day,
      List<String> inspect,
      List<String> during,
      List<String> release) {}

  /** After so many minutes the water is brought to that temperature. */
  public record Step(int minutes, double tempC) {}

  static Arrival read(Fields f) {
    AnimalGroup group = f.choice("group", AnimalGroup.class);
    Map<Origin, Range> weeks = f.group("weeks", Arrival::weeks);
    f.stopIfProblems();
    return new Arrival(
        group,
        Objects.requireNonNull(weeks),
        new Lists(
            f.texts("before", 140),
            f.texts("day", 140),
            f.texts("inspect", 140),
            f.texts("during", 140),
            f.texts("release", 140)),
        Evidence.of(f.text("basis", 200)));
  }

  private static Map<Origin, Range> weeks(Fields f) {
    Map<Origin, Range> weeks = new EnumMap<>(Origin.class);
    for (Origin origin : Origin.values()) {
      weeks.put(origin, f.range(Fields.written(origin), 0, 52, "weeks"));
    }
    return weeks;
  }

  /** Weeks of quarantine; of one nobody knows the source of as if it were bought. */
  public Range weeks(Optional<Origin> origin) {
    return Objects.requireNonNull(weeksBy.get(origin.orElse(Origin.BOUGHT)));
  }

  /** The same in days. */
  public Range days(Optional<Origin> origin) {
    Range weeks = weeks(origin);
    return new Range(weeks.min() * DAYS_A_WEEK, weeks.max() * DAYS_A_WEEK);
  }

  /**
   * From the temperature of the parcel to that of the tub, at most one degree at a time; common
   * practice, no source.
   *
   * @return empty where both are the same
   */
  public static List<Step> steps(double parcelC, double tubC) {
    if (parcelC == tubC) {
      return List.of();
    }
    Steps all = Steps.between(parcelC, tubC, STEP_C);
    List<Step> steps = new ArrayList<>();
    double by = Math.signum(tubC - parcelC) * Math.abs(all.perDay());
    for (int i = 1; i <= all.days(); i++) {
      steps.add(new Step(i * MINUTES_A_STEP, i == all.days() ? tubC : parcelC + by * i));
    }
    return List.copyOf(steps);
  }
}
