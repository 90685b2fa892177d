package app.islet.web.rounds;

import app.islet.core.plan.Completion;
import app.islet.core.plan.DayList;
import app.islet.core.plan.DueTask;
import app.islet.core.plan.Task;
import app.islet.core.plan.TaskKind;
import app.islet.core.quantity.UnitSystem;
import app.islet.web.collection.CollectionContext;
import app.islet.web.enclosure.EnclosureRepository;
import app.islet.web.enclosure.EnclosureSnapshot;
import app.islet.web.enclosure.Enclosures;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.server.ResponseStatusException;

/** The day's lists, and the log of what was done. */
@Service
public class Rounds {
  /** Longer than any interval of a plan, so that the last time of each task is found. */
  private static final int LOOK_BACK_DAYS = 400;

  private final Enclosures enclosures;
  private final EnclosureRepository held;
  private final RoundEntryRepository entries;
  private final Clock clock;

  Rounds(
      Enclosures enclosures, EnclosureRepository held, RoundEntryRepository entries, Clock clock) {
    this.enclosures = enclosures;
    this.held = held;
    this.entries = entries;
    this.clock = clock;
  }

  /** One task of a day with the entry that settled it, if any. */
  public record Line(DueTask due, Optional<RoundEntry> entry) {}

  /** One enclosure's part of a day. */
  public record Stop(EnclosureSnapshot state, List<Line> lines) {
    public long left() {
      return lines.stream().filter(l -> !l.due().settled()).count();
    }
  }

  /** The whole day, enclosure by enclosure. */
  @Transactional(readOnly = true)
  public List<Stop> day(CollectionContext place, LocalDate day) {
    List<EnclosureSnapshot> states = enclosures.all(place);
    Map<Long, List<RoundEntry>> standing = standing(states);
    return states.stream()
        .map(state -> stop(state, day, standing.getOrDefault(state.id(), List.of())))
        .toList();
  }

  /** The next days of one enclosure. */
  @Transactional(readOnly = true)
  public List<List<DueTask>> coming(CollectionContext place, EnclosureSnapshot state, int days) {
    List<RoundEntry> log = standing(List.of(state)).getOrDefault(state.id(), List.of());
    return DayList.coming(
        place.today(), days, state.assessment().plan(), state.record().startedOn(), done(log));
  }

  private Map<Long, List<RoundEntry>> standing(List<EnclosureSnapshot> states) {
    if (states.isEmpty()) {
      return Map.of();
    }
    LocalDate since = states.get(0).day().minusDays(LOOK_BACK_DAYS);
    return entries.standing(states.stream().map(EnclosureSnapshot::id).toList(), since).stream()
        .collect(Collectors.groupingBy(RoundEntry::enclosureId));
  }

  private static Stop stop(EnclosureSnapshot state, LocalDate day, List<RoundEntry> log) {
    List<DueTask> list =
        DayList.on(day, state.assessment().plan(), state.record().startedOn(), done(log));
    return new Stop(
        state,
        list.stream()
            .map(
                due ->
                    new Line(
                        due,
                        log.stream()
                            .filter(
                                e ->
                                    e.day().equals(day)
                                        && e.taskKey().equals(due.task().key())
                                        && e.slot() == due.slot())
                            .reduce((a, b) -> b)))
            .toList());
  }

  private static List<Completion> done(List<RoundEntry> log) {
    return log.stream()
        .map(
            e ->
                new Completion(e.taskKey(), e.day(), e.slot(), e.kind() == RoundEntry.Kind.SKIPPED))
        .toList();
  }

  /** Logs a task once: a second click, or a second helper, finds it settled and adds nothing. */
  @Transactional
  public void settle(
      CollectionContext place,
      long enclosureId,
      String taskKey,
      LocalDate day,
      int slot,
      boolean skipped,
      String reason,
      UUID clientId) {
    held.hold(enclosureId, place.collectionId())
        .orElseThrow(() -> new ResponseStatusException(HttpStatus.NOT_FOUND));
    if (entries.existsByClientId(clientId)) {
      return;
    }
    EnclosureSnapshot state = enclosures.get(place, enclosureId);
    Task task =
        state
            .assessment()
            .plan()
            .task(taskKey)
            .orElseThrow(() -> new ResponseStatusException(HttpStatus.NOT_FOUND));
    boolean settled =
        standing(List.of(state)).getOrDefault(enclosureId, List.of()).stream()
            .anyMatch(e -> e.day().equals(day) && e.taskKey().equals(taskKey) && e.slot() == slot);
    if (!settled && slot >= 1 && slot <= task.recurrence().perDay()) {
      entries.save(
          new RoundEntry(
              enclosureId,
              taskKey,
              task.title().text(UnitSystem.METRIC),
              day,
              slot,
              skipped ? RoundEntry.Kind.SKIPPED : RoundEntry.Kind.DONE,
              reason,
              clientId,
              clock.instant(),
              place.person().id()));
      // A keeper who fits a new tube need not write its date into the design as well.
      if (task.kind() == TaskKind.REPLACE_TUBE && !skipped && place.mayDesign()) {
        enclosures.save(place, enclosureId, state.design().withNewTube(day));
      }
    }
  }

  /** Takes back this person's last entry of the day. */
  @Transactional
  public Optional<String> undo(CollectionContext place, LocalDate day) {
    Optional<RoundEntry> last = entries.lastOf(place.person().id(), place.collectionId(), day);
    last.ifPresent(
        e -> {
          held.hold(e.enclosureId(), place.collectionId());
          entries.save(e.undo(UUID.randomUUID(), clock.instant(), place.person().id()));
        });
    return last.map(RoundEntry::title);
  }
}
