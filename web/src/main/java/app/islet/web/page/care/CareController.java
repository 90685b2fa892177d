package app.islet.web.page.care;

import app.islet.core.care.AnimalGroup;
import app.islet.core.care.CareSheet;
import app.islet.core.care.Evidence;
import app.islet.core.care.Stage;
import app.islet.core.care.Statement;
import app.islet.core.care.Statements;
import app.islet.core.rearing.RearingGuide;
import app.islet.core.text.English;
import app.islet.web.base.support.Reply;
import app.islet.web.base.support.Units;
import app.islet.web.people.collection.CollectionContext;
import app.islet.web.people.collection.Role;
import app.islet.web.store.care.CareSheetStore;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.server.ResponseStatusException;

/** The care sheets to read: needs by life stage, each with what it rests on; and the schools. */
@Controller
@RequestMapping("/c/{collection}/care")
class CareController {
  private final CareSheetStore sheets;

  CareController(CareSheetStore sheets) {
    this.sheets = sheets;
  }

  record Line(String about, String text, String source) {}

  /**
   * What the stages say of one thing.
   *
   * @param cells one for each stage, or a single one where all say the same
   */
  record Row(String about, List<List<Line>> cells) {}

  /**
   * @param chosen whether the collection keeps the species by it
   * @param says what it says otherwise than the default school
   */
  record SchoolView(String name, String reason, boolean chosen, List<Line> says) {}

  /** Sheets of one group of animals. */
  record Group(String name, List<CareSheet> sheets) {}

  @GetMapping
  String list(CollectionContext context, Model model) {
    List<CareSheet> all = List.copyOf(sheets.library(context).all());
    model.addAttribute(
        "groups",
        Stream.of(AnimalGroup.values())
            .map(
                group ->
                    new Group(
                        group.plural(), all.stream().filter(s -> s.group() == group).toList()))
            .toList());
    return "caresheet/list";
  }

  @GetMapping("/{id}")
  String sheet(CollectionContext context, @PathVariable String id, Model model) {
    CareSheet sheet = find(context, id);
    Units u = context.units();
    String chosen = sheets.schools(context).getOrDefault(id, sheet.school().name());
    model.addAttribute("sheet", sheet);
    model.addAttribute("raised", RearingGuide.of(sheet).isPresent());
    model.addAttribute("facts", lines(Statements.of(sheet), u));
    model.addAttribute(
        "schools",
        Stream.concat(Stream.of(sheet), sheet.otherSchools().stream())
            .map(
                s ->
                    new SchoolView(
                        s.school().name(),
                        s.school().reason(),
                        s.school().name().equals(chosen),
                        lines(Statements.otherwise(sheet, s), u)))
            .toList());
    model.addAttribute("stages", sheet.stages().stream().map(Stage::name).toList());
    model.addAttribute("rows", rows(sheet, u));
    model.addAttribute(
        "history",
        sheets.history(context, id).stream()
            .map(
                h ->
                    English.moment(h.savedAt().atZone(context.collection().zone()))
                        + ": "
                        + h.reason())
            .toList());
    return "caresheet/sheet";
  }

  private CareSheet find(CollectionContext context, String id) {
    return sheets
        .library(context)
        .find(id)
        .orElseThrow(() -> new ResponseStatusException(HttpStatus.NOT_FOUND));
  }

  /** The stages side by side, in the order their sheets speak. */
  private static List<Row> rows(CareSheet sheet, Units u) {
    List<List<Line>> stages = sheet.stages().stream().map(stage -> lines(stage, u)).toList();
    return stages.stream()
        .flatMap(List::stream)
        .map(Line::about)
        .distinct()
        .map(
            about ->
                new Row(about, merged(stages.stream().map(lines -> of(about, lines)).toList())))
        .toList();
  }

  private static List<Line> of(String about, List<Line> lines) {
    return lines.stream().filter(line -> line.about().equals(about)).toList();
  }

  private static List<List<Line>> merged(List<List<Line>> cells) {
    return cells.stream().distinct().count() == 1 ? cells.subList(0, 1) : cells;
  }

  private static List<Line> lines(Stage stage, Units u) {
    List<Line> lines = new ArrayList<>(lines(Statements.of(stage), u));
    if (!stage.neverFoods().isEmpty()) {
      lines.add(
          new Line("Never fed", String.join(", ", stage.neverFoods()), Evidence.PRACTICE.words()));
    }
    return lines;
  }

  private static List<Line> lines(List<Statement> statements, Units u) {
    return statements.stream()
        .map(s -> new Line(s.about(), u.text(s.text()), s.basis().words()))
        .toList();
  }

  /** The sheet as an open file. */
  @GetMapping("/{id}/sheet.yaml")
  ResponseEntity<String> file(CollectionContext context, @PathVariable String id) {
    String yaml =
        sheets
            .text(context, id)
            .orElseThrow(() -> new ResponseStatusException(HttpStatus.NOT_FOUND));
    return ResponseEntity.ok()
        .header("Content-Type", "application/yaml;charset=UTF-8")
        .header("Content-Disposition", "attachment; filename=\"" + id + ".yaml\"")
        .body(yaml);
  }

  /** Keeps the species by a school, in the whole collection. */
  @PostMapping("/{id}/school")
  String school(
      CollectionContext context,
      @PathVariable String id,
      @RequestParam String school,
      Reply reply) {
    context.require(Role.KEEPER);
    sheets.choose(context, find(context, id), school);
    return reply.saved("Kept by: " + school + ".", context.path("/care/" + id));
  }
}
