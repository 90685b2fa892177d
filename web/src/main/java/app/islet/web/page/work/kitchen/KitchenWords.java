package app.islet.web.page.work.kitchen;

import app.islet.core.care.FoodKeeping;
import app.islet.core.plan.FoodAmount;
import app.islet.core.plan.Hatchery;
import app.islet.core.plan.Larder;
import app.islet.core.quantity.Dimension;
import app.islet.core.text.English;
import app.islet.web.base.support.Form;
import app.islet.web.base.support.Messages;
import app.islet.web.base.support.Units;
import app.islet.web.people.collection.CollectionContext;
import app.islet.web.store.rearing.BatchState;
import app.islet.web.store.stock.Cultures;
import app.islet.web.store.stock.StockItem;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;

/** The kitchen, worded for whoever asks. */
record KitchenWords(CollectionContext context) {
  /** What is started tonight hatches for the day after tomorrow. */
  private static final int STARTED_TONIGHT_FOR = 2;

  /** What to do before today's meals, or today for tomorrow's. */
  record PrepareView(String food, String amount, String what) {}

  /**
   * One food.
   *
   * @param lasts words for how long
   */
  record FoodView(
      String food,
      String form,
      String aFortnight,
      String left,
      String lasts,
      boolean short_,
      String season,
      List<StockView> stock) {}

  /** One lot of it. */
  record StockView(long id, String food, String left, String until, String field) {}

  /** One time to buy. */
  record BuyView(String food, String amount, String by) {}

  /**
   * A culture.
   *
   * @param due when it wants a hand, in words
   */
  record CultureView(
      long id,
      String name,
      String care,
      String due,
      boolean now,
      boolean seenToday,
      UUID clientId) {}

  /** Today's meals of a food, and what is done today for tomorrow's. */
  List<PrepareView> prepare(Supplies.Supply supply) {
    Units u = context.units();
    List<PrepareView> views = new ArrayList<>();
    supply
        .keeping()
        .ifPresent(
            keeping -> {
              double today = supply.need().byDay().get(0);
              if (today > 0 && keeping.before().isPresent()) {
                views.add(
                    new PrepareView(
                        supply.need().food(),
                        u.text(supply.need().amount(today).words()),
                        keeping.before().get()));
              }
              double tomorrow = supply.need().byDay().get(1);
              if (tomorrow > 0 && keeping.dayBefore().isPresent()) {
                views.add(
                    new PrepareView(
                        supply.need().food() + Messages.text("kitchen.for-tomorrow"),
                        u.text(supply.need().amount(tomorrow).words()),
                        keeping.dayBefore().get()));
              }
            });
    return views;
  }

  /** The hatchery for the young of a batch; empty where they eat none. */
  Optional<String> hatch(BatchState batch) {
    int nauplii = batch.naupliiADay();
    if (nauplii == 0) {
      return Optional.empty();
    }
    Hatchery hatchery = new Hatchery(batch.today().plusDays(1), nauplii);
    return Optional.of(
        Messages.text(
            "kitchen.hatch-batch",
            batch.kind().animal().name(),
            nauplii,
            context.units().text(hatchery.recipe())));
  }

  /** The hatchery for the next day that wants it: what goes in, and when; empty without one. */
  List<String> hatch(List<Supplies.Supply> all) {
    return all.stream()
        .filter(s -> s.isHatched())
        .flatMap(
            s -> {
              for (int day = STARTED_TONIGHT_FOR; day < s.need().byDay().size(); day++) {
                if (s.need().byDay().get(day) > 0) {
                  Hatchery hatchery =
                      new Hatchery(context.today().plusDays(day), s.need().byDay().get(day));
                  return Optional.of(
                      Messages.text(
                          "kitchen.hatch",
                          context.units().text(hatchery.recipe()),
                          English.weekday(hatchery.day()),
                          English.count(Math.round(hatchery.nauplii()), "nauplius", "nauplii"),
                          English.moment(hatchery.startAfter().atZone(context.collection().zone())),
                          English.moment(
                              hatchery.startBefore().atZone(context.collection().zone()))))
                      .stream();
                }
              }
              return Optional.<String>empty().stream();
            })
        .toList();
  }

  FoodView food(Supplies.Supply supply) {
    Units u = context.units();
    Larder.Line line = supply.line();
    boolean hatched = supply.isHatched();
    String lasts =
        line.emptyOn()
            .map(
                day ->
                    supply.stock().isEmpty()
                        ? Messages.text("kitchen.none", English.weekday(day))
                        : Messages.text("kitchen.lasts", English.weekday(day)))
            .orElseGet(() -> Messages.text("kitchen.enough"));
    String spoils =
        line.spoils() > 0
            ? " "
                + Messages.text(
                    "kitchen.spoils", u.text(supply.need().amount(line.spoils()).words()))
            : "";
    return new FoodView(
        supply.need().food(),
        supply.keeping().map(k -> k.form().word()).orElse(""),
        u.text(supply.need().total().words()),
        supply.stock().isEmpty() ? "" : u.text(supply.left(context).words()),
        hatched ? Messages.text("kitchen.hatched") : lasts + spoils,
        line.emptyOn().isPresent() && !hatched,
        supply.keeping().flatMap(FoodKeeping::season).orElse(""),
        supply.stock().stream().map(s -> stock(supply, s)).toList());
  }

  private StockView stock(Supplies.Supply supply, StockItem item) {
    FoodAmount left = supply.need().amount(item.left(context.today(), supply.need().aDay()));
    Dimension dimension = left.counted() ? Dimension.COUNT : Dimension.MASS;
    return new StockView(
        item.id(),
        supply.need().food(),
        context.units().text(left.words()),
        English.day(item.goodUntil()),
        Form.shown(Math.round(left.amount() * 10) / 10.0, dimension, context.system()));
  }

  BuyView buy(Larder.Buy buy) {
    return new BuyView(
        buy.amount().food(), context.units().text(buy.amount().words()), English.weekday(buy.by()));
  }

  CultureView culture(Cultures.Kept kept) {
    LocalDate today = context.today();
    boolean seen = kept.last().filter(today::equals).isPresent();
    return new CultureView(
        kept.culture().id(),
        kept.kind().name(),
        kept.kind().care(),
        English.weekday(kept.due()),
        !kept.due().isAfter(today),
        seen,
        UUID.randomUUID());
  }
}
