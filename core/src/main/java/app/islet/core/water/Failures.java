package app.islet.core.water;

import app.islet.core.animal.Resident;
import app.islet.core.climate.FailureScenario;
import app.islet.core.climate.FailureSimulation;
import app.islet.core.climate.FailureSimulation.Moment;
import app.islet.core.quantity.Dimension;
import app.islet.core.quantity.Phrase;
import app.islet.core.quantity.Quantity;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;

/** The mishaps of the climate, with what they do to the water: breath and poison. */
public final class Failures {
  /** Share of the oxygen it needs at which an animal that cannot gulp air dies; from memory. */
  private static final double HARM_SHARE = 0.6;

  private static final double USUAL_PH = 7.5;

  private Failures() {}

  /** All mishaps that can happen to this enclosure. */
  public static List<FailureSimulation> of(WaterState waterState) {
    return FailureSimulation.of(
            waterState.enclosure(), waterState.geometry(), waterState.residents())
        .stream()
        .map(r -> r.with(moments(r, waterState)))
        .toList();
  }

  private static List<Moment> moments(FailureSimulation r, WaterState waterState) {
    boolean filterStops =
        r.mishap() == FailureScenario.FILTER_DEAD
            || r.mishap() == FailureScenario.POWER_CUT_SUMMER
            || r.mishap() == FailureScenario.POWER_CUT_WINTER;
    if (!filterStops || !waterState.geometry().hasWater()) {
      return List.of();
    }
    boolean airGoesOn = r.mishap() == FailureScenario.FILTER_DEAD && waterState.hasAir();
    double played = r.course().days() * 24;
    double warmest = r.course().warmestC();
    List<Moment> all = new ArrayList<>();
    OxygenBalance before = waterState.oxygenAt(warmest, waterState.isStirred());
    OxygenBalance after = waterState.oxygenAt(warmest, airGoesOn);
    for (Resident resident : waterState.residents()) {
      resident
          .stage()
          .needs()
          .oxygen()
          .ifPresent(
              need -> {
                falls(
                    before,
                    after,
                    need.leastMgPerL(),
                    played,
                    false,
                    "{} gets too little oxygen: {}",
                    resident,
                    all);
                if (need.gills()) {
                  falls(
                      before,
                      after,
                      HARM_SHARE * need.leastMgPerL(),
                      played,
                      true,
                      "{} suffocates: {} of oxygen",
                      resident,
                      all);
                }
              });
    }
    poison(waterState, warmest, Limits.FREE_AMMONIA_WATCH, played, false, all);
    poison(waterState, warmest, Limits.FREE_AMMONIA_DANGER, played, true, all);
    return all;
  }

  private static void falls(
      OxygenBalance before,
      OxygenBalance after,
      double limit,
      double played,
      boolean harm,
      String words,
      Resident resident,
      List<Moment> all) {
    if (before.settlesMgPerL() <= limit) {
      // It would lack oxygen on any day: here the estimate is outside its range.
      return;
    }
    OptionalDouble hours = after.hoursUntil(limit, before.settlesMgPerL());
    if (hours.isPresent() && hours.getAsDouble() <= played) {
      all.add(
          new Moment(
              hours.getAsDouble(),
              harm,
              Phrase.of(words, resident.words(), new Quantity(Dimension.CONCENTRATION, limit))));
    }
  }

  /** Ammonia rises by what the ground's bacteria do not turn, if they are fed as always. */
  private static void poison(
      WaterState waterState,
      double tempC,
      double limit,
      double played,
      boolean harm,
      List<Moment> all) {
    if (waterState.residents().isEmpty()) {
      return;
    }
    double left =
        waterState.loadGPerDay()
            - waterState.carriesGPerDay() * (1 - waterState.biofilter().filterShare());
    if (left <= 0) {
      return;
    }
    double ph = Math.min(11, Math.max(4, waterState.ph().orElse(USUAL_PH)));
    double total = limit / Ammonia.freeShare(Math.min(40, tempC), ph);
    double hours = total * waterState.geometry().waterL() / 1000 / left * 24;
    if (hours <= played) {
      all.add(
          new Moment(
              hours,
              harm,
              Phrase.of(
                  "free ammonia reaches {} if they are fed as always",
                  new Quantity(Dimension.TRACE, limit))));
    }
  }
}
