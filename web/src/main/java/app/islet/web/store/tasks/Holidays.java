package app.islet.web.store.tasks;

import app.islet.web.people.collection.CollectionContext;
import app.islet.web.people.collection.CollectionStore;
import app.islet.web.people.collection.Role;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Holidays and helpers' days of a collection. */
@Service
public class Holidays {
  private final DaysOffRepository days;
  private final CollectionStore collections;

  Holidays(DaysOffRepository days, CollectionStore collections) {
    this.days = days;
    this.collections = collections;
  }

  /** Those that are not over, the next first. */
  @Transactional(readOnly = true)
  public List<DaysOff> coming(CollectionContext context) {
    return days.findByCollectionIdAndLastDayGreaterThanEqualOrderByFirstDay(
        context.collectionId(), context.today());
  }

  /** Adds them once, however often it is sent. */
  @Transactional
  public void add(
      CollectionContext context, LocalDate first, LocalDate last, String note, UUID clientId) {
    context.require(Role.KEEPER);
    collections.lock(context);
    if (days.findByClientId(clientId).isEmpty()) {
      days.saveAndFlush(new DaysOff(context.collectionId(), first, last, note, clientId));
    }
  }

  @Transactional
  public void remove(CollectionContext context, long id) {
    context.require(Role.KEEPER);
    collections.lock(context);
    days.findByIdAndCollectionId(id, context.collectionId()).ifPresent(days::delete);
  }
}
