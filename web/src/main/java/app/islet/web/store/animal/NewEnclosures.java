package app.islet.web.store.animal;

import app.islet.core.animal.Resident;
import app.islet.core.document.EnclosureDocument;
import app.islet.core.enclosure.Site;
import app.islet.web.people.collection.CollectionContext;
import app.islet.web.store.enclosure.Designs;
import app.islet.web.store.enclosure.EnclosureRecord;
import app.islet.web.store.enclosure.Rooms;
import java.nio.charset.StandardCharsets;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Makes enclosures with those who live in them, as a document tells. */
@Service
public class NewEnclosures {
  private final Designs designs;
  private final Residents residents;
  private final Rooms rooms;

  NewEnclosures(Designs designs, Residents residents, Rooms rooms) {
    this.designs = designs;
    this.residents = residents;
    this.rooms = rooms;
  }

  /**
   * All of it or nothing; once, however often it is sent.
   *
   * @return id of the enclosure
   */
  @Transactional
  public long create(
      CollectionContext context,
      long roomId,
      EnclosureDocument document,
      String name,
      UUID clientId) {
    EnclosureRecord record =
        designs.create(
            context, roomId, document.enclosure().withName(name), context.today(), clientId);
    int n = 0;
    for (Resident resident : document.residents()) {
      byte[] idOfResident = (clientId + "-" + n++).getBytes(StandardCharsets.UTF_8);
      residents.add(
          context,
          record.id(),
          resident,
          UUID.nameUUIDFromBytes(idOfResident),
          resident.arrivedOn().orElse(context.today()));
    }
    return record.id();
  }

  /** The same in a room of that climate, which is made too where there is none. */
  @Transactional
  public long create(
      CollectionContext context,
      Site climate,
      EnclosureDocument document,
      String name,
      UUID clientId) {
    return create(context, rooms.ofClimate(context, climate).id(), document, name, clientId);
  }
}
