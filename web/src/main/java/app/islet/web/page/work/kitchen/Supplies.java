package app.islet.web.page.work.kitchen;

import app.islet.core.care.FoodKeeping;
import app.islet.core.plan.DueTask;
import app.islet.core.plan.FoodAmount;
import app.islet.core.plan.FoodNeeds;
import app.islet.core.plan.Larder;
import app.islet.web.people.collection.CollectionContext;
import app.islet.web.reading.summary.DayRounds;
import app.islet.web.reading.summary.EnclosureSummary;
import app.islet.web.reading.summary.Summaries;
import app.islet.web.store.enclosure.EnclosureRecord;
import app.islet.web.store.enclosure.EnclosureStore;
import app.islet.web.store.stock.Pantry;
import app.islet.web.store.stock.StockItem;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;

/** What is needed, what there is, and what to buy. */
@Service
class Supplies {
  private final EnclosureStore enclosures;
  private final Summaries summaries;
  private final DayRounds rounds;
  private final Pantry pantry;

  Supplies(EnclosureStore enclosures, Summaries summaries, DayRounds rounds, Pantry pantry) {
    this.enclosures = enclosures;
    this.summaries = summaries;
    this.rounds = rounds;
    this.pantry = pantry;
  }

  /**
   * One food.
   *
   * @param stock of it, what spoils first first
   */
  record Supply(FoodNeeds.Need need, Larder.Line line, List<StockItem> stock) {
    Optional<FoodKeeping> keeping() {
      return FoodKeeping.of(need.food());
    }

    boolean isHatched() {
      return keeping().filter(k -> k.form() == FoodKeeping.Form.HATCHED).isPresent();
    }

    /** Estimated, as eaten by plan since it was counted. */
    FoodAmount left(CollectionContext context) {
      return need.amount(
          stock.stream().mapToDouble(s -> s.left(context.today(), need.aDay())).sum());
    }
  }

  List<Supply> of(CollectionContext context, int days) {
    List<EnclosureRecord> records = enclosures.all(context);
    List<EnclosureSummary> known = summaries.of(context, records);
    List<List<List<DueTask>>> lists = rounds.coming(context, records, days);
    List<FoodNeeds.Coming> coming = new ArrayList<>();
    for (int i = 0; i < records.size(); i++) {
      coming.add(new FoodNeeds.Coming(known.get(i).plan(), lists.get(i)));
    }
    Map<FoodAmount.Key, List<StockItem>> stock =
        pantry.of(context).stream().collect(Collectors.groupingBy(StockItem::food));
    return FoodNeeds.of(coming, days).stream()
        .map(need -> supply(context, need, stock.getOrDefault(need.sample().key(), List.of())))
        .toList();
  }

  private static Supply supply(
      CollectionContext context, FoodNeeds.Need need, List<StockItem> stock) {
    List<Larder.Stock> left =
        stock.stream()
            .map(s -> new Larder.Stock(s.left(context.today(), need.aDay()), s.goodUntil()))
            .toList();
    return new Supply(
        need, Larder.line(context.today(), need, left, FoodKeeping.of(need.food())), stock);
  }
}
