package app.islet.web.page.design.water;

import app.islet.core.animal.Resident;
import app.islet.core.enclosure.Enclosure;
import app.islet.core.quantity.Range;
import app.islet.core.text.English;
import app.islet.core.water.MeasuredWithin;
import app.islet.core.water.Parameter;
import app.islet.core.water.WaterEvent;
import app.islet.core.water.WaterRecord;
import app.islet.core.water.WaterState;
import app.islet.core.water.WaterTest;
import app.islet.web.base.support.Form;
import app.islet.web.base.support.Reply;
import app.islet.web.base.support.TextFiles;
import app.islet.web.people.collection.CollectionContext;
import app.islet.web.people.collection.Role;
import app.islet.web.reading.snapshot.EnclosureSnapshot;
import app.islet.web.reading.snapshot.Snapshots;
import app.islet.web.reading.snapshot.WaterRecords;
import app.islet.web.store.care.CareSheetStore;
import app.islet.web.store.enclosure.Designs;
import app.islet.web.store.water.KitUnits;
import app.islet.web.store.water.WaterLine;
import app.islet.web.store.water.WaterLog;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.DoubleSummaryStatistics;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
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

/** The Water step: what to do now, the start-up, tests and deeds, salt, and the file of it all. */
@Controller
@RequestMapping("/c/{collection}/enclosures/{id}/water")
class WaterController {
  private static final int LINES_SHOWN = 14;
  private static final int ROWS_SHOWN = 8;

  private final Snapshots snapshots;
  private final WaterLog log;
  private final CareSheetStore sheets;
  private final Designs designs;

  WaterController(Snapshots snapshots, WaterLog log, CareSheetStore sheets, Designs designs) {
    this.designs = designs;
    this.snapshots = snapshots;
    this.log = log;
    this.sheets = sheets;
  }

