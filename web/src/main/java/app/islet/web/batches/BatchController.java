package app.islet.web.batches;

import app.islet.core.livestock.Movement;
import app.islet.core.livestock.Place;
import app.islet.core.livestock.UnbalancedException;
import app.islet.core.quantity.Dimension;
import app.islet.core.rearing.Housing;
import app.islet.core.rearing.Sizes;
import app.islet.web.animal.Animal;
import app.islet.web.animal.Animals;
import app.islet.web.animal.Books;
import app.islet.web.animal.Measurement;
import app.islet.web.animal.MovedMeanwhileException;
import app.islet.web.animal.Residents;
import app.islet.web.collection.CollectionContext;
import app.islet.web.enclosure.EnclosureRecord;
import app.islet.web.enclosure.EnclosureStore;
import app.islet.web.rearing.BatchState;
import app.islet.web.rearing.BatchStates;
import app.islet.web.rearing.Batches;
import app.islet.web.rearing.TubLogs;
import app.islet.web.rearing.TubRecord;
import app.islet.web.support.Form;
import app.islet.web.support.Messages;
import app.islet.web.support.RefusedException;
import app.islet.web.support.Reply;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalDouble;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;

/** One batch: how many are left, what comes next, what it teaches. */
@Controller
@RequestMapping("/c/{collection}/rearing")
class BatchController {
  private static final int LONGEST_CAUSE = 60;
  private static final int LONGEST_NOTE = 300;

  private final Batches batches;
  private final BatchStates states;
  private final Animals animals;
  private final Books books;
  private final Residents residents;
  private final TubLogs logs;
  private final EnclosureStore enclosures;

  BatchController(
      Batches batches,
      BatchStates states,
      Animals animals,
      Books books,
      Residents residents,
      TubLogs logs,
      EnclosureStore enclosures) {
    this.batches = batches;
    this.states = states;
    this.animals = animals;
    this.books = books;
    this.residents = residents;
    this.logs = logs;
    this.enclosures = enclosures;
  }

  @GetMapping("/batches/{id}")
  String show(CollectionContext context, @PathVariable long id, Model model) {
    BatchState state = states.of(context, id);
    List<BatchState> finished = states.finished(context, state.kind().sheet());
    model.addAttribute("view", BatchView.of(state, context.units()));
    model.addAttribute("chart", SurvivalChart.of(state, finished));
    model.addAttribute("outlook", OutlookWords.outlook(state, finished, context.units()));
    model.addAttribute("lessons", OutlookWords.lessons(state, finished));
    model.addAttribute("ready", OutlookWords.ready(state, smallestCm(state), context.units()));
    model.addAttribute("enclosures", enclosures.all(context));
    model.addAttribute("causes", state.kind().guide().causes());
    model.addAttribute("housings", Housing.Kind.values());
    model.addAttribute("housing", state.batch().housing());
    OptionalDouble waterC = state.batch().waterC();
    model.addAttribute(
        "water",
        waterC.isPresent()
            ? Form.shown(waterC.getAsDouble(), Dimension.TEMPERATURE, context.system())
            : "");
    model.addAttribute(
        "lengths",
        LengthChart.of(
            logs.measured(context, state.batch()), BatchView.since(state), context.units()));
    model.addAttribute("seen", books.seen(state.kind().animal()));
    return "batches/batch";
  }

  /** All batches, those that are over too. */
  @GetMapping("/batches")
  String all(CollectionContext context, Model model) {
    model.addAttribute(
        "batches",
        batches.all(context).stream()
            .map(batch -> BatchLine.of(batch, animals.get(context, batch.animalId()).name()))
            .toList());
    return "batches/all";
  }

  /** As measured in the tubs, else as measured of the group. */
  private OptionalDouble smallestCm(BatchState state) {
    Optional<Sizes> sizes = state.sizes();
    return sizes.isPresent()
        ? OptionalDouble.of(sizes.get().smallestCm())
        : smallestCm(state.kind().animal());
  }

  private OptionalDouble smallestCm(Animal animal) {
    return residents.measurements(List.of(animal)).getOrDefault(animal.id(), List.of()).stream()
        .filter(m -> m.lengthCm() != null)
        .max(Comparator.comparing(Measurement::day))
        .map(m -> m.smallestCm() == null ? m.lengthCm() : m.smallestCm())
        .map(cm -> OptionalDouble.of(Objects.requireNonNull(cm)))
        .orElse(OptionalDouble.empty());
  }

