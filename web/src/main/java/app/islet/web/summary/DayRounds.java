package app.islet.web.summary;

import app.islet.core.plan.DayList;
import app.islet.core.plan.DueTask;
import app.islet.web.collection.CollectionContext;
import app.islet.web.enclosure.EnclosureRecord;
import app.islet.web.snapshot.SnapshotKey;
import app.islet.web.tasklog.TaskEntry;
import app.islet.web.tasklog.TaskLog;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import org.springframework.stereotype.Service;

/** The rounds of a day, each stop worked out once for each version of its enclosure and its log. */
@Service
public class DayRounds {
  private static final int MOST_KEPT = 20_000;

  private final Summaries summaries;
  private final TaskLog log;
  private final Cache<Key, Stop> kept = Caffeine.newBuilder().maximumSize(MOST_KEPT).build();

  DayRounds(Summaries summaries, TaskLog log) {
    this.summaries = summaries;
    this.log = log;
  }

  private record Key(SnapshotKey snapshot, long taskVersion, LocalDate day) {
    static Key of(CollectionContext context, EnclosureRecord record, LocalDate day) {
      return new Key(SnapshotKey.of(context, record), record.taskVersion(), day);
    }
  }

  /** One task of a day with the entry that settled it, if any. */
  public record Line(DueTask due, Optional<TaskEntry> entry) {}

  /** One enclosure's part of a day. */
  public record Stop(EnclosureSummary enclosure, List<Line> lines) {
    public long left() {
      return lines.stream().filter(l -> !l.due().settled()).count();
    }

    /** Of what is left; roughly. */
    public double minutesLeft() {
      return lines.stream()
          .filter(l -> !l.due().settled())
          .mapToDouble(l -> l.due().task().minutes())
          .sum();
    }
  }

  /** A stop for each enclosure, in their order. */
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
    Map<Long, List<TaskEntry>> entries =
        log.lastAndOn(missing.stream().map(EnclosureRecord::id).toList(), day);
    for (int i = 0; i < missing.size(); i++) {
      EnclosureRecord record = missing.get(i);
      Stop stop = stop(worked.get(i), entries.getOrDefault(record.id(), List.of()), day);
      kept.put(Key.of(context, record, day), stop);
      byId.put(record.id(), stop);
    }
  }

  private static Stop stop(EnclosureSummary enclosure, List<TaskEntry> entries, LocalDate day) {
    List<DueTask> list =
        DayList.on(
            day,
            enclosure.plan(),
            enclosure.startedOn(),
            entries.stream().map(TaskEntry::completion).toList());
    return new Stop(
        enclosure, list.stream().map(due -> new Line(due, settling(due, entries, day))).toList());
  }

  private static Optional<TaskEntry> settling(DueTask due, List<TaskEntry> entries, LocalDate day) {
    return entries.stream()
        .filter(e -> e.day().equals(day))
        .filter(e -> e.taskKey().equals(due.task().key()) && e.slot() == due.slot())
        .reduce((older, newer) -> newer);
  }

  /** The lists of the next days of one enclosure, today's first. */
  public List<List<DueTask>> coming(CollectionContext context, EnclosureRecord record, int days) {
    EnclosureSummary enclosure = summaries.of(context, record);
    List<TaskEntry> entries =
        log.lastAndOn(List.of(record.id()), context.today()).getOrDefault(record.id(), List.of());
    return DayList.coming(
        context.today(),
        days,
        enclosure.plan(),
        enclosure.startedOn(),
        entries.stream().map(TaskEntry::completion).toList());
  }
}
