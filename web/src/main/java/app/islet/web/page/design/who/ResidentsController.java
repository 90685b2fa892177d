package app.islet.web.page.design.who;

import app.islet.core.animal.Heads;
import app.islet.core.animal.Resident;
import app.islet.core.animal.Size;
import app.islet.core.care.CareLibrary;
import app.islet.core.care.CareSheet;
import app.islet.core.care.FoodItem;
import app.islet.core.care.Stage;
import app.islet.core.enclosure.Companion;
import app.islet.core.livestock.UnbalancedException;
import app.islet.core.quantity.Dimension;
import app.islet.core.review.Compatibility;
import app.islet.core.review.Severity;
import app.islet.core.text.English;
import app.islet.web.base.support.Field;
import app.islet.web.base.support.Fields;
import app.islet.web.base.support.Form;
import app.islet.web.base.support.Reply;
import app.islet.web.base.support.Units;
import app.islet.web.people.collection.CollectionContext;
import app.islet.web.people.collection.Role;
import app.islet.web.reading.snapshot.EnclosureSnapshot;
import app.islet.web.reading.snapshot.Snapshots;
import app.islet.web.store.animal.MiscountException;
import app.islet.web.store.animal.Residents;
import app.islet.web.store.care.CareSheetStore;
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
import org.springframework.web.server.ResponseStatusException;

/** The Residents step: who lives here, at which stage, how many, which sexes. */
@Controller
@RequestMapping("/c/{collection}/enclosures/{id}/residents")
class ResidentsController {
  /** A table of more cannot be read, and takes long to work out. */
  private static final int MAX_IN_MATRIX = 24;

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
  private final CareSheetStore sheets;
  private final Residents residents;

  ResidentsController(Snapshots snapshots, CareSheetStore sheets, Residents residents) {
    this.residents = residents;
    this.snapshots = snapshots;
    this.sheets = sheets;
  }

  @GetMapping
  String show(CollectionContext context, @PathVariable long id, Model model) {
    return page(
        context,
        id,
        model,
        new Form(
            Map.of(
                "count",
                "1",
                "since",
                context.today().toString(),
                "clientId",
                UUID.randomUUID().toString()),
            context.system()));
  }

  @PostMapping
  String add(
      CollectionContext context, @PathVariable long id, Form form, Model model, Reply reply) {
    context.require(Role.KEEPER);
    Optional<Resident> resident = read(context, form);
    if (resident.isEmpty()) {
      return reply.refused(page(context, id, model, form));
    }
    residents.add(
        context, id, resident.get(), form.clientId(), form.date("since").orElse(context.today()));
    return "redirect:" + context.path("/enclosures/" + id + "/residents");
  }

  /** What was typed into one resident's correction, kept while something in it is wrong. */
  record Correction(long residentId, Form form) {
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
      CollectionContext context,
      @PathVariable long id,
      @PathVariable long residentId,
      Form form,
      Model model,
      Reply reply) {
    context.require(Role.KEEPER);
    int count = form.whole("count", 1, 1000, 1);
    int males = form.whole("males", 0, 1000, 0);
    int females = form.whole("females", 0, 1000, 0);
    String name = form.text("name", 60, "a name");
    refuseTooManySexes(form, count, males, females);
    LocalDate since = readSince(context, form);
    EnclosureSnapshot.Occupant occupant =
        snapshots.get(context, id).occupants().stream()
            .filter(o -> o.record().id() == residentId)
            .findFirst()
            .orElseThrow(() -> new ResponseStatusException(HttpStatus.NOT_FOUND));
    String species =
        form.typed("sheet").isEmpty() ? occupant.record().species() : form.typed("sheet");
    if (sheetsFor(context, occupant.resident()).stream().noneMatch(s -> s.id().equals(species))) {
      form.refuse("sheet", "Please choose a care sheet of the same kind.");
    }
    Optional<String> stage = Optional.of(form.typed("stage")).filter(s -> !s.isEmpty());
    if (stage.isPresent() && occupant.resident().sheet().stage(stage.get()).isEmpty()) {
      form.refuse("stage", "Please choose a life stage of this kind.");
    }
    if (form.hasErrors()) {
      model.addAttribute("correction", new Correction(residentId, form));
      return reply.refused(show(context, id, model));
    }
    Residents.Description described =
        new Residents.Description(
            species,
            name,
            count,
            males,
            females,
            stage,
            Optional.of(form.typed("school")).filter(school -> !school.isEmpty()),
            since,
            FoodItem.all().stream().filter(f -> form.flag("food-" + f.id())).toList());
    try {
      residents.describe(context, id, residentId, described);
    } catch (MiscountException e) {
      return miscounted(context, id, residentId, form, model, reply, e.getMessage());
    } catch (UnbalancedException e) {
      String sentence = e.sentence(key -> name, key -> "this place");
      return miscounted(context, id, residentId, form, model, reply, sentence);
    }
    return reply.saved("Saved.", context.path("/enclosures/" + id + "/residents"));
  }

