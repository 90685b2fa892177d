package app.islet.web.waterlog;

import app.islet.core.water.Parameter;
import app.islet.core.water.WaterEvent;
import app.islet.core.water.WaterTest;
import app.islet.web.collection.CollectionContext;
import jakarta.persistence.EntityManager;
import jakarta.persistence.Tuple;
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
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Reads and adds to the log of the water. Callers have made sure that the enclosure is of the
 * place's collection; helpers may log.
 */
@Service
public class WaterLog {
  /** Older than this, tests say nothing of today; pages that show them all ask for all. */
  public static final int DAYS_THAT_COUNT = 400;

  private static final LocalDate FIRST_DAY = LocalDate.of(1900, 1, 1);
  private static final int AT_ONCE = 500;

  private final WaterLineRepository lines;
  private final WaterTestRepository tests;
  private final WaterEventRepository events;
  private final EntityManager entities;
  private final Clock clock;

  WaterLog(
      WaterLineRepository lines,
      WaterTestRepository tests,
      WaterEventRepository events,
      EntityManager entities,
      Clock clock) {
    this.lines = lines;
    this.tests = tests;
    this.events = events;
    this.entities = entities;
    this.clock = clock;
  }

  /** What counts for today, by enclosure, the oldest first. */
  @Transactional(readOnly = true)
  public Map<Long, List<WaterLine>> recent(Collection<Long> enclosureIds, LocalDate today) {
    return lines.since(enclosureIds, today.minusDays(DAYS_THAT_COUNT)).stream()
        .collect(Collectors.groupingBy(WaterLine::enclosureId));
  }

  /** All of one enclosure, the oldest first. */
  @Transactional(readOnly = true)
  public List<WaterLine> all(long enclosureId) {
    return lines.since(List.of(enclosureId), FIRST_DAY);
  }

  /** The newest lines of one enclosure, the newest first. */
  @Transactional(readOnly = true)
  public List<WaterLine> newest(long enclosureId, int most) {
    return lines.findByEnclosureIdOrderByDayDescEntryDesc(enclosureId, Limit.of(most));
  }

  /** What was done to one enclosure's water, the oldest first. */
  @Transactional(readOnly = true)
  public List<WaterLine> done(long enclosureId) {
    return lines.done(enclosureId);
  }

  /** Every value of one parameter, the oldest first: ten years of them in one short question. */
  @Transactional(readOnly = true)
  public List<WaterTest> values(long enclosureId, Parameter parameter) {
    CriteriaBuilder asked = entities.getCriteriaBuilder();
    CriteriaQuery<Tuple> query = asked.createTupleQuery();
    Root<WaterLine> line = query.from(WaterLine.class);
    Path<Double> value = line.get(parameter.name().toLowerCase(Locale.ROOT));
    query
        .multiselect(line.get("day"), value)
        .where(asked.equal(line.get("enclosureId"), enclosureId), asked.isNotNull(value))
        .orderBy(asked.asc(line.get("day")), asked.asc(line.get("entry")));
    return entities.createQuery(query).getResultList().stream()
        .map(
            found ->
                new WaterTest(
                    found.get(0, LocalDate.class), Map.of(parameter, found.get(1, Double.class))))
        .toList();
  }

  /**
   * Logs a test once, however often it is sent.
   *
   * @param asIon whether the kit counts nitrogen as the whole ion; the values are as nitrogen
   * @return name of its line
   */
  @Transactional
  public String test(
      CollectionContext place, long enclosureId, WaterTest test, boolean asIon, UUID id) {
    WaterTestEntry entry =
        tests
            .findByClientId(id)
            .orElseGet(
                () ->
                    tests.saveAndFlush(
                        new WaterTestEntry(
                            enclosureId,
                            test,
                            asIon,
                            null,
                            id,
                            clock.instant(),
                            place.person().id())));
    return "t" + entry.id();
  }

  /** Logs what was done once, however often it is sent. */
  @Transactional
  public String event(CollectionContext place, long enclosureId, WaterEvent event, UUID id) {
    WaterEventEntry entry =
        events
            .findByClientId(id)
            .orElseGet(
                () ->
                    events.saveAndFlush(
                        new WaterEventEntry(
                            enclosureId, event, null, id, clock.instant(), place.person().id())));
    return "e" + entry.id();
  }

  /**
   * Takes a test or what was done back, by an entry that strikes it; twice is harmless.
   *
   * @param line its name
   */
  @Transactional
  public void strike(CollectionContext place, long enclosureId, String line) {
    UUID strikeId = UUID.randomUUID();
    if (!line.matches("[te]\\d{1,18}")) {
      return;
    }
    long entry = Long.parseLong(line.substring(1));
    if (line.startsWith("t")) {
      tests
          .findByIdAndEnclosureId(entry, enclosureId)
          .filter(t -> !tests.existsByStrikes(entry))
          .map(t -> t.strike(strikeId, clock.instant(), place.person().id()))
          .ifPresent(tests::save);
    } else {
      events
          .findByIdAndEnclosureId(entry, enclosureId)
          .filter(e -> !events.existsByStrikes(entry))
          .map(e -> e.strike(strikeId, clock.instant(), place.person().id()))
          .ifPresent(events::save);
    }
  }

  /** A line of a file with an id made of what it says, so that a file read twice adds nothing. */
  public record Row(UUID id, Optional<WaterTest> test, Optional<WaterEvent> event) {}

  /**
   * @param asIon how the kit of the tests counts nitrogen
   * @return how many were new
   */
  @Transactional
  public int add(CollectionContext place, long enclosureId, List<Row> rows, boolean asIon) {
    int added = 0;
    for (int from = 0; from < rows.size(); from += AT_ONCE) {
      List<Row> some = rows.subList(from, Math.min(rows.size(), from + AT_ONCE));
      added += addSome(place, enclosureId, some, asIon);
    }
    return added;
  }

  private int addSome(CollectionContext place, long enclosureId, List<Row> rows, boolean asIon) {
    var known =
        lines.clientIds(rows.stream().map(Row::id).toList()).stream().collect(Collectors.toSet());
    List<Row> fresh = rows.stream().filter(r -> !known.contains(r.id())).toList();
    tests.saveAll(
        fresh.stream()
            .flatMap(
                r ->
                    r.test().stream()
                        .map(
                            t ->
                                new WaterTestEntry(
                                    enclosureId,
                                    t,
                                    asIon,
                                    null,
                                    r.id(),
                                    clock.instant(),
                                    place.person().id())))
            .toList());
    events.saveAll(
        fresh.stream()
            .flatMap(
                r ->
                    r.event().stream()
                        .map(
                            e ->
                                new WaterEventEntry(
                                    enclosureId,
                                    e,
                                    null,
                                    r.id(),
                                    clock.instant(),
                                    place.person().id())))
            .toList());
    return fresh.size();
  }
}
