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
import java.time.LocalDateTime;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.stream.Collectors;
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

  /** The day each ate last, where somebody wrote it down, by its number. */
  public Map<Long, LocalDate> lastDays(CollectionContext context, List<AnimalSnapshot> some) {
    Set<Long> homes = some.stream().flatMap(s -> s.homeId().stream()).collect(Collectors.toSet());
    Map<Long, List<TaskEntry>> ticked = rounds.lastAndOn(homes, context.today());
    Map<Long, LocalDate> days = new HashMap<>();
    for (AnimalSnapshot s : some) {
      Stream.of(
              s.events().stream().filter(e -> e.kind() == LifeEvent.Kind.FED).map(LifeEvent::day),
              s.tubs().isEmpty() ? daysOfRounds(context, s, ticked) : Stream.<LocalDate>empty(),
              s.tubs().stream()
                  .flatMap(tub -> tub.log().state().fed().stream())
                  .map(LocalDateTime::toLocalDate))
          .flatMap(found -> found)
          .max(Comparator.naturalOrder())
          .ifPresent(day -> days.put(s.animal().id(), day));
    }
    return days;
  }

  private static Stream<LocalDate> daysOfRounds(
      CollectionContext context, AnimalSnapshot s, Map<Long, List<TaskEntry>> ticked) {
    return s.homeId().stream()
        .flatMap(id -> meals(context, s, ticked.getOrDefault(id, List.of())))
        .map(LifeEvent::day);
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
    return s.homeId().stream()
        .map(id -> rounds.lastAndOn(List.of(id), context.today()).getOrDefault(id, List.of()))
        .flatMap(entries -> meals(context, s, entries));
  }

  private static Stream<LifeEvent> meals(
      CollectionContext context, AnimalSnapshot s, List<TaskEntry> entries) {
    Map<String, Helping> foods = MealTasks.plan(List.of(s.resident()), context.today()).helpings();
    return entries.stream()
        .filter(e -> e.kind() == TaskEntry.Kind.DONE && foods.containsKey(e.taskKey()))
        .map(e -> fed(e.day(), foods.get(e.taskKey()).food()));
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
