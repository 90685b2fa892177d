package app.islet.web.page.rearing;

import app.islet.core.livestock.Movement;
import app.islet.core.livestock.Place;
import app.islet.core.livestock.UnbalancedException;
import app.islet.web.base.support.Form;
import app.islet.web.base.support.Messages;
import app.islet.web.base.support.RefusedException;
import app.islet.web.base.support.Reply;
import app.islet.web.people.collection.CollectionContext;
import app.islet.web.people.collection.Role;
import app.islet.web.store.animal.Books;
import app.islet.web.store.animal.MovedMeanwhileException;
import app.islet.web.store.enclosure.EnclosureRecord;
import app.islet.web.store.enclosure.EnclosureStore;
import app.islet.web.store.rearing.BatchState;
import app.islet.web.store.rearing.BatchStates;
import app.islet.web.store.rearing.Batches;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;

/** What is entered on the books of a batch: found, counted, lost, handed on, moved, undone. */
@Controller
@RequestMapping("/c/{collection}/rearing/batches/{id}")
class CountController {
  private static final int LONGEST_CAUSE = 60;
  private static final int MAX = Movement.MAX / 10;

  private final Batches batches;
  private final BatchStates states;
  private final Books books;
  private final EnclosureStore enclosures;

  CountController(Batches batches, BatchStates states, Books books, EnclosureStore enclosures) {
    this.batches = batches;
    this.states = states;
    this.books = books;
    this.enclosures = enclosures;
  }

  /**
   * What is entered: a count of those in a tub of a batch.
   *
   * @param count empty where none was typed, or none that can be
   */
  private record Entry(
      CollectionContext context,
      BatchState state,
      Form form,
      Reply reply,
      Optional<Integer> count) {
    String address() {
      return context.path("/rearing/batches/" + state.batch().id());
    }

    long id() {
      return state.batch().id();
    }

    String animal() {
      return state.kind().animal().key();
    }

    /** The tub that the form names; the only one where it names none. */
    Place place() {
      return state.tubs().stream()
          .map(now -> now.record().key())
          .filter(key -> form.typed("place").isEmpty() || key.equals(form.typed("place")))
          .findFirst()
          .map(Place::kept)
          .orElseThrow(() -> new RefusedException(Messages.text("rearing.say-where")));
    }

    Movement to(Place to, String cause, String note) {
      return new Movement(context.today(), animal(), count.orElseThrow(), place(), to, cause, note);
    }

    /** Done, or told why the books do not allow it. */
    String enter(Runnable work, String sentence) {
      try {
        work.run();
      } catch (UnbalancedException e) {
        return reply.already(sentence(e), address());
      } catch (MovedMeanwhileException e) {
        return reply.already(Messages.text("rearing.moved-meanwhile"), address());
      }
      return reply.saved(sentence, address());
    }

    private String sentence(UnbalancedException e) {
      return e.sentence(
          key -> state.kind().animal().name(),
          key ->
              state.tubs().stream()
                  .filter(now -> now.record().key().equals(key))
                  .map(now -> TubCard.name(state, now))
                  .findFirst()
                  .orElse(key));
    }

    String say(String sentence) {
      return reply.notDone(sentence, address());
    }
  }

  private Entry entry(CollectionContext context, long id, Form form, Reply reply, int least) {
    int count = form.whole("count", least, MAX, -1);
    return new Entry(
        context,
        states.of(context, id),
        form,
        reply,
        form.hasErrors() || count < 0 ? Optional.empty() : Optional.of(count));
  }

  @PostMapping("/found")
  String found(CollectionContext context, @PathVariable long id, Form form, Reply reply) {
    Entry e = entry(context, id, form, reply, 1);
    if (e.count().isEmpty()) {
      return e.say(Messages.text("rearing.say-how-many"));
    }
    int count = e.count().get();
    return e.enter(
        () -> batches.find(context, id, e.place(), count, form.clientId()),
        Messages.text("rearing.found", count));
  }

