package app.islet.web.store.water;

import app.islet.core.text.PossibleDays;
import app.islet.core.water.MeasuredWithin;
import app.islet.core.water.Parameter;
import app.islet.core.water.WaterEvent;
import app.islet.core.water.WaterRecord;
import app.islet.core.water.WaterTest;
import app.islet.web.base.log.Stamp;
import app.islet.web.people.collection.CollectionContext;
import app.islet.web.store.enclosure.EnclosureStore;
import jakarta.persistence.EntityManager;
import jakarta.persistence.criteria.CriteriaBuilder;
import jakarta.persistence.criteria.CriteriaQuery;
import jakarta.persistence.criteria.Path;
import jakarta.persistence.criteria.Root;
import java.time.Clock;
import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Reads and adds to the log of the water; helpers may log. Who reads has made sure that the
 * enclosure is of the collection.
 */
@Service
public class WaterLog {
  /** Older than this, tests say nothing of today; pages that show them all ask for all. */
  public static final int DAYS_THAT_COUNT = 400;

  private static final Pattern DAY_OF_READINGS = Pattern.compile("d(\\d{4}-\\d{2}-\\d{2})");

  private final EnclosureStore enclosures;
  private final WaterLineRepository lines;
  private final WaterTestRepository tests;
  private final WaterEventRepository events;
  private final EntityManager entities;
  private final Clock clock;

  WaterLog(
      EnclosureStore enclosures,
      WaterLineRepository lines,
      WaterTestRepository tests,
      WaterEventRepository events,
      EntityManager entities,
      Clock clock) {
    this.enclosures = enclosures;
    this.lines = lines;
    this.tests = tests;
    this.events = events;
    this.entities = entities;
    this.clock = clock;
  }

  /** What counts for today, by enclosure, the oldest first. */
  @Transactional(readOnly = true)
  public Map<Long, List<WaterLine>> recent(Collection<Long> enclosureIds, LocalDate today) {
    return lines
        .since(
            enclosureIds,
            today.minusDays(DAYS_THAT_COUNT),
            today.minusDays(MeasuredWithin.MONTH_DAYS))
        .stream()
        .collect(Collectors.groupingBy(WaterLine::enclosureId));
  }

  /**
   * What was last logged of an enclosure's water up to a day.
   *
   * @param kind as the log has it: TEST, CHANGE or TOPPED_UP
   */
  public record LastDone(String kind, LocalDate day) {}

  /** The last of each up to a day, by enclosure; not what was ticked on rounds. */
  @Transactional(readOnly = true)
  public Map<Long, List<LastDone>> last(Collection<Long> enclosureIds, LocalDate day) {
    return enclosureIds.isEmpty()
        ? Map.of()
        : lines.last(enclosureIds, day.minusDays(DAYS_THAT_COUNT), day).stream()
            .collect(
                Collectors.groupingBy(
                    WaterLineRepository.Last::enclosureId,
                    Collectors.mapping(l -> new LastDone(l.kind(), l.day()), Collectors.toList())));
  }

  /** Of these enclosures those whose kit counts nitrogen as nitrogen, not as the whole ion. */
  @Transactional(readOnly = true)
  public Set<Long> countAsNitrogen(Collection<Long> enclosureIds) {
    return enclosureIds.isEmpty() ? Set.of() : Set.copyOf(lines.countAsNitrogen(enclosureIds));
  }

  /** All of one enclosure, the oldest first. */
  @Transactional(readOnly = true)
  public List<WaterLine> all(long enclosureId) {
    return lines.since(List.of(enclosureId), PossibleDays.FIRST, PossibleDays.FIRST);
  }

  /** The newest lines of one enclosure, the newest first; not what a probe writes by the hour. */
  @Transactional(readOnly = true)
  public List<WaterLine> newest(long enclosureId, int most) {
    return lines.findByEnclosureIdAndReadingFalseOrderByDayDescEntryDesc(
        enclosureId, Limit.of(most));
  }

  /** What was done to one enclosure's water, the oldest first. */
  @Transactional(readOnly = true)
  public List<WaterLine> done(long enclosureId) {
    return lines.done(enclosureId);
  }

  /**
   * What one day's tests say of a parameter, in its inside units.
   *
   * @param tests how many there were
   */
  public record DayOfTests(LocalDate day, double mean, double min, double max, long tests) {}

