package app.islet.web.store.rearing;

import app.islet.core.rearing.TubEvent;
import app.islet.web.base.log.LogRepository;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.Query;

interface TubEntryRepository extends LogRepository<TubEntry> {
  /** What counts of some tubs, in the order in which it was done. */
  @Query(
      "select e from TubEntry e where e.placeId in :places and" + VALID + "order by e.doneAt, e.id")
  List<TubEntry> valid(Collection<Long> places);

  /** The same of one kind. */
  @Query(
      "select e from TubEntry e where e.placeId in :places and e.kind = :kind and"
          + VALID
          + "order by e.doneAt, e.id")
  List<TubEntry> valid(Collection<Long> places, TubEvent.Kind kind);

  @Query(
      """
      select e from TubEntry e join TubRecord t on t.placeId = e.placeId
      where e.clientId = :clientId and t.collectionId = :collectionId""")
  Optional<TubEntry> findOf(UUID clientId, long collectionId);
}
