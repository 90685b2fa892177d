package app.islet.web.health;

import app.islet.core.care.CareLibrary;
import app.islet.core.care.CareSheet;
import app.islet.core.health.Contact;
import app.islet.core.health.Course;
import app.islet.core.health.Sign;
import app.islet.core.livestock.Census;
import app.islet.core.livestock.IncidentRate;
import app.islet.core.livestock.Incidents;
import app.islet.core.livestock.Ledger;
import app.islet.core.text.English;
import app.islet.web.animal.Animal;
import app.islet.web.animal.Animals;
import app.islet.web.animal.Books;
import app.islet.web.animal.PlaceRecord;
import app.islet.web.care.CareSheetStore;
import app.islet.web.collection.CollectionContext;
import app.islet.web.enclosure.EnclosureRecord;
import app.islet.web.enclosure.EnclosureStore;
import app.islet.web.healthlog.CourseEntry;
import app.islet.web.healthlog.HealthCase;
import app.islet.web.healthlog.HealthLog;
import app.islet.web.support.Form;
import app.islet.web.support.Messages;
import app.islet.web.support.RefusedException;
import app.islet.web.support.Reply;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;

/** Who is ill, who is in a course, and what is due. */
@Controller
@RequestMapping("/c/{collection}/health")
class HealthController {
  private static final int LONGEST = 300;

  private final HealthLog log;
  private final Animals animals;
  private final Patients patients;
  private final Books books;
  private final CareSheetStore sheets;
  private final EnclosureStore enclosures;

  HealthController(
      HealthLog log,
      Animals animals,
      Patients patients,
      Books books,
      CareSheetStore sheets,
      EnclosureStore enclosures) {
    this.log = log;
    this.animals = animals;
    this.patients = patients;
    this.books = books;
    this.sheets = sheets;
    this.enclosures = enclosures;
  }

  /** A case in the list. */
  record CaseLine(long id, String who, String signs, String since, String ended) {}

  /** A course in the list. */
  record CourseLine(
      long id,
      long animalId,
      String who,
      String name,
      String day,
      boolean due,
      boolean doneToday,
      boolean tooLong,
      List<String> steps,
      String ends,
      String stop,
      String over) {}

  @GetMapping
  String show(CollectionContext context, Model model) {
    List<HealthCase> all = log.cases(context);
    Map<Long, String> names = names(context);
    List<CourseLine> courses = courses(context, names);
    model.addAttribute(
        "open",
        all.stream().filter(c -> c.endedOn().isEmpty()).map(c -> line(context, c, names)).toList());
    model.addAttribute(
        "past",
        all.stream()
            .filter(c -> c.endedOn().isPresent())
            .map(c -> line(context, c, names))
            .toList());
    model.addAttribute("courses", courses.stream().filter(c -> c.over().isEmpty()).toList());
    model.addAttribute("pastCourses", courses.stream().filter(c -> !c.over().isEmpty()).toList());
    List<Animal> living = living(context);
    model.addAttribute("animals", living);
    model.addAttribute("baths", baths(context, living));
    model.addAttribute("often", often(context, all));
    model.addAttribute("contact", context.collection().contact());
    return "health/health";
  }

  /** An enclosure with crabs that are bathed. */
  record Bath(long enclosureId, String name) {}

  private List<Bath> baths(CollectionContext context, List<Animal> living) {
    CareLibrary library = sheets.library(context);
    Set<String> hermits =
        library.all().stream()
            .filter(
                sheet ->
                    sheet.stages().stream()
                        .anyMatch(stage -> stage.needs().shelter().spareShells() > 0))
            .map(CareSheet::id)
            .collect(Collectors.toSet());
    Census here = books.ledger(context).census(context.today());
    Map<String, PlaceRecord> places = books.places(context);
    Map<Long, String> names =
        enclosures.all(context).stream()
            .collect(Collectors.toMap(EnclosureRecord::id, EnclosureRecord::name));
    return living.stream()
        .filter(a -> hermits.contains(a.species()))
        .flatMap(a -> here.lines().stream().filter(l -> l.animals().equals(a.key())))
        .flatMap(l -> Optional.ofNullable(places.get(l.place())).stream())
        .flatMap(place -> place.enclosureId().stream())
        .distinct()
        .map(id -> new Bath(id, names.getOrDefault(id, "")))
        .toList();
  }

