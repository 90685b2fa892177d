package app.islet.web.enclosure;

import app.islet.core.care.GroundMaterial;
import app.islet.core.document.DocumentWriter;
import app.islet.core.document.EnclosureDocument;
import app.islet.core.enclosure.Enclosure;
import app.islet.core.enclosure.Ground;
import app.islet.core.enclosure.Lid;
import app.islet.core.enclosure.Vessel;
import app.islet.core.enclosure.Water;
import app.islet.core.quantity.Dimension;
import app.islet.core.review.Outlook;
import app.islet.web.collection.Place;
import app.islet.web.collection.Role;
import app.islet.web.support.FieldView;
import app.islet.web.support.FormReader;
import app.islet.web.support.Units;

import jakarta.servlet.http.HttpServletResponse;

import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.UUID;

/** Making an enclosure, its review, and its file. */
@Controller
@RequestMapping("/c/{collection}/enclosures")
class EnclosureController {
    private static final int MONTHS_AHEAD = 36;
    private static final DateTimeFormatter MONTH =
            DateTimeFormatter.ofPattern("MMMM yyyy", Locale.ENGLISH);

    private final Enclosures enclosures;

    EnclosureController(Enclosures enclosures) {
        this.enclosures = enclosures;
    }

    @GetMapping("/new")
    String form(Place place, Model model) {
        place.require(Role.KEEPER);
        return form(
                place,
                model,
                new FormReader(Map.of("clientId", UUID.randomUUID().toString()), place.system()));
    }

    private String form(Place place, Model model, FormReader form) {
        String len = Dimension.LENGTH.unit(place.system());
        List<FieldView.Option> rooms =
                enclosures.rooms(place).stream()
                        .map(r -> new FieldView.Option(String.valueOf(r.id()), r.name()))
                        .toList();
        model.addAttribute(
                "fields",
                List.of(
                        FieldView.of(form, "name", "Name", "text", "", "as you call it"),
                        FieldView.select(form, "room", "Room", rooms),
                        FieldView.of(form, "length", "Inner length", "number", len, ""),
                        FieldView.of(form, "width", "Inner width", "number", len, ""),
                        FieldView.of(form, "height", "Inner height", "number", len, "")));
        model.addAttribute("clientId", form.typed("clientId"));
        model.addAttribute("hasRooms", !rooms.isEmpty());
        return "enclosure/new";
    }

    @PostMapping
    String create(
            Place place,
            @RequestParam Map<String, String> typed,
            Model model,
            HttpServletResponse response) {
        place.require(Role.KEEPER);
        FormReader form = new FormReader(typed, place.system());
        String name = form.text("name", 80, "a name");
        double length = form.number("length", Dimension.LENGTH, 1, Vessel.MAX_CM);
        double width = form.number("width", Dimension.LENGTH, 1, Vessel.MAX_CM);
        double height = form.number("height", Dimension.LENGTH, 1, Vessel.MAX_CM);
        int room = form.whole("room", 1, 999_999, 0);
        if (room == 0) {
            form.refuse("room", "Please choose the room it stands in.");
        }
        if (form.hasErrors()) {
            response.setStatus(HttpStatus.UNPROCESSABLE_ENTITY.value());
            return form(place, model, form);
        }
        Enclosure design =
                new Enclosure(
                        name,
                        new Vessel(length, width, height),
                        new Water(height / 2, OptionalDouble.empty()),
                        new Ground(GroundMaterial.BARE, 0),
                        Optional.empty(),
                        Lid.NONE,
                        Optional.empty(),
                        List.of(),
                        enclosures.room(place, room).site());
        long id =
                enclosures.create(
                        place,
                        room,
                        design,
                        place.today(),
                        UUID.fromString(form.typed("clientId")));
        return "redirect:" + place.path("/enclosures/" + id + "/residents");
    }

    @GetMapping("/{id}")
    String open(Place place, @PathVariable long id) {
        EnclosureState state = enclosures.get(place, id);
        return "redirect:"
                + place.path(
                        "/enclosures/"
                                + id
                                + (state.occupants().isEmpty() ? "/residents" : "/build"));
    }

    @GetMapping("/{id}/review")
    String review(Place place, @PathVariable long id, Model model) {
        EnclosureState state = enclosures.get(place, id);
        model.addAttribute("state", state);
        model.addAttribute("answer", Answer.of(state.assessment(), place.system()));
        model.addAttribute("later", later(state, place.units()));
        return "enclosure/review";
    }

    /** What fails first as the residents grow. */
    record Later(String when, String severity, String css, String what) {}

    private static List<Later> later(EnclosureState state, Units u) {
        return Outlook.of(state.assessment().situation(), MONTHS_AHEAD).events().stream()
                .map(
                        e ->
                                new Later(
                                        e.day().format(MONTH),
                                        e.finding().severity().word(),
                                        e.finding().severity().word().toLowerCase(Locale.ROOT),
                                        u.text(e.finding().what())))
                .toList();
    }

    /** The enclosure and its residents as one open file. */
    @GetMapping("/{id}/document.json")
    ResponseEntity<String> document(Place place, @PathVariable long id) {
        EnclosureState state = enclosures.get(place, id);
        String json =
                DocumentWriter.write(
                        new EnclosureDocument(state.design(), state.assessment().residents()));
        String file = state.name().toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]+", "-") + ".json";
        return ResponseEntity.ok()
                .contentType(MediaType.APPLICATION_JSON)
                .header("Content-Disposition", "attachment; filename=\"" + file + "\"")
                .body(json);
    }
}
