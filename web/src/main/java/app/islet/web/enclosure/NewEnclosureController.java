package app.islet.web.enclosure;

import app.islet.core.document.EnclosureDocument;
import app.islet.core.enclosure.Vessel;
import app.islet.core.quantity.Dimension;
import app.islet.core.text.Problem;
import app.islet.core.text.UnreadableException;
import app.islet.web.collection.CollectionContext;
import app.islet.web.collection.Role;
import app.islet.web.support.FieldView;
import app.islet.web.support.FormReader;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.Optional;
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
import org.springframework.web.multipart.MultipartFile;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** Making an enclosure: from measures, a vessel as sold, a sample, another enclosure or a file. */
@Controller
@RequestMapping("/c/{collection}/enclosures")
class NewEnclosureController {
  private final Enclosures enclosures;
  private final StartingPoints beginnings;

  NewEnclosureController(Enclosures enclosures, StartingPoints beginnings) {
    this.enclosures = enclosures;
    this.beginnings = beginnings;
  }

  @GetMapping("/new")
  String form(CollectionContext place, Model model) {
    place.require(Role.KEEPER);
    Map<String, String> fresh = Map.of("clientId", UUID.randomUUID().toString());
    return form(place, model, new FormReader(fresh, place.system()), List.of());
  }

  private String form(
      CollectionContext place, Model model, FormReader form, List<Problem> problems) {
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
            FieldView.select(form, "start", "Start from", beginnings.options(place)),
            FieldView.of(form, "length", "Inner length", "number", len, ""),
            FieldView.of(form, "width", "Inner width", "number", len, ""),
            FieldView.of(form, "height", "Inner height", "number", len, "")));
    model.addAttribute("clientId", form.typed("clientId"));
    model.addAttribute("hasRooms", !rooms.isEmpty());
    model.addAttribute("problems", problems);
    return "enclosure/new";
  }

  @PostMapping
  String create(
      CollectionContext place,
      @RequestParam Map<String, String> typed,
      @RequestParam(required = false) @Nullable MultipartFile file,
      Model model,
      HttpServletResponse response)
      throws IOException {
    place.require(Role.KEEPER);
    FormReader form = new FormReader(typed, place.system());
    String name = form.text("name", 80, "a name");
    int room = form.whole("room", 1, 999_999, 0);
    if (room == 0) {
      form.refuse("room", "Please choose the room it stands in.");
    }
    Optional<EnclosureDocument> begun = Optional.empty();
    List<Problem> problems = List.of();
    try {
      begun = begun(place, form, file);
    } catch (UnreadableException unreadable) {
      problems = unreadable.problems();
    }
    if (form.hasErrors() || begun.isEmpty()) {
      response.setStatus(HttpStatus.UNPROCESSABLE_ENTITY.value());
      return form(place, model, form, problems);
    }
    long id =
        enclosures.create(
            place,
            room,
            new EnclosureDocument(
                begun
                    .get()
                    .enclosure()
                    .withName(name)
                    .withSite(enclosures.room(place, room).site()),
                begun.get().residents()),
            place.today(),
            UUID.fromString(form.typed("clientId")));
    String next = begun.get().residents().isEmpty() ? "/residents" : "/build";
    return "redirect:" + place.path("/enclosures/" + id + next);
  }

  private Optional<EnclosureDocument> begun(
      CollectionContext place, FormReader form, @Nullable MultipartFile file) throws IOException {
    if (file != null && !file.isEmpty()) {
      return Optional.of(read(place, file));
    }
    String start = form.typed("start");
    if (!start.equals(StartingPoints.OWN)) {
      Optional<EnclosureDocument> chosen = beginnings.chosen(place, start);
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

  private EnclosureDocument read(CollectionContext place, MultipartFile file) throws IOException {
    String name = Optional.ofNullable(file.getOriginalFilename()).orElse("the file");
    return beginnings.read(place, name, new String(file.getBytes(), StandardCharsets.UTF_8));
  }

  /** Puts the design of a file in the place of this one; who lives here stays who it is. */
  @PostMapping("/{id}/document")
  String replace(
      CollectionContext place,
      @PathVariable long id,
      @RequestParam(required = false) @Nullable MultipartFile file,
      Model model,
      HttpServletResponse response,
      RedirectAttributes flash)
      throws IOException {
    place.require(Role.KEEPER);
    EnclosureSnapshot state = enclosures.get(place, id);
    if (file == null || file.isEmpty()) {
      flash.addFlashAttribute("refused", "Please choose a file first.");
      return "redirect:" + place.path("/enclosures/" + id + "/build");
    }
    try {
      EnclosureDocument document = read(place, file);
      enclosures.save(
          place, id, document.enclosure().withName(state.name()).withSite(state.room().site()));
      flash.addFlashAttribute("saved", "Read and saved; the design before is under Earlier.");
      return "redirect:" + place.path("/enclosures/" + id + "/build");
    } catch (UnreadableException unreadable) {
      response.setStatus(HttpStatus.UNPROCESSABLE_ENTITY.value());
      model.addAttribute("state", state);
      model.addAttribute("problems", unreadable.problems());
      return "enclosure/unreadable";
    }
  }
}
