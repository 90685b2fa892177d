package app.islet.web.reading.snapshot;

import app.islet.web.people.collection.CollectionContext;
import app.islet.web.store.enclosure.EnclosureRecord;
import java.time.LocalDate;

/**
 * What a snapshot and everything worked out from it rests on: as long as this is the same, so are
 * they. The versions are kept by the database, so any number of servers agree on them.
 */
public record SnapshotKey(long enclosureId, long version, long collectionVersion, LocalDate day) {
  public static SnapshotKey of(CollectionContext context, EnclosureRecord record) {
    return new SnapshotKey(
        record.id(), record.version(), context.collection().version(), context.today());
  }
}
