package app.islet.web.enclosure;

import app.islet.core.enclosure.Enclosure;
import app.islet.core.enclosure.PartKind;
import app.islet.core.enclosure.Vessel;
import app.islet.core.quantity.Dimension;
import app.islet.core.review.Proposal;
import app.islet.web.collection.Place;
import app.islet.web.collection.Role;
import app.islet.web.support.FieldView;
import app.islet.web.support.FormReader;

import jakarta.servlet.http.HttpServletResponse;

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

import java.util.List;
import java.util.Map;
import java.util.Optional;

/** The Build step: the design as a form beside a drawing that follows it. */
@Controller
@RequestMapping("/c/{collection}/enclosures/{id}")
class BuildController {
    private final Enclosures enclosures;

    BuildController(Enclosures enclosures) {
        this.enclosures = enclosures;
    }

    @GetMapping("/build")
    String show(Place place, @PathVariable long id, Model model) {
        EnclosureState state = enclosures.get(place, id);
        return page(
                model,
                state,
                new FormReader(DesignForm.typed(state.design(), place.system()), place.system()),
                Answer.of(state.assessment(), place.system()));
    }

    /** Answers what the form says so far, as a piece of page; nothing is saved. */
    @PostMapping("/build/preview")
    String preview(
            Place place,
            @PathVariable long id,
            @RequestParam Map<String, String> typed,
            Model model,
            HttpServletResponse response) {
        EnclosureState state = enclosures.get(place, id);
        FormReader form = new FormReader(typed, place.system());
        Optional<Enclosure> design = DesignForm.read(form, state.design());
        if (design.isEmpty()) {
            response.setStatus(HttpStatus.UNPROCESSABLE_ENTITY.value());
            model.addAttribute("errors", form.errors());
            return "enclosure/answer :: errors";
        }
        model.addAttribute("state", state);
        model.addAttribute(
                "answer", Answer.of(state.with(design.get()).assessment(), place.system()));
        return "enclosure/answer :: answer";
    }

    /**
     * Saves what was typed; with {@code applyChanges}, also applies a remedy to it, so that neither
     * is lost.
     */
    @PostMapping("/build")
    String save(
            Place place,
            @PathVariable long id,
            @RequestParam Map<String, String> typed,
            Model model,
            HttpServletResponse response,
            RedirectAttributes flash) {
        place.require(Role.KEEPER);
        EnclosureState state = enclosures.get(place, id);
        FormReader form = new FormReader(typed, place.system());
        Optional<Enclosure> design = DesignForm.read(form, state.design());
        if (design.isEmpty()) {
            response.setStatus(HttpStatus.UNPROCESSABLE_ENTITY.value());
            return page(model, state, form, Answer.of(state.assessment(), place.system()));
        }
        if (!form.typed("revision").equals(String.valueOf(state.revision()))) {
            response.setStatus(HttpStatus.CONFLICT.value());
            model.addAttribute(
                    "refused",
                    "Somebody saved this design while you typed. What you typed is below; save again to put it over theirs.");
            return page(
                    model,
                    state,
                    form,
                    Answer.of(state.with(design.get()).assessment(), place.system()));
        }
        String changes = typed.getOrDefault("applyChanges", "");
        enclosures.save(place, id, acted(changed(design.get(), changes), form));
        flash.addFlashAttribute("saved", changes.isEmpty() ? "Saved." : "Applied and saved.");
        return "redirect:" + place.path("/enclosures/" + id + "/build");
    }

    /**
     * Makes the smallest vessel that passes for the residents the design; the one before stays
     * among the versions.
     */
    @PostMapping("/propose")
    String propose(
            Place place,
            @PathVariable long id,
            @RequestParam Map<String, String> typed,
            Model model,
            HttpServletResponse response,
            RedirectAttributes flash) {
        place.require(Role.KEEPER);
        EnclosureState state = enclosures.get(place, id);
        FormReader form = new FormReader(typed, place.system());
        double length = form.number("maxLength", Dimension.LENGTH, 10, Vessel.MAX_CM);
        double width = form.number("maxWidth", Dimension.LENGTH, 10, Vessel.MAX_CM);
        Optional<Enclosure> proposed =
                form.hasErrors()
                        ? Optional.empty()
                        : Proposal.of(
                                state.name(),
                                state.assessment().residents(),
                                state.design().site(),
                                place.today(),
                                length,
                                width);
        if (proposed.isPresent()) {
            enclosures.save(place, id, proposed.get());
            flash.addFlashAttribute(
                    "saved", "Proposed and saved; the design before is under Earlier.");
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
        return page(model, state, design, form, Answer.of(state.assessment(), place.system()));
    }

    /** Applies a remedy of numbers. */
    @PostMapping("/remedy")
    String remedy(
            Place place,
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

    /** Does what a button of the parts asks for: one more, one less, one again. */
    private static Enclosure acted(Enclosure design, FormReader form) {
        if (!form.typed("addPart").isEmpty()) {
            return PartForm.added(design, form.choice("addPart", PartKind.class, PartKind.STONE));
        }
        if (!form.typed("removePart").isEmpty()) {
            return PartForm.removed(design, form.typed("removePart"));
        }
        return form.typed("copyPart").isEmpty()
                ? design
                : PartForm.copied(design, form.typed("copyPart"));
    }

    private static Enclosure changed(Enclosure design, String changes) {
        try {
            return design.with(RemedyText.read(changes));
        } catch (IllegalArgumentException e) {
            throw new ResponseStatusException(HttpStatus.UNPROCESSABLE_ENTITY, e.getMessage(), e);
        }
    }

    private static String page(Model model, EnclosureState state, FormReader form, Answer answer) {
        return page(model, state, form, new FormReader(Map.of(), form.units()), answer);
    }

    private static String page(
            Model model,
            EnclosureState state,
            FormReader form,
            FormReader proposal,
            Answer answer) {
        String unit = Dimension.LENGTH.unit(form.units());
        model.addAttribute(
                "proposal",
                List.of(
                        FieldView.of(
                                proposal, "maxLength", "Room for a length", "number", unit, ""),
                        FieldView.of(proposal, "maxWidth", "and a width", "number", unit, "")));
        model.addAttribute("proposalOpen", proposal.hasErrors());
        model.addAttribute("state", state);
        model.addAttribute("sections", DesignForm.sections(form));
        model.addAttribute("parts", PartForm.view(form));
        model.addAttribute("partKinds", PartKind.values());
        model.addAttribute("unitsPerCm", Dimension.LENGTH.toUnit(1, form.units()));
        model.addAttribute("formErrors", form.errors());
        model.addAttribute("answer", answer);
        return "enclosure/build";
    }
}
