package app.islet.web.page.rearing;

import app.islet.core.quantity.Dimension;
import app.islet.core.rearing.Housing;
import app.islet.core.rearing.Sizes;
import app.islet.web.base.support.Form;
import app.islet.web.base.support.Messages;
import app.islet.web.base.support.Reply;
import app.islet.web.people.collection.CollectionContext;
import app.islet.web.people.collection.Role;
import app.islet.web.store.animal.Animal;
import app.islet.web.store.animal.Animals;
import app.islet.web.store.animal.Books;
import app.islet.web.store.animal.Measurement;
import app.islet.web.store.animal.Residents;
import app.islet.web.store.enclosure.EnclosureStore;
import app.islet.web.store.rearing.BatchState;
import app.islet.web.store.rearing.BatchStates;
import app.islet.web.store.rearing.Batches;
import app.islet.web.store.rearing.TubLogs;
import app.islet.web.store.rearing.TubRecord;
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
  private static final int LONGEST_NOTE = 300;

  private final Batches batches;
  private final BatchStates states;
  private final Animals animals;
  private final Books books;
  private final Residents residents;
  private final TubLogs logs;
  private final EnclosureStore enclosures;
  private final AboutBatch about;

  BatchController(
      Batches batches,
      BatchStates states,
      Animals animals,
      Books books,
      Residents residents,
      TubLogs logs,
      EnclosureStore enclosures,
      AboutBatch about) {
    this.batches = batches;
    this.states = states;
    this.animals = animals;
    this.books = books;
    this.residents = residents;
    this.logs = logs;
    this.enclosures = enclosures;
    this.about = about;
  }

  @GetMapping("/batches/{id}")
  String show(CollectionContext context, @PathVariable long id, Model model) {
    BatchState state = states.of(context, id);
    List<BatchState> finished = states.finished(context, state.kind().sheet());
    model.addAttribute(
        "view", BatchView.of(state, about.of(context, state.batch()), context.units()));
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

  @PostMapping("/tubs/{place}/close")
  String close(CollectionContext context, @PathVariable long place, Reply reply) {
    context.require(Role.KEEPER);
    TubRecord tub = batches.tub(context, place);
    BatchState state = states.of(context, tub.batchId());
    boolean used = state.inUse().stream().anyMatch(now -> now.record().placeId().equals(place));
    if (used) {
      return reply.notDone(Messages.text("rearing.tub-in-use"), context.path("/rearing"));
    }
    batches.close(context, place);
    return reply.saved(Messages.text("rearing.closed", tub.number()), context.path("/rearing"));
  }

  private static String address(CollectionContext context, long id) {
    return context.path("/rearing/batches/" + id);
  }
}