  private String miscounted(
      CollectionContext context,
      long id,
      long residentId,
      Form form,
      Model model,
      Reply reply,
      String sentence) {
    form.refuse("count", sentence);
    model.addAttribute("correction", new Correction(residentId, form));
    return reply.refused(show(context, id, model));
  }

  private static LocalDate readSince(CollectionContext context, Form form) {
    LocalDate since = form.date("since").orElse(context.today());
    if (since.isAfter(context.today())) {
      form.refuse("since", "A day until today, please.");
    }
    return since;
  }

  /** The care sheets that can hold for these animals: those of their kind. */
  private List<CareSheet> sheetsFor(CollectionContext context, Resident resident) {
    return sheets.library(context).all().stream()
        .filter(sheet -> sheet.kind().equals(resident.species().kind()))
        .toList();
  }

  private static void refuseTooManySexes(Form form, int count, int males, int females) {
    if (males + females > count) {
      form.refuse(
          "males",
          "%s and %s are more than the %s there are."
              .formatted(
                  English.count(males, "male"),
                  English.count(females, "female"),
                  English.count(count, "animal")));
    }
  }

  private Optional<Resident> read(CollectionContext context, Form form) {
    Optional<CareSheet> sheet = sheets.library(context).find(form.typed("species"));
    if (sheet.isEmpty()) {
      form.refuse("species", "Please choose a species.");
    }
    int count = form.whole("count", 1, 1000, 1);
    int males = form.whole("males", 0, 1000, 0);
    int females = form.whole("females", 0, 1000, 0);
    refuseTooManySexes(form, count, males, females);
    OptionalDouble length = form.optional("length", Size.LENGTH);
    OptionalDouble mass = form.optional("mass", Size.MASS);
    readSince(context, form);
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
    Resident described =
        Resident.described(
            sheet.get(), new Heads(count, males, females), Size.of(length, mass), stage);
    return Optional.of(name.isEmpty() ? described : described.named(name));
  }

  /** One cell of the matrix of who goes with whom. */
  record Cell(String verdict, String css, List<String> reasons) {}

  record Row(String name, List<Cell> cells) {}

  /** A range all of them stand; {@code text} says so where none is left. */
  record Common(String what, String text, boolean left) {}

  private static void addCompatibility(EnclosureSnapshot state, Units u, Model model) {
    List<Resident> residents = state.residents().stream().limit(MAX_IN_MATRIX).toList();
    model.addAttribute("matrixLeavesOut", state.residents().size() - residents.size());
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

  private String page(CollectionContext context, long id, Model model, Form form) {
    List<Field.Option> species = new ArrayList<>(List.of(new Field.Option("", "choose ...")));
    CareLibrary library = sheets.library(context);
    library.all().forEach(s -> species.add(new Field.Option(s.id(), s.name())));
    List<Field.Option> stages =
        new ArrayList<>(List.of(new Field.Option("", "from the length; adult if not measured")));
    library
        .all()
        .forEach(
            s ->
                s.stages()
                    .forEach(
                        t ->
                            stages.add(
                                new Field.Option(
                                    s.id() + "/" + t.id(),
                                    s.name() + ": " + t.name().toLowerCase(Locale.ROOT)))));
    Fields fields = Fields.of(form, "residents");
    EnclosureSnapshot state = snapshots.get(context, id);
    model.addAttribute("state", state);
    addCompatibility(state, context.units(), model);
    model.addAttribute(
        "company",
        state.design().company().stream().map(Companion::words).collect(English.listing()));
    model.addAttribute("causes", CAUSES);
    model.addAttribute(
        "lostIds",
        state.occupants().stream()
            .collect(Collectors.toMap(o -> o.record().id(), o -> UUID.randomUUID())));
    model.addAttribute("foods", FoodItem.all());
    model.addAttribute(
        "sheets",
        state.occupants().stream()
            .collect(
                Collectors.toMap(o -> o.record().id(), o -> sheetsFor(context, o.resident()))));
    model.addAttribute("chosen", sheets.schools(context));
    model.addAttribute("clientId", form.typed("clientId"));
    model.addAttribute(
        "fields",
        List.of(
            fields.select("species", species),
            fields.number("count"),
            fields.length("length"),
            fields.number("mass", Dimension.MASS),
            fields.select("stage", stages),
            fields.number("males"),
            fields.number("females"),
            fields.date("since"),
            fields.text("name")));
    return "residents/residents";
  }
}
