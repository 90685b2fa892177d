package app.islet.web.reading.summary;

import app.islet.web.people.collection.CollectionContext;
import app.islet.web.reading.snapshot.EnclosureSnapshot;
import app.islet.web.reading.snapshot.SnapshotKey;
import app.islet.web.reading.snapshot.Snapshots;
import app.islet.web.store.enclosure.EnclosureRecord;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.springframework.stereotype.Service;

/** Summaries of enclosures, each worked out once for each version of its enclosure. */
@Service
public class Summaries {
  private static final int MAX_KEPT = 20_000;

  /** So many are assessed at a time, so that their grids are not all in memory at once. */
  private static final int AT_ONCE = 8;

  private final Snapshots snapshots;
  private final Cache<SnapshotKey, EnclosureSummary> kept =
      Caffeine.newBuilder().maximumSize(MAX_KEPT).build();

  Summaries(Snapshots snapshots) {
    this.snapshots = snapshots;
  }

  /** In the order of the records. */
  public List<EnclosureSummary> of(CollectionContext context, List<EnclosureRecord> records) {
    Map<Long, EnclosureSummary> byId = new HashMap<>();
    List<EnclosureRecord> missing = new ArrayList<>();
    for (EnclosureRecord record : records) {
      EnclosureSummary known = kept.getIfPresent(SnapshotKey.of(context, record));
      if (known == null) {
        missing.add(record);
      } else {
        byId.put(record.id(), known);
      }
    }
    for (int from = 0; from < missing.size(); from += AT_ONCE) {
      List<EnclosureRecord> some = missing.subList(from, Math.min(missing.size(), from + AT_ONCE));
      for (EnclosureSnapshot snapshot : snapshots.all(context, some)) {
        EnclosureSummary summary = EnclosureSummary.of(snapshot);
        kept.put(SnapshotKey.of(context, snapshot.record()), summary);
        byId.put(snapshot.id(), summary);
      }
    }
    return records.stream().map(r -> Objects.requireNonNull(byId.get(r.id()))).toList();
  }

  public EnclosureSummary of(CollectionContext context, EnclosureRecord record) {
    return of(context, List.of(record)).get(0);
  }

  /** Whether all of these are worked out already, so that asking for them costs nothing. */
  public boolean areKnown(CollectionContext context, List<EnclosureRecord> records) {
    return records.stream().allMatch(r -> kept.getIfPresent(SnapshotKey.of(context, r)) != null);
  }
}
