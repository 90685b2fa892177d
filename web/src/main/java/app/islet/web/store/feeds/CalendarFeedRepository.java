package app.islet.web.store.feeds;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

interface CalendarFeedRepository extends JpaRepository<CalendarFeed, Long> {
  Optional<CalendarFeed> findByToken(String token);

  List<CalendarFeed> findByCollectionIdAndPersonIdOrderById(long collectionId, long personId);
}
