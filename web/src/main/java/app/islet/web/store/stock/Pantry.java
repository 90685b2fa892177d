package app.islet.web.store.stock;

import app.islet.core.plan.FoodAmount;
import app.islet.web.people.collection.CollectionContext;
import app.islet.web.people.collection.CollectionStore;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What is in stock. Helpers keep it too. */
@Service
public class Pantry {
  private final StockItemRepository items;
  private final CollectionStore collections;

  Pantry(StockItemRepository items, CollectionStore collections) {
    this.items = items;
    this.collections = collections;
  }

  /** What spoils first comes first. */
  @Transactional(readOnly = true)
  public List<StockItem> of(CollectionContext context) {
    return items.findByCollectionIdAndEndedFalseOrderByGoodUntilAscIdAsc(context.collectionId());
  }

  /** Adds it once, however often it is sent. */
  @Transactional
  public void add(
      CollectionContext context,
      FoodAmount.Key food,
      double amount,
      LocalDate goodUntil,
      UUID clientId) {
    collections.lock(context);
    if (items.findByClientId(clientId).isEmpty()) {
      items.saveAndFlush(
          new StockItem(
              context.collectionId(), food, amount, context.today(), goodUntil, clientId));
    }
  }

  /** Counted or weighed anew; nothing left ends it. */
  @Transactional
  public Optional<StockItem> count(CollectionContext context, long id, double amount) {
    collections.lock(context);
    Optional<StockItem> item = items.findByIdAndCollectionId(id, context.collectionId());
    item.ifPresent(
        found -> {
          found.count(amount, context.today());
          if (amount == 0) {
            found.end();
          }
        });
    return item;
  }
}
