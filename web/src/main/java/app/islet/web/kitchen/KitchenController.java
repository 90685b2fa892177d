package app.islet.web.kitchen;

import app.islet.core.care.CultureKind;
import app.islet.core.care.FoodKeeping;
import app.islet.core.plan.FoodAmount;
import app.islet.core.plan.Hatchery;
import app.islet.core.plan.Larder;
import app.islet.core.quantity.Dimension;
import app.islet.core.text.English;
import app.islet.web.collection.CollectionContext;
import app.islet.web.larder.Cultures;
import app.islet.web.larder.Pantry;
import app.islet.web.larder.StockItem;
import app.islet.web.support.Field;
import app.islet.web.support.Fields;
import app.islet.web.support.Form;
import app.islet.web.support.Messages;
import app.islet.web.support.NotFoundException;
import app.islet.web.support.RefusedException;
import app.islet.web.support.Reply;
import app.islet.web.support.Units;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;

/** The kitchen: preparing, stock, shopping and cultures. */
@Controller
@RequestMapping("/c/{collection}/kitchen")
class KitchenController {
  private static final int DAYS = 14;
  private static final int MOST_KEPT_DAYS = 3650;
  private static final double MOST = 1_000_000;
  private static final String PIECES = "pieces:";

  /** What is started tonight hatches for the day after tomorrow. */
  private static final int STARTED_TONIGHT_FOR = 2;

  private final Supplies supplies;
  private final Pantry pantry;
  private final Cultures cultures;

  KitchenController(Supplies supplies, Pantry pantry, Cultures cultures) {
    this.supplies = supplies;
    this.pantry = pantry;
    this.cultures = cultures;
  }

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

  @GetMapping
  String show(CollectionContext context, Model model) {
    return page(context, new Form(Map.of(), context.system()), model);
  }

  @PostMapping("/stock")
  String add(CollectionContext context, Form form, Model model, Reply reply) {
    Supplies.Supply supply =
        supplies.of(context, DAYS).stream()
            .filter(s -> value(s).equals(form.typed("food")))
            .findFirst()
            .orElse(null);
    if (supply == null) {
      form.refuse("food", "Please choose one of the list.");
      return reply.refused(page(context, form, model));
    }
    boolean counted = supply.need().sample().counted();
    double amount =
        counted
            ? form.number("amount", Dimension.COUNT, 1, MOST)
            : form.number("amount", Dimension.MASS, 0.1, MOST);
    int keeps = supply.keeping().map(FoodKeeping::keepsDays).orElse(DAYS);
    LocalDate today = context.today();
    LocalDate until = form.date("goodUntil").orElse(today.plusDays(keeps));
    if (until.isBefore(today) || until.isAfter(today.plusDays(MOST_KEPT_DAYS))) {
      form.refuse("goodUntil", "A day from today on, please: what is past it is thrown away.");
    }
    if (form.hasErrors()) {
      return reply.refused(page(context, form, model));
    }
    pantry.add(context, supply.need().sample().key(), amount, until, form.clientId());
    return reply.saved(Messages.text("kitchen.added", supply.need().food()), address(context));
  }

  @PostMapping("/stock/{id}")
  String count(CollectionContext context, @PathVariable long id, Form form, Reply reply) {
    StockItem item =
        pantry.of(context).stream()
            .filter(s -> s.id() == id)
            .findFirst()
            .orElseThrow(() -> new NotFoundException("nothing in stock of that number"));
    Dimension dimension = item.food().counted() ? Dimension.COUNT : Dimension.MASS;
    double amount = form.number("left", dimension, 0, MOST);
    if (form.hasErrors()) {
      return reply.notDone(String.join(" ", form.errors().values()), address(context));
    }
    pantry.count(context, id, amount);
    return reply.saved(Messages.text("kitchen.counted", item.food().food()), address(context));
  }

  @PostMapping("/cultures")
  String start(CollectionContext context, Form form, Reply reply) {
    CultureKind kind =
        CultureKind.find(form.typed("kind"))
            .orElseThrow(() -> new RefusedException("Choose a culture of the list."));
    cultures.start(context, kind, context.today(), form.clientId());
    return reply.saved(Messages.text("kitchen.started", kind.name()), address(context));
  }

