package app.islet.web.page.work.rounds;

import app.islet.web.base.support.Field;
import app.islet.web.base.support.Form;
import app.islet.web.base.support.Messages;
import app.islet.web.base.support.Reply;
import app.islet.web.people.collection.AnimalCollection.WalkOrder;
import app.islet.web.people.collection.CollectionContext;
import app.islet.web.people.collection.CollectionStore;
import app.islet.web.people.collection.Role;
import app.islet.web.store.enclosure.EnclosureRecord;
import app.islet.web.store.enclosure.EnclosureStore;
import app.islet.web.store.enclosure.Room;
import app.islet.web.store.enclosure.Rooms;
import java.time.DayOfWeek;
import java.time.format.TextStyle;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Controller;
import org.springframework.transaction.support.TransactionTemplate;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;

/** In which order the rounds go, and what is visited last with tools of its own. */
@Controller
@RequestMapping("/c/{collection}/rounds/order")
class OrderController {
  private static final int LAST_PLACE = 9999;
  private static final String PLACE = "place";
  private static final String APART = "apart";
  private static final String CHANGE = "change";

  private final CollectionStore collections;
  private final EnclosureStore enclosures;
  private final Rooms rooms;
  private final TransactionTemplate transactions;

  OrderController(
      CollectionStore collections,
      EnclosureStore enclosures,
      Rooms rooms,
      TransactionTemplate transactions) {
    this.collections = collections;
    this.enclosures = enclosures;
    this.rooms = rooms;
    this.transactions = transactions;
  }

  /** An enclosure in the table. */
  record PlaceView(
      long id,
      String name,
      String where,
      String place,
      boolean apart,
      String change,
      @Nullable String error) {}

  @GetMapping
  String show(CollectionContext context, Model model) {
    context.require(Role.KEEPER);
    Map<String, String> typed = new HashMap<>();
    for (EnclosureRecord record : enclosures.all(context)) {
      typed.put(PLACE + record.id(), record.walkPlace() == null ? "" : "" + record.walkPlace());
      typed.put(APART + record.id(), record.isApart() ? "on" : "");
      typed.put(CHANGE + record.id(), record.changeWeekday().map(DayOfWeek::name).orElse(""));
    }
    typed.put("order", context.collection().walkOrder().name());
    return page(context, new Form(typed, context.system()), model);
  }

  @PostMapping
  String save(CollectionContext context, Form form, Model model, Reply reply) {
    context.require(Role.KEEPER);
    List<EnclosureRecord> all = enclosures.all(context);
    WalkOrder order = form.choice("order", WalkOrder.class, context.collection().walkOrder());
    all.forEach(
        record -> {
          place(form, record);
          changeOn(form, record);
        });
    if (form.hasErrors()) {
      return reply.refused(page(context, form, model));
    }
    transactions.executeWithoutResult(
        status -> {
          collections.walk(context, order);
          all.stream()
              .filter(record -> isChanged(form, record))
              .forEach(record -> keep(context, form, record));
        });
    return reply.saved(Messages.text("rounds.order.saved"), context.path("/rounds"));
  }

  private static int place(Form form, EnclosureRecord record) {
    return form.whole(PLACE + record.id(), 1, LAST_PLACE, 0);
  }

  private static boolean isChanged(Form form, EnclosureRecord record) {
    int before = record.walkPlace() == null ? 0 : record.walkPlace();
    return place(form, record) != before
        || form.flag(APART + record.id()) != record.isApart()
        || !Optional.ofNullable(changeOn(form, record)).equals(record.changeWeekday());
  }

  private void keep(CollectionContext context, Form form, EnclosureRecord record) {
    int place = place(form, record);
    enclosures.walk(
        context,
        record.id(),
        form.flag(APART + record.id()),
        place == 0 ? null : place,
        changeOn(form, record));
  }

  private static @Nullable DayOfWeek changeOn(Form form, EnclosureRecord record) {
    String id = CHANGE + record.id();
    return form.typed(id).isEmpty() ? null : form.choice(id, DayOfWeek.class, DayOfWeek.SATURDAY);
  }

  private String page(CollectionContext context, Form form, Model model) {
    Map<Long, String> names =
        rooms.all(context).stream().collect(Collectors.toMap(Room::id, Room::name));
    model.addAttribute("orders", WalkOrder.values());
    model.addAttribute(
        "weekdays",
        Arrays.stream(DayOfWeek.values())
            .map(d -> new Field.Option(d.name(), d.getDisplayName(TextStyle.FULL, Locale.ENGLISH)))
            .toList());
    model.addAttribute(
        "order", form.choice("order", WalkOrder.class, context.collection().walkOrder()));
    model.addAttribute(
        "places",
        enclosures.all(context).stream()
            .map(
                record ->
                    new PlaceView(
                        record.id(),
                        record.name(),
                        names.getOrDefault(record.roomId(), ""),
                        form.typed(PLACE + record.id()),
                        form.flag(APART + record.id()),
                        form.typed(CHANGE + record.id()),
                        form.error(PLACE + record.id())))
            .toList());
    return "rounds/order";
  }
}
