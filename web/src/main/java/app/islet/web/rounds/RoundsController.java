package app.islet.web.rounds;

import app.islet.core.plan.DueTask;
import app.islet.core.plan.TaskKind;
import app.islet.web.collection.CollectionContext;
import app.islet.web.drawing.SectionDrawing;
import app.islet.web.enclosure.EnclosureSnapshot;
import app.islet.web.enclosure.Enclosures;
import app.islet.web.support.Units;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.IntStream;
import org.springframework.format.annotation.DateTimeFormat;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.server.ResponseStatusException;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** Rounds: the walk of a day, and the plan of the coming fortnight. */
@Controller
class RoundsController {
  private static final int FORTNIGHT = 14;
  private static final int DAYS_EITHER_WAY = 400;
  private static final DateTimeFormatter TIME =
      DateTimeFormatter.ofPattern("HH:mm", Locale.ENGLISH);
  private static final DateTimeFormatter DAY =
      DateTimeFormatter.ofPattern("EEEE d MMMM", Locale.ENGLISH);

  private final Rounds rounds;
  private final Enclosures enclosures;

  RoundsController(Rounds rounds, Enclosures enclosures) {
    this.rounds = rounds;
    this.enclosures = enclosures;
  }

  /**
   * @param state words for done, skipped or late; empty while it is just due
   */
  record LineView(
      String key,
      int slot,
      String title,
      String amount,
      String how,
      String state,
      boolean settled,
      boolean late,
      boolean measure,
      String clientId) {}

  record StopView(
      long id, String name, String where, String glyph, long left, List<LineView> lines) {}

  @GetMapping("/c/{collection}/rounds")
  String show(
      CollectionContext place,
      @RequestParam(required = false) @DateTimeFormat(iso = DateTimeFormat.ISO.DATE)
          Optional<LocalDate> day,
      Model model) {
    LocalDate on = day.orElse(place.today());
    requireNear(place, on);
    List<Rounds.Stop> stops =
        rounds.day(place, on).stream().filter(s -> !s.lines().isEmpty()).toList();
    long left = stops.stream().mapToLong(Rounds.Stop::left).sum();
    double minutes =
        stops.stream()
            .flatMap(s -> s.lines().stream())
            .filter(l -> !l.due().settled())
            .mapToDouble(l -> l.due().task().minutes())
            .sum();
    model.addAttribute("stops", stops.stream().map(s -> view(place, s)).toList());
    model.addAttribute("left", left);
    model.addAttribute("minutes", Math.round(minutes / 5) * 5);
    model.addAttribute("day", on);
    model.addAttribute("dayName", on.format(DAY));
    model.addAttribute("future", on.isAfter(place.today()));
    return "rounds/rounds";
  }

  @PostMapping("/c/{collection}/rounds")
  String settle(
      CollectionContext place,
      @RequestParam long enclosure,
      @RequestParam String task,
      @RequestParam int slot,
      @RequestParam String how,
      @RequestParam(defaultValue = "") String reason,
      @RequestParam UUID clientId,
      @RequestParam @DateTimeFormat(iso = DateTimeFormat.ISO.DATE) LocalDate day,
      RedirectAttributes flash) {
    requireNear(place, day);
    boolean skipped = how.equals("skip");
    if (day.isAfter(place.today())) {
      flash.addFlashAttribute("refused", "That day is still to come; nothing was logged.");
    } else if (skipped && reason.isBlank()) {
      flash.addFlashAttribute("refused", "Please say why it is skipped, in a word or two.");
    } else {
      rounds.settle(
          place,
          enclosure,
          task,
          day,
          slot,
          skipped,
          reason.strip().substring(0, Math.min(120, reason.strip().length())),
          clientId);
    }
    return "redirect:" + place.path("/rounds?day=" + day + "#e" + enclosure);
  }

  @PostMapping("/c/{collection}/rounds/undo")
  String undo(
      CollectionContext place,
      @RequestParam @DateTimeFormat(iso = DateTimeFormat.ISO.DATE) LocalDate day,
      RedirectAttributes flash) {
    Optional<String> title = rounds.undo(place, day);
    flash.addFlashAttribute(
        title.isPresent() ? "saved" : "refused",
        title
            .map(t -> "Taken back: " + t + ".")
            .orElse("There is nothing of yours to take back on this day."));
    return "redirect:" + place.path("/rounds?day=" + day);
  }

  /**
   * @param tasks titles with amounts
   */
  record DayView(String name, LocalDate date, List<String> tasks) {}

  record RhythmView(String title, String amount, String recurrence, String how, String source) {}

  @GetMapping("/c/{collection}/enclosures/{id}/plan")
  String plan(CollectionContext place, @PathVariable long id, Model model) {
    EnclosureSnapshot state = enclosures.get(place, id);
    Units u = place.units();
    List<List<DueTask>> days = rounds.coming(place, state, FORTNIGHT);
    model.addAttribute("state", state);
    model.addAttribute(
        "tasks",
        state.assessment().plan().tasks().stream()
            .map(
                t ->
                    new RhythmView(
                        u.text(t.title()),
                        u.text(t.amount()),
                        t.recurrence().words(),
                        u.text(t.how()),
                        t.basis().words()))
            .toList());
    model.addAttribute(
        "days",
        IntStream.range(0, FORTNIGHT)
            .mapToObj(
                i -> {
                  LocalDate date = place.today().plusDays(i);
                  return new DayView(
                      i == 0
                          ? "Today"
                          : date.format(DateTimeFormatter.ofPattern("EEE d MMM", Locale.ENGLISH)),
                      date,
                      days.get(i).stream()
                          .map(
                              due ->
                                  u.text(due.task().title())
                                      + (due.task().recurrence().perDay() > 1
                                          ? ", " + due.slot() + "."
                                          : ""))
                          .toList());
                })
            .toList());
    return "enclosure/plan";
  }

  private static void requireNear(CollectionContext place, LocalDate day) {
    if (Math.abs(ChronoUnit.DAYS.between(place.today(), day)) > DAYS_EITHER_WAY) {
      throw new ResponseStatusException(HttpStatus.NOT_FOUND);
    }
  }

  private static StopView view(CollectionContext place, Rounds.Stop stop) {
    Units u = place.units();
    ZoneId zone = place.collection().zone();
    return new StopView(
        stop.state().id(),
        stop.state().name(),
        stop.state().room().name() + ", " + stop.state().who(),
        SectionDrawing.fitted(stop.state().assessment(), 150, 70),
        stop.left(),
        stop.lines().stream()
            .map(
                line -> {
                  DueTask due = line.due();
                  String times =
                      due.task().recurrence().perDay() > 1
                          ? " (%d of %d)".formatted(due.slot(), due.task().recurrence().perDay())
                          : "";
                  String state =
                      line.entry()
                          .map(
                              e ->
                                  e.kind() == RoundEntry.Kind.SKIPPED
                                      ? "skipped: " + e.reason()
                                      : "done " + e.enteredAt().atZone(zone).format(TIME))
                          .orElse(
                              due.daysLate() > 0
                                  ? "late by %d %s"
                                      .formatted(
                                          due.daysLate(), due.daysLate() == 1 ? "day" : "days")
                                  : "");
                  return new LineView(
                      due.task().key(),
                      due.slot(),
                      u.text(due.task().title()) + times,
                      u.text(due.task().amount()),
                      u.text(due.task().how()),
                      state,
                      due.settled(),
                      due.daysLate() > 0,
                      due.task().kind() == TaskKind.MEASURE,
                      UUID.randomUUID().toString());
                })
            .toList());
  }
}
