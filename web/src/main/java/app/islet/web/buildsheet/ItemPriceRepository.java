package app.islet.web.buildsheet;

import org.springframework.data.jpa.repository.JpaRepository;

import java.util.List;

interface ItemPriceRepository extends JpaRepository<ItemPrice, Long> {
    List<ItemPrice> findByEnclosureIdOrderById(long enclosureId);
}
