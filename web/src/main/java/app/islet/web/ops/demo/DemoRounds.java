package app.islet.web.ops.demo;

import app.islet.core.care.CultureKind;
import app.islet.core.plan.FoodAmount;
import app.islet.web.people.collection.CollectionContext;
import app.islet.web.people.collection.CollectionStore;
import app.islet.web.store.stock.Cultures;
import app.islet.web.store.stock.Pantry;
import app.islet.web.store.tasks.Holidays;
import java.time.LocalDate;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** How the mill walks its rounds. */
@Component
class DemoRounds {
  private final CollectionStore collections;
  private final Holidays holidays;
  private final Cultures cultures;
  private final Pantry pantry;

  DemoRounds(CollectionStore collections, Holidays holidays, Cultures cultures, Pantry pantry) {
    this.collections = collections;
    this.holidays = holidays;
    this.cultures = cultures;
    this.pantry = pantry;
  }

  void prepare(CollectionContext context) {
    collections.call(
        context, "The mill office, extension 12, at any hour. Then the vet on the notice board.");
    LocalDate today = context.today();
    holidays.add(
        context,
        today.plusDays(5),
        today.plusDays(9),
        "Mill closed, club feeds",
        UUID.randomUUID());
    CultureKind.find(CultureKind.HATCHERY)
        .ifPresent(kind -> cultures.start(context, kind, today.minusDays(1), UUID.randomUUID()));
    CultureKind.find("daphnia")
        .ifPresent(kind -> cultures.start(context, kind, today.plusDays(3), UUID.randomUUID()));
    stock(context, new FoodAmount.Key("Bloodworm", true), 900, today.plusDays(90));
    stock(context, new FoodAmount.Key("Earthworm", true), 30, today.plusDays(9));
    stock(context, new FoodAmount.Key("Pellets", false), 60, today.plusDays(100));
  }

  private void stock(
      CollectionContext context, FoodAmount.Key food, double amount, LocalDate until) {
    pantry.add(context, food, amount, until, UUID.randomUUID());
  }
}
