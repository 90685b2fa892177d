package app.islet.web.page.design.light;

import app.islet.core.enclosure.DesignField;
import app.islet.core.enclosure.Enclosure;
import app.islet.core.enclosure.Lighting;
import app.islet.core.quantity.Dimension;
import app.islet.web.base.support.Fields;
import app.islet.web.base.support.Form;
import app.islet.web.base.support.Reply;
import app.islet.web.people.collection.CollectionContext;
import app.islet.web.people.collection.Role;
import app.islet.web.reading.snapshot.EnclosureSnapshot;
import app.islet.web.reading.snapshot.Snapshots;
import app.islet.web.store.enclosure.Designs;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;

/** The Light step. */
@Controller
@RequestMapping("/c/{collection}/enclosures/{id}/light")
class LightController {
  private final Snapshots snapshots;
  private final Designs designs;

  LightController(Snapshots snapshots, Designs designs) {
    this.designs = designs;
    this.snapshots = snapshots;
  }

  @GetMapping
  String show(CollectionContext context, @PathVariable long id, Model model) {
    EnclosureSnapshot state = snapshots.get(context, id);
    Map<String, String> typed = new LinkedHashMap<>();
    Enclosure e = state.design();
    typed.put(
        "onHour",
        Form.shown(e.conditions().lighting().onHour(), Dimension.HOURS, context.system()));
    e.conditions()
        .lightHours()
        .ifPresent(
            hours -> typed.put("lightHours", Form.shown(hours, Dimension.HOURS, context.system())));
    e.conditions()
        .lighting()
        .ramp()
        .ifPresent(
            ramp -> {
              typed.put(
                  "winterHours", Form.shown(ramp.winterHours(), Dimension.HOURS, context.system()));
              typed.put(
                  "summerHours", Form.shown(ramp.summerHours(), Dimension.HOURS, context.system()));
            });
    typed.put("seasonal", e.conditions().lighting().seasonal() ? "on" : "");
    return page(context, state, new Form(typed, context.system()), model);
  }

  @PostMapping
  String save(
      CollectionContext context, @PathVariable long id, Form form, Model model, Reply reply) {
    context.require(Role.KEEPER);
    EnclosureSnapshot state = snapshots.get(context, id);
    double onHour = form.number("onHour", DesignField.LIGHTS_ON.limit());
    OptionalDouble hours = form.optional("lightHours", DesignField.LIGHT_HOURS.limit());
    boolean seasonal = form.flag("seasonal");
    if (seasonal && state.design().site().latitude().isEmpty()) {
      form.refuse("seasonal", "Say first where the room is: the Room step has a list of places.");
    }
    OptionalDouble winter = form.optional("winterHours", DesignField.WINTER_LIGHT.limit());
    OptionalDouble summer = form.optional("summerHours", DesignField.SUMMER_LIGHT.limit());
    if (winter.isPresent() != summer.isPresent() && !form.hasErrors()) {
      form.refuse(
          winter.isPresent() ? "summerHours" : "winterHours",
          "A year of your own has both: the shortest day and the longest.");
    }
    if (seasonal && winter.isPresent()) {
      form.refuse("seasonal", "Either the sun where the room is, or a year of your own.");
    }
    if (form.hasErrors()) {
      return reply.refused(page(context, state, form, model));
    }
    Optional<Lighting.Ramp> ramp =
        winter.isPresent()
            ? Optional.of(new Lighting.Ramp(winter.getAsDouble(), summer.getAsDouble()))
            : Optional.empty();
    Lighting lighting = new Lighting(onHour, ramp, seasonal);
    designs.change(
        context,
        id,
        design -> design.with(design.conditions().with(lighting).withLightHours(hours)));
    return reply.saved("Saved.", context.path("/enclosures/" + id + "/light"));
  }

  private static String page(
      CollectionContext context, EnclosureSnapshot state, Form form, Model model) {
    Fields fields = Fields.of(form, "light");
    model.addAttribute("state", state);
    model.addAttribute("view", LightView.of(state.assessment(), context.today(), context.units()));
    model.addAttribute(
        "fields",
        List.of(
            fields.number("onHour", "h"),
            fields.number("lightHours", "h"),
            fields.check("seasonal"),
            fields.number("winterHours", "h"),
            fields.number("summerHours", "h")));
    return "light/light";
  }
}
