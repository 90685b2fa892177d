package app.islet.web.enclosure;

import app.islet.core.enclosure.Enclosure;
import app.islet.core.enclosure.FurnishingCatalogue;
import app.islet.core.enclosure.FurnishingKind;
import app.islet.core.enclosure.Vessel;
import app.islet.core.quantity.Dimension;
import app.islet.core.review.Outlook;
import app.islet.core.review.Proposal;
import app.islet.core.situation.HusbandryState;
import app.islet.web.collection.CollectionContext;
import app.islet.web.collection.Role;
import app.islet.web.support.FieldView;
import app.islet.web.support.FormReader;
import jakarta.servlet.http.HttpServletResponse;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
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

/** The Build step: the design as a form beside a drawing that follows it. */
@Controller
@RequestMapping("/c/{collection}/enclosures/{id}")
class BuildController {
  private final Enclosures enclosures;
  private final Preview preview;

  BuildController(Enclosures enclosures, Preview preview) {
    this.enclosures = enclosures;
    this.preview = preview;
  }

  @GetMapping("/build")
  String show(CollectionContext place, @PathVariable long id, Model model) {
    EnclosureSnapshot state = enclosures.get(place, id);
    return page(
        model,
        state,
        new FormReader(DesignForm.typed(state.design(), place.system()), place.system()),
        DesignView.of(state.assessment(), place.system()));
  }

  /** Answers what the form says so far, as a piece of page; nothing is saved. */
  @PostMapping("/build/preview")
  String preview(
      CollectionContext place,
      @PathVariable long id,
      @RequestParam Map<String, String> typed,
      Model model,
      HttpServletResponse response) {
    Preview.Piece piece = preview.of(place, id, typed);
    if (!piece.sound()) {
      response.setStatus(HttpStatus.UNPROCESSABLE_ENTITY.value());
    }
    model.addAllAttributes(piece.model());
    return Preview.TEMPLATE + " :: " + piece.fragment();
  }

  /**
   * The form and its answer once more, after a button of the parts, or a step back: nothing is
   * saved. What is wrong stands beside its field.
   */
  @PostMapping("/build/form")
  String form(
      CollectionContext place,
      @PathVariable long id,
      @RequestParam Map<String, String> typed,
      Model model) {
    EnclosureSnapshot state = enclosures.get(place, id);
    FormReader form = new FormReader(typed, place.system());
    Optional<Enclosure> read = DesignForm.read(form, state.design());
    if (read.isEmpty()) {
      return page(model, state, form, DesignView.of(state.assessment(), place.system()));
    }
    Enclosure acted = changed(acted(read.get(), form), typed.getOrDefault("applyChanges", ""));
    BoardView view = BoardView.read(form);
    return page(
        model,
        state,
        new FormReader(DesignForm.typed(acted, place.system()), place.system()),
        DesignView.of(state.with(acted, view.aheadMonths()).assessment(), place.system(), view));
  }

  /** What fails first as the residents grow in the design as typed, for the time slider. */
  @PostMapping("/build/outlook")
  String outlook(
      CollectionContext place,
      @PathVariable long id,
      @RequestParam Map<String, String> typed,
      Model model) {
    EnclosureSnapshot state = enclosures.get(place, id);
    FormReader form = new FormReader(typed, place.system());
    HusbandryState now =
        DesignForm.read(form, state.design())
            .map(design -> state.with(design).assessment().situation())
            .orElse(state.assessment().situation());
    model.addAttribute("outlook", OutlookView.of(now, place.units()));
    return "enclosure/outlook :: outlook";
  }

  /**
   * Saves what was typed; with {@code applyChanges}, also applies a remedy to it, so that neither
   * is lost.
   */
  @PostMapping("/build")
  String save(
      CollectionContext place,
      @PathVariable long id,
      @RequestParam Map<String, String> typed,
      Model model,
      HttpServletResponse response,
      RedirectAttributes flash) {
    place.require(Role.KEEPER);
    EnclosureSnapshot state = enclosures.get(place, id);
    FormReader form = new FormReader(typed, place.system());
    Optional<Enclosure> design = DesignForm.read(form, state.design());
    if (design.isEmpty()) {
      response.setStatus(HttpStatus.UNPROCESSABLE_ENTITY.value());
      return page(model, state, form, DesignView.of(state.assessment(), place.system()));
    }
    if (!form.typed("revision").equals(String.valueOf(state.revision()))) {
      response.setStatus(HttpStatus.CONFLICT.value());
      model.addAttribute(
          "refused",
          "Somebody saved this design while you typed. What you typed is below; save again to put it over theirs.");
      return page(
          model, state, form, DesignView.of(state.with(design.get()).assessment(), place.system()));
    }
    String changes = typed.getOrDefault("applyChanges", "");
    enclosures.save(place, id, acted(changed(design.get(), changes), form));
    flash.addFlashAttribute("saved", changes.isEmpty() ? "Saved." : "Applied and saved.");
    return "redirect:" + place.path("/enclosures/" + id + "/build");
  }

