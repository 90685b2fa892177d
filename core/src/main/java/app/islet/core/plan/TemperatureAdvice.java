package app.islet.core.plan;

import app.islet.core.animal.Resident;
import app.islet.core.care.Evidence;
import app.islet.core.care.Needs;
import app.islet.core.care.Recurrence;
import app.islet.core.quantity.Phrase;
import app.islet.core.quantity.Quantity;
import app.islet.core.situation.HusbandryState;
import app.islet.core.water.MeasuredWithin;
import app.islet.core.water.Parameter;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;

/** What a thermometer in the water asks for: to bring it back to what all who live there stand. */
final class TemperatureAdvice {
  /** Minutes; common practice, no source. */
  private static final double MINUTES = 10;

  private static final String SLOWLY = "A degree an hour at most. Measure again tonight.";

  private TemperatureAdvice() {}

  static List<Advice> of(HusbandryState s) {
    OptionalDouble now =
        s.waterRecord().newest(Parameter.TEMPERATURE, s.date(), MeasuredWithin.NOW_DAYS);
    boolean corrected =
        s.waterRecord().corrections().stream()
            .anyMatch(c -> c.parameter() == Parameter.TEMPERATURE);
    if (now.isEmpty() || corrected || !s.geometry().hasWater()) {
      return List.of();
    }
    double tempC = now.getAsDouble();
    List<Needs.Temperature> needs =
        s.residents().stream()
            .filter(r -> !r.isResting())
            .map(Resident::stage)
            .flatMap(stage -> stage.needs().water().stream())
            .toList();
    Optional<Needs.Temperature> hot =
        needs.stream()
            .filter(t -> tempC > t.toleratedC().max())
            .min((one, other) -> Double.compare(one.harmC().max(), other.harmC().max()));
    Optional<Needs.Temperature> cold =
        needs.stream()
            .filter(t -> tempC < t.toleratedC().min())
            .max((one, other) -> Double.compare(one.harmC().min(), other.harmC().min()));
    return hot.map(
            t ->
                advice(
                    s,
                    "Cool the water",
                    Phrase.of(
                        "{} measured, {} at most",
                        Quantity.celsius(tempC),
                        Quantity.celsius(t.toleratedC().max())),
                    "Lamps off, shade, air through it; a sealed bottle of ice for some hours. "
                        + SLOWLY,
                    tempC > t.harmC().max()))
        .or(
            () ->
                cold.map(
                    t ->
                        advice(
                            s,
                            "Warm the water",
                            Phrase.of(
                                "{} measured, {} at least",
                                Quantity.celsius(tempC),
                                Quantity.celsius(t.toleratedC().min())),
                            "Look whether the heater works, measure with a second thermometer. "
                                + SLOWLY,
                            tempC < t.harmC().min())))
        .map(List::of)
        .orElse(List.of());
  }

  private static Advice advice(
      HusbandryState s, String title, Phrase amount, String how, boolean harm) {
    return new Advice(
        new Task(
            "temperature",
            TaskKind.CORRECT,
            Phrase.of(title),
            amount,
            Phrase.of(how),
            Recurrence.every(1),
            MINUTES,
            Evidence.measured("your thermometer")),
        Set.of(),
        "",
        harm ? Advice.Urgency.LIFE : Advice.Urgency.WATER,
        s.date(),
        s.date());
  }
}
