package app.islet.web.enclosure;

import app.islet.core.animal.Resident;
import app.islet.core.care.CareLibrary;
import app.islet.core.care.CareSheet;
import app.islet.core.care.FoodItem;
import app.islet.core.care.Stage;
import app.islet.core.quantity.Dimension;
import app.islet.core.review.Compatibility;
import app.islet.core.review.Severity;
import app.islet.web.care.CareSheetStore;
import app.islet.web.collection.CollectionContext;
import app.islet.web.collection.Role;
import app.islet.web.support.FieldView;
import app.islet.web.support.FormReader;
import app.islet.web.support.Units;
import jakarta.servlet.http.HttpServletResponse;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.server.ResponseStatusException;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** The Residents step: who lives here, at which stage, how many, which sexes. */
@Controller
@RequestMapping("/c/{collection}/enclosures/{id}/residents")
class ResidentsController {
  private final Enclosures enclosures;
  private final CareSheetStore shelf;

  ResidentsController(Enclosures enclosures, CareSheetStore shelf) {
    this.enclosures = enclosures;
    this.shelf = shelf;
  }

  @GetMapping
  String show(CollectionContext place, @PathVariable long id, Model model) {
    return page(
        place,
        id,
        model,
        new FormReader(
            Map.of(
                "count",
                "1",
                "since",
                place.today().toString(),
                "clientId",
                UUID.randomUUID().toString()),
            place.system()));
  }

  @PostMapping
  String add(
      CollectionContext place,
      @PathVariable long id,
      @RequestParam Map<String, String> typed,
      Model model,
      HttpServletResponse response) {
    place.require(Role.KEEPER);
    FormReader form = new FormReader(typed, place.system());
    Optional<Resident> resident = read(place, form);
    if (resident.isEmpty()) {
      response.setStatus(HttpStatus.UNPROCESSABLE_ENTITY.value());
      return page(place, id, model, form);
    }
    enclosures.addResident(
        place,
        id,
        resident.get(),
        UUID.fromString(form.typed("clientId")),
        form.date("since").orElse(place.today()));
    return "redirect:" + place.path("/enclosures/" + id + "/residents");
  }

  @PostMapping("/{residentId}/leave")
  String leave(CollectionContext place, @PathVariable long id, @PathVariable long residentId) {
    enclosures.removeResident(place, id, residentId);
    return "redirect:" + place.path("/enclosures/" + id + "/residents");
  }

  /** What was typed into one resident's correction, kept while something in it is wrong. */
  record Correction(long residentId, FormReader form) {
    public String sentence() {
      return String.join(" ", form.errors().values());
    }
  }

  /**
   * Corrects name, number, sexes, school, care sheet and the like. The kind and the measured length
   * stay: another animal is another resident.
   */
  @PostMapping("/{residentId}")
  String correct(
      CollectionContext place,
      @PathVariable long id,
      @PathVariable long residentId,
      @RequestParam Map<String, String> typed,
      Model model,
      HttpServletResponse response,
      RedirectAttributes flash) {
    place.require(Role.KEEPER);
    FormReader form = new FormReader(typed, place.system());
    int count = form.whole("count", 1, 1000, 1);
    int males = form.whole("males", 0, 1000, 0);
    int females = form.whole("females", 0, 1000, 0);
    String name = form.text("name", 60, "a name");
    refuseTooManySexes(form, count, males, females);
    LocalDate since = readSince(place, form);
    EnclosureSnapshot.Occupant occupant =
        enclosures.get(place, id).occupants().stream()
            .filter(o -> o.record().id() == residentId)
            .findFirst()
            .orElseThrow(() -> new ResponseStatusException(HttpStatus.NOT_FOUND));
    String species =
        form.typed("sheet").isEmpty() ? occupant.record().species() : form.typed("sheet");
    if (sheetsFor(place, occupant.resident()).stream().noneMatch(s -> s.id().equals(species))) {
      form.refuse("sheet", "Please choose a care sheet of the same kind.");
    }
    if (form.hasErrors()) {
      response.setStatus(HttpStatus.UNPROCESSABLE_ENTITY.value());
      model.addAttribute("correction", new Correction(residentId, form));
      return show(place, id, model);
    }
    enclosures.describeResident(
        place,
        id,
        residentId,
        new Enclosures.Description(
            species,
            name,
            count,
            males,
            females,
            Optional.of(form.typed("school")).filter(school -> !school.isEmpty()),
            since,
            FoodItem.all().stream().filter(f -> form.flag("food-" + f.id())).toList()));
    flash.addFlashAttribute("saved", "Saved.");
    return "redirect:" + place.path("/enclosures/" + id + "/residents");
  }

  private static LocalDate readSince(CollectionContext place, FormReader form) {
    LocalDate since = form.date("since").orElse(place.today());
    if (since.isAfter(place.today())) {
      form.refuse("since", "A day until today, please.");
    }
    return since;
  }

  /** The care sheets that can hold for these animals: those of their kind. */
  private List<CareSheet> sheetsFor(CollectionContext place, Resident resident) {
    return shelf.library(place).all().stream()
        .filter(sheet -> sheet.kind().equals(resident.species().kind()))
        .toList();
  }

  private static void refuseTooManySexes(FormReader form, int count, int males, int females) {
    if (males + females > count) {
      form.refuse(
          "males",
          "%d males and %d females are more than the %d animals there are."
              .formatted(males, females, count));
    }
  }

