package app.islet.web.enclosure;

import app.islet.core.document.DocumentWriter;
import app.islet.core.document.EnclosureDocument;
import app.islet.core.review.Outlook;
import app.islet.core.review.Severity;
import app.islet.core.review.Step;
import app.islet.web.collection.CollectionContext;
import app.islet.web.collection.Role;
import app.islet.web.drawing.DrawingFile;
import app.islet.web.support.FormReader;
import app.islet.web.support.Units;
import jakarta.servlet.http.HttpServletResponse;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
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
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** An enclosure's review and its files. */
@Controller
@RequestMapping("/c/{collection}/enclosures")
class EnclosureController {
  private static final int MONTHS_AHEAD = 36;
  private static final DateTimeFormatter MONTH =
      DateTimeFormatter.ofPattern("MMMM yyyy", Locale.ENGLISH);

  private final Enclosures enclosures;

  EnclosureController(Enclosures enclosures) {
    this.enclosures = enclosures;
  }

  @GetMapping("/{id}")
  String open(CollectionContext place, @PathVariable long id) {
    EnclosureSnapshot state = enclosures.get(place, id);
    return "redirect:"
        + place.path("/enclosures/" + id + (state.occupants().isEmpty() ? "/residents" : "/build"));
  }

  /**
   * @param show the only severity wanted, in small letters; all where empty
   */
  @GetMapping("/{id}/review")
  String review(
      CollectionContext place,
      @PathVariable long id,
      @RequestParam(defaultValue = "") String show,
      Model model) {
    addReview(place, enclosures.get(place, id), show, model);
    return "enclosure/review";
  }

  /** The whole judgement on paper. */
  @GetMapping("/{id}/report")
  String report(CollectionContext place, @PathVariable long id, Model model) {
    addReview(place, enclosures.get(place, id), "", model);
    return "enclosure/report";
  }

  /** Findings of one step of the work. */
  record Group(String step, List<DesignView.FindingView> findings) {}

  /**
   * @param value what the address says; empty for all
   */
  record Filter(String words, String value, long count, boolean chosen) {}

  private void addReview(
      CollectionContext place, EnclosureSnapshot state, String show, Model model) {
    DesignView answer = DesignView.of(state.assessment(), place.system());
    List<DesignView.FindingView> shown =
        answer.findings().stream().filter(f -> show.isEmpty() || f.css().equals(show)).toList();
    model.addAttribute("state", state);
    model.addAttribute("answer", answer);
    model.addAttribute(
        "groups",
        Arrays.stream(Step.values())
            .map(
                step ->
                    new Group(
                        step.word(),
                        shown.stream().filter(f -> f.step().equals(step.word())).toList()))
            .filter(group -> !group.findings().isEmpty())
            .toList());
    List<Filter> filters = new ArrayList<>();
    filters.add(new Filter("All", "", answer.findings().size(), show.isEmpty()));
    for (Severity severity : Severity.values()) {
      String value = severity.word().toLowerCase(Locale.ROOT);
      long count = answer.findings().stream().filter(f -> f.css().equals(value)).count();
      filters.add(new Filter(severity.word(), value, count, show.equals(value)));
    }
    model.addAttribute("filters", filters);
    model.addAttribute("later", later(state, place.units()));
    model.addAttribute("latestAskAgain", place.today().plusYears(1));
    model.addAttribute("usualAskAgain", place.today().plusMonths(3));
  }

  /** Lives with a finding for a while. */
  @PostMapping("/{id}/accept")
  String accept(
      CollectionContext place,
      @PathVariable long id,
      @RequestParam String rule,
      @RequestParam(defaultValue = "") String who,
      @RequestParam Map<String, String> typed,
      Model model,
      HttpServletResponse response,
      RedirectAttributes flash) {
    place.require(Role.KEEPER);
    FormReader form = new FormReader(typed, place.system());
    String reason = form.text("reason", 300, "a reason, for whoever asks later");
    Optional<LocalDate> until = form.date("askAgain");
    if (until.isEmpty() && !form.hasErrors()) {
      form.refuse("askAgain", "Please say from which day to ask again.");
    }
    until
        .filter(day -> !day.isAfter(place.today()) || day.isAfter(place.today().plusYears(1)))
        .ifPresent(
            day -> form.refuse("askAgain", "A day from tomorrow to a year from now, please."));
    if (form.hasErrors()) {
      response.setStatus(HttpStatus.UNPROCESSABLE_ENTITY.value());
      model.addAttribute("accepting", new Accepting(rule, who, form));
      addReview(place, enclosures.get(place, id), "", model);
      return "enclosure/review";
    }
    enclosures.accept(place, id, rule, who, reason, until.orElseThrow());
    flash.addFlashAttribute("saved", "Accepted for now.");
    return "redirect:" + place.path("/enclosures/" + id + "/review");
  }

  /** What was typed to accept one finding, kept while something in it is wrong. */
  record Accepting(String rule, String who, FormReader form) {
    public boolean isOf(DesignView.FindingView finding) {
      return rule.equals(finding.rule()) && who.equals(finding.who());
    }

    public String sentence() {
      return String.join(" ", form.errors().values());
    }
  }

  @PostMapping("/{id}/reopen")
  String reopen(
      CollectionContext place,
      @PathVariable long id,
      @RequestParam String rule,
      @RequestParam(defaultValue = "") String who,
      RedirectAttributes flash) {
    enclosures.reopen(place, id, rule, who);
    flash.addFlashAttribute("saved", "Open again.");
    return "redirect:" + place.path("/enclosures/" + id + "/review");
  }

  /** What fails first as the residents grow. */
  record Later(String when, String severity, String css, String what) {}

  private static List<Later> later(EnclosureSnapshot state, Units u) {
    return Outlook.of(state.assessment().situation(), MONTHS_AHEAD).events().stream()
        .map(
            e ->
                new Later(
                    e.day().format(MONTH),
                    e.finding().severity().word(),
                    e.finding().severity().word().toLowerCase(Locale.ROOT),
                    u.text(e.finding().what())))
        .toList();
  }

  /** Section and plan as one picture, for any program that draws SVG. */
  @GetMapping("/{id}/drawing.svg")
  ResponseEntity<String> drawing(CollectionContext place, @PathVariable long id) {
    EnclosureSnapshot state = enclosures.get(place, id);
    DesignView answer = DesignView.of(state.assessment(), place.system());
    return ResponseEntity.ok()
        .contentType(MediaType.valueOf("image/svg+xml"))
        .header("Content-Disposition", "attachment; filename=\"" + fileName(state) + ".svg\"")
        .body(DrawingFile.write(answer.svg(), answer.plan()));
  }

  private static String fileName(EnclosureSnapshot state) {
    return state.name().toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]+", "-");
  }

  /** The enclosure and its residents as one open file. */
  @GetMapping("/{id}/document.json")
  ResponseEntity<String> document(CollectionContext place, @PathVariable long id) {
    EnclosureSnapshot state = enclosures.get(place, id);
    String json = DocumentWriter.write(new EnclosureDocument(state.design(), state.residents()));
    String file = fileName(state) + ".json";
    return ResponseEntity.ok()
        .contentType(MediaType.APPLICATION_JSON)
        .header("Content-Disposition", "attachment; filename=\"" + file + "\"")
        .body(json);
  }
}