  /** Counted anew: more are found, fewer were never there. */
  @PostMapping("/counted")
  String counted(CollectionContext context, @PathVariable long id, Form form, Reply reply) {
    Entry e = entry(context, id, form, reply, 0);
    if (e.count().isEmpty()) {
      return e.say(Messages.text("rearing.say-how-many"));
    }
    int counted = e.count().get();
    int booked = e.state().books().ledger().count(e.animal(), e.place().name(), context.today());
    return e.enter(
        () -> putRight(e, counted - booked), Messages.text("rearing.counted", counted, booked));
  }

  private void putRight(Entry e, int more) {
    if (more > 0) {
      batches.find(e.context(), e.id(), e.place(), more, e.form().clientId());
    } else if (more < 0) {
      batches.miscounted(e.context(), e.id(), e.place(), -more, e.form().clientId());
    }
  }

  @PostMapping("/lost")
  String lost(CollectionContext context, @PathVariable long id, Form form, Reply reply) {
    Entry e = entry(context, id, form, reply, 1);
    String cause = form.typed("cause");
    if (e.count().isEmpty() || cause.isEmpty() || cause.length() > LONGEST_CAUSE) {
      return e.say(Messages.text("rearing.say-cause"));
    }
    Movement lost = e.to(LossWays.of(cause), cause, "");
    return e.enter(
        () -> books.lose(context, lost, form.clientId()),
        Messages.text("rearing.lost-of-batch", lost.count(), cause));
  }

  /** Sold or given away: out of a tub, all of it or some. */
  @PostMapping("/handed")
  String handed(CollectionContext context, @PathVariable long id, Form form, Reply reply) {
    context.require(Role.KEEPER);
    Place.Kind way =
        Stream.of(Place.Kind.SOLD, Place.Kind.GIVEN)
            .filter(kind -> kind.name().equals(form.typed("way")))
            .findFirst()
            .orElseThrow(() -> new RefusedException(Messages.text("rearing.say-way")));
    Entry e = entry(context, id, form, reply, 1);
    if (e.count().isEmpty()) {
      return e.say(Messages.text("rearing.say-how-many"));
    }
    Movement gone = e.to(Place.out(way), "", form.note("note"));
    return e.enter(
        () -> books.enter(context, List.of(gone), form.clientId(), Optional.empty()),
        Messages.text("rearing.handed", gone.count()));
  }

  /** Back to a tank, or into one of their own: from then on the enclosure's review sees them. */
  @PostMapping("/moved")
  String moved(CollectionContext context, @PathVariable long id, Form form, Reply reply) {
    context.require(Role.KEEPER);
    Entry e = entry(context, id, form, reply, 1);
    if (e.count().isEmpty()) {
      return e.say(Messages.text("rearing.say-how-many"));
    }
    EnclosureRecord into = enclosures.get(context, form.id("into"));
    Movement moved = e.to(books.home(context, into.id()), "", "");
    return e.enter(
        () -> books.enter(context, List.of(moved), form.clientId(), Optional.empty()),
        Messages.text("rearing.moved-out", moved.count(), into.name()));
  }

  @PostMapping("/candled")
  String candled(CollectionContext context, @PathVariable long id, Form form, Reply reply) {
    Entry e = entry(context, id, form, reply, 0);
    if (e.count().isEmpty()) {
      return e.say(Messages.text("rearing.say-how-many"));
    }
    int fertile = e.count().get();
    return e.enter(
        () -> batches.candle(context, id, fertile), Messages.text("rearing.candled", fertile));
  }

  /** Undoes what was entered on the books of the batch last. */
  @PostMapping("/undo")
  String undo(CollectionContext context, @PathVariable long id, Form form, Reply reply) {
    Entry e = entry(context, id, form, reply, 0);
    Optional<Long> seen = Optional.of(form.id("seen"));
    return e.enter(
        () -> books.undo(context, e.state().kind().animal().id(), form.clientId(), seen),
        Messages.text("rearing.undone-on-books"));
  }
}
