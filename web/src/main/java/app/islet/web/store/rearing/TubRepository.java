package app.islet.web.store.rearing;

import jakarta.persistence.LockModeType;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;

interface TubRepository extends JpaRepository<TubRecord, Long> {
  List<TubRecord> findByBatchIdInOrderByNumber(Collection<Long> batchIds);

  Optional<TubRecord> findByPlaceIdAndCollectionId(long placeId, long collectionId);

  /** The one in use with that number on its label. */
  Optional<TubRecord> findByCollectionIdAndNumberAndClosedIsFalse(long collectionId, int number);

  @Query("select t.number from TubRecord t where t.collectionId = :collectionId and not t.closed")
  List<Integer> numbersInUse(long collectionId);

  /** Locks them until the transaction ends, in one order. */
  @Lock(LockModeType.PESSIMISTIC_WRITE)
  @Query(
      "select t from TubRecord t where t.placeId in :ids and t.collectionId = :collectionId"
          + " order by t.placeId")
  List<TubRecord> lock(Collection<Long> ids, long collectionId);
}
