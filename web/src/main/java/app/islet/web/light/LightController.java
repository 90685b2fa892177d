package app.islet.web.light;

import app.islet.core.enclosure.Change;
import app.islet.core.enclosure.Enclosure;
import app.islet.core.enclosure.Lighting;
import app.islet.core.quantity.Dimension;
import app.islet.web.collection.CollectionContext;
import app.islet.web.collection.Role;
import app.islet.web.enclosure.EnclosureSnapshot;
import app.islet.web.enclosure.Enclosures;
import app.islet.web.support.FieldView;
import app.islet.web.support.FormReader;
import jakarta.servlet.http.HttpServletResponse;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** The Light step. */
@Controller
@RequestMapping("/c/{collection}/enclosures/{id}/light")
class LightController {
  private final Enclosures enclosures;

  LightController(Enclosures enclosures) {
    this.enclosures = enclosures;
  }

  @GetMapping
  String show(CollectionContext place, @PathVariable long id, Model model) {
    EnclosureSnapshot state = enclosures.get(place, id);
    Map<String, String> typed = new LinkedHashMap<>();
    Enclosure e = state.design();
    typed.put(
        "onHour",
        FormReader.shown(e.conditions().lighting().onHour(), Dimension.HOURS, place.system()));
    e.conditions()
        .lightHours()
        .ifPresent(
            hours ->
                typed.put("lightHours", FormReader.shown(hours, Dimension.HOURS, place.system())));
    e.conditions()
        .lighting()
        .ramp()
        .ifPresent(
            ramp -> {
              typed.put(
                  "winterHours",
                  FormReader.shown(ramp.winterHours(), Dimension.HOURS, place.system()));
              typed.put(
                  "summerHours",
                  FormReader.shown(ramp.summerHours(), Dimension.HOURS, place.system()));
            });
    typed.put("seasonal", e.conditions().lighting().seasonal() ? "on" : "");
    return page(place, state, new FormReader(typed, place.system()), model);
  }

  @PostMapping
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
    double onHour = form.number("onHour", Dimension.HOURS, 0, 24);
    OptionalDouble hours = form.optional("lightHours", Dimension.HOURS, 0, 24);
    boolean seasonal = form.flag("seasonal");
    if (seasonal && state.design().site().latitude().isEmpty()) {
      form.refuse("seasonal", "Say first where the room is: the Site step asks for its latitude.");
    }
    OptionalDouble winter = form.optional("winterHours", Dimension.HOURS, 0, 24);
    OptionalDouble summer = form.optional("summerHours", Dimension.HOURS, 0, 24);
    if (winter.isPresent() != summer.isPresent() && !form.hasErrors()) {
      form.refuse(
          winter.isPresent() ? "summerHours" : "winterHours",
          "A year of your own has both: the shortest day and the longest.");
    }
    if (seasonal && winter.isPresent()) {
      form.refuse("seasonal", "Either the sun where the room is, or a year of your own.");
    }
    if (form.hasErrors()) {
      response.setStatus(HttpStatus.UNPROCESSABLE_ENTITY.value());
      return page(place, state, form, model);
    }
    Enclosure e = state.design();
    Enclosure lit =
        e.with(
            e.conditions()
                .with(
                    new Lighting(
                        onHour,
                        seasonal,
                        winter.isPresent()
                            ? Optional.of(
                                new Lighting.Ramp(winter.getAsDouble(), summer.getAsDouble()))
                            : Optional.empty())));
    enclosures.save(
        place,
        id,
        hours.isPresent()
            ? lit.with(new Change("/conditions/lightHours", hours.getAsDouble()))
            : lit);
    flash.addFlashAttribute("saved", "Saved.");
    return "redirect:" + place.path("/enclosures/" + id + "/light");
  }

  private static String page(
      CollectionContext place, EnclosureSnapshot state, FormReader form, Model model) {
    model.addAttribute("state", state);
    model.addAttribute("view", LightView.of(state.assessment(), place.today(), place.units()));
    model.addAttribute(
        "fields",
        List.of(
            FieldView.of(form, "onHour", "Lights on at", "number", "h", "8 is 08:00"),
            FieldView.of(form, "lightHours", "Light a day", "number", "h", "empty: 12"),
            FieldView.of(
                form,
                "seasonal",
                "Follow the sun where the room is",
                "checkbox",
                "",
                "between 8 and 16 hours"),
            FieldView.of(
                form,
                "winterHours",
                "or a year of your own: shortest day",
                "number",
                "h",
                "evenly between both, as for a winter rest"),
            FieldView.of(form, "summerHours", "longest day", "number", "h", "")));
    return "light/light";
  }
}