  @PostMapping("/cultures/{id}/seen")
  String seen(CollectionContext context, @PathVariable long id, Form form, Reply reply) {
    cultures.seen(context, id, context.today(), form.clientId());
    return reply.done(address(context));
  }

  @PostMapping("/cultures/{id}/undo")
  String unseen(CollectionContext context, @PathVariable long id, Form form, Reply reply) {
    cultures.unseen(context, id, context.today(), form.clientId());
    return reply.done(address(context));
  }

  @PostMapping("/cultures/{id}/end")
  String end(CollectionContext context, @PathVariable long id, Reply reply) {
    cultures.end(context, id);
    return reply.saved(Messages.text("kitchen.ended"), address(context));
  }

  private static String address(CollectionContext context) {
    return context.path("/kitchen");
  }

  private static String value(Supplies.Supply supply) {
    return (supply.need().sample().counted() ? PIECES : "") + supply.need().food();
  }

  private String page(CollectionContext context, Form form, Model model) {
    List<Supplies.Supply> all = supplies.of(context, DAYS);
    model.addAttribute("prepare", all.stream().flatMap(s -> prepare(context, s).stream()).toList());
    model.addAttribute("hatch", hatch(context, all));
    model.addAttribute("foods", all.stream().map(s -> food(context, s)).toList());
    model.addAttribute(
        "buy",
        all.stream()
            .filter(
                s -> s.keeping().map(FoodKeeping::form).orElse(null) != FoodKeeping.Form.HATCHED)
            .flatMap(s -> s.line().buy().stream())
            .sorted((a, b) -> a.by().compareTo(b.by()))
            .map(b -> buy(context.units(), b))
            .toList());
    model.addAttribute(
        "cultures", cultures.of(context).stream().map(c -> culture(context, c)).toList());
    model.addAttribute("kinds", CultureKind.all());
    Fields fields = Fields.of(form, "kitchen");
    model.addAttribute(
        "fields",
        List.of(
            fields.select(
                "food", all.stream().map(s -> new Field.Option(value(s), option(s))).toList()),
            fields.text("amount"),
            fields.date("goodUntil")));
    model.addAttribute("clientId", UUID.randomUUID());
    return "kitchen/kitchen";
  }

  private static String option(Supplies.Supply supply) {
    return supply.need().food()
        + (supply.need().sample().counted()
            ? ", " + Messages.text("kitchen.in-pieces")
            : ", " + Messages.text("kitchen.in-grams"));
  }

  /** Today's meals of a food, and what is done today for tomorrow's. */
  private static List<PrepareView> prepare(CollectionContext context, Supplies.Supply supply) {
    Units u = context.units();
    List<PrepareView> views = new java.util.ArrayList<>();
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

  /** The hatchery for the next day that wants it: what goes in, and when; empty without one. */
  private static List<String> hatch(CollectionContext context, List<Supplies.Supply> all) {
    return all.stream()
        .filter(s -> s.keeping().map(FoodKeeping::form).orElse(null) == FoodKeeping.Form.HATCHED)
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

  private static FoodView food(CollectionContext context, Supplies.Supply supply) {
    Units u = context.units();
    Larder.Line line = supply.line();
    boolean hatched =
        supply.keeping().map(FoodKeeping::form).orElse(null) == FoodKeeping.Form.HATCHED;
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
        supply.stock().stream().map(s -> stock(context, supply, s)).toList());
  }

  private static StockView stock(
      CollectionContext context, Supplies.Supply supply, StockItem item) {
    FoodAmount left = supply.need().amount(item.left(context.today(), supply.need().aDay()));
    Dimension dimension = left.counted() ? Dimension.COUNT : Dimension.MASS;
    return new StockView(
        item.id(),
        supply.need().food(),
        context.units().text(left.words()),
        English.day(item.goodUntil()),
        Form.shown(Math.round(left.amount() * 10) / 10.0, dimension, context.system()));
  }

  private static BuyView buy(Units u, Larder.Buy buy) {
    return new BuyView(
        buy.amount().food(), u.text(buy.amount().words()), English.weekday(buy.by()));
  }

  private static CultureView culture(CollectionContext context, Cultures.Kept kept) {
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
