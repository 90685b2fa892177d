package app.islet.web.page.design.review;

import app.islet.core.review.Outlook;
import app.islet.web.people.collection.CollectionContext;
import app.islet.web.reading.snapshot.EnclosureSnapshot;
import app.islet.web.reading.snapshot.SnapshotKey;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import org.springframework.stereotype.Service;

/** What fails as the residents grow, worked out once for each version of an enclosure. */
@Service
class Outlooks {
  private static final int MAX_KEPT = 500;

  private final Cache<Key, Outlook> kept = Caffeine.newBuilder().maximumSize(MAX_KEPT).build();

  private record Key(SnapshotKey snapshot, int months) {}

  Outlook of(CollectionContext context, EnclosureSnapshot state, int months) {
    return kept.get(
        new Key(SnapshotKey.of(context, state.record()), months),
        key -> Outlook.of(state.assessment().situation(), months));
  }
}
