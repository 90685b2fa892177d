package app.islet.web.reading.summary;

import app.islet.core.plan.DueTask;
import app.islet.core.plan.MealTasks;
import app.islet.web.people.collection.CollectionContext;
import app.islet.web.reading.snapshot.AnimalSnapshot;
import app.islet.web.reading.snapshot.MealLog;
import app.islet.web.store.enclosure.EnclosureRecord;
import app.islet.web.store.enclosure.EnclosureStore;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/** When animals ate last and eat next, by what was logged and by the list of each day. */
@Component
public class MealDays {
  /** Whoever is not fed within these has no meal ahead that anybody waits for. */
  private static final int AHEAD_DAYS = 14;

  private final MealLog log;
  private final DayRounds rounds;
  private final Summaries summaries;
  private final EnclosureStore enclosures;

  MealDays(MealLog log, DayRounds rounds, Summaries summaries, EnclosureStore enclosures) {
    this.log = log;
    this.rounds = rounds;
    this.summaries = summaries;
    this.enclosures = enclosures;
  }

  /**
   * Of one animal.
   *
   * @param last empty where nobody wrote one down
   * @param rests in which it is not fed
   * @param next of those in an enclosure; empty where none is on its list
   */
  public record Days(boolean rests, Optional<LocalDate> last, Optional<LocalDate> next) {}

  /** By the number of the animal. */
  public Map<Long, Days> of(CollectionContext context, List<AnimalSnapshot> some) {
    Set<Long> homes = some.stream().flatMap(s -> s.homeId().stream()).collect(Collectors.toSet());
    List<EnclosureRecord> records =
        enclosures.all(context).stream().filter(r -> homes.contains(r.id())).toList();
    List<List<List<DueTask>>> coming = rounds.coming(context, records, AHEAD_DAYS);
    Map<Long, List<List<DueTask>>> ahead = new HashMap<>();
    for (int i = 0; i < records.size(); i++) {
      ahead.put(records.get(i).id(), coming.get(i));
    }
    Set<Long> resting =
        summaries.of(context, records).stream()
            .flatMap(enclosure -> enclosure.animals().stream())
            .filter(EnclosureSummary.Named::rests)
            .map(EnclosureSummary.Named::id)
            .collect(Collectors.toSet());
    Map<Long, LocalDate> last = log.lastDays(context, some);
    Map<Long, Days> days = new HashMap<>();
    for (AnimalSnapshot s : some) {
      Optional<LocalDate> next =
          s.homeId()
              .filter(id -> s.tubs().isEmpty())
              .flatMap(id -> next(s, ahead.getOrDefault(id, List.of()), context.today()));
      boolean rests = s.resident().isResting() || resting.contains(s.animal().id());
      days.put(
          s.animal().id(), new Days(rests, Optional.ofNullable(last.get(s.animal().id())), next));
    }
    return days;
  }

  private static Optional<LocalDate> next(
      AnimalSnapshot s, List<List<DueTask>> ahead, LocalDate today) {
    Set<String> meals = MealTasks.plan(List.of(s.resident()), today).helpings().keySet();
    for (int day = 0; day < ahead.size(); day++) {
      if (ahead.get(day).stream()
          .anyMatch(due -> !due.settled() && meals.contains(due.task().key()))) {
        return Optional.of(today.plusDays(day));
      }
    }
    return Optional.empty();
  }
}
