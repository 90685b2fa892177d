package app.islet.web.page.rearing;

import app.islet.core.livestock.Movement;
import app.islet.core.livestock.Place;
import app.islet.core.livestock.UnbalancedException;
import app.islet.core.quantity.Dimension;
import app.islet.core.rearing.RearingGuide;
import app.islet.core.rearing.Sizes;
import app.islet.core.rearing.TubEvent;
import app.islet.web.base.support.Form;
import app.islet.web.base.support.Messages;
import app.islet.web.base.support.NotFoundException;
import app.islet.web.base.support.RefusedException;
import app.islet.web.base.support.Reply;
import app.islet.web.people.account.People;
import app.islet.web.people.collection.CollectionContext;
import app.islet.web.store.animal.Books;
import app.islet.web.store.rearing.BatchState;
import app.islet.web.store.rearing.BatchStates;
import app.islet.web.store.rearing.Batches;
import app.islet.web.store.rearing.TubEntry;
import app.islet.web.store.rearing.TubLog;
import app.islet.web.store.rearing.TubLogs;
import app.islet.web.store.rearing.TubRecord;
import app.islet.web.store.rearing.TubTaps;
import java.time.DateTimeException;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** The board of tubs, and what is tapped on it. */
@Controller
@RequestMapping("/c/{collection}/rearing")
class BoardController {
  private static final int LONGEST_CAUSE = 60;
  private static final int LOG_LINES = 30;

  /** All that is left of the day. */
  private static final String BUNDLE = "BUNDLE";

  private final Batches batches;
  private final BatchStates states;
  private final TubLogs logs;
  private final TubTaps taps;
  private final Books books;
  private final People people;

  BoardController(
      Batches batches, BatchStates states, TubLogs logs, TubTaps taps, Books books, People people) {
    this.batches = batches;
    this.states = states;
    this.logs = logs;
    this.taps = taps;
    this.books = books;
    this.people = people;
  }

  @GetMapping
  String show(
      CollectionContext context,
      @RequestParam(defaultValue = "ALL") Board.Show show,
      @RequestParam(defaultValue = "STAGE") Board.Order order,
      @RequestParam(defaultValue = "0") long batch,
      Model model) {
    List<BatchState> open = states.open(context);
    List<BatchState> chosen =
        batch == 0 ? open : open.stream().filter(s -> s.batch().id() == batch).toList();
    model.addAttribute("board", Board.of(context, chosen, show, order));
    model.addAttribute("lines", Board.of(context, open, Board.Show.EMPTY, order).batches());
    model.addAttribute("show", show);
    model.addAttribute("order", order);
    model.addAttribute("batch", batch);
    model.addAttribute("shows", Board.Show.values());
    model.addAttribute("orders", Board.Order.values());
    return "batches/board";
  }

  /** One card as it is now, for a board that is open already. */
  @GetMapping("/cards/{place}")
  String card(
      CollectionContext context,
      @PathVariable long place,
      @RequestParam(defaultValue = "board") String from,
      Model model) {
    addCard(context, place, model);
    model.addAttribute("from", from.equals("round") || from.equals("tub") ? from : "board");
    return "batches/card :: fresh";
  }

  /** A tub by itself: where its label leads. */
  @GetMapping("/tubs/{place}")
  String tub(CollectionContext context, @PathVariable long place, Model model) {
    addCard(context, place, model);
    RearingGuide guide = guide(context, place);
    List<TubEvent> events = logs.events(context, batches.tub(context, place));
    model.addAttribute(
        "log",
        events.subList(Math.max(0, events.size() - LOG_LINES), events.size()).stream()
            .sorted(Comparator.comparing(TubEvent::at).reversed())
            .map(e -> LogLine.of(e, guide, context.units()))
            .toList());
    return "batches/tub";
  }

  private RearingGuide guide(CollectionContext context, long place) {
    return states.of(context, batches.tub(context, place).batchId()).kind().guide();
  }

