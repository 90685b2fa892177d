package app.islet.core.plan;

import app.islet.core.animal.Resident;
import app.islet.core.quantity.Phrase;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/**
 * What a measurement changed in the plan.
 *
 * @param why the reason in one sentence
 * @param lines one for each task begun, ended or altered
 */
public record PlanChange(Phrase why, List<Phrase> lines) {
  public PlanChange {
    lines = List.copyOf(lines);
  }

  public boolean isNothing() {
    return lines.isEmpty();
  }

  public static PlanChange between(Resident before, Resident after, Plan old, Plan now) {
    Phrase why =
        before.stage().id().equals(after.stage().id())
            ? Phrase.of(
                "{}: still in the stage \"{}\"; portions follow the new figures.",
                after.name(),
                after.stage().name().toLowerCase(Locale.ROOT))
            : Phrase.of(
                "{}: from the stage \"{}\" to \"{}\" ({}).",
                after.name(),
                before.stage().name().toLowerCase(Locale.ROOT),
                after.stage().name().toLowerCase(Locale.ROOT),
                after.stage().signs());
    List<Phrase> lines = new ArrayList<>();
    for (Task task : now.tasks()) {
      Optional<Task> was = old.task(task.key());
      if (was.isEmpty()) {
        lines.add(Phrase.of("New: {}, {}, {}.", task.title(), task.amount(), now.rhythm(task)));
      } else if (!was.get().amount().equals(task.amount())
          || !old.rhythm(was.get()).equals(now.rhythm(task))) {
        lines.add(
            Phrase.of(
                "{}: {}, {}; before {}, {}.",
                task.title(),
                task.amount(),
                now.rhythm(task),
                was.get().amount(),
                old.rhythm(was.get())));
      }
    }
    old.tasks().stream()
        .filter(task -> now.task(task.key()).isEmpty())
        .forEach(task -> lines.add(Phrase.of("No longer: {}, {}.", task.title(), task.amount())));
    return new PlanChange(why, lines);
  }
}
