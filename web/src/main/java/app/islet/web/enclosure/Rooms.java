package app.islet.web.enclosure;

import app.islet.core.enclosure.Site;
import app.islet.web.collection.CollectionContext;
import app.islet.web.collection.CollectionStore;
import app.islet.web.collection.Role;
import app.islet.web.support.NotFoundException;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The rooms of a collection. A room's climate is that of every enclosure in it. */
@Service
public class Rooms {
  private final RoomRepository rooms;
  private final CollectionStore collections;

  Rooms(RoomRepository rooms, CollectionStore collections) {
    this.rooms = rooms;
    this.collections = collections;
  }

  /** In the order they were made. */
  @Transactional(readOnly = true)
  public List<Room> all(CollectionContext context) {
    return rooms.findByCollectionIdOrderById(context.collectionId());
  }

  @Transactional(readOnly = true)
  public Room get(CollectionContext context, long id) {
    return rooms
        .findByIdAndCollectionId(id, context.collectionId())
        .orElseThrow(() -> new NotFoundException("the collection has no room " + id));
  }

  /** Makes a room; the one of that name where there is one, so that a double click makes one. */
  @Transactional
  public Room add(CollectionContext context, String name, Site site) {
    context.require(Role.KEEPER);
    collections.lock(context);
    return named(context, name)
        .orElseGet(() -> rooms.save(new Room(context.collectionId(), name, site)));
  }

  /**
   * Changes a room.
   *
   * @return false, and nothing is changed, if another room has that name
   */
  @Transactional
  public boolean change(CollectionContext context, long id, String name, Site site) {
    context.require(Role.KEEPER);
    collections.lock(context);
    Room room = get(context, id);
    if (named(context, name).filter(other -> !other.id().equals(id)).isPresent()) {
      return false;
    }
    room.change(name, site);
    return true;
  }

  private Optional<Room> named(CollectionContext context, String name) {
    return rooms.findByNameAndCollectionId(name, context.collectionId());
  }
}
