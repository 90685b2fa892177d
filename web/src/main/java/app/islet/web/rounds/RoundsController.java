package app.islet.web.rounds;

import app.islet.core.text.English;
import app.islet.web.collection.CollectionContext;
import app.islet.web.enclosure.EnclosureRecord;
import app.islet.web.enclosure.EnclosureStore;
import app.islet.web.summary.DayRounds;
import app.islet.web.support.Form;
import app.islet.web.support.NotFoundException;
import app.islet.web.support.RefusedException;
import app.islet.web.support.Reply;
import app.islet.web.tasklog.TaskLog;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.IntStream;
import org.springframework.format.annotation.DateTimeFormat;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Rounds: the walk of a day. */
@Controller
@RequestMapping("/c/{collection}/rounds")
class RoundsController {
  private static final int DAYS_EITHER_WAY = 400;

  /** So many stops come with the page; further ones come as they are scrolled to. */
  private static final int AT_ONCE = 12;

  private final DayRounds rounds;
  private final EnclosureStore enclosures;
  private final Ticks ticks;
  private final TaskLog log;

  RoundsController(DayRounds rounds, EnclosureStore enclosures, Ticks ticks, TaskLog log) {
    this.rounds = rounds;
    this.enclosures = enclosures;
    this.ticks = ticks;
    this.log = log;
  }

  /**
   * @param next from which the next piece begins; 0 where this is the last
   */
  private record Piece(List<StopView> stops, int next) {}

  @GetMapping
  String show(
      CollectionContext context,
      @RequestParam(required = false) @DateTimeFormat(iso = DateTimeFormat.ISO.DATE)
          Optional<LocalDate> day,
      @RequestParam(defaultValue = "0") int from,
      Model model) {
    LocalDate on = day.orElse(context.today());
    requireNear(context, on);
    List<EnclosureRecord> all = enclosures.all(context);
    List<DayRounds.Stop> stops = rounds.on(context, all, on);
    model.addAttribute("left", stops.stream().mapToLong(DayRounds.Stop::left).sum());
    model.addAttribute(
        "minutes",
        Math.round(stops.stream().mapToDouble(DayRounds.Stop::minutesLeft).sum() / 5) * 5);
    model.addAttribute("dayName", English.weekday(on));
    model.addAttribute("undoId", UUID.randomUUID());
    addPiece(context, piece(context, stops, from), on, model);
    return "rounds/rounds";
  }

  /** Further stops of a long walk. */
  @GetMapping("/stops")
  String stops(
      CollectionContext context,
      @RequestParam int from,
      @RequestParam @DateTimeFormat(iso = DateTimeFormat.ISO.DATE) LocalDate day,
      Model model) {
    requireNear(context, day);
    List<DayRounds.Stop> stops = rounds.on(context, enclosures.all(context), day);
    addPiece(context, piece(context, stops, from), day, model);
    return "rounds/stops :: stops";
  }

  private static Piece piece(CollectionContext context, List<DayRounds.Stop> stops, int from) {
    if (from < 0 || from > stops.size()) {
      throw new NotFoundException("no stop " + from);
    }
    List<Integer> due =
        IntStream.range(from, stops.size())
            .filter(i -> !stops.get(i).lines().isEmpty())
            .limit(AT_ONCE + 1L)
            .boxed()
            .toList();
    return new Piece(
        due.stream().limit(AT_ONCE).map(i -> StopView.of(context, stops.get(i))).toList(),
        due.size() > AT_ONCE ? due.get(AT_ONCE) : 0);
  }

  private static void addPiece(CollectionContext context, Piece piece, LocalDate day, Model model) {
    model.addAttribute("stops", piece.stops());
    model.addAttribute("next", piece.next());
    model.addAttribute("day", day);
    model.addAttribute("future", day.isAfter(context.today()));
  }

  @PostMapping
  String settle(CollectionContext context, Form form, Reply reply) {
    LocalDate day = day(context, form);
    long enclosure = form.id("enclosure");
    boolean skipped = form.typed("how").equals("skip");
    String address = context.path("/rounds?day=" + day + "#e" + enclosure);
    if (day.isAfter(context.today())) {
      return reply.notDone("That day is still to come; nothing was logged.", address);
    }
    if (skipped && form.typed("reason").isEmpty()) {
      return reply.notDone("Say why it is skipped, in a word or two.", address);
    }
    ticks.settle(
        context,
        enclosure,
        new Ticks.Tick(
            form.typed("task"),
            day,
            form.whole("slot", 1, 6, 0),
            skipped ? form.typed("reason") : "",
            form.clientId()));
    return reply.done(address);
  }

  @PostMapping("/undo")
  String undo(CollectionContext context, Form form, Reply reply) {
    LocalDate day = day(context, form);
    Optional<String> title = log.undo(context, day, form.clientId());
    String address = context.path("/rounds?day=" + day);
    return title.isPresent()
        ? reply.saved("Undone: %s.".formatted(title.get()), address)
        : reply.notDone("There is nothing of yours to undo on this day.", address);
  }

  private static LocalDate day(CollectionContext context, Form form) {
    LocalDate day =
        form.date("day").orElseThrow(() -> new RefusedException("Say which day it was done."));
    requireNear(context, day);
    if (form.hasErrors()) {
      throw new RefusedException(String.join(" ", form.errors().values()));
    }
    return day;
  }

  private static void requireNear(CollectionContext context, LocalDate day) {
    if (Math.abs(ChronoUnit.DAYS.between(context.today(), day)) > DAYS_EITHER_WAY) {
      throw new NotFoundException("no rounds so far from today");
    }
  }
}
