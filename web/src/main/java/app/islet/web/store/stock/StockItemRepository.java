package app.islet.web.store.stock;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface StockItemRepository extends JpaRepository<StockItem, Long> {
  List<StockItem> findByCollectionIdAndEndedFalseOrderByGoodUntilAscIdAsc(long collectionId);

  Optional<StockItem> findByClientId(UUID clientId);

  Optional<StockItem> findByIdAndCollectionId(long id, long collectionId);
}