  /** The tub with a number typed in. */
  @GetMapping("/number")
  String numbered(
      CollectionContext context, @RequestParam(defaultValue = "") String number, Reply reply) {
    Optional<TubRecord> tub =
        number.strip().matches("\\d{1,4}")
            ? batches.tubNumbered(context, Integer.parseInt(number.strip()))
            : Optional.empty();
    return tub.isPresent()
        ? reply.done(context.path("/rearing/tubs/" + tub.get().placeId()))
        : reply.notDone(
            Messages.text("rearing.no-such-tub", number.strip()), context.path("/rearing"));
  }

  private void addCard(CollectionContext context, long place, Model model) {
    TubRecord record = batches.tub(context, place);
    BatchState state = states.of(context, record.batchId());
    BatchState.TubNow now =
        state.tubs().stream()
            .filter(tub -> tub.record().placeId() == place)
            .findFirst()
            .orElseThrow(() -> new NotFoundException("the tub was put away"));
    model.addAttribute("card", TubCard.of(context, state, now));
    model.addAttribute("amounts", Amounts.of(state, now, context.units()));
    model.addAttribute("minutes", Board.minutes(states.open(context)));
  }

  @PostMapping("/tubs/{place}")
  String tap(CollectionContext context, @PathVariable long place, Form form, Reply reply) {
    String address = back(context, form, place);
    if (form.typed("kind").equals(BUNDLE)) {
      taps.bundle(context, place, at(form), form.clientId());
      return reply.done(address);
    }
    if (!form.typed("cause").isEmpty()) {
      return lost(context, place, form, reply, address);
    }
    TubEntry.What what = what(form);
    if (what.kind() == TubEvent.Kind.STAGE) {
      taps.seen(context, List.of(place), what.milestone(), at(form), form.clientId());
      return reply.done(address);
    }
    Optional<TubLog.Last> before = taps.tap(context, place, what, at(form), form.clientId());
    return before.isPresent()
        ? reply.already(already(batches.tub(context, place), before.get()), address)
        : reply.done(address);
  }

  /** The same for several at once. */
  @PostMapping("/many")
  String many(
      CollectionContext context,
      @RequestParam(name = "tub", required = false) List<Long> tubs,
      Form form,
      Reply reply) {
    if (tubs == null || tubs.isEmpty()) {
      return reply.notDone(Messages.text("rearing.none-chosen"), context.path("/rearing"));
    }
    TubEntry.What what = what(form);
    int logged = tubs.size();
    if (what.kind() == TubEvent.Kind.STAGE) {
      taps.seen(context, tubs, "", at(form), form.clientId());
    } else {
      logged = taps.tapAll(context, tubs, what, at(form), form.clientId());
    }
    String did = TubCard.did(what.kind());
    return reply.saved(
        logged == tubs.size()
            ? Messages.text("rearing.logged-many", did, logged)
            : Messages.text("rearing.logged-some", did, logged, tubs.size() - logged),
        context.path("/rearing"));
  }

  /** Two at one tub: the second is told who was first, and that nothing was added. */
  private String already(TubRecord tub, TubLog.Last before) {
    return Messages.text(
        "rearing.already",
        tub.number(),
        TubCard.did(before.event().kind()),
        TubCard.TIME.format(before.event().at()),
        people.name(before.enteredBy()).orElse("somebody else"));
  }

  @PostMapping("/undo")
  String undo(CollectionContext context, Form form, Reply reply) {
    String address = context.path("/rearing");
    if (!form.typed("act").isEmpty()) {
      return undoLoss(context, form, reply, address);
    }
    Optional<TubEvent.Kind> undone = logs.undo(context, form.clientId("entry"), form.clientId());
    return undone.isPresent()
        ? reply.saved(Messages.text("rearing.undone", TubCard.did(undone.get())), address)
        : reply.notDone(Messages.text("rearing.nothing-to-undo"), address);
  }

