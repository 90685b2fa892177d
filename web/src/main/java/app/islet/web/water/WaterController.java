package app.islet.web.water;

import app.islet.core.animal.Resident;
import app.islet.core.enclosure.Enclosure;
import app.islet.core.water.Parameter;
import app.islet.core.water.WaterEvent;
import app.islet.core.water.WaterRecord;
import app.islet.core.water.WaterState;
import app.islet.core.water.WaterTest;
import app.islet.web.care.CareSheetStore;
import app.islet.web.collection.CollectionContext;
import app.islet.web.collection.Role;
import app.islet.web.enclosure.EnclosureSnapshot;
import app.islet.web.enclosure.Enclosures;
import app.islet.web.support.FormReader;
import app.islet.web.waterlog.WaterLine;
import app.islet.web.waterlog.WaterLog;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
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
import org.springframework.web.multipart.MultipartFile;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** The Water step: what to do now, the start-up, tests and deeds, salt, and the file of it all. */
@Controller
@RequestMapping("/c/{collection}/enclosures/{id}/water")
class WaterController {
  private static final int LINES_SHOWN = 14;
  private static final int ROWS_SHOWN = 8;

  private final Enclosures enclosures;
  private final WaterLog log;
  private final CareSheetStore shelf;

  WaterController(Enclosures enclosures, WaterLog log, CareSheetStore shelf) {
    this.enclosures = enclosures;
    this.log = log;
    this.shelf = shelf;
  }

  /** One line of the log, worded. */
  record LineView(String line, String day, String words, boolean canStrike) {}

  /** What a file would bring. */
  record PreviewView(
      String text,
      String countsAs,
      int good,
      List<String> first,
      List<String> refused,
      List<String> unusual,
      String unreadable) {}

  @GetMapping
  String show(
      CollectionContext place,
      @PathVariable long id,
      @RequestParam(defaultValue = "") String curve,
      @RequestParam(defaultValue = "") String span,
      Model model) {
    Shown shown = shown(place, id);
    return page(place, shown, shown.blank(place), curve, span, model);
  }

  /** What the page is about: the enclosure, the newest of its log, and how its kit counts. */
  private record Shown(EnclosureSnapshot state, List<WaterLine> newest, KitUnits kit) {
    List<Resident> residents() {
      return state.occupants().stream().map(EnclosureSnapshot.Occupant::resident).toList();
    }

    FormReader blank(CollectionContext place) {
      Map<String, String> typed = new LinkedHashMap<>();
      typed.put(TestForm.COUNTS_AS, kit.asIon() ? TestForm.ION : "");
      typed.put("day", place.today().toString());
      typed.put("eventDay", place.today().toString());
      typed.put("clientId", UUID.randomUUID().toString());
      return new FormReader(typed, place.system());
    }
  }

  private Shown shown(CollectionContext place, long id) {
    EnclosureSnapshot state = enclosures.get(place, id);
    List<WaterLine> newest = log.newest(id, LINES_SHOWN);
    boolean asIon =
        newest.stream().filter(WaterLine::isTest).findFirst().map(WaterLine::asIon).orElse(true);
    return new Shown(state, newest, new KitUnits(place.system(), asIon));
  }

  @PostMapping("/test")
  String test(
      CollectionContext place,
      @PathVariable long id,
      @RequestParam Map<String, String> typed,
      Model model,
      HttpServletResponse response,
      RedirectAttributes flash) {
    FormReader form = new FormReader(typed, place.system());
    TestForm read = TestForm.read(form, place.today());
    if (read.test().isEmpty() || !read.unusual().isEmpty()) {
      response.setStatus(HttpStatus.UNPROCESSABLE_ENTITY.value());
      model.addAttribute("unusual", read.unusual());
      return page(place, shown(place, id), form, "", "", model);
    }
    enclosures.get(place, id);
    WaterTest test = read.test().get();
    boolean asIon = TestForm.asIon(form);
    String line = log.test(place, id, test, asIon, UUID.fromString(form.typed("clientId")));
    flash.addFlashAttribute("logged", line);
    flash.addFlashAttribute("loggedWords", words(test, new KitUnits(place.system(), asIon)));
    return "redirect:" + address(place, id);
  }

