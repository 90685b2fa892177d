package app.islet.web.store.animal;

import jakarta.persistence.LockModeType;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;

interface AnimalRepository extends JpaRepository<Animal, Long> {
  List<Animal> findByIdInOrderById(Collection<Long> ids);

  List<Animal> findByCollectionIdOrderById(long collectionId);

  Optional<Animal> findByIdAndCollectionId(long id, long collectionId);

  Optional<Animal> findByClientId(UUID clientId);

  /** A batch and those out of it. */
  @Query(
      """
      select a from Animal a where a.collectionId = :collectionId
      and (a.id = :batch or a.background.originAnimalId = :batch) order by a.id""")
  List<Animal> ofBatch(long batch, long collectionId);

  /** Some groups and those singled out of them. */
  @Query(
      """
      select a from Animal a where a.collectionId = :collectionId
      and (a.id in :groups or a.background.originAnimalId in :groups) order by a.id""")
  List<Animal> ofBatches(Collection<Long> groups, long collectionId);

  /** Locks them until the transaction ends, in one order. */
  @Lock(LockModeType.PESSIMISTIC_WRITE)
  @Query(
      "select a from Animal a where a.id in :ids and a.collectionId = :collectionId order by a.id")
  List<Animal> lock(Collection<Long> ids, long collectionId);
}
