package app.islet.web.reading.snapshot;

import app.islet.core.livestock.LifeEvent;
import app.islet.core.plan.Helping;
import app.islet.core.plan.MealTasks;
import app.islet.core.rearing.TubEvent;
import app.islet.web.people.collection.CollectionContext;
import app.islet.web.store.rearing.BatchState;
import app.islet.web.store.rearing.TubLogs;
import app.islet.web.store.tasks.TaskEntry;
import app.islet.web.store.tasks.TaskLog;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;

/** What an animal ate and refused, whoever wrote it down: its own page, the rounds, its tub. */
@Component
public class MealLog {
  private static final Set<LifeEvent.Kind> MEALS =
      Set.of(LifeEvent.Kind.FED, LifeEvent.Kind.REFUSED);

  private final TaskLog rounds;
  private final TubLogs tubs;

  MealLog(TaskLog rounds, TubLogs tubs) {
    this.rounds = rounds;
    this.tubs = tubs;
  }

  /** The newest first; of the rounds, the last of each food; of several tubs, once a day. */
  public List<LifeEvent> of(CollectionContext context, AnimalSnapshot s) {
    return Stream.of(
            s.events().stream().filter(e -> MEALS.contains(e.kind())),
            s.isHere() && s.tubs().isEmpty() ? ofRounds(context, s) : Stream.<LifeEvent>empty(),
            s.tubs().stream().flatMap(tub -> ofTub(context, tub)).distinct())
        .flatMap(meals -> meals)
        .sorted(Comparator.comparing(LifeEvent::day).reversed())
        .toList();
  }

  private Stream<LifeEvent> ofRounds(CollectionContext context, AnimalSnapshot s) {
    Map<String, Helping> foods = MealTasks.plan(List.of(s.resident()), context.today()).helpings();
    return s.home().stream()
        .flatMap(home -> rounds(context, home).stream())
        .filter(e -> e.kind() == TaskEntry.Kind.DONE && foods.containsKey(e.taskKey()))
        .map(e -> fed(e.day(), foods.get(e.taskKey()).food()));
  }

  private List<TaskEntry> rounds(CollectionContext context, EnclosureSnapshot home) {
    return rounds.lastAndOn(List.of(home.id()), context.today()).getOrDefault(home.id(), List.of());
  }

  private Stream<LifeEvent> ofTub(CollectionContext context, BatchState.TubNow tub) {
    return tubs.events(context, tub.record()).stream()
        .filter(e -> e.kind() == TubEvent.Kind.FED || e.kind() == TubEvent.Kind.LEFT_OVER)
        .map(
            e ->
                e.kind() == TubEvent.Kind.FED
                    ? fed(e.at().toLocalDate(), e.note())
                    : new LifeEvent(
                        e.at().toLocalDate(),
                        LifeEvent.Kind.REFUSED,
                        OptionalDouble.empty(),
                        e.note()));
  }

  private static LifeEvent fed(LocalDate day, String what) {
    return new LifeEvent(day, LifeEvent.Kind.FED, OptionalDouble.empty(), what);
  }
}
