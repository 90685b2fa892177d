package app.islet.web.page.animals;

import app.islet.core.livestock.Census;
import app.islet.core.livestock.LifeEvent;
import app.islet.core.livestock.Movement;
import app.islet.core.livestock.Place;
import app.islet.core.livestock.UnbalancedException;
import app.islet.core.quantity.Dimension;
import app.islet.web.base.support.Form;
import app.islet.web.base.support.Messages;
import app.islet.web.base.support.Reply;
import app.islet.web.people.collection.CollectionContext;
import app.islet.web.people.collection.Role;
import app.islet.web.store.animal.Animal;
import app.islet.web.store.animal.Animals;
import app.islet.web.store.animal.Books;
import app.islet.web.store.animal.LifeEntry;
import app.islet.web.store.animal.LifeLog;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;

/** One tap, and at most one number: what happened to an animal. */
@Controller
@RequestMapping("/c/{collection}/animals/{id}")
class LifeController {
  private static final int LONGEST_NOTE = 300;
  private static final int LONGEST_CAUSE = 60;
  private static final double MAX = 100_000;

  private final Animals animals;
  private final Books books;
  private final LifeLog life;

  LifeController(Animals animals, Books books, LifeLog life) {
    this.animals = animals;
    this.books = books;
    this.life = life;
  }

  @PostMapping("/happened")
  String happened(CollectionContext context, @PathVariable long id, Form form, Reply reply) {
    String page = context.path("/animals/" + id);
    LifeEvent.Kind kind = form.choice("kind", LifeEvent.Kind.class, LifeEvent.Kind.NOTE);
    String note = form.typed("what");
    if (note.length() > LONGEST_NOTE) {
      form.refuse("what", "At most %d characters, please.".formatted(LONGEST_NOTE));
    }
    if (kind == LifeEvent.Kind.NOTE && note.isEmpty()) {
      form.refuse("what", Messages.text("animals.note-wanted"));
    }
    LifeEvent event =
        new LifeEvent(
            form.date("happenedOn").orElse(context.today()),
            kind,
            form.optional("amount", Dimension.FIGURE, 0, MAX),
            note);
    if (kind == LifeEvent.Kind.BELLY && event.amount().isEmpty() && !form.hasErrors()) {
      form.refuse("amount", Messages.text("condition.number-wanted"));
    }
    int booked = books.ledger(context).census(String.valueOf(id), event.day()).heads();
    if (kind == LifeEvent.Kind.SEEN && event.amount().orElse(0) > booked) {
      form.refuse("amount", Messages.text("animals.seen-more", booked));
    }
    if (event.day().isAfter(context.today())) {
      form.refuse("happenedOn", Messages.text("animals.until-today"));
    }
    if (form.hasErrors()) {
      // What was typed stays in its fields.
      return reply.done(
          page, Map.of("refused", String.join(" ", form.errors().values()), "typed", form.all()));
    }
    LifeEntry entry = life.add(context, id, event, form.clientId());
    return reply.done(page, Map.of("happened", LifeWords.of(event), "happenedId", entry.id()));
  }

  @PostMapping("/happened/{entry}/void")
  String takeBack(CollectionContext context, @PathVariable long id, @PathVariable long entry) {
    life.takeBack(context, id, entry);
    return "redirect:" + context.path("/animals/" + id);
  }

  /** One of them is lost: from the card of where it was, with a tap for the cause. */
  @PostMapping("/lost")
  String lost(CollectionContext context, @PathVariable long id, Form form, Reply reply) {
    context.require(Role.KEEPER);
    Animal animal = animals.get(context, id);
    long enclosure = form.id("enclosure");
    String back = context.path("/enclosures/" + enclosure + "/residents");
    String cause = form.typed("cause");
    Place from = books.home(context, enclosure);
    Place.Kind way = cause.equals(Place.Kind.ESCAPED.word()) ? Place.Kind.ESCAPED : Place.Kind.DIED;
    if (cause.length() > LONGEST_CAUSE) {
      return reply.notDone("At most %d characters, please.".formatted(LONGEST_CAUSE), back);
    }
    Movement movement =
        new Movement(
            context.today(),
            animal.key(),
            1,
            from,
            Place.out(way),
            way == Place.Kind.DIED ? cause : "",
            "");
    Optional<String> refused = leave(context, animal, movement, form);
    if (refused.isPresent()) {
      return reply.notDone(refused.get(), back);
    }
    return reply.done(
        back,
        Map.of(
            "lostOf",
            animal.id(),
            "lostWords",
            Messages.text("animals.lost", animal.name(), cause.isEmpty() ? "?" : cause)));
  }

  /** What nobody found for long leaves the books, after a question. */
  @PostMapping("/written-off")
  String writeOff(CollectionContext context, @PathVariable long id, Form form, Reply reply) {
    context.require(Role.KEEPER);
    Animal animal = animals.get(context, id);
    String page = context.path("/animals/" + id);
    if (!form.flag("sure")) {
      return reply.notDone(Messages.text("animals.write-off-unsure"), page);
    }
    Optional<Census.Line> at =
        books.ledger(context).census(animal.key(), context.today()).lines().stream().findFirst();
    if (at.isEmpty()) {
      return reply.saved(Messages.text("animals.written-off", animal.name()), page);
    }
    int count = animal.single() ? 1 : form.whole("count", 1, at.get().count(), 1);
    Movement movement =
        new Movement(
            context.today(),
            animal.key(),
            count,
            Place.kept(at.get().place()),
            Place.out(Place.Kind.GONE),
            "",
            "");
    Optional<String> refused =
        form.hasErrors()
            ? Optional.of(String.join(" ", form.errors().values()))
            : leave(context, animal, movement, form);
    return refused
        .map(words -> reply.notDone(words, page))
        .orElseGet(() -> reply.saved(Messages.text("animals.written-off", animal.name()), page));
  }

  /** What is wrong with it; empty where it is on the books now. */
  private Optional<String> leave(
      CollectionContext context, Animal animal, Movement movement, Form form) {
    try {
      books.enter(context, List.of(movement), form.clientId(), Optional.empty());
      return Optional.empty();
    } catch (UnbalancedException e) {
      return Optional.of(e.sentence(key -> animal.name(), key -> "this place"));
    }
  }
}
