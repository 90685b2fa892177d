package app.islet.web.page.work.weeks;

import app.islet.core.plan.DueTask;
import app.islet.core.plan.Levelling;
import app.islet.core.plan.Levelling.Job;
import app.islet.core.plan.Levelling.Spread;
import app.islet.core.plan.PlannedDay;
import app.islet.core.plan.Planner;
import app.islet.core.plan.Task;
import app.islet.core.plan.TaskKind;
import app.islet.web.people.collection.CollectionContext;
import app.islet.web.reading.summary.DayRounds;
import app.islet.web.store.enclosure.EnclosureRecord;
import app.islet.web.store.enclosure.EnclosureStore;
import app.islet.web.store.rearing.BatchState;
import app.islet.web.store.rearing.BatchStates;
import app.islet.web.store.tasks.DaysOff;
import app.islet.web.store.tasks.Holidays;
import app.islet.web.store.tasks.PlannedDays;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;

/** Puts the big jobs of the next two weeks on days. */
@Service
class Fortnight {
  static final int DAYS = 14;

  /** Under so many minutes a job is done when it falls due, whatever the day. */
  private static final double BIG_MINUTES = 5;

  /** What comes more often is daily work, for helpers too. */
  private static final int RARE_DAYS = 5;

  private final EnclosureStore enclosures;
  private final DayRounds rounds;
  private final Holidays holidays;
  private final PlannedDays planned;
  private final BatchStates batches;

  Fortnight(
      EnclosureStore enclosures,
      DayRounds rounds,
      Holidays holidays,
      PlannedDays planned,
      BatchStates batches) {
    this.enclosures = enclosures;
    this.rounds = rounds;
    this.holidays = holidays;
    this.planned = planned;
    this.batches = batches;
  }

  /**
   * The two weeks.
   *
   * @param base minutes of the daily work, by day
   * @param jobs the big ones by their id
   * @param asDue each job on the day it falls due
   * @param spread the same, spread
   * @param off holidays and helpers' days
   * @param kept whether the next days were put down as spread here
   */
  record View(
      Map<LocalDate, Double> base,
      Map<String, DayRounds.Coming> jobs,
      Spread asDue,
      Spread spread,
      List<DaysOff> off,
      boolean kept) {}

  View of(CollectionContext context) {
    LocalDate today = context.today();
    List<EnclosureRecord> records = enclosures.all(context);
    Map<String, DayRounds.Coming> jobs =
        rounds.next(context, records).stream()
            .filter(coming -> isBig(coming.task()))
            .collect(Collectors.toMap(Fortnight::id, coming -> coming));
    List<Job> list = jobs.values().stream().map(coming -> job(coming, today)).toList();
    Map<LocalDate, Double> base = base(context, records);
    List<DaysOff> off = holidays.coming(context);
    Set<LocalDate> days = off.stream().flatMap(DaysOff::days).collect(Collectors.toSet());
    Spread spread = Levelling.spread(today, DAYS, list, base, days);
    return new View(
        base,
        jobs,
        Levelling.asDue(today, DAYS, list, base),
        spread,
        off,
        isKept(records, jobs, spread));
  }

  private static boolean isBig(Task task) {
    return task.kind() != TaskKind.FEED
        && task.kind() != TaskKind.SUPPLEMENT
        && task.minutes() >= BIG_MINUTES
        && task.recurrence().everyDays() >= RARE_DAYS;
  }

  private static String id(DayRounds.Coming coming) {
    return coming.enclosure().id() + " " + coming.task().key();
  }

  private static Job job(DayRounds.Coming coming, LocalDate today) {
    LocalDate due = coming.next().due();
    int grace = coming.task().recurrence().graceDays();
    // What is late already has what is left of its days.
    LocalDate from = due.isBefore(today) ? today : due;
    int left = (int) Math.max(0, grace - Math.max(0, today.toEpochDay() - due.toEpochDay()));
    return new Job(
        id(coming),
        coming.task().minutes(),
        from,
        coming.task().recurrence().everyDays(),
        left,
        takesBacteria(coming.task()) ? "bacteria of " + coming.enclosure().id() : "");
  }

  /** Two of these are never done to one enclosure on a day. */
  private static boolean takesBacteria(Task task) {
    return task.kind() == TaskKind.RINSE_FILTER
        || task.kind() == TaskKind.NEW_MEDIA
        || task.key().equals(Planner.LARGE_CHANGE);
  }

  /** What is done anyway: everything but the big jobs, and the tubs. */
  private Map<LocalDate, Double> base(CollectionContext context, List<EnclosureRecord> records) {
    Map<LocalDate, Double> minutes = new HashMap<>();
    double tubs = batches.open(context).stream().mapToDouble(BatchState::minutesADay).sum();
    for (int i = 0; i < DAYS && tubs > 0; i++) {
      minutes.put(context.today().plusDays(i), tubs);
    }
    for (List<List<DueTask>> days : rounds.coming(context, records, DAYS)) {
      for (int i = 0; i < days.size(); i++) {
        double work =
            days.get(i).stream()
                .map(DueTask::task)
                .filter(task -> !isBig(task))
                .mapToDouble(task -> task.minutes())
                .sum();
        minutes.merge(context.today().plusDays(i), work, Double::sum);
      }
    }
    return minutes;
  }

  private Map<Long, Map<String, PlannedDay>> plan(
      Map<String, DayRounds.Coming> jobs, Spread spread) {
    Map<Long, Map<String, PlannedDay>> plan = new HashMap<>();
    spread
        .next()
        .forEach(
            (id, day) -> {
              DayRounds.Coming coming = Optional.ofNullable(jobs.get(id)).orElseThrow();
              plan.computeIfAbsent(coming.enclosure().id(), k -> new HashMap<>())
                  .put(coming.task().key(), new PlannedDay(coming.next().last(), day));
            });
    return plan;
  }

  private boolean isKept(
      List<EnclosureRecord> records, Map<String, DayRounds.Coming> jobs, Spread spread) {
    Map<Long, Map<String, PlannedDay>> plan = plan(jobs, spread);
    return !plan.isEmpty()
        && planned.of(records.stream().map(EnclosureRecord::id).toList()).equals(plan);
  }

  /** Puts every job on the day it is spread to; the rounds follow. */
  void keep(CollectionContext context) {
    View view = of(context);
    planned.plan(context, everywhere(context, plan(view.jobs(), view.spread())));
  }

  /** Each job falls due on its own day again. */
  void forget(CollectionContext context) {
    planned.plan(context, everywhere(context, Map.of()));
  }

  /** Also where nothing is planned: what was planned there goes. */
  private Map<Long, Map<String, PlannedDay>> everywhere(
      CollectionContext context, Map<Long, Map<String, PlannedDay>> plan) {
    return enclosures.all(context).stream()
        .collect(
            Collectors.toMap(
                EnclosureRecord::id, record -> plan.getOrDefault(record.id(), Map.of())));
  }
}