  @PostMapping("/batches/{id}/found")
  String found(CollectionContext context, @PathVariable long id, Form form, Reply reply) {
    String address = address(context, id);
    int count = form.whole("count", 1, Movement.MOST / 10, 0);
    if (form.hasErrors() || count == 0) {
      return reply.notDone(Messages.text("rearing.say-how-many"), address);
    }
    batches.find(context, id, place(context, id, form), count, form.clientId());
    return reply.saved(Messages.text("rearing.found", count), address);
  }

  /** Counted anew: more are found, fewer were never there. */
  @PostMapping("/batches/{id}/counted")
  String counted(CollectionContext context, @PathVariable long id, Form form, Reply reply) {
    String address = address(context, id);
    int counted = form.whole("count", 0, Movement.MOST / 10, -1);
    if (form.hasErrors() || counted < 0) {
      return reply.notDone(Messages.text("rearing.say-how-many"), address);
    }
    Place place = place(context, id, form);
    BatchState state = states.of(context, id);
    int booked =
        state.books().ledger().count(state.kind().animal().key(), place.name(), context.today());
    if (counted > booked) {
      batches.find(context, id, place, counted - booked, form.clientId());
    } else if (counted < booked) {
      try {
        batches.miscounted(context, id, place, booked - counted, form.clientId());
      } catch (UnbalancedException e) {
        return reply.already(sentence(context, state, e), address);
      }
    }
    return reply.saved(Messages.text("rearing.counted", counted, booked), address);
  }

  @PostMapping("/batches/{id}/lost")
  String lost(CollectionContext context, @PathVariable long id, Form form, Reply reply) {
    String address = address(context, id);
    int count = form.whole("count", 1, Movement.MOST / 10, 1);
    String cause = form.typed("cause");
    if (form.hasErrors() || cause.isEmpty() || cause.length() > LONGEST_CAUSE) {
      return reply.notDone(Messages.text("rearing.say-cause"), address);
    }
    BatchState state = states.of(context, id);
    Place.Kind way = cause.equals("escaped") ? Place.Kind.ESCAPED : Place.Kind.DIED;
    Movement lost =
        new Movement(
            context.today(),
            state.kind().animal().key(),
            count,
            place(context, id, form),
            Place.out(way),
            cause,
            "");
    try {
      books.lose(context, lost, form.clientId());
    } catch (UnbalancedException e) {
      return reply.already(sentence(context, state, e), address);
    }
    return reply.saved(Messages.text("rearing.lost-of-batch", count, cause), address);
  }

  /** Sold, given away, or set free where that is allowed: out of a tub, all of it or some. */
  @PostMapping("/batches/{id}/handed")
  String handed(CollectionContext context, @PathVariable long id, Form form, Reply reply) {
    String address = address(context, id);
    int count = form.whole("count", 1, Movement.MOST / 10, 0);
    Place.Kind way =
        Arrays.stream(Place.Kind.values())
            .filter(k -> k == Place.Kind.SOLD || k == Place.Kind.GIVEN || k == Place.Kind.RETURNED)
            .filter(k -> k.name().equals(form.typed("way")))
            .findFirst()
            .orElseThrow(() -> new RefusedException(Messages.text("rearing.say-way")));
    if (form.hasErrors() || count == 0) {
      return reply.notDone(Messages.text("rearing.say-how-many"), address);
    }
    BatchState state = states.of(context, id);
    String note = form.typed("note");
    Movement gone =
        new Movement(
            context.today(),
            state.kind().animal().key(),
            count,
            place(context, id, form),
            Place.out(way),
            "",
            note.substring(0, Math.min(LONGEST_NOTE, note.length())));
    try {
      books.enter(context, List.of(gone), form.clientId(), Optional.empty());
    } catch (UnbalancedException e) {
      return reply.already(sentence(context, state, e), address);
    }
    return reply.saved(Messages.text("rearing.handed", count), address);
  }

  /** Back to a tank, or into one of their own: from then on the enclosure's review sees them. */
  @PostMapping("/batches/{id}/moved")
  String moved(CollectionContext context, @PathVariable long id, Form form, Reply reply) {
    String address = address(context, id);
    int count = form.whole("count", 1, Movement.MOST / 10, 0);
    if (form.hasErrors() || count == 0) {
      return reply.notDone(Messages.text("rearing.say-how-many"), address);
    }
    EnclosureRecord into = enclosures.get(context, form.id("into"));
    BatchState state = states.of(context, id);
    Movement moved =
        new Movement(
            context.today(),
            state.kind().animal().key(),
            count,
            place(context, id, form),
            books.home(context, into.id()),
            "",
            "");
    try {
      books.enter(context, List.of(moved), form.clientId(), Optional.empty());
    } catch (UnbalancedException e) {
      return reply.already(sentence(context, state, e), address);
    }
    return reply.saved(Messages.text("rearing.moved-out", count, into.name()), address);
  }

