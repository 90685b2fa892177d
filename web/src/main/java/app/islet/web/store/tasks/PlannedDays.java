package app.islet.web.store.tasks;

import app.islet.core.plan.PlannedDay;
import app.islet.web.people.collection.CollectionContext;
import app.islet.web.people.collection.Role;
import app.islet.web.store.enclosure.EnclosureStore;
import java.util.Collection;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Days that big jobs were put on, so that they do not all fall together. */
@Service
public class PlannedDays {
  private final PlannedDayRepository days;
  private final EnclosureStore enclosures;

  PlannedDays(PlannedDayRepository days, EnclosureStore enclosures) {
    this.days = days;
    this.enclosures = enclosures;
  }

  /** By enclosure and the key of the task. */
  @Transactional(readOnly = true)
  public Map<Long, Map<String, PlannedDay>> of(Collection<Long> enclosureIds) {
    return enclosureIds.isEmpty()
        ? Map.of()
        : days.of(enclosureIds).stream()
            .collect(
                Collectors.groupingBy(
                    p -> p.key().enclosureId(),
                    Collectors.toMap(p -> p.key().taskKey(), PlannedDayRecord::planned)));
  }

  /** Puts the tasks of enclosures on these days, in place of what was planned there before. */
  @Transactional
  public void plan(CollectionContext context, Map<Long, Map<String, PlannedDay>> planned) {
    context.require(Role.KEEPER);
    // In one order, so that of two who plan at once neither waits for the other for ever.
    new TreeMap<>(planned).forEach((enclosure, tasks) -> plan(context, enclosure, tasks));
  }

  private void plan(CollectionContext context, long enclosureId, Map<String, PlannedDay> planned) {
    enclosures.lock(context, enclosureId);
    days.deleteOf(enclosureId);
    days.saveAllAndFlush(
        planned.entrySet().stream()
            .map(
                e ->
                    new PlannedDayRecord(
                        new PlannedDayRecord.Key(enclosureId, e.getKey()), e.getValue()))
            .toList());
  }
}
