package app.islet.core.plan;

import app.islet.core.animal.HealthNote;
import app.islet.core.animal.HealthNote.Spared;
import app.islet.core.care.Evidence;
import app.islet.core.care.Recurrence;
import app.islet.core.quantity.Phrase;
import app.islet.core.situation.HusbandryState;
import app.islet.core.text.English;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** What the health of the animals asks for: courses and looks as work, and what they are spared. */
final class HealthAdvice {
  /** How long it takes, roughly; common practice, no source. */
  private static final double COURSE_MINUTES = 10;

  private static final double LOOK_MINUTES = 2;

  private static final Map<Spared, Set<TaskKind>> STOPS =
      new EnumMap<>(
          Map.of(
              Spared.FOOD, Set.of(TaskKind.FEED, TaskKind.SUPPLEMENT),
              Spared.HANDLING, Set.of(TaskKind.BATHE)));

  private HealthAdvice() {}

  /** Courses that go on and cases that are open, each at its own pace. */
  static List<Task> tasks(HusbandryState s) {
    List<Task> tasks = new ArrayList<>();
    for (MealTasks one : MealTasks.named(s.residents())) {
      one.r().keeping().wellbeing().notes().stream()
          .filter(note -> note.everyDays() > 0)
          .forEach(note -> tasks.add(task(one, note)));
    }
    return tasks;
  }

  private static Task task(MealTasks one, HealthNote note) {
    boolean course = note.isCourse();
    return new Task(
        note.key(),
        course ? TaskKind.TREAT : TaskKind.CHECK,
        Phrase.of(
            course ? "Course of {}" : note.isMissing() ? "Look for {}" : "Look at {}", one.name()),
        course || note.isMissing()
            ? Phrase.of("{}", note.words())
            : Phrase.of("{}, since {}", note.words(), English.shortDay(note.since())),
        Phrase.of("{}", String.join(" ", note.steps()).strip()),
        Recurrence.every(note.everyDays()),
        note.last().or(() -> Optional.of(note.since().minusDays(note.everyDays()))),
        course ? COURSE_MINUTES : LOOK_MINUTES,
        Evidence.PRACTICE);
  }

  /** A hold for each animal and each kind of work that does it harm for now. */
  static List<Advice> holds(HusbandryState s) {
    List<Advice> all = new ArrayList<>();
    for (MealTasks one : MealTasks.named(s.residents())) {
      for (Spared what : Spared.values()) {
        one.r().keeping().wellbeing().notes().stream()
            .filter(note -> note.spares().contains(what))
            .findFirst()
            .ifPresent(note -> all.add(hold(one, what, note, s.date())));
      }
    }
    return all;
  }

  private static Advice hold(MealTasks one, Spared what, HealthNote note, LocalDate today) {
    boolean food = what == Spared.FOOD;
    return new Advice(
        new Task(
            (food ? "hold:food:" : "hold:handling:") + one.slug(),
            TaskKind.HOLD,
            food
                ? Phrase.of("No food for {}", one.name())
                : Phrase.of("Leave {} alone", one.name()),
            Phrase.of("{}", English.capital(note.words())),
            Phrase.of("{}", food ? "Offer none until it is over." : "No measuring, no bath."),
            Recurrence.every(1),
            0,
            Evidence.PRACTICE),
        STOPS.getOrDefault(what, Set.of()),
        one.slug(),
        note.urgent() ? Advice.Urgency.LIFE : Advice.Urgency.HEALTH,
        today,
        today.plusDays(1));
  }
}
