package app.islet.web.store.enclosure;

import app.islet.core.enclosure.Site;
import app.islet.core.light.Place;
import app.islet.web.base.support.NotFoundException;
import app.islet.web.people.collection.CollectionContext;
import app.islet.web.people.collection.CollectionStore;
import app.islet.web.people.collection.Role;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
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
   * The room of just that climate, in the town that names the collection's time zone until somebody
   * says otherwise; where there is none a new one.
   */
  @Transactional
  public Room ofClimate(CollectionContext context, Site climate) {
    context.require(Role.KEEPER);
    collections.lock(context);
    Site site =
        Place.of(context.collection().zone())
            .map(p -> climate.at(p.latitude(), p.longitude()))
            .orElse(climate);
    List<Room> all = all(context);
    return all.stream()
        .filter(room -> room.site().equals(site))
        .findFirst()
        .orElseGet(() -> rooms.save(new Room(context.collectionId(), freeName(all), site)));
  }

  private static String freeName(List<Room> all) {
    Set<String> taken = all.stream().map(Room::name).collect(Collectors.toSet());
    return IntStream.iterate(1, n -> n + 1)
        .mapToObj(n -> n == 1 ? "Living room" : "Living room " + n)
        .filter(name -> !taken.contains(name))
        .findFirst()
        .orElseThrow();
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