  /** Cases for the time animals were there, by enclosure: what clusters. */
  private List<String> often(CollectionContext context, List<HealthCase> all) {
    Ledger ledger = books.ledger(context);
    Map<String, PlaceRecord> places = books.places(context);
    List<Incidents.Case> cases = new ArrayList<>();
    for (HealthCase c : all) {
      ledger.census(String.valueOf(c.animalId()), c.beganOn()).lines().stream()
          .findFirst()
          .ifPresent(line -> cases.add(new Incidents.Case(c.beganOn(), line.place(), 1)));
    }
    Map<Long, String> names =
        enclosures.all(context).stream()
            .collect(Collectors.toMap(EnclosureRecord::id, EnclosureRecord::name));
    return Incidents.of(
            ledger,
            animals.all(context).stream().map(Animal::key).toList(),
            cases,
            context.today().minusYears(1),
            context.today())
        .stream()
        .filter(i -> i.cases() > 0 && i.rate().isPresent())
        .map(i -> often(i, places, names))
        .toList();
  }

  private static String often(
      Incidents i, Map<String, PlaceRecord> places, Map<Long, String> names) {
    String where =
        Optional.ofNullable(places.get(i.place()))
            .flatMap(PlaceRecord::enclosureId)
            .map(names::get)
            .orElse(Messages.text("health.tub"));
    IncidentRate rate = i.rate().orElseThrow();
    return where
        + ": "
        + Messages.text(
            "health.cases-in",
            i.cases(),
            Math.round(i.animalMonths()),
            two(rate.perAnimalMonth()),
            two(rate.low()),
            two(rate.high()));
  }

  private static String two(double rate) {
    return String.format(Locale.ROOT, "%.2f", rate);
  }

  private List<Animal> living(CollectionContext context) {
    Census here = books.ledger(context).census(context.today());
    return animals.all(context).stream().filter(a -> here.of(a.key()) > 0).toList();
  }

  private Map<Long, String> names(CollectionContext context) {
    return animals.all(context).stream().collect(Collectors.toMap(Animal::id, Animal::name));
  }

  private List<CourseLine> courses(CollectionContext context, Map<Long, String> names) {
    return log.courses(context).stream().map(c -> line(context, c, names)).toList();
  }

  private static CaseLine line(CollectionContext context, HealthCase c, Map<Long, String> names) {
    return new CaseLine(
        c.id(),
        names.getOrDefault(c.animalId(), ""),
        signs(c),
        Messages.text(
            "health.since",
            English.shortDay(c.beganOn()),
            ChronoUnit.DAYS.between(c.beganOn(), c.endedOn().orElse(context.today())) + 1),
        c.outcome().map(HealthController::outcome).orElse(""));
  }

  private static String outcome(HealthCase.Outcome outcome) {
    String key = "health.outcome." + outcome.name();
    return Messages.text(key);
  }

  static String signs(HealthCase c) {
    return c.signs().stream()
        .flatMap(id -> Sign.find(id).stream())
        .map(Sign::words)
        .collect(English.listing());
  }

