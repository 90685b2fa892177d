package app.islet.core.plan;

import app.islet.core.care.Needs;
import app.islet.core.care.Recurrence;
import app.islet.core.quantity.Dimension;
import app.islet.core.quantity.Phrase;
import app.islet.core.situation.HusbandryState;
import java.util.Comparator;
import java.util.Optional;

/** A look at the hygrometer, and the spray, where the air must be moist. */
final class HumidityTask {
  /** Rooms are drier than this by day; from here on somebody sprays. Common practice, no source. */
  private static final double MOIST_PERCENT = 70;

  private HumidityTask() {}

  static Optional<Task> of(HusbandryState s) {
    return s.residents().stream()
        .filter(r -> r.stage().hatch().isEmpty())
        .flatMap(r -> r.stage().needs().humidity().stream())
        .filter(need -> need.percent().min() >= MOIST_PERCENT)
        .max(Comparator.comparingDouble(need -> need.percent().min()))
        .map(HumidityTask::look);
  }

  private static Task look(Needs.Humidity need) {
    return new Task(
        "humidity",
        TaskKind.MIST,
        Phrase.of("Read the hygrometer"),
        Phrase.of("{} is wanted", Phrase.range(need.percent(), Dimension.PERCENT)),
        Phrase.of(
            "Spray dechlorinated water when it reads less; moist, never wet, and a dry corner stays dry."),
        Recurrence.every(1),
        2,
        need.basis());
  }
}
