package app.islet.web.rearing;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface BatchRepository extends JpaRepository<Batch, Long> {
  List<Batch> findByCollectionIdOrderById(long collectionId);

  Optional<Batch> findByIdAndCollectionId(long id, long collectionId);

  Optional<Batch> findByAnimalIdAndCollectionId(long animalId, long collectionId);

  Optional<Batch> findByClientId(UUID clientId);
}