  private static CourseLine line(
      CollectionContext context, HealthLog.Running c, Map<Long, String> names) {
    LocalDate today = context.today();
    boolean doneToday = c.done().stream().map(CourseEntry::day).anyMatch(today::equals);
    boolean over = c.record().endedOn().isPresent();
    return new CourseLine(
        c.record().id(),
        c.record().animalId(),
        names.getOrDefault(c.record().animalId(), ""),
        c.run().course().name(),
        Messages.text(
            "health.course-day",
            c.run().day(c.record().endedOn().orElse(today)),
            (int) c.run().course().pace().usualDays().min(),
            (int) c.run().course().pace().usualDays().max(),
            c.run().times()),
        !over && c.run().isDue(today),
        doneToday,
        !over && c.run().isLong(today),
        c.run().course().steps(),
        c.run().course().end().ends(),
        c.run().course().end().stop(),
        c.record()
            .endedOn()
            .map(
                day ->
                    Messages.text("health.course-over", English.shortDay(day), c.record().result()))
            .orElse(""));
  }

  @GetMapping("/cases/{id}")
  String open(CollectionContext context, @PathVariable long id, Model model) {
    HealthCase c = log.get(context, id);
    Map<Long, String> names = names(context);
    Patients.Patient patient = patients.patient(context, c.animalId());
    int day = (int) Math.max(1, ChronoUnit.DAYS.between(c.beganOn(), context.today()) + 1);
    model.addAttribute("line", line(context, c, names));
    model.addAttribute("note", c.note());
    model.addAttribute("animalId", c.animalId());
    // What to do was judged by the records of its days; a closed case is only read.
    model.addAttribute(
        "answer",
        c.endedOn().isPresent()
            ? null
            : TriageView.of(patient, Set.copyOf(c.signs()), day, context.units()));
    model.addAttribute("contacts", contacts(context, c));
    model.addAttribute("offered", Course.of(patient.resident().sheet().group()));
    model.addAttribute(
        "courses",
        courses(context, names).stream().filter(x -> x.animalId() == c.animalId()).toList());
    model.addAttribute("outcomes", HealthCase.Outcome.values());
    model.addAttribute("contact", context.collection().contact());
    return "health/case";
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

  @PostMapping("/cases/{id}/end")
  String end(CollectionContext context, @PathVariable long id, Form form, Reply reply) {
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

  @PostMapping("/cases/{id}/reopen")
  String reopen(CollectionContext context, @PathVariable long id, Reply reply) {
    log.reopen(context, id);
    return reply.saved(Messages.text("health.reopened"), context.path("/health/cases/" + id));
  }

  @PostMapping("/courses")
  String begin(CollectionContext context, Form form, Reply reply) {
    long animal = form.id("animal");
    Optional<Course> course = Course.find(form.typed("course"));
    if (course.isEmpty()) {
      throw new RefusedException(Messages.text("health.choose-course"));
    }
    log.begin(context, animal, course.get(), context.today(), form.clientId());
    return reply.saved(
        Messages.text("health.course-begun", course.get().name()), context.path("/health"));
  }

  @PostMapping("/courses/{id}/done")
  String done(CollectionContext context, @PathVariable long id, Form form, Reply reply) {
    String note = form.typed("note");
    CourseEntry entry =
        log.done(
            context,
            id,
            context.today(),
            note.substring(0, Math.min(LONGEST, note.length())),
            form.clientId());
    boolean mine = entry.clientId().equals(form.clientId());
    return mine
        ? reply.saved(Messages.text("health.course-ticked"), context.path("/health"))
        : reply.already(Messages.text("health.course-done-already"), context.path("/health"));
  }

  @PostMapping("/courses/{id}/undo")
  String undo(CollectionContext context, @PathVariable long id, Form form, Reply reply) {
    log.undo(context, id, context.today(), form.clientId());
    return reply.saved(Messages.text("health.course-undone"), context.path("/health"));
  }

  @PostMapping("/courses/{id}/end")
  String endCourse(CollectionContext context, @PathVariable long id, Form form, Reply reply) {
    String result = form.typed("result");
    log.end(context, id, context.today(), result.substring(0, Math.min(LONGEST, result.length())));
    return reply.saved(Messages.text("health.course-ended"), context.path("/health"));
  }
}
