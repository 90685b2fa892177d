package app.islet.core.water;

import app.islet.core.quantity.Dimension;
import app.islet.core.quantity.Quantity;
import java.time.LocalDate;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * What poisons the water by the newest test, and the changes that take it out.
 *
 * @param ammoniaMgPerL all of it, as nitrogen
 * @param freeShare of it that is poison at this pH and temperature
 * @param changes water changes that bring both below what is a worry, one a day; 0 where none can
 * @param percentEach share of each
 */
public record Toxicity(
    LocalDate tested,
    double ammoniaMgPerL,
    double freeShare,
    double nitriteMgPerL,
    double ph,
    double tempC,
    int changes,
    double percentEach) {
  private static final double USUAL_PH = 7.5;

  /** A test older than this says nothing about today. */
  private static final int FRESH_DAYS = 14;

  /** Something is there once it is this much over the limit: a kit is read no finer. */
  private static final double READING = 1e-9;

  /** Nothing where the newest test is old, or shows neither above what is a worry. */
  public static Optional<Toxicity> of(WaterState waterState, LocalDate today) {
    WaterRecord record = waterState.record().until(today);
    double ammonia = record.newest(Parameter.AMMONIA, today, FRESH_DAYS).orElse(0);
    double nitrite = record.newest(Parameter.NITRITE, today, FRESH_DAYS).orElse(0);
    double ph = Math.min(11, Math.max(4, waterState.ph().orElse(USUAL_PH)));
    double tempC = Math.min(40, Math.max(-1.8, waterState.tempC()));
    double share = Ammonia.freeShare(tempC, ph);
    boolean worry =
        share * ammonia > Limits.FREE_AMMONIA_WATCH + READING
            || nitrite > Limits.NITRITE_WATCH + READING;
    if (!worry) {
      return Optional.empty();
    }
    double target =
        Math.min(
            Limits.FREE_AMMONIA_WATCH / Math.max(1e-12, share * ammonia),
            Limits.NITRITE_WATCH / Math.max(1e-12, nitrite));
    WaterChange.Steps steps = WaterChange.to(1, target, 0, ChangePlan.LARGEST_PERCENT);
    LocalDate tested =
        record
            .newestFirst()
            .filter(
                t ->
                    t.value(Parameter.AMMONIA).isPresent()
                        || t.value(Parameter.NITRITE).isPresent())
            .findFirst()
            .orElseThrow()
            .day();
    return Optional.of(
        new Toxicity(
            tested, ammonia, share, nitrite, ph, tempC, steps.changes(), steps.percentEach()));
  }

  /**
   * Ammonia that harms nobody at this pH, and tells that the filter does not keep up: mg/L as
   * nitrogen, by a test that still counts.
   */
  public static OptionalDouble leftOver(WaterRecord record, LocalDate today) {
    OptionalDouble found = record.until(today).newest(Parameter.AMMONIA, today, FRESH_DAYS);
    return found.isPresent() && found.getAsDouble() >= Limits.AMMONIA_NO_FOOD
        ? found
        : OptionalDouble.empty();
  }

  public double freeAmmoniaMgPerL() {
    return ammoniaMgPerL * freeShare;
  }

  /** As a kit counts it, of what is told as nitrogen. */
  public static Quantity ion(Parameter parameter, double asNitrogen) {
    return new Quantity(Dimension.CONCENTRATION, asNitrogen * parameter.ionFactor());
  }

  public boolean isDanger() {
    return freeAmmoniaMgPerL() >= Limits.FREE_AMMONIA_DANGER
        || nitriteMgPerL >= Limits.NITRITE_DANGER;
  }
}
