package app.islet.core.health;

import app.islet.core.care.AnimalGroup;
import app.islet.core.care.CareSheet;
import app.islet.core.care.Evidence;
import app.islet.core.care.Needs;
import app.islet.core.climate.Acclimation;
import app.islet.core.livestock.Origin;
import app.islet.core.quantity.Range;
import app.islet.core.quantity.Steps;
import app.islet.core.text.Fields;
import app.islet.core.water.OneWater;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.IntStream;

/**
 * How a new animal of a group is taken in.
 *
 * @param lives of which of the group it is said; absent for all others
 * @param weeksBy weeks of quarantine, least and most, by where it comes from
 * @param lists what to do, in order
 */
public record Arrival(
    AnimalGroup group,
    Optional<Lives> lives,
    Map<Origin, Range> weeksBy,
    Lists lists,
    Evidence basis) {
  private static final int DAYS_A_WEEK = 7;

  /** Before it comes, on its day, what to look at, during, and when it may meet others. */
  public record Lists(
      List<String> before,
      List<String> day,
      List<String> inspect,
      List<String> during,
      List<String> release) {}

  /** On that day, 0 for the first, the water or air is brought to that temperature. */
  public record Step(int day, double tempC) {}

  /** What not every animal of a group has, and what it is taken in by. */
  public enum Lives {
    /** In water of the tidal shore. */
    BRACKISH,
    SEA,
    /** In a shell that it borrows. */
    SHELLS;

    boolean fits(CareSheet sheet) {
      Needs needs = sheet.grown().needs();
      double salt = needs.salinity().map(s -> s.ppt().min()).orElse(0.0);
      return switch (this) {
        case BRACKISH -> salt > OneWater.FRESH_PPT && salt < OneWater.SALT_PPT;
        case SEA -> salt >= OneWater.SALT_PPT;
        case SHELLS -> needs.shelter().spareShells() > 0;
      };
    }
  }

  static Arrival read(Fields f) {
    AnimalGroup group = f.choice("group", AnimalGroup.class);
    Map<Origin, Range> weeks = f.group("weeks", Arrival::weeks);
    f.stopIfProblems();
    return new Arrival(
        group,
        f.optionalChoice("lives", Lives.class),
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

  boolean isOf(CareSheet sheet) {
    return group == sheet.group() && lives.map(way -> way.fits(sheet)).orElse(true);
  }

  /** What a grown animal of the kind tolerates, of water or air, °C; where its sheet says. */
  public static Optional<Range> standsC(CareSheet sheet) {
    Needs needs = sheet.grown().needs();
    return needs.water().or(needs::air).map(Needs.Temperature::toleratedC);
  }

  /**
   * From the temperature of the parcel to that of the tub, day by day, by what the kind stands in a
   * day; never to one it does not tolerate.
   *
   * @return empty where it is there
   */
  public static List<Step> steps(CareSheet sheet, double parcelC, double tubC) {
    double toC =
        standsC(sheet)
            .map(range -> Math.max(range.min(), Math.min(range.max(), tubC)))
            .orElse(tubC);
    if (parcelC == toC) {
      return List.of();
    }
    Steps all = Steps.between(parcelC, toC, Acclimation.mostKADay(sheet.group()));
    return IntStream.rangeClosed(1, all.days())
        .mapToObj(n -> new Step(n - 1, n == all.days() ? toC : parcelC + n * all.perDay()))
        .toList();
  }
}
