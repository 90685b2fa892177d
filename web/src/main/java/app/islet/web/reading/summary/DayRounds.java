package app.islet.web.reading.summary;

import app.islet.core.plan.Completion;
import app.islet.core.plan.DayList;
import app.islet.core.plan.DueTask;
import app.islet.core.plan.PlannedDay;
import app.islet.core.plan.Planner;
import app.islet.core.plan.Task;
import app.islet.core.plan.TaskKind;
import app.islet.web.people.collection.CollectionContext;
import app.islet.web.reading.snapshot.SnapshotKey;
import app.islet.web.store.enclosure.EnclosureRecord;
import app.islet.web.store.tasks.PlannedDays;
import app.islet.web.store.tasks.TaskEntry;
import app.islet.web.store.tasks.TaskLog;
import app.islet.web.store.water.WaterLog;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import org.springframework.stereotype.Service;
import tools.jackson.databind.ObjectMapper;

/** The rounds of a day, each stop worked out once for each version of its enclosure and its log. */
@Service
public class DayRounds {
  private static final int MAX_KEPT = 20_000;

  private static final Set<String> CHANGES = Set.of(Planner.WATER_CHANGE, Planner.LARGE_CHANGE);

  /** Weeks of many enclosures take more room than days. */
  private static final int MAX_AHEAD = 2_000;

  private final Summaries summaries;
  private final TaskLog log;
  private final PlannedDays planned;
  private final WaterLog waterLog;
  private final ObjectMapper json;
  private final Cache<Key, Stop> kept = Caffeine.newBuilder().maximumSize(MAX_KEPT).build();
  private final Cache<Ahead, List<List<DueTask>>> ahead =
      Caffeine.newBuilder().maximumSize(MAX_AHEAD).build();

  DayRounds(
      Summaries summaries, TaskLog log, PlannedDays planned, WaterLog waterLog, ObjectMapper json) {
    this.summaries = summaries;
    this.log = log;
    this.planned = planned;
    this.waterLog = waterLog;
    this.json = json;
  }

  private record Key(SnapshotKey snapshot, long taskVersion, LocalDate day) {
    static Key of(CollectionContext context, EnclosureRecord record, LocalDate day) {
      return new Key(SnapshotKey.of(context, record), record.taskVersion(), day);
    }
  }

  private record Ahead(Key key, int days) {}

  /** One task of a day with the entry that settled it, if any. */
  public record Line(DueTask due, Optional<TaskEntry> entry) {
    /** Whether it only says what is held off. */
    private boolean isHold() {
      return due.task().kind() == TaskKind.HOLD;
    }

    private boolean isOf(TaskEntry e) {
      return due.task().key().equals(e.taskKey()) && due.slot() == e.slot();
    }
  }

  /**
   * One enclosure's part of a day.
   *
   * @param interrupted whether a change of water was begun, today or the day before, and not ended
   */
  public record Stop(EnclosureSummary enclosure, List<Line> lines, boolean interrupted) {
    public long left() {
      return lines.stream().filter(l -> !l.due().settled() && !l.isHold()).count();
    }

    /** Of what is left; roughly. */
    public double minutesLeft() {
      return lines.stream()
          .filter(l -> !l.due().settled())
          .mapToDouble(l -> l.due().task().minutes())
          .sum();
    }
  }

  /**
   * A stop for each enclosure, in their order. A day that is over reads as it was written down with
   * its first tick; where nothing was ticked, as today's plan would have it.
   */
  public List<Stop> on(CollectionContext context, List<EnclosureRecord> records, LocalDate day) {
    Map<Long, Stop> byId = new HashMap<>();
    List<EnclosureRecord> missing = new ArrayList<>();
    for (EnclosureRecord record : records) {
      Stop known = kept.getIfPresent(Key.of(context, record, day));
      if (known == null) {
        missing.add(record);
      } else {
        byId.put(record.id(), known);
      }
    }
    addMissing(context, missing, day, byId);
    return records.stream().map(r -> Objects.requireNonNull(byId.get(r.id()))).toList();
  }

