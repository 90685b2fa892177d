package app.islet.web.enclosure;

import app.islet.core.enclosure.Site;
import app.islet.core.quantity.Dimension;
import app.islet.core.quantity.UnitSystem;
import app.islet.web.collection.CollectionContext;
import app.islet.web.collection.Role;
import app.islet.web.support.FieldView;
import app.islet.web.support.FormReader;
import jakarta.servlet.http.HttpServletResponse;
import java.math.BigDecimal;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/**
 * The Site step, and the rooms of a collection: how warm it is there by day and night, summer and
 * winter.
 */
@Controller
class SiteController {
  private final Enclosures enclosures;

  SiteController(Enclosures enclosures) {
    this.enclosures = enclosures;
  }

  @GetMapping("/c/{collection}/enclosures/{id}/site")
  String show(CollectionContext place, @PathVariable long id, Model model) {
    EnclosureSnapshot state = enclosures.get(place, id);
    return page(
        place,
        state,
        model,
        new FormReader(
            typed(state.room().name(), state.room().site(), place.system()), place.system()));
  }

  @PostMapping("/c/{collection}/enclosures/{id}/site")
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
    Site site = read(form);
    String name = form.text("roomName", 60, "the room's name");
    if (form.hasErrors()) {
      response.setStatus(HttpStatus.UNPROCESSABLE_ENTITY.value());
      return page(place, state, model, form);
    }
    enclosures.saveRoom(place, state.room().id(), name, site);
    flash.addFlashAttribute("saved", "Saved.");
    return "redirect:" + place.path("/enclosures/" + id + "/site");
  }

  @PostMapping("/c/{collection}/enclosures/{id}/move")
  String move(CollectionContext place, @PathVariable long id, @RequestParam long room) {
    enclosures.move(place, id, room);
    return "redirect:" + place.path("/enclosures/" + id + "/site");
  }

  @GetMapping("/c/{collection}/rooms/new")
  String newRoom(CollectionContext place, Model model) {
    place.require(Role.KEEPER);
    model.addAttribute(
        "fields",
        fields(new FormReader(typed("", Site.LIVING_ROOM, place.system()), place.system())));
    return "enclosure/room";
  }

  @PostMapping("/c/{collection}/rooms")
  String addRoom(
      CollectionContext place,
      @RequestParam Map<String, String> typed,
      Model model,
      HttpServletResponse response) {
    place.require(Role.KEEPER);
    FormReader form = new FormReader(typed, place.system());
    Site site = read(form);
    String name = form.text("roomName", 60, "the room's name");
    if (form.hasErrors()) {
      response.setStatus(HttpStatus.UNPROCESSABLE_ENTITY.value());
      model.addAttribute("fields", fields(form));
      return "enclosure/room";
    }
    enclosures.saveRoom(place, null, name, site);
    return "redirect:" + place.path("/enclosures/new");
  }

  private String page(
      CollectionContext place, EnclosureSnapshot state, Model model, FormReader form) {
    model.addAttribute("state", state);
    model.addAttribute("rooms", enclosures.rooms(place));
    model.addAttribute("fields", fields(form));
    return "enclosure/site";
  }

  private static Map<String, String> typed(String name, Site site, UnitSystem units) {
    Map<String, String> typed = new LinkedHashMap<>();
    typed.put("roomName", name);
    typed.put("summerDay", FormReader.shown(site.summerDayC(), Dimension.TEMPERATURE, units));
    typed.put("summerNight", FormReader.shown(site.summerNightC(), Dimension.TEMPERATURE, units));
    typed.put("winterDay", FormReader.shown(site.winterDayC(), Dimension.TEMPERATURE, units));
    typed.put("winterNight", FormReader.shown(site.winterNightC(), Dimension.TEMPERATURE, units));
    site.residualCurrentDevice()
        .ifPresent(there -> typed.put("residualCurrentDevice", there ? "YES" : "NO"));
    if (site.smallChildren()) {
      typed.put("smallChildren", "on");
    }
    if (site.sunHours() > 0) {
      typed.put("sunHours", FormReader.shown(site.sunHours(), Dimension.HOURS, units));
    }
    site.latitude()
        .ifPresent(deg -> typed.put("latitude", BigDecimal.valueOf(deg).toPlainString()));
    site.longitude()
        .ifPresent(deg -> typed.put("longitude", BigDecimal.valueOf(deg).toPlainString()));
    typed.put("humidity", FormReader.shown(site.humidityPercent(), Dimension.PERCENT, units));
    return typed;
  }

  private static Site read(FormReader form) {
    return new Site(
        temperature(form, "summerDay"),
        temperature(form, "summerNight"),
        temperature(form, "winterDay"),
        temperature(form, "winterNight"),
        form.number("humidity", Dimension.PERCENT, 0, 100),
        device(form),
        form.flag("smallChildren"),
        form.optional("sunHours", Dimension.HOURS, 0, 16).orElse(0),
        form.optional("latitude", Dimension.ANGLE, -90, 90),
        form.optional("longitude", Dimension.ANGLE, -180, 180));
  }

  private static Optional<Boolean> device(FormReader form) {
    String said = form.typed("residualCurrentDevice");
    return said.isEmpty() ? Optional.empty() : Optional.of(said.equals("YES"));
  }

  private static double temperature(FormReader form, String id) {
    return form.number(id, Dimension.TEMPERATURE, -20, 50);
  }

  private static List<FieldView> fields(FormReader form) {
    String t = Dimension.TEMPERATURE.unit(form.units());
    return List.of(
        FieldView.of(form, "roomName", "Room", "text", "", ""),
        FieldView.of(form, "summerDay", "Summer, warmest by day", "number", t, ""),
        FieldView.of(form, "summerNight", "Summer, by night", "number", t, ""),
        FieldView.of(form, "winterDay", "Winter, by day", "number", t, ""),
        FieldView.of(form, "winterNight", "Winter, coldest by night", "number", t, ""),
        FieldView.of(
            form, "humidity", "Humidity of the room", "number", "%", "about 50 in a heated room"),
        FieldView.of(
            form,
            "sunHours",
            "Sun on the glass, a clear summer's day",
            "number",
            "h",
            "empty: none"),
        FieldView.of(
            form,
            "latitude",
            "Latitude",
            "number",
            "°",
            "north positive; for seasons and day length"),
        FieldView.of(form, "longitude", "Longitude", "number", "°", "east positive"),
        FieldView.select(
            form,
            "residualCurrentDevice",
            "Residual-current device",
            List.of(
                new FieldView.Option("", "nobody looked"),
                new FieldView.Option("YES", "on these sockets"),
                new FieldView.Option("NO", "none"))),
        FieldView.of(form, "smallChildren", "Children under five about", "checkbox", "", ""));
  }
}
