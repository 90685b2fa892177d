package app.islet.web.page.design.exchange;

import app.islet.core.document.EnclosureDocument;
import app.islet.core.enclosure.Vessel;
import app.islet.core.quantity.Dimension;
import app.islet.core.text.Problem;
import app.islet.core.text.UnreadableException;
import app.islet.web.base.support.Field;
import app.islet.web.base.support.Fields;
import app.islet.web.base.support.Form;
import app.islet.web.base.support.Reply;
import app.islet.web.base.support.TextFiles;
import app.islet.web.people.collection.CollectionContext;
import app.islet.web.people.collection.Role;
import app.islet.web.reading.snapshot.EnclosureSnapshot;
import app.islet.web.reading.snapshot.Snapshots;
import app.islet.web.store.animal.NewEnclosures;
import app.islet.web.store.enclosure.Designs;
import app.islet.web.store.enclosure.Rooms;
import java.io.IOException;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;

/** Making an enclosure: from measures, a vessel as sold, a sample, another enclosure or a file. */
@Controller
@RequestMapping("/c/{collection}/enclosures")
class NewEnclosureController {
  private final Snapshots snapshots;
  private final StartingPoints beginnings;
  private final Designs designs;
  private final Rooms rooms;
  private final NewEnclosures newEnclosures;

  NewEnclosureController(
      Snapshots snapshots,
      StartingPoints beginnings,
      Designs designs,
      Rooms rooms,
      NewEnclosures newEnclosures) {
    this.newEnclosures = newEnclosures;
    this.rooms = rooms;
    this.designs = designs;
    this.snapshots = snapshots;
    this.beginnings = beginnings;
  }

  @GetMapping("/new")
  String form(CollectionContext context, Model model) {
    context.require(Role.KEEPER);
    Map<String, String> fresh = Map.of("clientId", UUID.randomUUID().toString());
    return form(context, model, new Form(fresh, context.system()), List.of());
  }

  private String form(CollectionContext context, Model model, Form form, List<Problem> problems) {
    Fields fields = Fields.of(form, "new");
    List<Field.Option> choices =
        rooms.all(context).stream()
            .map(r -> new Field.Option(String.valueOf(r.id()), r.name()))
            .toList();
    model.addAttribute(
        "fields",
        List.of(
            fields.text("name"),
            fields.select("room", choices),
            fields.select("start", beginnings.options(context)),
            fields.select("example", beginnings.examples()),
            fields.length("length"),
            fields.length("width"),
            fields.length("height")));
    model.addAttribute("clientId", form.typed("clientId"));
    model.addAttribute("hasRooms", !choices.isEmpty());
    model.addAttribute("problems", problems);
    return "exchange/new";
  }

  @PostMapping
  String create(
      CollectionContext context,
      Form form,
      @RequestParam(required = false) @Nullable MultipartFile file,
      Model model,
      Reply reply)
      throws IOException {
    context.require(Role.KEEPER);
    String name = form.text("name", 80, "a name");
    int room = form.whole("room", 1, 999_999, 0);
    if (room == 0) {
      form.refuse("room", "Please choose the room it stands in.");
    }
    Optional<EnclosureDocument> begun = Optional.empty();
    List<Problem> problems = List.of();
    try {
      begun = begun(context, form, file);
    } catch (UnreadableException unreadable) {
      problems = unreadable.problems();
    }
    if (form.hasErrors() || begun.isEmpty()) {
      return reply.refused(form(context, model, form, problems));
    }
    long id = newEnclosures.create(context, room, begun.get(), name, form.clientId());
    String next = begun.get().residents().isEmpty() ? "/residents" : "/build";
    return "redirect:" + context.path("/enclosures/" + id + next);
  }

  private Optional<EnclosureDocument> begun(
      CollectionContext context, Form form, @Nullable MultipartFile file) throws IOException {
    if (file != null && !file.isEmpty()) {
      return Optional.of(read(context, file));
    }
    String example = form.typed("example");
    String start = example.isEmpty() ? form.typed("start") : example;
    if (!start.equals(StartingPoints.OWN)) {
      Optional<EnclosureDocument> chosen = beginnings.chosen(context, start);
      if (chosen.isEmpty()) {
        form.refuse("start", "Please choose one of the list.");
      }
      return chosen;
    }
    double length = form.number("length", Dimension.LENGTH, 1, Vessel.MAX_CM);
    double width = form.number("width", Dimension.LENGTH, 1, Vessel.MAX_CM);
    double height = form.number("height", Dimension.LENGTH, 1, Vessel.MAX_CM);
    return Optional.of(
        new EnclosureDocument(StartingPoints.bare(new Vessel(length, width, height)), List.of()));
  }

  private EnclosureDocument read(CollectionContext context, MultipartFile file) throws IOException {
    String name = Optional.ofNullable(file.getOriginalFilename()).orElse("the file");
    return beginnings.read(context, name, TextFiles.utf8(file));
  }

  /** Puts the design of a file in the place of this one; who lives here stays who it is. */
  @PostMapping("/{id}/document")
  String replace(
      CollectionContext context,
      @PathVariable long id,
      @RequestParam(required = false) @Nullable MultipartFile file,
      Model model,
      Reply reply)
      throws IOException {
    context.require(Role.KEEPER);
    EnclosureSnapshot state = snapshots.get(context, id);
    if (file == null || file.isEmpty()) {
      return reply.notDone(
          "Please choose a file first.", context.path("/enclosures/" + id + "/build"));
    }
    try {
      EnclosureDocument document = read(context, file);
      designs.change(context, id, before -> document.enclosure().withName(before.name()));
      return reply.saved(
          "Read and saved; the design before is under Earlier versions.",
          context.path("/enclosures/" + id + "/build"));
    } catch (UnreadableException unreadable) {
      model.addAttribute("state", state);
      model.addAttribute("problems", unreadable.problems());
      return reply.refused("exchange/unreadable");
    }
  }
}
