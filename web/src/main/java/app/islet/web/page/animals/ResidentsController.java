package app.islet.web.page.animals;

import app.islet.core.animal.Resident;
import app.islet.core.care.CareLibrary;
import app.islet.core.care.CareSheet;
import app.islet.core.enclosure.Companion;
import app.islet.core.livestock.UnbalancedException;
import app.islet.core.text.English;
import app.islet.web.base.support.Field;
import app.islet.web.base.support.Form;
import app.islet.web.base.support.Messages;
import app.islet.web.base.support.Reply;
import app.islet.web.people.collection.CollectionContext;
import app.islet.web.people.collection.Role;
import app.islet.web.reading.snapshot.EnclosureSnapshot;
import app.islet.web.reading.snapshot.EnclosureSnapshot.Occupant;
import app.islet.web.reading.snapshot.Snapshots;
import app.islet.web.reading.summary.MealDays;
import app.islet.web.store.animal.Measurement;
import app.islet.web.store.animal.MiscountException;
import app.islet.web.store.animal.Residents;
import app.islet.web.store.care.CareSheetStore;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.server.ResponseStatusException;

/** The Residents step: who lives here, each with its line of life; who comes, who is measured. */
@Controller
@RequestMapping("/c/{collection}/enclosures/{id}/residents")
class ResidentsController {
  /** What animals are lost by most often; any other is typed on the animal's own page. */
  private static final List<String> CAUSES =
      List.of(
          "dried",
          "drowned",
          "bitten",
          "fungus",
          "too warm",
          "ill",
          "moulting",
          "escaped",
          "unknown");

  private final Snapshots snapshots;
  private final Subjects subjects;
  private final MealDays meals;
  private final CareSheetStore sheets;
  private final Residents residents;
  private final SizeChanges changes;

  ResidentsController(
      Snapshots snapshots,
      Subjects subjects,
      MealDays meals,
      CareSheetStore sheets,
      Residents residents,
      SizeChanges changes) {
    this.changes = changes;
    this.snapshots = snapshots;
    this.subjects = subjects;
    this.meals = meals;
    this.sheets = sheets;
    this.residents = residents;
  }

  @GetMapping
  String show(
      CollectionContext context,
      @PathVariable long id,
      @RequestParam(required = false) @Nullable Long logged,
      Model model) {
    if (logged != null) {
      changes.of(context, id, logged).ifPresent(change -> model.addAttribute("changed", change));
    }
    return page(context, id, model, new Form(Map.of(), context.system()));
  }

  @PostMapping
  String add(
      CollectionContext context, @PathVariable long id, Form form, Model model, Reply reply) {
    context.require(Role.KEEPER);
    ResidentForm typed = new ResidentForm(form, "", context.today());
    Optional<Resident> resident = typed.added(sheets.library(context));
    if (resident.isEmpty()) {
      return reply.refused(page(context, id, model, form));
    }
    residents.add(context, id, resident.get(), form.clientId(), typed.since());
    return reply.done(path(context, id));
  }

  /**
   * Corrects name, number, sexes, school, care sheet and the like. The kind and the measured length
   * stay: another animal is another resident.
   */
  @PostMapping("/{animal}")
  String correct(
      CollectionContext context,
      @PathVariable long id,
      @PathVariable long animal,
      Form form,
      Model model,
      Reply reply) {
    context.require(Role.KEEPER);
    Occupant o =
        snapshots.get(context, id).occupants().stream()
            .filter(each -> each.record().id() == animal)
            .findFirst()
            .orElseThrow(() -> new ResponseStatusException(HttpStatus.NOT_FOUND));
    String at = ResidentCard.at(animal);
    Optional<Residents.Description> described =
        new ResidentForm(form, at, context.today())
            .corrected(o.resident(), o.record().species(), sheetsFor(context, o.resident()));
    if (described.isEmpty()) {
      return reply.refused(page(context, id, model, form));
    }
    try {
      residents.describe(context, id, animal, described.get());
    } catch (MiscountException e) {
      form.refuse(at + "count", e.getMessage());
    } catch (UnbalancedException e) {
      form.refuse(at + "count", e.sentence(key -> described.get().name(), key -> "this place"));
    }
    return form.hasErrors()
        ? reply.refused(page(context, id, model, form))
        : reply.saved(Messages.text("residents.saved"), path(context, id));
  }

