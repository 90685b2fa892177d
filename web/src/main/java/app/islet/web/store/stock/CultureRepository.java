package app.islet.web.store.stock;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface CultureRepository extends JpaRepository<Culture, Long> {
  List<Culture> findByCollectionIdAndEndedOnIsNullOrderById(long collectionId);

  Optional<Culture> findByClientId(UUID clientId);

  Optional<Culture> findByIdAndCollectionId(long id, long collectionId);
}
