package app.islet.web.store.enclosure;

import jakarta.persistence.LockModeType;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;

interface EnclosureRepository extends JpaRepository<EnclosureRecord, Long> {
  List<EnclosureRecord> findByCollectionIdOrderById(long collectionId);

  Optional<EnclosureRecord> findByIdAndCollectionId(long id, long collectionId);

  Optional<EnclosureRecord> findByClientIdAndCollectionId(UUID clientId, long collectionId);

  @Lock(LockModeType.PESSIMISTIC_WRITE)
  @Query("select e from EnclosureRecord e where e.id = :id and e.collectionId = :collectionId")
  Optional<EnclosureRecord> lock(long id, long collectionId);
}
