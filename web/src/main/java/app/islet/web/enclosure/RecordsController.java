package app.islet.web.enclosure;

import app.islet.core.animal.Resident;
import app.islet.core.plan.PlanChange;
import app.islet.core.quantity.Dimension;
import app.islet.core.quantity.Quantity;
import app.islet.web.collection.CollectionContext;
import app.islet.web.support.FieldView;
import app.islet.web.support.FormReader;
import app.islet.web.support.Units;
import jakarta.servlet.http.HttpServletResponse;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
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
  private final Enclosures enclosures;

  RecordsController(Enclosures enclosures) {
    this.enclosures = enclosures;
  }

  /** One resident with its sizes, worded. */
  record Row(
      String name, String words, String now, String stage, String next, List<Entry> entries) {}

  record Entry(long id, LocalDate day, String length, String mass) {}

  /** What the measurement just logged changed, worded. */
  record Changed(String why, List<String> lines) {}

  @GetMapping
  String show(
      CollectionContext place,
      @PathVariable long id,
      @RequestParam(required = false) @Nullable Long logged,
      Model model) {
    Map<String, String> typed = new LinkedHashMap<>();
    typed.put("day", place.today().toString());
    typed.put("clientId", UUID.randomUUID().toString());
    if (logged != null) {
      changed(place, id, logged).ifPresent(c -> model.addAttribute("changed", c));
    }
    return page(place, id, model, new FormReader(typed, place.system()));
  }

  @PostMapping
  String add(
      CollectionContext place,
      @PathVariable long id,
      @RequestParam Map<String, String> typed,
      Model model,
      HttpServletResponse response) {
    FormReader form = new FormReader(typed, place.system());
    OptionalDouble length = form.optional("length", Dimension.LENGTH, 0.1, 300);
    OptionalDouble mass = form.optional("mass", Dimension.MASS, 0.001, 500_000);
    LocalDate day = form.date("day").orElse(place.today());
    int resident = form.whole("resident", 1, 999_999, 0);
    if (resident == 0) {
      form.refuse("resident", "Please say who was measured.");
    }
    if (day.isAfter(place.today())) {
      form.refuse(
          "day", "%s is still to come; a measurement is of today or before.".formatted(day));
    }
    if (length.isEmpty() && mass.isEmpty()) {
      form.refuse("length", "Please give a length or a weight.");
    }
    if (form.hasErrors()) {
      response.setStatus(HttpStatus.UNPROCESSABLE_ENTITY.value());
      return page(place, id, model, form);
    }
    long entry =
        enclosures.measure(
            place, id, resident, day, length, mass, UUID.fromString(form.typed("clientId")));
    return "redirect:" + place.path("/enclosures/" + id + "/records?logged=" + entry);
  }

  @PostMapping("/{entry}/strike")
  String strike(CollectionContext place, @PathVariable long id, @PathVariable long entry) {
    enclosures.strike(place, id, entry);
    return "redirect:" + place.path("/enclosures/" + id + "/records");
  }

  /**
   * Compares today's plan with the one that stood before the entry, for the resident it belongs to.
   */
  private Optional<Changed> changed(CollectionContext place, long id, long entry) {
    EnclosureSnapshot now = enclosures.get(place, id);
    EnclosureSnapshot before = enclosures.getBefore(place, id, entry);
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
          Units u = place.units();
          return new Changed(u.text(change.why()), change.lines().stream().map(u::text).toList());
        });
  }

  private String page(CollectionContext place, long id, Model model, FormReader form) {
    EnclosureSnapshot state = enclosures.get(place, id);
    List<FieldView.Option> who =
        state.occupants().stream()
            .map(o -> new FieldView.Option(String.valueOf(o.record().id()), o.resident().name()))
            .toList();
    model.addAttribute("state", state);
    model.addAttribute("clientId", form.typed("clientId"));
    model.addAttribute("rows", state.occupants().stream().map(o -> row(o, place)).toList());
    model.addAttribute(
        "fields",
        List.of(
            FieldView.select(form, "resident", "Who", who),
            FieldView.of(
                form,
                "length",
                "Length",
                "number",
                Dimension.LENGTH.unit(place.system()),
                state.occupants().isEmpty()
                    ? ""
                    : state.occupants().get(0).resident().sheet().group().measure()),
            FieldView.of(
                form, "mass", "Weight, each", "number", Dimension.MASS.unit(place.system()), ""),
            FieldView.of(form, "day", "On", "date", "", "")));
    return "enclosure/records";
  }

  private static Row row(EnclosureSnapshot.Occupant o, CollectionContext place) {
    Units u = place.units();
    Resident r = o.resident();
    String next =
        r.sheet()
            .next(r.stage())
            .map(
                stage -> {
                  OptionalDouble days =
                      r.sheet().growth().daysUntil(r.bodyCm(), stage.fromLengthCm());
                  return days.isEmpty()
                      ? ""
                      : "%s at %s, expected about %s (average growth; yours may be half as fast or twice)"
                          .formatted(
                              stage.name(),
                              u.cm(stage.fromLengthCm()),
                              place.today().plusDays(Math.round(days.getAsDouble())));
                })
            .orElse("no further stage");
    String measured = r.lengthCm().isPresent() ? "" : " (usual for the stage, not measured)";
    String weighed = r.massG().isPresent() ? "" : " (reckoned from length)";
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
                        m.lengthCm() == null ? "" : u.cm(m.lengthCm()),
                        m.massG() == null ? "" : u.text(Quantity.grams(m.massG()))))
            .toList());
  }
}
