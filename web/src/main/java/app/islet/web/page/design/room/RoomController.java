package app.islet.web.page.design.room;

import app.islet.core.document.EnclosureFormat;
import app.islet.core.enclosure.DesignField;
import app.islet.core.enclosure.Site;
import app.islet.core.field.Slot;
import app.islet.core.light.Place;
import app.islet.core.quantity.UnitSystem;
import app.islet.web.base.support.Field;
import app.islet.web.base.support.Fields;
import app.islet.web.base.support.Form;
import app.islet.web.base.support.Inputs;
import app.islet.web.base.support.Messages;
import app.islet.web.base.support.Reply;
import app.islet.web.people.collection.CollectionContext;
import app.islet.web.people.collection.Role;
import app.islet.web.reading.snapshot.EnclosureSnapshot;
import app.islet.web.reading.snapshot.Snapshots;
import app.islet.web.store.enclosure.Designs;
import app.islet.web.store.enclosure.Rooms;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
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
  private static final String HUMIDITY = DesignField.ROOM_HUMIDITY.key();

  /** Behind the hours of sun. */
  private static final int PLACE_AT = 8;

  /** The fields of a room, but for where on earth it is. */
  private static final Map<String, Slot> ROOM = room();

  private final Snapshots snapshots;
  private final Rooms rooms;
  private final Designs designs;

  RoomController(Snapshots snapshots, Rooms rooms, Designs designs) {
    this.designs = designs;
    this.rooms = rooms;
    this.snapshots = snapshots;
  }

  private static Map<String, Slot> room() {
    Map<String, Slot> room = new LinkedHashMap<>();
    Stream.of(
            DesignField.OUTDOORS,
            DesignField.SUMMER_DAY,
            DesignField.SUMMER_NIGHT,
            DesignField.WINTER_DAY,
            DesignField.WINTER_NIGHT,
            DesignField.ROOM_HUMIDITY,
            DesignField.SUN_HOURS,
            DesignField.RESIDUAL_CURRENT_DEVICE,
            DesignField.SMALL_CHILDREN)
        .forEach(f -> room.put(f.key(), f.slot()));
    return room;
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
    Map<String, Object> said = EnclosureFormat.written(site);
    ROOM.forEach((field, slot) -> Inputs.show(typed, field, slot, said.get(slot.name()), units));
    if (site.latitude().isPresent() && site.longitude().isPresent()) {
      typed.put(
          "place", PlaceField.typed(site.latitude().getAsDouble(), site.longitude().getAsDouble()));
    }
    return typed;
  }

  /** The room as typed; an ordinary one where something is refused. */
  private static Site read(Form form) {
    Map<String, Object> said = new LinkedHashMap<>();
    ROOM.forEach(
        (field, slot) ->
            said.compute(
                slot.name(),
                (name, none) ->
                    Inputs.read(form, field, slot, slot.isRequired() || field.equals(HUMIDITY))));
    return form.hasErrors()
        ? Site.LIVING_ROOM
        : PlaceField.at(EnclosureFormat.read(Site.class, said), form);
  }

  private static List<Field> fields(Form form) {
    Fields fields = Fields.of(form, "room");
    List<Field> all = new ArrayList<>(List.of(fields.text("roomName")));
    ROOM.forEach((field, slot) -> all.add(field(fields, field, slot)));
    all.add(PLACE_AT, PlaceField.field(form));
    return all;
  }

  private static Field field(Fields fields, String name, Slot slot) {
    return slot.type() == Boolean.class
        ? fields.select(
            name,
            List.of(
                new Field.Option("", Messages.text("common.not-known")),
                new Field.Option(Inputs.YES, Messages.text("room.on-these-sockets")),
                new Field.Option(Inputs.NO, Messages.text("room.no-device"))))
        : Inputs.field(fields, name, slot);
  }
}