  private String undoLoss(CollectionContext context, Form form, Reply reply, String address) {
    try {
      books.undoAct(context, form.clientId("act"), form.clientId());
    } catch (UnbalancedException e) {
      return reply.already(Messages.text("rearing.moved-meanwhile"), address);
    }
    return reply.saved(Messages.text("rearing.undone-on-books"), address);
  }

  private String lost(
      CollectionContext context, long place, Form form, Reply reply, String address) {
    TubRecord tub = batches.tub(context, place);
    String animal = String.valueOf(batches.get(context, tub.batchId()).animalId());
    int count = form.whole("count", 1, Movement.MAX, 1);
    String cause = form.typed("cause");
    if (cause.length() > LONGEST_CAUSE) {
      form.refuse("cause", "At most %d characters, please.".formatted(LONGEST_CAUSE));
    }
    if (form.hasErrors()) {
      return reply.notDone(String.join(" ", form.errors().values()), address);
    }
    Movement lost =
        new Movement(
            day(context, form),
            animal,
            count,
            Place.kept(tub.key()),
            LossWays.of(cause),
            cause,
            "");
    try {
      books.lose(context, lost, form.clientId());
    } catch (UnbalancedException e) {
      return reply.already(
          e.sentence(
              key -> name(context, tub), key -> Messages.text("rearing.tub-number", tub.number())),
          address);
    }
    return reply.saved(Messages.text("rearing.lost", count, cause, tub.number()), address);
  }

  private String name(CollectionContext context, TubRecord tub) {
    return states.of(context, tub.batchId()).kind().animal().name();
  }

  private static TubEntry.What what(Form form) {
    TubEvent.Kind kind = form.choice("kind", TubEvent.Kind.class, TubEvent.Kind.NOTE);
    if (form.hasErrors()) {
      throw new RefusedException(Messages.text("rearing.unknown-act"));
    }
    String milestone = kind == TubEvent.Kind.STAGE ? form.typed("milestone") : "";
    return new TubEntry.What(kind, milestone, form.note("note"), sizes(kind, form));
  }

  /** Lengths of the smallest and the largest; of one alone it is the same. */
  private static Optional<Sizes> sizes(TubEvent.Kind kind, Form form) {
    if (kind != TubEvent.Kind.SIZED) {
      return Optional.empty();
    }
    OptionalDouble smallest = form.optional("smallest", Dimension.LENGTH, 0.1, 60);
    OptionalDouble largest = form.optional("largest", Dimension.LENGTH, 0.1, 60);
    if (form.hasErrors()) {
      throw new RefusedException(String.join(" ", form.errors().values()));
    }
    if (smallest.isEmpty() && largest.isEmpty()) {
      throw new RefusedException(Messages.text("rearing.say-length"));
    }
    double one = smallest.orElse(largest.orElse(0));
    double other = largest.orElse(one);
    return Optional.of(new Sizes(Math.min(one, other), Math.max(one, other)));
  }

  /** When it was done: told where it was kept on a phone without a network. */
  private static Instant at(Form form) {
    try {
      return form.typed("at").isEmpty() ? Instant.MAX : Instant.parse(form.typed("at"));
    } catch (DateTimeException unreadable) {
      throw new RefusedException("The time it was done cannot be read.", unreadable);
    }
  }

  private static LocalDate day(CollectionContext context, Form form) {
    Instant at = at(form);
    LocalDate day =
        at.equals(Instant.MAX)
            ? context.today()
            : at.atZone(context.collection().zone()).toLocalDate();
    return day.isAfter(context.today()) ? context.today() : day;
  }

  private static String back(CollectionContext context, Form form, long place) {
    return switch (form.typed("from")) {
      case "tub" -> context.path("/rearing/tubs/" + place);
      case "round" -> context.path("/rearing/round#t" + place);
      default -> context.path("/rearing#t" + place);
    };
  }
}