  /** Of one parameter, the oldest day first: ten years of them in one short question. */
  @Transactional(readOnly = true)
  public List<DayOfTests> days(long enclosureId, Parameter parameter) {
    CriteriaBuilder asked = entities.getCriteriaBuilder();
    CriteriaQuery<DayOfTests> query = asked.createQuery(DayOfTests.class);
    Root<WaterLine> line = query.from(WaterLine.class);
    Path<Double> value = line.get(parameter.name().toLowerCase(Locale.ROOT));
    query
        .select(
            asked.construct(
                DayOfTests.class,
                line.get("day"),
                asked.avg(value),
                asked.min(value),
                asked.max(value),
                asked.count(value)))
        .where(asked.equal(line.get("enclosureId"), enclosureId), asked.isNotNull(value))
        .groupBy(line.get("day"))
        .orderBy(asked.asc(line.get("day")));
    return entities.createQuery(query).getResultList();
  }

  /**
   * Logs a test once, however often it is sent.
   *
   * @param asIon whether the kit counts nitrogen as the whole ion; the values are as nitrogen
   * @return name of its line
   */
  @Transactional
  public String test(
      CollectionContext context, long enclosureId, WaterTest test, boolean asIon, UUID id) {
    enclosures.lock(context, enclosureId);
    return "t"
        + tests
            .append(
                id,
                () -> new WaterTestEntry(enclosureId, test, asIon, context.stamp(clock, id), null))
            .id();
  }

  /** Logs what was done once, however often it is sent. */
  @Transactional
  public String event(CollectionContext context, long enclosureId, WaterEvent event, UUID id) {
    enclosures.lock(context, enclosureId);
    return "e"
        + events
            .append(
                id, () -> new WaterEventEntry(enclosureId, event, context.stamp(clock, id), null))
            .id();
  }

  /**
   * Takes a test or what was done back, by an entry that voids it; twice is harmless.
   *
   * @param line its name; that of a day's readings is {@code d} and the day
   */
  @Transactional
  public void voidLine(CollectionContext context, long enclosureId, String line) {
    enclosures.lock(context, enclosureId);
    Matcher readings = DAY_OF_READINGS.matcher(line);
    if (readings.matches()) {
      voidReadings(context, enclosureId, LocalDate.parse(readings.group(1)));
      return;
    }
    if (!line.matches("[te]\\d{1,18}")) {
      return;
    }
    long entry = Long.parseLong(line.substring(1));
    if (line.startsWith("t")) {
      tests
          .findByIdAndEnclosureId(entry, enclosureId)
          .ifPresent(t -> tests.voidOnce(entry, () -> t.voided(newStamp(context))));
    } else {
      events
          .findByIdAndEnclosureId(entry, enclosureId)
          .ifPresent(e -> events.voidOnce(entry, () -> e.voided(newStamp(context))));
    }
  }

  private void voidReadings(CollectionContext context, long enclosureId, LocalDate day) {
    List<Long> entries =
        lines.findByEnclosureIdAndReadingTrueAndDay(enclosureId, day).stream()
            .map(WaterLine::entry)
            .toList();
    tests.saveAll(
        tests.findAllById(entries).stream().map(t -> t.voided(newStamp(context))).toList());
  }

  /**
   * Adds what a file says and the log does not, so that a file read twice adds nothing.
   *
   * @param asIon how the kit of the tests counts nitrogen
   * @param asRecord how lines of the log are read
   * @return how many lines were new
   */
  @Transactional
  public int add(
      CollectionContext context,
      long enclosureId,
      WaterRecord file,
      boolean asIon,
      Function<List<WaterLine>, WaterRecord> asRecord) {
    enclosures.lock(context, enclosureId);
    WaterRecord fresh = file.without(asRecord.apply(all(enclosureId)));
    tests.saveAll(
        fresh.tests().stream()
            .map(t -> new WaterTestEntry(enclosureId, t, asIon, newStamp(context), null))
            .toList());
    events.saveAll(
        fresh.events().stream()
            .map(e -> new WaterEventEntry(enclosureId, e, newStamp(context), null))
            .toList());
    return fresh.tests().size() + fresh.events().size();
  }

  private Stamp newStamp(CollectionContext context) {
    return context.stamp(clock, UUID.randomUUID());
  }
}
