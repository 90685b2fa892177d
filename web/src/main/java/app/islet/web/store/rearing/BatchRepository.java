package app.islet.web.store.rearing;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface BatchRepository extends JpaRepository<Batch, Long> {
  List<Batch> findByCollectionIdOrderById(long collectionId);

  Optional<Batch> findByIdAndCollectionId(long id, long collectionId);

  Optional<Batch> findByAnimalIdAndCollectionId(long animalId, long collectionId);

  /** Those whose group is one of these animals, and those of these numbers. */
  @Query(
      """
      select b from Batch b
      where b.collectionId = :collection and (b.animalId in :animals or b.id in :ids)
      order by b.id""")
  List<Batch> concerning(long collection, Collection<Long> animals, Collection<Long> ids);

  Optional<Batch> findByClientId(UUID clientId);
}