  /**
   * Makes the smallest vessel that passes for the residents the design; the one before stays among
   * the versions.
   */
  @PostMapping("/propose")
  String propose(
      CollectionContext place,
      @PathVariable long id,
      @RequestParam Map<String, String> typed,
      Model model,
      HttpServletResponse response,
      RedirectAttributes flash) {
    place.require(Role.KEEPER);
    EnclosureSnapshot state = enclosures.get(place, id);
    FormReader form = new FormReader(typed, place.system());
    double length = form.number("maxLength", Dimension.LENGTH, 10, Vessel.MAX_CM);
    double width = form.number("maxWidth", Dimension.LENGTH, 10, Vessel.MAX_CM);
    Optional<Enclosure> proposed =
        form.hasErrors()
            ? Optional.empty()
            : Proposal.of(
                state.name(),
                state.residents(),
                state.design().site(),
                place.today(),
                length,
                width);
    if (proposed.isPresent()) {
      enclosures.save(place, id, proposed.get());
      flash.addFlashAttribute("saved", "Proposed and saved; the design before is under Earlier.");
      return "redirect:" + place.path("/enclosures/" + id + "/build");
    }
    if (!form.hasErrors()) {
      form.refuse(
          "maxLength",
          "No vessel as sold that fits there passes for them in this room: give it more room, or keep fewer.");
    }
    response.setStatus(HttpStatus.UNPROCESSABLE_ENTITY.value());
    FormReader design =
        new FormReader(DesignForm.typed(state.design(), place.system()), place.system());
    return page(model, state, design, form, DesignView.of(state.assessment(), place.system()));
  }

  /** Applies a remedy of numbers. */
  @PostMapping("/remedy")
  String remedy(
      CollectionContext place,
      @PathVariable long id,
      @RequestParam String changes,
      @RequestParam(defaultValue = "build") String back,
      RedirectAttributes flash) {
    place.require(Role.KEEPER);
    enclosures.save(place, id, changed(enclosures.get(place, id).design(), changes));
    flash.addFlashAttribute("saved", "Applied and saved.");
    return "redirect:"
        + place.path("/enclosures/" + id + (back.equals("review") ? "/review" : "/build"));
  }

  /** Does what a button of the rows asks for: one more, one less, one again. */
  private static Enclosure acted(Enclosure design, FormReader form) {
    Enclosure acted = design;
    if (!form.typed("addPart").isEmpty()) {
      acted =
          FurnishingCatalogue.added(
              acted, form.choice("addPart", FurnishingKind.class, FurnishingKind.STONE));
    }
    if (!form.typed("removePart").isEmpty()) {
      acted = FurnishingCatalogue.removed(acted, form.typed("removePart"));
    }
    if (!form.typed("copyPart").isEmpty()) {
      acted = FurnishingCatalogue.copied(acted, form.typed("copyPart"));
    }
    if (!form.typed("addLayer").isEmpty()) {
      acted = GroundForm.withLayer(acted);
    }
    if (!form.typed("removeLayer").isEmpty()) {
      acted = GroundForm.withoutLayer(acted, form.whole("removeLayer", 0, 10, 0));
    }
    if (!form.typed("addPoint").isEmpty()) {
      String at = form.typed("addPoint");
      acted = GroundForm.withPoint(acted, at.equals("anywhere") ? "" : at, form);
    }
    if (!form.typed("removePoint").isEmpty()) {
      acted = GroundForm.withoutPoint(acted, form.whole("removePoint", 0, 50, 0));
    }
    return acted;
  }

  private static Enclosure changed(Enclosure design, String changes) {
    try {
      return design.with(RemedyText.read(changes));
    } catch (IllegalArgumentException e) {
      throw new ResponseStatusException(HttpStatus.UNPROCESSABLE_ENTITY, e.getMessage(), e);
    }
  }

  private static String page(
      Model model, EnclosureSnapshot state, FormReader form, DesignView answer) {
    return page(model, state, form, new FormReader(Map.of(), form.units()), answer);
  }

  private static String page(
      Model model,
      EnclosureSnapshot state,
      FormReader form,
      FormReader proposal,
      DesignView answer) {
    String unit = Dimension.LENGTH.unit(form.units());
    model.addAttribute(
        "proposal",
        List.of(
            FieldView.of(proposal, "maxLength", "Room for a length", "number", unit, ""),
            FieldView.of(proposal, "maxWidth", "and a width", "number", unit, "")));
    model.addAttribute("proposalOpen", proposal.hasErrors());
    model.addAttribute("state", state);
    model.addAttribute("sections", DesignForm.sections(form));
    model.addAttribute("parts", PartForm.view(form));
    model.addAttribute("layers", GroundForm.layers(form));
    model.addAttribute("points", GroundForm.points(form));
    model.addAttribute("partKinds", FurnishingKind.values());
    model.addAttribute("months", Outlook.monthsToAdult(state.assessment().situation()));
    model.addAttribute(
        "cutMost", Dimension.LENGTH.toUnit(state.design().vessel().widthCm(), form.units()));
    model.addAttribute("lengthUnit", unit);
    model.addAttribute("unitsPerCm", Dimension.LENGTH.toUnit(1, form.units()));
    model.addAttribute("formErrors", form.errors());
    model.addAttribute("answer", answer);
    model.addAttribute("has", Set.of());
    return "enclosure/build";
  }
}
