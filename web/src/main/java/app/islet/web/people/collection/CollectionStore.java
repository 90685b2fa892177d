package app.islet.web.people.collection;

import java.time.ZoneId;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** The lock under which what belongs to a whole collection is changed. */
@Service
public class CollectionStore {
  private final CollectionRepository collections;

  CollectionStore(CollectionRepository collections) {
    this.collections = collections;
  }

  /**
   * Locks the collection until the transaction ends: of two that make a room or an enclosure at the
   * same moment the second finds what the first made.
   */
  @Transactional(propagation = Propagation.MANDATORY)
  public void lock(CollectionContext context) {
    collections.lock(context.collectionId());
  }

  /** From now on its days begin and end there; what was entered keeps its day. */
  @Transactional
  public void liveIn(CollectionContext context, ZoneId zone) {
    context.require(Role.OWNER);
    AnimalCollection collection = collections.lock(context.collectionId());
    if (!collection.zone().equals(zone)) {
      collection.liveIn(zone);
      collections.flush();
      // What is kept in memory by these was worked out with the days of the old one.
      collections.newVersions(collection.id());
      collections.newTubVersions(collection.id());
    }
  }

  /** From now on helpers call that, when something looks wrong. */
  @Transactional
  public void call(CollectionContext context, String whom) {
    context.require(Role.KEEPER);
    collections.lock(context.collectionId()).call(whom);
  }

  /** From now on the rounds of the collection go in that order. */
  @Transactional
  public void walk(CollectionContext context, AnimalCollection.WalkOrder order) {
    context.require(Role.KEEPER);
    collections.lock(context.collectionId()).walk(order);
  }
}