  @PostMapping("/{animal}/measure")
  String measure(
      CollectionContext context,
      @PathVariable long id,
      @PathVariable long animal,
      Form form,
      Model model,
      Reply reply) {
    Optional<Residents.Measured> measured =
        MeasureForm.read(context, form, ResidentCard.at(animal));
    if (measured.isEmpty()) {
      return reply.refused(page(context, id, model, form));
    }
    Measurement entry = residents.measure(context, animal, measured.get(), form.clientId());
    return reply.done(path(context, id) + "?logged=" + entry.id());
  }

  /** The care sheets that can hold for these animals: those of their kind. */
  private List<CareSheet> sheetsFor(CollectionContext context, Resident resident) {
    return sheets.library(context).all().stream()
        .filter(sheet -> sheet.kind().equals(resident.species().kind()))
        .toList();
  }

  private String page(CollectionContext context, long id, Model model, Form form) {
    EnclosureSnapshot state = snapshots.get(context, id);
    CareLibrary library = sheets.library(context);
    model.addAttribute("state", state);
    model.addAttribute("cards", cards(context, state, form));
    model.addAttribute("together", Together.of(state.residents(), context.units()));
    model.addAttribute(
        "company",
        state.design().company().stream().map(Companion::words).collect(English.listing()));
    model.addAttribute("causes", CAUSES);
    model.addAttribute("clientId", UUID.randomUUID());
    Form adding =
        form.has("species")
            ? form
            : new Form(Map.of("count", "1", "since", context.today().toString()), context.system());
    ResidentForm typed = new ResidentForm(adding, "", context.today());
    List<Field> more = typed.more(library);
    model.addAttribute("line", typed.line(library));
    model.addAttribute("more", more);
    model.addAttribute("amiss", more.stream().anyMatch(field -> field.error() != null));
    return "residents/residents";
  }

  private List<ResidentCard> cards(CollectionContext context, EnclosureSnapshot state, Form form) {
    List<Subject> all =
        subjects.all(
            context,
            state.occupants().stream().map(Occupant::record).toList(),
            subjects.books(context));
    Map<Long, AnimalNow> now =
        AnimalNow.of(
            all, meals.of(context, all.stream().map(Subject::snapshot).toList()), context.units());
    Map<Long, Subject> of =
        all.stream().collect(Collectors.toMap(s -> s.animal().id(), Function.identity()));
    Map<String, String> schools = sheets.schools(context);
    return state.occupants().stream()
        .map(
            o -> card(context, o, of.get(o.record().id()), now.get(o.record().id()), schools, form))
        .toList();
  }

  private ResidentCard card(
      CollectionContext context,
      Occupant o,
      Subject s,
      AnimalNow now,
      Map<String, String> schools,
      Form form) {
    Resident r = o.resident();
    String at = ResidentCard.at(o.record().id());
    Form correcting = ResidentCard.correcting(form, o);
    String usual = schools.getOrDefault(o.record().species(), r.species().school().name());
    return new ResidentCard(
        o,
        now,
        SizeRow.of(o.measurements(), context.units()),
        MeasureForm.of(form, at, s),
        new ResidentCard.Correction(
            new ResidentForm(correcting, at, context.today())
                .corrections(r, sheetsFor(context, r), usual),
            ResidentCard.foods(correcting, at),
            correcting.hasErrors()),
        UUID.randomUUID());
  }

  private static String path(CollectionContext context, long id) {
    return context.path("/enclosures/" + id + "/residents");
  }
}
