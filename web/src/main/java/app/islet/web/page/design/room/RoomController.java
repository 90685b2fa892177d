package app.islet.web.page.design.room;

import app.islet.core.enclosure.DesignLimits;
import app.islet.core.enclosure.Site;
import app.islet.core.light.Place;
import app.islet.core.quantity.Dimension;
import app.islet.core.quantity.UnitSystem;
import app.islet.web.base.support.Field;
import app.islet.web.base.support.Fields;
import app.islet.web.base.support.Form;
import app.islet.web.base.support.Reply;
import app.islet.web.people.collection.CollectionContext;
import app.islet.web.people.collection.Role;
import app.islet.web.reading.snapshot.EnclosureSnapshot;
import app.islet.web.reading.snapshot.Snapshots;
import app.islet.web.store.enclosure.Designs;
import app.islet.web.store.enclosure.Rooms;
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
import org.springframework.web.bind.annotation.RequestParam;

/**
 * The Site step, and the rooms of a collection: how warm it is there by day and night, summer and
 * winter.
 */
@Controller
class RoomController {
  private final Snapshots snapshots;
  private final Rooms rooms;
  private final Designs designs;

  RoomController(Snapshots snapshots, Rooms rooms, Designs designs) {
    this.designs = designs;
    this.rooms = rooms;
    this.snapshots = snapshots;
  }

  @GetMapping("/c/{collection}/enclosures/{id}/site")
  String show(CollectionContext context, @PathVariable long id, Model model) {
    EnclosureSnapshot state = snapshots.get(context, id);
    return page(
        context,
        state,
        model,
        new Form(
            typed(state.room().name(), state.room().site(), context.system()), context.system()));
  }

  @PostMapping("/c/{collection}/enclosures/{id}/site")
  String save(
      CollectionContext context, @PathVariable long id, Form form, Model model, Reply reply) {
    context.require(Role.KEEPER);
    EnclosureSnapshot state = snapshots.get(context, id);
    Site site = read(form);
    String name = form.text("roomName", 60, "the room's name");
    if (form.hasErrors()) {
      return reply.refused(page(context, state, model, form));
    }
    if (!rooms.change(context, state.room().id(), name, site)) {
      form.refuse("roomName", "There is another room of that name; give this one its own.");
      return reply.refused(page(context, state, model, form));
    }
    return reply.saved("Saved.", context.path("/enclosures/" + id + "/site"));
  }

  @PostMapping("/c/{collection}/enclosures/{id}/move")
  String move(CollectionContext context, @PathVariable long id, @RequestParam long room) {
    context.require(Role.KEEPER);
    designs.move(context, id, room);
    return "redirect:" + context.path("/enclosures/" + id + "/site");
  }

  @GetMapping("/c/{collection}/rooms/new")
  String newRoom(CollectionContext context, Model model) {
    context.require(Role.KEEPER);
    model.addAttribute(
        "fields",
        fields(new Form(typed("", ordinary(context), context.system()), context.system())));
    return "room/new";
  }

  /** A heated room in the town that names the collection's time zone. */
  private static Site ordinary(CollectionContext context) {
    return Place.of(context.collection().zone())
        .map(p -> Site.LIVING_ROOM.at(p.latitude(), p.longitude()))
        .orElse(Site.LIVING_ROOM);
  }

  @PostMapping("/c/{collection}/rooms")
  String addRoom(CollectionContext context, Form form, Model model, Reply reply) {
    context.require(Role.KEEPER);
    Site site = read(form);
    String name = form.text("roomName", 60, "the room's name");
    if (form.hasErrors()) {
      model.addAttribute("fields", fields(form));
      return reply.refused("room/new");
    }
    rooms.add(context, name, site);
    return "redirect:" + context.path("/enclosures/new");
  }

  private String page(CollectionContext context, EnclosureSnapshot state, Model model, Form form) {
    model.addAttribute("state", state);
    model.addAttribute("rooms", rooms.all(context));
    model.addAttribute("fields", fields(form));
    return "room/room";
  }

  private static Map<String, String> typed(String name, Site site, UnitSystem units) {
    Map<String, String> typed = new LinkedHashMap<>();
    typed.put("roomName", name);
    typed.put("summerDay", Form.shown(site.summerDayC(), Dimension.TEMPERATURE, units));
    typed.put("summerNight", Form.shown(site.summerNightC(), Dimension.TEMPERATURE, units));
    typed.put("winterDay", Form.shown(site.winterDayC(), Dimension.TEMPERATURE, units));
    typed.put("winterNight", Form.shown(site.winterNightC(), Dimension.TEMPERATURE, units));
    site.residualCurrentDevice()
        .ifPresent(there -> typed.put("residualCurrentDevice", there ? "YES" : "NO"));
    if (site.outdoors()) {
      typed.put("outdoors", "on");
    }
    if (site.smallChildren()) {
      typed.put("smallChildren", "on");
    }
    if (site.sunHours() > 0) {
      typed.put("sunHours", Form.shown(site.sunHours(), Dimension.HOURS, units));
    }
    if (site.latitude().isPresent() && site.longitude().isPresent()) {
      typed.put(
          "place", PlaceField.typed(site.latitude().getAsDouble(), site.longitude().getAsDouble()));
    }
    typed.put("humidity", Form.shown(site.humidityPercent(), Dimension.PERCENT, units));
    return typed;
  }

  private static Site read(Form form) {
    Site site =
        new Site(
            temperature(form, "summerDay"),
            temperature(form, "summerNight"),
            temperature(form, "winterDay"),
            temperature(form, "winterNight"),
            form.number("humidity", DesignLimits.HUMIDITY),
            device(form),
            form.flag("smallChildren"),
            form.optional("sunHours", DesignLimits.SUN_HOURS).orElse(0),
            OptionalDouble.empty(),
            OptionalDouble.empty(),
            form.flag("outdoors"));
    return PlaceField.at(site, form);
  }

  private static Optional<Boolean> device(Form form) {
    String said = form.typed("residualCurrentDevice");
    return said.isEmpty() ? Optional.empty() : Optional.of(said.equals("YES"));
  }

  private static double temperature(Form form, String id) {
    return form.number(id, DesignLimits.ROOM_TEMPERATURE);
  }

  private static List<Field> fields(Form form) {
    Fields fields = Fields.of(form, "room");
    return List.of(
        fields.text("roomName"),
        fields.check("outdoors"),
        fields.number("summerDay", Dimension.TEMPERATURE),
        fields.number("summerNight", Dimension.TEMPERATURE),
        fields.number("winterDay", Dimension.TEMPERATURE),
        fields.number("winterNight", Dimension.TEMPERATURE),
        fields.number("humidity", "%"),
        fields.number("sunHours", "h"),
        PlaceField.field(form),
        fields.select(
            "residualCurrentDevice",
            List.of(
                new Field.Option("", "not known"),
                new Field.Option("YES", "on these sockets"),
                new Field.Option("NO", "none"))),
        fields.check("smallChildren"));
  }
}
