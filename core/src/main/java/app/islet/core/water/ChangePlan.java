package app.islet.core.water;

import app.islet.core.animal.Resident;
import app.islet.core.enclosure.Enclosure;
import app.islet.core.enclosure.Equipment;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * How much water is changed how often, and where that leads.
 *
 * @param percent share changed each time, by the school followed
 * @param everyDays between changes, by the school followed
 * @param litres each time
 * @param risePerDay nitrate, mg/L a day as nitrogen
 * @param measured whether the rise comes from tests, not from the food
 * @param targetMgPerL nitrate aimed at before a change, as nitrogen
 * @param settles what this rhythm converges to
 * @param wantedPercent share that holds the target at the same interval, where this rhythm does not
 *     and one water change can
 * @param wantedDays interval that holds it with the same share, likewise
 * @param mostOffK how far the new water may differ from the tank's, so that it stays within a
 *     degree or two
 */
public record ChangePlan(
    double percent,
    int everyDays,
    double litres,
    double risePerDay,
    boolean measured,
    double targetMgPerL,
    WaterChange.SteadyState settles,
    OptionalDouble wantedPercent,
    OptionalDouble wantedDays,
    double mostOffK) {
  /** More at once upsets water and animal alike; common practice, no source. */
  public static final double LARGEST_PERCENT = 50;

  /** In less water one meal decides, and no model, L; common practice, no source. */
  static final double BOWL_L = 5;

  /** A bowl without a filter is new after so many days at most; common practice, no source. */
  private static final int BOWL_DAYS = 3;

  private static final double ALL_PERCENT = 100;

  /** Change of the tank's temperature that skin and gills stand at once, K; common practice. */
  private static final double SENSITIVE_K = 1;

  private static final double HARDY_K = 2;

  /**
   * Nothing where nobody lives here, or whose school states no changes. In a holding tub without a
   * filter all of it each day, in a bowl without one all of it every few days, whatever the school;
   * eggs are let alone, and so is a planted pond that is large for its animals.
   *
   * @param tapNitrate mg/L as nitrogen
   */
  public static Optional<ChangePlan> of(
      Enclosure enclosure,
      List<Resident> residents,
      double waterL,
      Optional<NitrateTrend> trend,
      double tapNitrate) {
    if (residents.isEmpty()
        || waterL <= 0
        || PlantedPond.keepsItself(enclosure, residents, waterL)) {
      return Optional.empty();
    }
    boolean daily = enclosure.isChangedDaily();
    boolean eggs = residents.stream().allMatch(r -> r.stage().hatch().isPresent());
    boolean bowl = isBowl(enclosure, waterL) && !eggs;
    double percent =
        daily || bowl
            ? ALL_PERCENT
            : residents.stream()
                .mapToDouble(r -> r.stage().maintenance().changePercent())
                .max()
                .orElse(0);
    int days =
        daily
            ? 1
            : residents.stream()
                .mapToInt(r -> r.stage().maintenance().changeDays())
                .filter(d -> d > 0)
                .map(d -> bowl ? Math.min(d, BOWL_DAYS) : d)
                .min()
                .orElse(0);
    if (percent <= 0 || days == 0) {
      return Optional.empty();
    }
    boolean sensitive = isSensitive(residents);
    double target = sensitive ? Limits.NITRATE_SENSITIVE : Limits.NITRATE_HARDY;
    double rise =
        trend
            .map(t -> Math.max(0, t.risePerDay()))
            .orElse(NitrogenLoad.gPerDay(residents) * 1000 / waterL);
    WaterChange.SteadyState settles = WaterChange.settles(rise, days, tapNitrate, percent);
    boolean holds = settles.beforeMgPerL() <= target;
    double room = target - tapNitrate;
    return Optional.of(
        new ChangePlan(
            percent,
            days,
            waterL * percent / 100,
            rise,
            trend.isPresent(),
            target,
            settles,
            holds || room <= 0 || rise * days / room > 1
                ? OptionalDouble.empty()
                : OptionalDouble.of(100 * rise * days / room),
            holds || room <= 0
                ? OptionalDouble.empty()
                : OptionalDouble.of(room * percent / 100 / rise),
            mostOffK(residents, percent)));
  }

  /** How far the new water may differ from the tank's where so much is changed, K. */
  public static double mostOffK(List<Resident> residents, double percent) {
    return (isSensitive(residents) ? SENSITIVE_K : HARDY_K) / (percent / 100);
  }

  static boolean isBowl(Enclosure enclosure, double waterL) {
    return waterL > 0 && waterL < BOWL_L && !enclosure.has(Equipment.Filter.class);
  }

  /** Whether somebody lives here by skin or gills. */
  static boolean isSensitive(List<Resident> residents) {
    return residents.stream()
        .anyMatch(
            r ->
                switch (r.sheet().group()) {
                  case FROG, SALAMANDER, CRAB -> true;
                  case TURTLE -> false;
                });
  }

  public boolean holdsTarget() {
    return settles.beforeMgPerL() <= targetMgPerL;
  }
}