  @PostMapping("/event")
  String event(
      CollectionContext place,
      @PathVariable long id,
      @RequestParam Map<String, String> typed,
      Model model,
      HttpServletResponse response,
      RedirectAttributes flash) {
    FormReader form = new FormReader(typed, place.system());
    Optional<WaterEvent> read = EventForm.read(form, place.today());
    if (read.isEmpty()) {
      response.setStatus(HttpStatus.UNPROCESSABLE_ENTITY.value());
      model.addAttribute("eventOpen", true);
      return page(place, shown(place, id), form, "", "", model);
    }
    enclosures.get(place, id);
    String line = log.event(place, id, read.get(), UUID.fromString(form.typed("clientId")));
    flash.addFlashAttribute("logged", line);
    flash.addFlashAttribute("loggedWords", EventForm.words(read.get(), place.system()));
    return "redirect:" + address(place, id);
  }

  /** Takes a line of the log back, by an entry that strikes it. */
  @PostMapping("/strike")
  String strike(
      CollectionContext place,
      @PathVariable long id,
      @RequestParam String line,
      RedirectAttributes flash) {
    enclosures.get(place, id);
    log.strike(place, id, line);
    flash.addFlashAttribute("saved", "Taken back.");
    return "redirect:" + address(place, id);
  }

  @PostMapping("/source")
  String source(
      CollectionContext place,
      @PathVariable long id,
      @RequestParam Map<String, String> typed,
      Model model,
      HttpServletResponse response,
      RedirectAttributes flash) {
    place.require(Role.KEEPER);
    Shown shown = shown(place, id);
    FormReader form = new FormReader(typed, place.system());
    Optional<Enclosure> design = SourceForm.read(form, shown.state().design(), shown.kit());
    if (design.isEmpty()) {
      response.setStatus(HttpStatus.UNPROCESSABLE_ENTITY.value());
      model.addAttribute("sourceFields", SourceForm.fields(form, shown.kit()));
      model.addAttribute("sourceOpen", true);
      return page(place, shown, shown.blank(place), "", "", model);
    }
    enclosures.save(place, id, design.get());
    flash.addFlashAttribute("saved", "Saved.");
    return "redirect:" + address(place, id);
  }

  @GetMapping("/log.csv")
  ResponseEntity<String> export(CollectionContext place, @PathVariable long id) {
    Shown shown = shown(place, id);
    return ResponseEntity.ok()
        .header("Content-Disposition", "attachment; filename=\"water-%d.csv\"".formatted(id))
        .contentType(new MediaType("text", "csv", StandardCharsets.UTF_8))
        .body(WaterCsv.write(Enclosures.water(log.all(id), shown.residents()), shown.kit()));
  }

  /** Shows what a file would bring, or with {@code use} brings it. */
  @PostMapping("/import")
  String read(
      CollectionContext place,
      @PathVariable long id,
      @RequestParam(defaultValue = "") String table,
      @RequestParam(required = false) MultipartFile file,
      @RequestParam(defaultValue = "") String countsAs,
      @RequestParam(defaultValue = "false") boolean use,
      Model model,
      HttpServletResponse response,
      RedirectAttributes flash)
      throws IOException {
    Shown shown = shown(place, id);
    String text =
        file == null || file.isEmpty()
            ? table
            : new String(file.getBytes(), StandardCharsets.UTF_8);
    KitUnits usual = new KitUnits(place.system(), countsAs.equals(TestForm.ION));
    WaterCsv csv = WaterCsv.read(text, usual, id, place.today());
    if (use && csv.unreadable().isEmpty()) {
      int added = log.add(place, id, csv.rows(), csv.asIon());
      flash.addFlashAttribute(
          "saved", "%d lines read, %d of them new.".formatted(csv.rows().size(), added));
      return "redirect:" + address(place, id);
    }
    if (!csv.unreadable().isEmpty() || !csv.refused().isEmpty()) {
      response.setStatus(HttpStatus.UNPROCESSABLE_ENTITY.value());
    }
    KitUnits kit = new KitUnits(place.system(), csv.asIon());
    model.addAttribute("state", shown.state());
    model.addAttribute(
        "preview",
        new PreviewView(
            text,
            countsAs,
            csv.rows().size(),
            csv.rows().stream().limit(ROWS_SHOWN).map(r -> words(r, kit)).toList(),
            csv.refused(),
            csv.unusual(),
            csv.unreadable()));
    return "water/import";
  }