  private void addMissing(
      CollectionContext context,
      List<EnclosureRecord> missing,
      LocalDate day,
      Map<Long, Stop> byId) {
    List<EnclosureSummary> worked = summaries.of(context, missing);
    Map<Long, History> history = history(missing, day);
    List<Long> ids = missing.stream().map(EnclosureRecord::id).toList();
    Map<Long, String> written = day.isBefore(context.today()) ? log.written(ids, day) : Map.of();
    for (int i = 0; i < missing.size(); i++) {
      EnclosureRecord record = missing.get(i);
      History own = Objects.requireNonNull(history.get(record.id()));
      String then = written.get(record.id());
      Stop stop =
          then == null
              ? stop(worked.get(i), record, own, day)
              : asWritten(worked.get(i), then, own, day);
      kept.put(Key.of(context, record, day), stop);
      byId.put(record.id(), stop);
    }
  }

  /**
   * What was done at an enclosure.
   *
   * @param entries ticks of the rounds
   * @param all the same, and what its water log tells: who has logged a test need not tick it too
   * @param planned days the next times were put on
   */
  private record History(
      List<TaskEntry> entries, List<Completion> all, Map<String, PlannedDay> planned) {
    boolean settled(String key, int slot, LocalDate day) {
      return all.stream()
          .anyMatch(d -> d.day().equals(day) && d.taskKey().equals(key) && d.slot() == slot);
    }
  }

  private Map<Long, History> history(List<EnclosureRecord> records, LocalDate day) {
    List<Long> ids = records.stream().map(EnclosureRecord::id).toList();
    Map<Long, List<TaskEntry>> ticked = log.lastAndOn(ids, day);
    Map<Long, List<WaterLog.LastDone>> logged = waterLog.last(ids, day);
    Map<Long, Map<String, PlannedDay>> days = planned.of(ids);
    Map<Long, History> history = new HashMap<>();
    for (Long id : ids) {
      List<TaskEntry> entries = ticked.getOrDefault(id, List.of());
      List<Completion> all = new ArrayList<>();
      entries.forEach(entry -> all.add(entry.completion()));
      logged.getOrDefault(id, List.of()).forEach(last -> all.add(completion(last)));
      history.put(id, new History(entries, all, days.getOrDefault(id, Map.of())));
    }
    return history;
  }

  private static Completion completion(WaterLog.LastDone last) {
    String key =
        switch (last.kind()) {
          case "TEST" -> Planner.TEST;
          case "TOPPED_UP" -> Planner.TOP_UP;
          default -> Planner.WATER_CHANGE;
        };
    return new Completion(key, last.day(), 1, false);
  }

  /** Days put down, and the weekday on which the keeper changes the water. */
  private static Map<String, PlannedDay> planned(
      EnclosureSummary enclosure, EnclosureRecord record, History done, LocalDate day) {
    Optional<PlannedDay> change =
        record
            .changeWeekday()
            .flatMap(
                weekday ->
                    enclosure
                        .plan()
                        .task(Planner.WATER_CHANGE)
                        .flatMap(
                            task ->
                                DayList.onWeekday(
                                    day, task, weekday, enclosure.startedOn(), done.all())));
    if (change.isEmpty() || done.planned().containsKey(Planner.WATER_CHANGE)) {
      return done.planned();
    }
    Map<String, PlannedDay> days = new HashMap<>(done.planned());
    days.put(Planner.WATER_CHANGE, change.get());
    return days;
  }

  private Stop asWritten(EnclosureSummary enclosure, String written, History done, LocalDate day) {
    List<DueTask> list =
        WrittenList.read(written, (key, slot) -> done.settled(key, slot, day), json);
    return lines(enclosure, list, done, day);
  }

  /** Writes a day's list down, so that it still reads so when the plan has changed. */
  public void write(CollectionContext context, EnclosureRecord record, LocalDate day) {
    List<DueTask> list =
        on(context, List.of(record), day).get(0).lines().stream().map(Line::due).toList();
    log.write(context, record.id(), day, () -> WrittenList.write(list, json));
  }

  private static Stop stop(
      EnclosureSummary enclosure, EnclosureRecord record, History done, LocalDate day) {
    List<DueTask> list =
        DayList.on(
            day,
            enclosure.plan(),
            enclosure.startedOn(),
            done.all(),
            planned(enclosure, record, done, day));
    return lines(enclosure, list, done, day);
  }

