package app.islet.web.page.health;

import app.islet.core.care.AnimalGroup;
import app.islet.core.care.CareLibrary;
import app.islet.core.care.CareSheet;
import app.islet.core.health.HealthTables;
import app.islet.core.livestock.Census;
import app.islet.web.base.drawing.AnimalPicture;
import app.islet.web.people.collection.CollectionContext;
import app.islet.web.store.animal.Animal;
import app.islet.web.store.animal.Animals;
import app.islet.web.store.animal.Books;
import app.islet.web.store.animal.PlaceRecord;
import app.islet.web.store.care.CareSheetStore;
import app.islet.web.store.enclosure.EnclosureRecord;
import app.islet.web.store.enclosure.EnclosureStore;
import app.islet.web.store.health.HealthCase;
import app.islet.web.store.health.HealthLog;
import app.islet.web.store.health.HealthTableStore;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;

/** Who is ill, who is in a course, and what is due. */
@Controller
@RequestMapping("/c/{collection}/health")
class HealthController {
  private final HealthLog log;
  private final Animals animals;
  private final Books books;
  private final CareSheetStore sheets;
  private final EnclosureStore enclosures;
  private final HeldLines held;
  private final SkinLines skins;
  private final HealthTableStore tables;

  HealthController(
      HealthLog log,
      Animals animals,
      Books books,
      CareSheetStore sheets,
      EnclosureStore enclosures,
      HeldLines held,
      SkinLines skins,
      HealthTableStore tables) {
    this.tables = tables;
    this.log = log;
    this.animals = animals;
    this.books = books;
    this.sheets = sheets;
    this.enclosures = enclosures;
    this.held = held;
    this.skins = skins;
  }

  @GetMapping
  String show(CollectionContext context, Model model) {
    HealthTables known = tables.tables(context);
    List<HealthCase> all = log.cases(context);
    Map<Long, String> names =
        animals.all(context).stream().collect(Collectors.toMap(Animal::id, Animal::name));
    List<CourseLine> courses =
        log.courses(context).stream().map(c -> CourseLine.of(context, c, names)).toList();
    model.addAttribute(
        "open",
        all.stream()
            .filter(c -> c.endedOn().isEmpty())
            .map(c -> CaseLine.of(context, known, c, names))
            .toList());
    model.addAttribute(
        "past",
        all.stream()
            .filter(c -> c.endedOn().isPresent())
            .map(c -> CaseLine.of(context, known, c, names))
            .toList());
    model.addAttribute("courses", courses.stream().filter(c -> c.over().isEmpty()).toList());
    model.addAttribute("pastCourses", courses.stream().filter(c -> !c.over().isEmpty()).toList());
    List<Animal> living = living(context);
    model.addAttribute("animals", living);
    model.addAttribute("groups", groups(context));
    model.addAttribute("baths", baths(context, living));
    model.addAttribute("held", held.of(context));
    model.addAttribute("skins", skins.of(context, living));
    model.addAttribute("contact", context.collection().contact());
    return "health/health";
  }

  /** Kinds of animals that look alike. */
  record Group(String name, String picture, List<CareSheet> kinds) {}

  private List<Group> groups(CollectionContext context) {
    Map<AnimalGroup, List<CareSheet>> kinds =
        sheets.library(context).all().stream()
            .collect(
                Collectors.groupingBy(
                    CareSheet::group, () -> new EnumMap<>(AnimalGroup.class), Collectors.toList()));
    return kinds.entrySet().stream()
        .map(
            e ->
                new Group(e.getKey().plural(), AnimalPicture.of(e.getValue().get(0)), e.getValue()))
        .toList();
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

  private List<Animal> living(CollectionContext context) {
    Census here = books.ledger(context).census(context.today());
    return animals.all(context).stream().filter(a -> here.of(a.key()) > 0).toList();
  }
}