  private static String words(WaterLog.Row row, KitUnits kit) {
    return row.test()
        .map(t -> t.day() + ": " + words(t, kit))
        .orElseGet(
            () ->
                row.event()
                    .map(e -> e.day() + ": " + EventForm.words(e, kit.system()))
                    .orElseThrow());
  }

  private static String words(WaterTest test, KitUnits kit) {
    List<String> words = new ArrayList<>();
    for (Parameter parameter : Parameter.values()) {
      test.value(parameter)
          .ifPresent(value -> words.add(parameter.inSentence() + " " + kit.text(parameter, value)));
    }
    return String.join(", ", words);
  }

  private static String address(CollectionContext place, long id) {
    return place.path("/enclosures/" + id + "/water");
  }

  private String page(
      CollectionContext place,
      Shown shown,
      FormReader form,
      String curve,
      String span,
      Model model) {
    WaterState waterState = shown.state().assessment().situation().waterState();
    Parameter parameter =
        Arrays.stream(Parameter.values())
            .filter(p -> KitUnits.id(p).equals(curve))
            .findFirst()
            .orElseGet(() -> telling(waterState, place));
    WaterCurve.Span asked =
        Arrays.stream(WaterCurve.Span.values())
            .filter(s -> s.id().equals(span))
            .findFirst()
            .orElse(WaterCurve.Span.QUARTER);
    EnclosureSnapshot state = shown.state();
    KitUnits kit = shown.kit();
    model.addAttribute("state", state);
    model.addAttribute("hasWater", state.assessment().geometry().hasWater());
    model.addAttribute(
        "view", WaterView.of(waterState, place.today(), kit, place.units(), shelf.library(place)));
    model.addAttribute(
        "curve",
        WaterCurve.of(
            new WaterRecord(
                log.values(state.id(), parameter),
                Enclosures.water(log.done(state.id()), shown.residents()).events()),
            parameter,
            waterState.wanted(parameter),
            asked,
            place.today(),
            kit));
    model.addAttribute("parameter", KitUnits.id(parameter));
    model.addAttribute("parameters", Parameter.values());
    model.addAttribute("span", asked);
    model.addAttribute("spans", WaterCurve.Span.values());
    model.addAttribute("testFields", TestForm.fields(form));
    model.addAttribute("countsAs", form.typed(TestForm.COUNTS_AS));
    model.addAttribute("day", form.typed("day"));
    model.addAttribute("dayError", form.error("day"));
    model.addAttribute("clientId", form.typed("clientId"));
    model.addAttribute("eventId", UUID.randomUUID().toString());
    model.addAttribute("eventFields", EventForm.fields(form));
    if (!model.containsAttribute("sourceFields")) {
      model.addAttribute(
          "sourceFields",
          SourceForm.fields(
              new FormReader(SourceForm.typed(state.design(), kit), place.system()), kit));
    }
    model.addAttribute("lines", lines(shown));
    model.addAttribute("more", shown.newest().size() == LINES_SHOWN);
    return "water/water";
  }

  /** The curve that tells most: of the start-up, of the salt, else of what piles up. */
  private static Parameter telling(WaterState waterState, CollectionContext place) {
    return switch (waterState.filterCycle(place.today()).phase()) {
      case AMMONIA, NITRITE, CRASHED -> Parameter.NITRITE;
      default -> waterState.saltAim().orElse(0) > 0 ? Parameter.SALINITY : Parameter.NITRATE;
    };
  }

  private static List<LineView> lines(Shown shown) {
    return shown.newest().stream()
        .map(
            line ->
                new LineView(
                    line.line(),
                    line.day().toString(),
                    line.isTest() ? words(line.test(), shown.kit()) : deed(shown, line),
                    !line.isFromRounds()))
        .toList();
  }

  private static String deed(Shown shown, WaterLine line) {
    String words =
        Enclosures.water(List.of(line), shown.residents()).events().stream()
            .map(e -> EventForm.words(e, shown.kit().system()))
            .findFirst()
            .orElse("water changed");
    return line.isFromRounds() ? words + " (by the rounds)" : words;
  }
}
