package app.islet.web.store.feeds;

import app.islet.web.people.collection.CollectionContext;
import app.islet.web.people.collection.CollectionStore;
import app.islet.web.store.enclosure.EnclosureStore;
import java.security.SecureRandom;
import java.time.Clock;
import java.util.Base64;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Makes secret addresses and knows whose they are. */
@Service
public class CalendarFeeds {
  private static final int TOKEN_BYTES = 24;

  private final CalendarFeedRepository feeds;
  private final CollectionStore collections;
  private final EnclosureStore enclosures;
  private final Clock clock;
  private final SecureRandom random = new SecureRandom();

  CalendarFeeds(
      CalendarFeedRepository feeds,
      CollectionStore collections,
      EnclosureStore enclosures,
      Clock clock) {
    this.feeds = feeds;
    this.collections = collections;
    this.enclosures = enclosures;
    this.clock = clock;
  }

  /** Those of the person who asks, in this collection. */
  @Transactional(readOnly = true)
  public List<CalendarFeed> mine(CollectionContext context) {
    return feeds.findByCollectionIdAndPersonIdOrderById(
        context.collectionId(), context.person().id());
  }

  @Transactional(readOnly = true)
  public Optional<CalendarFeed> find(String token) {
    return feeds.findByToken(token);
  }

  /**
   * A new address; where there was one, it ends.
   *
   * @param enclosureId null for all of the collection
   */
  @Transactional
  public CalendarFeed make(CollectionContext context, @Nullable Long enclosureId) {
    if (enclosureId != null) {
      enclosures.get(context, enclosureId);
    }
    collections.lock(context);
    Optional<CalendarFeed> before =
        mine(context).stream()
            .filter(feed -> Objects.equals(feed.enclosureId(), enclosureId))
            .findFirst();
    CalendarFeed feed =
        before
            .map(known -> known.renew(token(), clock.instant()))
            .orElseGet(
                () ->
                    new CalendarFeed(
                        context.collectionId(),
                        enclosureId,
                        context.person().id(),
                        token(),
                        clock.instant()));
    return feeds.saveAndFlush(feed);
  }

  private String token() {
    byte[] bytes = new byte[TOKEN_BYTES];
    random.nextBytes(bytes);
    return Base64.getUrlEncoder().withoutPadding().encodeToString(bytes);
  }
}
