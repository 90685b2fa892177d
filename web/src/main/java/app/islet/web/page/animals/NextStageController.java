package app.islet.web.page.animals;

import app.islet.core.animal.Resident;
import app.islet.core.care.Stage;
import app.islet.core.enclosure.Enclosure;
import app.islet.core.livestock.NextStage;
import app.islet.core.proposal.Adjustment;
import app.islet.web.base.support.Form;
import app.islet.web.base.support.Messages;
import app.islet.web.base.support.NotFoundException;
import app.islet.web.base.support.Reply;
import app.islet.web.people.collection.CollectionContext;
import app.islet.web.people.collection.Role;
import app.islet.web.reading.snapshot.EnclosureSnapshot;
import app.islet.web.reading.snapshot.Redesigns;
import app.islet.web.store.animal.Animals;
import app.islet.web.store.animal.PlaceRecord;
import app.islet.web.store.rearing.RaisedYoung;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;

/** What the next stage of an animal asks for, prepared so that one click accepts it. */
@Controller
@RequestMapping("/c/{collection}/animals/{id}/next-stage")
class NextStageController {
  private final Subjects subjects;
  private final Animals animals;
  private final RaisedYoung young;
  private final Redesigns redesigns;

  NextStageController(Subjects subjects, Animals animals, RaisedYoung young, Redesigns redesigns) {
    this.young = young;
    this.subjects = subjects;
    this.animals = animals;
    this.redesigns = redesigns;
  }

  @GetMapping
  String show(CollectionContext context, @PathVariable long id, Model model) {
    Subject s = subjects.get(context, id);
    NextStage next =
        s.nextStage().orElseThrow(() -> new NotFoundException("no stage comes after this one"));
    Optional<Adjustment> prepared = s.livingIn().map(home -> adjustment(home, id));
    model.addAttribute("animal", s.animal());
    model.addAttribute("next", NextStageView.of(s, next, prepared, context.units()));
    model.addAttribute("home", s.livingIn());
    model.addAttribute("eggs", s.isEggs());
    model.addAttribute("species", s.resident().sheet().id());
    model.addAttribute("clientId", UUID.randomUUID());
    model.addAttribute("today", context.today());
    return "animals/next-stage";
  }

  /** The design made ready for this animal in its next stage, beside the others as they are. */
  private static Adjustment adjustment(EnclosureSnapshot home, long animalId) {
    List<Resident> then =
        home.occupants().stream()
            .map(o -> o.record().id() == animalId ? next(o.resident()) : o.resident())
            .toList();
    return Adjustment.of(home.assessment().situation(), then);
  }

  private static Resident next(Resident r) {
    return r.sheet().next(r.stage()).map(r::seenAs).orElse(r);
  }

  /** It was seen: the stage holds from that day, and the design follows where that is wanted. */
  @PostMapping
  String accept(CollectionContext context, @PathVariable long id, Form form, Reply reply) {
    context.require(Role.KEEPER);
    Subject s = subjects.get(context, id);
    String page = context.path("/animals/" + id);
    LocalDate day = form.date("seenOn").orElse(context.today());
    if (day.isAfter(context.today()) || form.hasErrors()) {
      return reply.notDone(Messages.text("animals.until-today"), page + "/next-stage");
    }
    Optional<NextStage> next = s.nextStage().filter(n -> n.next().id().equals(form.typed("stage")));
    if (next.isEmpty()) {
      // Sent twice, or somebody was faster: it is in that stage already.
      return reply.done(page);
    }
    if (form.flag("design")) {
      s.livingIn().ifPresent(home -> redesigns.change(context, home.id(), then(id)));
    }
    boolean otherForm = next.get().now().endsInChange() || s.isEggs();
    Stage seen = next.get().next();
    List<PlaceRecord> places =
        s.here().lines().stream()
            .flatMap(line -> s.books().names().place(line.place()).stream())
            .toList();
    if (!young.seen(context, places, seen, day, form.clientId())) {
      animals.seenAs(context, id, seen, otherForm, day, form.clientId());
    }
    return reply.saved(
        Messages.text("stage.accepted", s.animal().name(), next.get().next().name()), page);
  }

  private static Function<EnclosureSnapshot, Enclosure> then(long id) {
    return state -> adjustment(state, id).design();
  }
}
