package app.islet.web.page.health;

import app.islet.core.care.AnimalGroup;
import app.islet.core.care.CareLibrary;
import app.islet.core.care.CareSheet;
import app.islet.core.care.Habitat;
import app.islet.core.health.Contact;
import app.islet.core.health.Crossing;
import app.islet.core.health.HealthTables;
import app.islet.core.health.HoldingTub;
import app.islet.core.health.Observed;
import app.islet.core.quantity.Dimension;
import app.islet.core.quantity.Quantity;
import app.islet.core.text.English;
import app.islet.web.base.support.Form;
import app.islet.web.base.support.Messages;
import app.islet.web.base.support.RefusedException;
import app.islet.web.base.support.Reply;
import app.islet.web.base.support.Units;
import app.islet.web.people.collection.CollectionContext;
import app.islet.web.people.collection.Role;
import app.islet.web.store.animal.Animal;
import app.islet.web.store.animal.Animals;
import app.islet.web.store.animal.Books;
import app.islet.web.store.care.CareSheetStore;
import app.islet.web.store.health.HealthCase;
import app.islet.web.store.health.HealthLog;
import app.islet.web.store.health.HealthTableStore;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;

/** One case: what was seen, what to do, who was near, how it ended. */
@Controller
@RequestMapping("/c/{collection}/health/cases/{id}")
class CaseController {
  private final HealthLog log;
  private final Animals animals;
  private final Patients patients;
  private final Books books;
  private final CareSheetStore sheets;
  private final HealthTableStore tables;

  CaseController(
      HealthLog log,
      Animals animals,
      Patients patients,
      Books books,
      CareSheetStore sheets,
      HealthTableStore tables) {
    this.tables = tables;
    this.log = log;
    this.animals = animals;
    this.patients = patients;
    this.books = books;
    this.sheets = sheets;
  }

  @GetMapping
  String open(CollectionContext context, @PathVariable long id, Model model) {
    HealthTables known = tables.tables(context);
    HealthCase c = log.get(context, id);
    Map<Long, String> names = names(context);
    Patients.Patient patient = patients.patient(context, c.animalId());
    int day = (int) Math.max(1, ChronoUnit.DAYS.between(c.beganOn(), context.today()) + 1);
    model.addAttribute("line", CaseLine.of(context, known, c, names));
    model.addAttribute("note", c.note());
    model.addAttribute("animalId", c.animalId());
    // What to do was judged by the records of its days; a closed case is only read.
    model.addAttribute(
        "answer",
        c.endedOn().isPresent()
            ? null
            : TriageView.of(
                known,
                patient.ill(),
                Set.copyOf(c.signs()),
                Observed.HowMany.UNKNOWN,
                day,
                context.units()));
    model.addAttribute("tub", tub(patient, context.units()));
    model.addAttribute("contacts", contacts(context, c));
    model.addAttribute("crossings", crossings(context, c, patient));
    model.addAttribute("offered", known.coursesOf(patient.resident().sheet().group()));
    model.addAttribute(
        "courses",
        log.courses(context).stream()
            .map(x -> CourseLine.of(context, x, names))
            .filter(x -> x.animalId() == c.animalId())
            .toList());
    model.addAttribute("outcomes", HealthCase.Outcome.values());
    model.addAttribute("contact", context.collection().contact());
    return "health/case";
  }

  /** Water for a holding tub; empty for animals of the land. */
  private static String tub(Patients.Patient p, Units u) {
    if (p.resident().stage().habitat() != Habitat.WATER) {
      return "";
    }
    HoldingTub tub =
        HoldingTub.of(
            p.resident(), p.home().flatMap(h -> h.design().water().handling().conditioner()));
    String water =
        Messages.text(
            "health.tub-water",
            u.text(new Quantity(Dimension.VOLUME, tub.litres())),
            u.cm(tub.depthCm()));
    return tub.conditioner()
        .map(
            dose ->
                water
                    + " "
                    + Messages.text(
                        "health.tub-conditioner", u.text(new Quantity(Dimension.DOSE, dose.ml()))))
        .orElse(water + " " + Messages.text("health.tub-label"));
  }

  /** Who was with it, as a sentence each. */
  private List<String> contacts(CollectionContext context, HealthCase c) {
    Map<Long, String> names = names(context);
    return Contact.of(
            books.ledger(context), String.valueOf(c.animalId()), c.beganOn(), context.today())
        .stream()
        .map(
            contact ->
                contact.still()
                    ? Messages.text(
                        "health.contact-still", names.get(Long.valueOf(contact.animals())))
                    : Messages.text(
                        "health.contact-until",
                        names.get(Long.valueOf(contact.animals())),
                        English.shortDay(contact.last())))
        .toList();
  }

  /** What may have gone from it to those it was with. */
  private List<Crossing> crossings(
      CollectionContext context, HealthCase c, Patients.Patient patient) {
    Map<String, Animal> known =
        animals.all(context).stream().collect(Collectors.toMap(Animal::key, Function.identity()));
    CareLibrary library = sheets.library(context);
    Set<AnimalGroup> met =
        Contact.of(
                books.ledger(context), String.valueOf(c.animalId()), c.beganOn(), context.today())
            .stream()
            .flatMap(contact -> Stream.ofNullable(known.get(contact.animals())))
            .flatMap(a -> library.find(a.species()).stream())
            .map(CareSheet::group)
            .collect(Collectors.toSet());
    return tables.tables(context).crossings(patient.resident().sheet().group(), met);
  }

  @PostMapping("/end")
  String end(CollectionContext context, @PathVariable long id, Form form, Reply reply) {
    context.require(Role.KEEPER);
    if (form.typed("outcome").isEmpty()) {
      throw new RefusedException(Messages.text("health.say-outcome"));
    }
    HealthCase.Outcome outcome =
        form.choice("outcome", HealthCase.Outcome.class, HealthCase.Outcome.WELL);
    if (form.hasErrors()) {
      throw new RefusedException(Messages.text("health.say-outcome"));
    }
    log.end(context, id, context.today(), outcome);
    return reply.saved(Messages.text("health.ended"), context.path("/health"));
  }

  @PostMapping("/reopen")
  String reopen(CollectionContext context, @PathVariable long id, Reply reply) {
    log.reopen(context, id);
    return reply.saved(Messages.text("health.reopened"), context.path("/health/cases/" + id));
  }

  private Map<Long, String> names(CollectionContext context) {
    return animals.all(context).stream().collect(Collectors.toMap(Animal::id, Animal::name));
  }
}
