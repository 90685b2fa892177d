package app.islet.web.page.work.kitchen;

import app.islet.core.care.CultureKind;
import app.islet.core.care.FoodKeeping;
import app.islet.core.quantity.Dimension;
import app.islet.web.base.support.Field;
import app.islet.web.base.support.Fields;
import app.islet.web.base.support.Form;
import app.islet.web.base.support.Messages;
import app.islet.web.base.support.NotFoundException;
import app.islet.web.base.support.RefusedException;
import app.islet.web.base.support.Reply;
import app.islet.web.people.collection.CollectionContext;
import app.islet.web.people.collection.Role;
import app.islet.web.store.rearing.BatchStates;
import app.islet.web.store.stock.Cultures;
import app.islet.web.store.stock.Pantry;
import app.islet.web.store.stock.StockItem;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
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
  private static final int MAX_KEPT_DAYS = 3650;
  private static final double MAX = 1_000_000;
  private static final String PIECES = "pieces:";

  private final Supplies supplies;
  private final Pantry pantry;
  private final Cultures cultures;
  private final BatchStates batches;

  KitchenController(Supplies supplies, Pantry pantry, Cultures cultures, BatchStates batches) {
    this.supplies = supplies;
    this.pantry = pantry;
    this.cultures = cultures;
    this.batches = batches;
  }

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
            ? form.number("amount", Dimension.COUNT, 1, MAX)
            : form.number("amount", Dimension.MASS, 0.1, MAX);
    int keeps = supply.keeping().map(FoodKeeping::keepsDays).orElse(DAYS);
    LocalDate today = context.today();
    LocalDate until = form.date("goodUntil").orElse(today.plusDays(keeps));
    if (until.isBefore(today) || until.isAfter(today.plusDays(MAX_KEPT_DAYS))) {
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
    double amount = form.number("left", dimension, 0, MAX);
    if (form.hasErrors()) {
      return reply.notDone(String.join(" ", form.errors().values()), address(context));
    }
    pantry.count(context, id, amount);
    return reply.saved(Messages.text("kitchen.counted", item.food().food()), address(context));
  }

  @PostMapping("/cultures")
  String start(CollectionContext context, Form form, Reply reply) {
    context.require(Role.KEEPER);
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
    context.require(Role.KEEPER);
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
    KitchenWords words = new KitchenWords(context);
    model.addAttribute("prepare", all.stream().flatMap(s -> words.prepare(s).stream()).toList());
    List<String> hatch = new ArrayList<>(words.hatch(all));
    batches.open(context).forEach(batch -> words.hatch(batch).ifPresent(hatch::add));
    model.addAttribute("hatch", hatch);
    model.addAttribute("foods", all.stream().map(words::food).toList());
    model.addAttribute(
        "buy",
        all.stream()
            .filter(
                s -> s.keeping().map(FoodKeeping::form).orElse(null) != FoodKeeping.Form.HATCHED)
            .flatMap(s -> s.line().buy().stream())
            .sorted((a, b) -> a.by().compareTo(b.by()))
            .map(words::buy)
            .toList());
    model.addAttribute("cultures", cultures.of(context).stream().map(words::culture).toList());
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
}