  /** One line of the log, worded. */
  record LineView(String line, String day, String words, boolean canVoid) {}

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
      CollectionContext context,
      @PathVariable long id,
      @RequestParam(defaultValue = "") String curve,
      @RequestParam(defaultValue = "") String span,
      Model model) {
    Shown shown = shown(context, id);
    return page(context, shown, shown.blank(context), curve, span, model);
  }

  /** What the page is about: the enclosure, the newest of its log, and how its kit counts. */
  private record Shown(EnclosureSnapshot state, List<WaterLine> newest, KitUnits kit) {
    List<Resident> residents() {
      return state.occupants().stream().map(EnclosureSnapshot.Occupant::resident).toList();
    }

    Form blank(CollectionContext context) {
      Map<String, String> typed = new LinkedHashMap<>();
      typed.put(TestForm.COUNTS_AS, kit.asIon() ? TestForm.ION : "");
      typed.put("day", context.today().toString());
      typed.put("eventDay", context.today().toString());
      typed.put("clientId", UUID.randomUUID().toString());
      return new Form(typed, context.system());
    }
  }

  private Shown shown(CollectionContext context, long id) {
    EnclosureSnapshot state = snapshots.get(context, id);
    List<WaterLine> newest = log.newest(id, LINES_SHOWN);
    boolean asIon =
        newest.stream().filter(WaterLine::isTest).findFirst().map(WaterLine::asIon).orElse(true);
    return new Shown(state, newest, new KitUnits(context.system(), asIon));
  }

  @PostMapping("/test")
  String test(
      CollectionContext context, @PathVariable long id, Form form, Model model, Reply reply) {
    TestForm read = TestForm.read(form, context.today());
    if (read.test().isEmpty() || !read.unusual().isEmpty()) {
      read.unusual().forEach(words -> form.refuse(TestForm.SURE, words));
      model.addAttribute("unusual", read.unusual());
      return reply.refused(page(context, shown(context, id), form, "", "", model));
    }
    WaterTest test = read.test().get();
    boolean asIon = TestForm.asIon(form);
    String line = log.test(context, id, test, asIon, form.clientId());
    return logged(context, id, line, words(test, new KitUnits(context.system(), asIon)), reply);
  }

  @PostMapping("/event")
  String event(
      CollectionContext context, @PathVariable long id, Form form, Model model, Reply reply) {
    Optional<WaterEvent> read = EventForm.read(form, context.today());
    if (read.isEmpty()) {
      model.addAttribute("eventOpen", true);
      return reply.refused(page(context, shown(context, id), form, "", "", model));
    }
    String line = log.event(context, id, read.get(), form.clientId());
    return logged(context, id, line, EventForm.words(read.get(), context.system()), reply);
  }

  /** What was logged can be undone on the page it goes on to. */
  private static String logged(
      CollectionContext context, long id, String line, String words, Reply reply) {
    return reply.done(address(context, id) + "#now", Map.of("logged", line, "loggedWords", words));
  }

  /** Takes a line of the log back, by an entry that voids it. */
  @PostMapping("/void")
  String voidLine(
      CollectionContext context, @PathVariable long id, @RequestParam String line, Reply reply) {
    log.voidLine(context, id, line);
    return reply.saved("Deleted.", address(context, id));
  }

  @PostMapping("/source")
  String source(
      CollectionContext context, @PathVariable long id, Form form, Model model, Reply reply) {
    context.require(Role.KEEPER);
    Shown shown = shown(context, id);
    Optional<Enclosure> design = SourceForm.read(form, shown.state().design(), shown.kit());
    if (design.isEmpty()) {
      model.addAttribute("sourceFields", SourceForm.fields(form, shown.kit()));
      model.addAttribute("sourceOpen", true);
      return reply.refused(page(context, shown, shown.blank(context), "", "", model));
    }
    designs.change(
        context, id, newest -> SourceForm.read(form.again(), newest, shown.kit()).orElse(newest));
    return reply.saved("Saved.", address(context, id));
  }

  @GetMapping("/log.csv")
  ResponseEntity<String> export(CollectionContext context, @PathVariable long id) {
    Shown shown = shown(context, id);
    return ResponseEntity.ok()
        .header("Content-Disposition", "attachment; filename=\"water-%d.csv\"".formatted(id))
        .contentType(new MediaType("text", "csv", StandardCharsets.UTF_8))
        .body(WaterCsv.write(WaterRecords.of(log.all(id), shown.residents()), shown.kit()));
  }

  /** Shows what a file would bring, or with {@code use} brings it. */
  @PostMapping("/import")
  String read(
      CollectionContext context,
      @PathVariable long id,
      @RequestParam(defaultValue = "") String table,
      @RequestParam(required = false) MultipartFile file,
      @RequestParam(defaultValue = "") String countsAs,
      @RequestParam(defaultValue = "false") boolean use,
      Model model,
      Reply reply)
      throws IOException {
    context.require(Role.KEEPER);
    Shown shown = shown(context, id);
    String text = file == null || file.isEmpty() ? table : TextFiles.utf8(file);
    KitUnits usual = new KitUnits(context.system(), countsAs.equals(TestForm.ION));
    WaterCsv csv = WaterCsv.read(text, usual, context.today());
    if (use && csv.unreadable().isEmpty()) {
      int added =
          log.add(
              context,
              id,
              csv.record(),
              csv.asIon(),
              lines -> WaterRecords.of(lines, shown.residents()));
      return reply.saved(
          "%d lines read, %d of them new.".formatted(csv.lines(), added), address(context, id));
    }
    KitUnits kit = new KitUnits(context.system(), csv.asIon());
    model.addAttribute("state", shown.state());
    model.addAttribute(
        "preview",
        new PreviewView(
            text,
            countsAs,
            csv.lines(),
            firstLines(csv.record(), kit),
            csv.refused(),
            csv.unusual(),
            csv.unreadable()));
    return reply.refused("water/import");
  }

  /** The oldest, in words. */
  private static List<String> firstLines(WaterRecord record, KitUnits kit) {
    return Stream.concat(
            record.tests().stream().map(t -> Map.entry(t.day(), moment(t) + ": " + words(t, kit))),
            record.events().stream()
                .map(e -> Map.entry(e.day(), e.day() + ": " + EventForm.words(e, kit.system()))))
        .sorted(Map.Entry.comparingByKey())
        .limit(ROWS_SHOWN)
        .map(Map.Entry::getValue)
        .toList();
  }

  private static String moment(WaterTest test) {
    return test.day() + test.time().map(time -> " " + time).orElse("");
  }

  private static String words(WaterTest test, KitUnits kit) {
    List<String> words = new ArrayList<>();
    for (Parameter parameter : Parameter.values()) {
      test.value(parameter)
          .ifPresent(value -> words.add(parameter.inSentence() + " " + kit.text(parameter, value)));
    }
    return String.join(", ", words);
  }

  private static String address(CollectionContext context, long id) {
    return context.path("/enclosures/" + id + "/water");
  }

  private String page(
      CollectionContext context, Shown shown, Form form, String curve, String span, Model model) {
    WaterState waterState = shown.state().assessment().situation().waterState();
    Parameter parameter =
        Arrays.stream(Parameter.values())
            .filter(p -> KitUnits.id(p).equals(curve))
            .findFirst()
            .orElseGet(() -> telling(waterState, context));
    WaterCurve.Span asked =
        Arrays.stream(WaterCurve.Span.values())
            .filter(s -> s.id().equals(span))
            .findFirst()
            .orElse(WaterCurve.Span.QUARTER);
    EnclosureSnapshot state = shown.state();
    KitUnits kit = shown.kit();
    Optional<MeasuredWithin> within =
        MeasuredWithin.of(waterState, parameter, context.today(), MeasuredWithin.MONTH_DAYS)
            .filter(m -> !parameter.isNitrogen());
    model.addAttribute("state", state);
    model.addAttribute(
        "view",
        WaterView.of(waterState, context.today(), kit, context.units(), sheets.library(context)));
    model.addAttribute(
        "curve",
        WaterCurve.of(
            log.days(state.id(), parameter),
            WaterRecords.of(log.done(state.id()), shown.residents()).events(),
            parameter,
            waterState.wanted(parameter),
            within.map(MeasuredWithin::range),
            asked,
            context.today(),
            kit));
    model.addAttribute(
        "within",
        within
            .filter(m -> m.outside().readings() > 1)
            .map(m -> context.units().text(m.words()))
            .orElse(""));
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
              new Form(SourceForm.typed(state.design(), kit), context.system()), kit));
    }
    model.addAttribute("lines", lines(shown));
    model.addAttribute("more", shown.newest().size() == LINES_SHOWN);
    return "water/water";
  }

  /** The curve that tells most: of the start-up, of the salt, else of what piles up. */
  private static Parameter telling(WaterState waterState, CollectionContext context) {
    return switch (waterState.filterCycle(context.today()).phase()) {
      case AMMONIA, NITRITE, CRASHED -> Parameter.NITRITE;
      default -> waterState.saltAim().orElse(0) > 0 ? Parameter.SALINITY : Parameter.NITRATE;
    };
  }

  private static List<LineView> lines(Shown shown) {
    Stream<LineView> entered =
        shown.newest().stream()
            .map(
                line ->
                    new LineView(
                        line.line(),
                        line.day().toString(),
                        line.isTest() ? words(line.test(), shown.kit()) : deed(shown, line),
                        !line.isFromRounds()));
    return Stream.concat(entered, readings(shown))
        .sorted(Comparator.comparing(LineView::day).reversed())
        .limit(LINES_SHOWN)
        .toList();
  }

  /** What a probe wrote, a line a day. */
  private static Stream<LineView> readings(Shown shown) {
    Map<LocalDate, List<WaterTest>> days =
        shown.state().assessment().situation().waterRecord().tests().stream()
            .filter(WaterTest::isReading)
            .collect(Collectors.groupingBy(WaterTest::day));
    return days.entrySet().stream()
        .map(
            day ->
                new LineView(
                    "d" + day.getKey(),
                    day.getKey().toString(),
                    readingWords(day.getValue(), shown.kit()),
                    true));
  }

  private static String readingWords(List<WaterTest> tests, KitUnits kit) {
    List<String> words = new ArrayList<>(List.of(English.count(tests.size(), "reading")));
    for (Parameter parameter : Parameter.values()) {
      DoubleSummaryStatistics s =
          tests.stream()
              .flatMapToDouble(test -> test.value(parameter).stream())
              .summaryStatistics();
      if (s.getCount() > 0) {
        words.add(
            parameter.inSentence() + " " + kit.text(parameter, new Range(s.getMin(), s.getMax())));
      }
    }
    return String.join(", ", words);
  }

  private static String deed(Shown shown, WaterLine line) {
    String words =
        WaterRecords.of(List.of(line), shown.residents()).events().stream()
            .map(e -> EventForm.words(e, shown.kit().system()))
            .findFirst()
            .orElse("water changed");
    return line.isFromRounds() ? words + " (by the rounds)" : words;
  }
}
