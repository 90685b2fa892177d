package app.islet.web.store.build;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface ItemPriceRepository extends JpaRepository<ItemPrice, Long> {
  List<ItemPrice> findByEnclosureIdOrderById(long enclosureId);
}
