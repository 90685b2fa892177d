package app.islet.core.plan;

import app.islet.core.animal.Resident;
import app.islet.core.care.Evidence;
import app.islet.core.care.Recurrence;
import app.islet.core.care.Stage;
import app.islet.core.quantity.Phrase;
import app.islet.core.situation.HusbandryState;
import java.util.List;
import java.util.OptionalDouble;
import java.util.Set;

/** Larvae and tadpoles that will soon change their form: they drown where nothing is ready. */
final class GrowthAdvice {
  /** So long before it is due somebody looks; common practice, no source. */
  private static final int AHEAD_DAYS = 14;

  private static final double MINUTES = 2;

  private GrowthAdvice() {}

  static List<Advice> of(HusbandryState s) {
    return s.residents().stream()
        .filter(GrowthAdvice::changesSoon)
        .map(
            r ->
                new Advice(
                    look(r), Set.of(), "", Advice.Urgency.GROWTH, s.date(), s.date().plusDays(1)))
        .toList();
  }

  private static boolean changesSoon(Resident r) {
    if (!r.stage().isLarva() || r.lengthCm().isEmpty()) {
      return false;
    }
    // Those that keep their gills have no land to be ready for.
    boolean keepsGills =
        r.sheet()
            .next(r.stage())
            .filter(next -> next.needs().oxygen().map(o -> o.gills()).orElse(false))
            .isPresent();
    OptionalDouble days =
        r.sheet()
            .next(r.stage())
            .map(Stage::fromLengthCm)
            .map(r::daysUntil)
            .orElseGet(OptionalDouble::empty);
    return !keepsGills && days.isPresent() && days.getAsDouble() <= AHEAD_DAYS;
  }

  private static Task look(Resident r) {
    return new Task(
        "change-of-form:" + r.stage().id() + ":" + r.name(),
        TaskKind.CHECK,
        Phrase.of("Look for the change of {}", r.name()),
        Phrase.of("gills or tail shorter, legs out, at the edge"),
        Phrase.of(
            "As soon as one shows it: low water, an easy shore, damp moss and a tight lid. Two or three days without food are normal then."),
        Recurrence.every(1),
        MINUTES,
        Evidence.PRACTICE);
  }
}