  private Optional<Resident> read(CollectionContext place, FormReader form) {
    Optional<CareSheet> sheet = shelf.library(place).find(form.typed("species"));
    if (sheet.isEmpty()) {
      form.refuse("species", "Please choose a species.");
    }
    int count = form.whole("count", 1, 1000, 1);
    int males = form.whole("males", 0, 1000, 0);
    int females = form.whole("females", 0, 1000, 0);
    refuseTooManySexes(form, count, males, females);
    OptionalDouble length = form.optional("length", Dimension.LENGTH, 0.1, 300);
    OptionalDouble mass = form.optional("mass", Dimension.MASS, 0.001, 500_000);
    readSince(place, form);
    Optional<String> stage =
        Optional.of(form.typed("stage"))
            .filter(s -> !s.isEmpty())
            .map(s -> s.substring(s.indexOf('/') + 1));
    if (sheet.isPresent()
        && stage.isPresent()
        && (sheet.get().stage(stage.get()).isEmpty()
            || !form.typed("stage").startsWith(sheet.get().id() + "/"))) {
      form.refuse(
          "stage",
          "That is not a stage of the %s; its stages are: %s."
              .formatted(
                  sheet.get().name(),
                  String.join(", ", sheet.get().stages().stream().map(Stage::name).toList())));
    }
    String name = form.typed("name");
    if (name.length() > 60) {
      form.refuse("name", "At most 60 characters, please.");
    }
    if (form.hasErrors()) {
      return Optional.empty();
    }
    return Optional.of(
        new Resident(
            name.isEmpty() ? (count == 1 ? sheet.get().name() : sheet.get().plural()) : name,
            sheet.get(),
            count,
            males,
            females,
            length,
            mass,
            stage));
  }

  /** One cell of the matrix of who goes with whom. */
  record Cell(String verdict, String css, List<String> reasons) {}

  record Row(String name, List<Cell> cells) {}

  /** A range all of them stand; {@code text} says so where none is left. */
  record Common(String what, String text, boolean left) {}

  private static void addCompatibility(EnclosureSnapshot state, Units u, Model model) {
    List<Resident> residents = state.residents();
    Compatibility compatibility = Compatibility.of(residents);
    model.addAttribute("names", residents.stream().map(Resident::name).toList());
    model.addAttribute(
        "matrix",
        residents.stream()
            .map(
                one ->
                    new Row(
                        one.name(),
                        residents.stream()
                            .map(other -> cell(compatibility, one, other, u))
                            .toList()))
            .toList());
    model.addAttribute(
        "common",
        compatibility.shared().stream()
            .map(
                s ->
                    new Common(
                        s.what(),
                        s.range().map(r -> u.range(r, s.dimension())).orElse("none left"),
                        s.range().isPresent()))
            .toList());
  }

  private static Cell cell(Compatibility compatibility, Resident one, Resident other, Units u) {
    return compatibility.pairs().stream()
        .filter(p -> p.one() == one && p.other() == other || p.one() == other && p.other() == one)
        .findFirst()
        .map(
            p ->
                new Cell(
                    p.verdict() == Severity.NOTE ? "Well" : p.verdict().word(),
                    p.verdict() == Severity.NOTE
                        ? "well"
                        : p.verdict().word().toLowerCase(Locale.ROOT),
                    p.reasons().stream().map(u::text).toList()))
        .orElse(new Cell("", "", List.of()));
  }

  private String page(CollectionContext place, long id, Model model, FormReader form) {
    List<FieldView.Option> species =
        new ArrayList<>(List.of(new FieldView.Option("", "choose ...")));
    CareLibrary library = shelf.library(place);
    library.all().forEach(s -> species.add(new FieldView.Option(s.id(), s.name())));
    List<FieldView.Option> stages =
        new ArrayList<>(List.of(new FieldView.Option("", "by its length, or adult")));
    library
        .all()
        .forEach(
            s ->
                s.stages()
                    .forEach(
                        t ->
                            stages.add(
                                new FieldView.Option(
                                    s.id() + "/" + t.id(),
                                    s.name() + ": " + t.name().toLowerCase(Locale.ROOT)))));
    EnclosureSnapshot state = enclosures.get(place, id);
    model.addAttribute("state", state);
    addCompatibility(state, place.units(), model);
    model.addAttribute("foods", FoodItem.all());
    model.addAttribute(
        "sheets",
        state.occupants().stream()
            .collect(Collectors.toMap(o -> o.record().id(), o -> sheetsFor(place, o.resident()))));
    model.addAttribute("chosen", shelf.schools(place));
    model.addAttribute("clientId", form.typed("clientId"));
    model.addAttribute(
        "fields",
        List.of(
            FieldView.select(form, "species", "Species", species),
            FieldView.of(form, "count", "How many", "number", "", ""),
            FieldView.of(
                form,
                "length",
                "Length, measured",
                "number",
                Dimension.LENGTH.unit(place.system()),
                "decides the stage"),
            FieldView.of(
                form,
                "mass",
                "Weight, each",
                "number",
                Dimension.MASS.unit(place.system()),
                "empty: reckoned from length"),
            FieldView.select(form, "stage", "Stage, if not measured", stages),
            FieldView.of(form, "males", "Males", "number", "", "as far as known"),
            FieldView.of(form, "females", "Females", "number", "", "as far as known"),
            FieldView.of(form, "since", "Here since", "date", "", ""),
            FieldView.of(form, "name", "What you call them", "text", "", "")));
    return "enclosure/residents";
  }
}