  @PostMapping("/batches/{id}/candled")
  String candled(CollectionContext context, @PathVariable long id, Form form, Reply reply) {
    int fertile = form.whole("count", 0, Movement.MOST / 10, -1);
    if (form.hasErrors() || fertile < 0) {
      return reply.notDone(Messages.text("rearing.say-how-many"), address(context, id));
    }
    batches.candle(context, id, fertile);
    return reply.saved(Messages.text("rearing.candled", fertile), address(context, id));
  }

  @PostMapping("/batches/{id}/keep")
  String keep(CollectionContext context, @PathVariable long id, Form form, Reply reply) {
    Housing.Kind housing =
        form.choice("housing", Housing.Kind.class, batches.get(context, id).housing());
    OptionalDouble waterC = form.optional("waterC", Dimension.TEMPERATURE, 0, 40);
    String note = form.typed("note");
    if (note.length() > LONGEST_NOTE) {
      form.refuse("note", "At most %d characters, please.".formatted(LONGEST_NOTE));
    }
    if (form.hasErrors()) {
      return reply.notDone(String.join(" ", form.errors().values()), address(context, id));
    }
    batches.keep(context, id, housing, waterC, note);
    return reply.saved(Messages.text("rearing.kept"), address(context, id));
  }

  @PostMapping("/batches/{id}/finish")
  String finish(CollectionContext context, @PathVariable long id, Reply reply) {
    return batches.finish(context, id, context.today())
        ? reply.saved(Messages.text("rearing.finished"), address(context, id))
        : reply.notDone(Messages.text("rearing.not-finished"), address(context, id));
  }

  @PostMapping("/batches/{id}/reopen")
  String reopen(CollectionContext context, @PathVariable long id, Reply reply) {
    batches.reopen(context, id);
    return reply.saved(Messages.text("rearing.reopened"), address(context, id));
  }

  /** Undoes what was entered on the books of the batch last. */
  @PostMapping("/batches/{id}/undo")
  String undo(CollectionContext context, @PathVariable long id, Form form, Reply reply) {
    BatchState state = states.of(context, id);
    try {
      books.undo(
          context, state.kind().animal().id(), form.clientId(), Optional.of(form.id("seen")));
    } catch (UnbalancedException e) {
      return reply.already(sentence(context, state, e), address(context, id));
    } catch (MovedMeanwhileException e) {
      return reply.already(Messages.text("rearing.moved-meanwhile"), address(context, id));
    }
    return reply.saved(Messages.text("rearing.undone-on-books"), address(context, id));
  }

  @PostMapping("/tubs/{place}/close")
  String close(CollectionContext context, @PathVariable long place, Reply reply) {
    TubRecord tub = batches.tub(context, place);
    BatchState state = states.of(context, tub.batchId());
    boolean used = state.inUse().stream().anyMatch(now -> now.record().placeId().equals(place));
    if (used) {
      return reply.notDone(Messages.text("rearing.tub-in-use"), context.path("/rearing"));
    }
    batches.close(context, place);
    return reply.saved(Messages.text("rearing.closed", tub.number()), context.path("/rearing"));
  }

  /** The tub of the batch that a form names; the only one in use where it names none. */
  private Place place(CollectionContext context, long id, Form form) {
    List<BatchState.TubNow> tubs = states.of(context, id).tubs();
    return tubs.stream()
        .map(now -> now.record().key())
        .filter(key -> form.typed("place").isEmpty() || key.equals(form.typed("place")))
        .findFirst()
        .map(Place::kept)
        .orElseThrow(() -> new RefusedException(Messages.text("rearing.say-where")));
  }

  private static String sentence(
      CollectionContext context, BatchState state, UnbalancedException e) {
    return e.sentence(
        key -> state.kind().animal().name(),
        key ->
            state.tubs().stream()
                .filter(now -> now.record().key().equals(key))
                .map(now -> TubCard.name(state, now))
                .findFirst()
                .orElse(key));
  }

  private static String address(CollectionContext context, long id) {
    return context.path("/rearing/batches/" + id);
  }
}
