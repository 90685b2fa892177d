package app.islet.web.store.enclosure;

import app.islet.web.base.support.NotFoundException;
import app.islet.web.people.collection.CollectionContext;
import app.islet.web.people.collection.Role;
import java.time.DayOfWeek;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** Which enclosures a collection has, and the lock under which each is changed. */
@Service
public class EnclosureStore {
  private final EnclosureRepository enclosures;

  EnclosureStore(EnclosureRepository enclosures) {
    this.enclosures = enclosures;
  }

  /** In the order they were made. */
  @Transactional(readOnly = true)
  public List<EnclosureRecord> all(CollectionContext context) {
    return enclosures.findByCollectionIdOrderById(context.collectionId());
  }

  @Transactional(readOnly = true)
  public EnclosureRecord get(CollectionContext context, long id) {
    return enclosures
        .findByIdAndCollectionId(id, context.collectionId())
        .orElseThrow(() -> missing(id));
  }

  /**
   * Locks an enclosure until the transaction ends. Everything that is written about an enclosure is
   * written under this lock: two that change it come one after the other, and the second reads what
   * the first wrote.
   */
  @Transactional(propagation = Propagation.MANDATORY)
  public EnclosureRecord lock(CollectionContext context, long id) {
    return enclosures.lock(id, context.collectionId()).orElseThrow(() -> missing(id));
  }

  /**
   * Where an enclosure comes on the walk.
   *
   * @param place where it comes by hand, from 1; null for after those that have a place
   * @param changeOn the weekday its water is changed on; null for when it falls due
   */
  @Transactional
  public void walk(
      CollectionContext context,
      long id,
      boolean apart,
      @Nullable Integer place,
      @Nullable DayOfWeek changeOn) {
    context.require(Role.KEEPER);
    EnclosureRecord record = lock(context, id);
    record.walk(apart, place);
    record.changeOn(changeOn);
  }

  private static NotFoundException missing(long id) {
    return new NotFoundException("the collection has no enclosure " + id);
  }
}