  /** A tick belongs to the plan of its day: it stays on the list though the plan has changed. */
  private static Stop lines(
      EnclosureSummary enclosure, List<DueTask> list, History done, LocalDate day) {
    List<TaskEntry> entries = done.entries();
    List<Line> lines = new ArrayList<>();
    list.forEach(due -> lines.add(new Line(due, settling(due, entries, day))));
    entries.stream()
        .filter(e -> e.day().equals(day) && !e.taskKey().startsWith(TaskEntry.STEP))
        .filter(e -> lines.stream().noneMatch(line -> line.isOf(e)))
        .forEach(e -> lines.add(new Line(WrittenList.ofAnotherPlan(e), Optional.of(e))));
    return new Stop(enclosure, List.copyOf(lines), isInterrupted(done, day));
  }

  private static boolean isInterrupted(History done, LocalDate day) {
    Optional<LocalDate> begun =
        done.entries().stream()
            .filter(e -> e.taskKey().startsWith(TaskEntry.STEP))
            .map(TaskEntry::day)
            .filter(on -> !on.isBefore(day.minusDays(1)))
            .max(Comparator.naturalOrder());
    return begun
        .filter(
            on ->
                done.all().stream()
                    .filter(c -> CHANGES.contains(c.taskKey()))
                    .noneMatch(c -> !c.day().isBefore(on)))
        .isPresent();
  }

  private static Optional<TaskEntry> settling(DueTask due, List<TaskEntry> entries, LocalDate day) {
    return entries.stream()
        .filter(e -> e.day().equals(day))
        .filter(e -> e.taskKey().equals(due.task().key()) && e.slot() == due.slot())
        .reduce((older, newer) -> newer);
  }

  /** The lists of the next days of one enclosure, today's first. */
  public List<List<DueTask>> coming(CollectionContext context, EnclosureRecord record, int days) {
    return coming(context, List.of(record), days).get(0);
  }

  /** The same of several, in their order; worked out once for each version. */
  public List<List<List<DueTask>>> coming(
      CollectionContext context, List<EnclosureRecord> records, int days) {
    LocalDate today = context.today();
    Map<Long, List<List<DueTask>>> byId = new HashMap<>();
    List<EnclosureRecord> missing = new ArrayList<>();
    for (EnclosureRecord record : records) {
      List<List<DueTask>> known =
          ahead.getIfPresent(new Ahead(Key.of(context, record, today), days));
      if (known == null) {
        missing.add(record);
      } else {
        byId.put(record.id(), known);
      }
    }
    List<EnclosureSummary> enclosures = summaries.of(context, missing);
    Map<Long, History> history = history(missing, today);
    for (int i = 0; i < missing.size(); i++) {
      EnclosureSummary enclosure = enclosures.get(i);
      History done = Objects.requireNonNull(history.get(enclosure.id()));
      List<List<DueTask>> lists =
          DayList.coming(
              today, days, enclosure.plan(), enclosure.startedOn(), done.all(), done.planned());
      ahead.put(new Ahead(Key.of(context, missing.get(i), today), days), lists);
      byId.put(enclosure.id(), lists);
    }
    return records.stream().map(r -> Objects.requireNonNull(byId.get(r.id()))).toList();
  }

  /** What can be put on another day: when each task of an enclosure was done last, and is due. */
  public List<Coming> next(CollectionContext context, List<EnclosureRecord> records) {
    LocalDate tomorrow = context.today().plusDays(1);
    Map<Long, History> history = history(records, context.today());
    List<Coming> coming = new ArrayList<>();
    for (EnclosureSummary enclosure : summaries.of(context, records)) {
      History done = Objects.requireNonNull(history.get(enclosure.id()));
      for (Task task : enclosure.plan().tasks()) {
        if (task.recurrence().waits() && !enclosure.plan().isMeal(task)) {
          coming.add(
              new Coming(
                  enclosure,
                  task,
                  DayList.next(tomorrow, task, enclosure.startedOn(), done.all())));
        }
      }
    }
    return coming;
  }

  /** A task that waits to be done, and when it falls due next. */
  public record Coming(EnclosureSummary enclosure, Task task, DayList.Next next) {}
}
