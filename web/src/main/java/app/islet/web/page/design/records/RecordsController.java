package app.islet.web.page.design.records;

import app.islet.core.animal.Resident;
import app.islet.core.animal.Size;
import app.islet.core.livestock.Ledger;
import app.islet.core.livestock.LifeDates;
import app.islet.core.livestock.NextStage;
import app.islet.core.plan.PlanChange;
import app.islet.core.quantity.Dimension;
import app.islet.core.quantity.Quantity;
import app.islet.core.quantity.Range;
import app.islet.web.base.support.Field;
import app.islet.web.base.support.Fields;
import app.islet.web.base.support.Form;
import app.islet.web.base.support.Reply;
import app.islet.web.base.support.Units;
import app.islet.web.people.collection.CollectionContext;
import app.islet.web.reading.snapshot.EnclosureSnapshot;
import app.islet.web.reading.snapshot.Snapshots;
import app.islet.web.store.animal.Books;
import app.islet.web.store.animal.LifeFacts;
import app.islet.web.store.animal.Measurement;
import app.islet.web.store.animal.PlaceRecord;
import app.islet.web.store.animal.Residents;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/**
 * The Records step: measurements, the stage that follows from them, and what that changed in the
 * plan.
 */
@Controller
@RequestMapping("/c/{collection}/enclosures/{id}/records")
class RecordsController {
  private final Snapshots snapshots;
  private final Residents residents;
  private final Books books;

  RecordsController(Snapshots snapshots, Residents residents, Books books) {
    this.books = books;
    this.residents = residents;
    this.snapshots = snapshots;
  }

  /** One resident with its sizes, worded. */
  record Row(
      String name, String words, String now, String stage, String next, List<Entry> entries) {}

  record Entry(long id, LocalDate day, String length, String mass) {}

  /** What the measurement just logged changed, worded. */
  record Changed(String why, List<String> lines) {}

  @GetMapping
  String show(
      CollectionContext context,
      @PathVariable long id,
      @RequestParam(required = false) @Nullable Long logged,
      Model model) {
    Map<String, String> typed = new LinkedHashMap<>();
    typed.put("day", context.today().toString());
    typed.put("clientId", UUID.randomUUID().toString());
    if (logged != null) {
      changed(context, id, logged).ifPresent(c -> model.addAttribute("changed", c));
    }
    return page(context, id, model, new Form(typed, context.system()));
  }

  @PostMapping
  String add(
      CollectionContext context, @PathVariable long id, Form form, Model model, Reply reply) {
    OptionalDouble length = form.optional("length", Size.LENGTH);
    OptionalDouble smallest = form.optional("smallest", Size.LENGTH);
    OptionalDouble mass = form.optional("mass", Size.MASS);
    LocalDate day = form.date("day").orElse(context.today());
    int resident = form.whole("resident", 1, 999_999, 0);
    if (resident == 0) {
      form.refuse("resident", "Please say who was measured.");
    }
    if (day.isAfter(context.today())) {
      form.refuse(
          "day", "%s is still to come; a measurement is of today or before.".formatted(day));
    }
    if (smallest.isPresent() && smallest.getAsDouble() > length.orElse(0)) {
      form.refuse("smallest", "The smallest of them is not longer than the length of them.");
    }
    if (length.isEmpty() && mass.isEmpty()) {
      form.refuse("length", "Please give a length or a weight.");
    }
    if (form.hasErrors()) {
      return reply.refused(page(context, id, model, form));
    }
    Measurement entry =
        residents.measure(context, id, resident, day, length, smallest, mass, form.clientId());
    return "redirect:" + context.path("/enclosures/" + id + "/records?logged=" + entry.id());
  }

  @PostMapping("/{entry}/void")
  String voidEntry(CollectionContext context, @PathVariable long id, @PathVariable long entry) {
    residents.voidMeasurement(context, entry);
    return "redirect:" + context.path("/enclosures/" + id + "/records");
  }

  /**
   * Compares today's plan with the one that stood before the entry, for the resident it belongs to.
   */
  private Optional<Changed> changed(CollectionContext context, long id, long entry) {
    EnclosureSnapshot now = snapshots.get(context, id);
    EnclosureSnapshot before = snapshots.before(context, id, entry);
    Optional<EnclosureSnapshot.Occupant> measured =
        now.occupants().stream()
            .filter(o -> o.measurements().stream().anyMatch(m -> m.id() == entry))
            .findFirst();
    return measured.map(
        o -> {
          Resident was = before.occupants().get(now.occupants().indexOf(o)).resident();
          PlanChange change =
              PlanChange.between(
                  was, o.resident(), before.assessment().plan(), now.assessment().plan());
          Units u = context.units();
          return new Changed(u.text(change.why()), change.lines().stream().map(u::text).toList());
        });
  }

  private String page(CollectionContext context, long id, Model model, Form form) {
    EnclosureSnapshot state = snapshots.get(context, id);
    List<Field.Option> who =
        state.occupants().stream()
            .map(o -> new Field.Option(String.valueOf(o.record().id()), o.resident().name()))
            .toList();
    Fields fields = Fields.of(form, "records");
    model.addAttribute("state", state);
    model.addAttribute("clientId", form.typed("clientId"));
    Ledger ledger = books.ledger(context);
    Map<String, PlaceRecord> places = books.places(context);
    model.addAttribute(
        "rows",
        state.occupants().stream()
            .map(o -> row(o, LifeFacts.dates(o.record(), o.facts(), ledger, places), context))
            .toList());
    model.addAttribute(
        "fields",
        List.of(
            fields.select("resident", who),
            fields
                .length("length")
                .withHint(
                    state.occupants().isEmpty()
                        ? ""
                        : state.occupants().get(0).resident().sheet().group().measure()),
            fields.length("smallest"),
            fields.number("mass", Dimension.MASS),
            fields.date("day")));
    return "growth/records";
  }

  /** The same days as on the page of the animal itself. */
  private static String next(EnclosureSnapshot.Occupant o, LifeDates dates, LocalDate today) {
    Resident r = o.resident();
    return NextStage.of(r, dates, o.facts().growth(), OptionalDouble.empty(), today)
        .map(
            stage ->
                stage.next().name() + (stage.when(today).isEmpty() ? "" : ", " + stage.when(today)))
        .orElse("no further stage");
  }

  private static Row row(EnclosureSnapshot.Occupant o, LifeDates dates, CollectionContext context) {
    Units u = context.units();
    Resident r = o.resident();
    String next = next(o, dates, context.today());
    String measured = r.lengthCm().isPresent() ? "" : " (usual for the stage, not measured)";
    String weighed = r.massG().isPresent() ? "" : " (estimated from length)";
    return new Row(
        r.name(),
        r.words(),
        u.cm(r.bodyCm()) + measured + ", " + u.grams(r.bodyG()) + weighed,
        r.stage().name() + ": " + r.stage().signs(),
        next,
        o.measurements().stream()
            .sorted(
                Comparator.comparing(Measurement::day).thenComparing(Measurement::id).reversed())
            .map(
                m ->
                    new Entry(
                        m.id(),
                        m.day(),
                        lengths(m, u),
                        m.massG() == null ? "" : u.text(Quantity.grams(m.massG()))))
            .toList());
  }

  /** Of a group from the smallest to the largest. */
  private static String lengths(Measurement m, Units u) {
    if (m.lengthCm() == null) {
      return "";
    }
    return m.smallestCm() == null
        ? u.cm(m.lengthCm())
        : u.range(new Range(m.smallestCm(), m.lengthCm()), Dimension.LENGTH);
  }
}
