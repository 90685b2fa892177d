package app.islet.web.page.work.rounds;

import app.islet.core.text.English;
import app.islet.web.base.support.Form;
import app.islet.web.base.support.Messages;
import app.islet.web.base.support.NotFoundException;
import app.islet.web.base.support.RefusedException;
import app.islet.web.base.support.Reply;
import app.islet.web.people.account.People;
import app.islet.web.people.collection.AnimalCollection.WalkOrder;
import app.islet.web.people.collection.CollectionContext;
import app.islet.web.reading.summary.DayRounds;
import app.islet.web.reading.summary.EnclosureSummary;
import app.islet.web.store.health.HealthLog;
import app.islet.web.store.rearing.BatchStates;
import app.islet.web.store.tasks.TaskEntry;
import app.islet.web.store.tasks.TaskLog;
import app.islet.web.store.water.WaterLog;
import java.time.DateTimeException;
import java.time.Instant;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.springframework.format.annotation.DateTimeFormat;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
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

  private static final int TO_FIVE_MINUTES = 5;

  private final Walk walk;
  private final WaterLog water;
  private final People people;
  private final Ticks ticks;
  private final TaskLog log;
  private final BatchStates batches;
  private final HealthLog health;

  RoundsController(
      Walk walk,
      WaterLog water,
      People people,
      Ticks ticks,
      TaskLog log,
      BatchStates batches,
      HealthLog health) {
    this.walk = walk;
    this.water = water;
    this.people = people;
    this.ticks = ticks;
    this.log = log;
    this.batches = batches;
    this.health = health;
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
    List<Walk.Step> steps = walk.on(context, on);
    addHead(steps, on, model);
    addPiece(context, piece(context, steps, from), on, model);
    model.addAttribute("tubs", on.equals(context.today()) && from == 0 ? tubs(context) : List.of());
    model.addAttribute(
        "healthDue",
        context.isMember() && on.equals(context.today())
            ? health.dueElsewhere(context, animals(steps))
            : 0);
    return "rounds/rounds";
  }

  private static Set<Long> animals(List<Walk.Step> steps) {
    return steps.stream()
        .flatMap(step -> step.stop().enclosure().animals().stream())
        .map(EnclosureSummary.Named::id)
        .collect(Collectors.toSet());
  }

  /** The tubs of a batch, as one stop. */
  record TubStop(String name, int jobs, int tubs, long minutes) {}

  private List<TubStop> tubs(CollectionContext context) {
    return batches.open(context).stream()
        .filter(state -> !state.inUse().isEmpty())
        .map(
            state ->
                new TubStop(
                    state.kind().animal().name(),
                    state.jobsLeft(),
                    state.inUse().size(),
                    (long) Math.ceil(state.minutesLeft())))
        .toList();
  }

  private static void addHead(List<Walk.Step> steps, LocalDate day, Model model) {
    double minutes = steps.stream().mapToDouble(step -> step.stop().minutesLeft()).sum();
    model.addAttribute("left", steps.stream().mapToLong(Walk.Step::left).sum());
    model.addAttribute("minutes", Math.round(minutes / TO_FIVE_MINUTES) * TO_FIVE_MINUTES);
    model.addAttribute("dayName", English.weekday(day));
    model.addAttribute("undoId", UUID.randomUUID());
  }

  /** Further stops of a long walk. */
  @GetMapping("/stops")
  String stops(
      CollectionContext context,
      @RequestParam int from,
      @RequestParam @DateTimeFormat(iso = DateTimeFormat.ISO.DATE) LocalDate day,
      Model model) {
    requireNear(context, day);
    addPiece(context, piece(context, walk.on(context, day), from), day, model);
    return "rounds/stops :: stops";
  }

  /** One stop as it is now, and what is left of the walk: for a page that is open already. */
  @GetMapping("/stops/{enclosure}")
  String stop(
      CollectionContext context,
      @PathVariable long enclosure,
      @RequestParam @DateTimeFormat(iso = DateTimeFormat.ISO.DATE) LocalDate day,
      Model model) {
    requireNear(context, day);
    List<Walk.Step> steps = walk.on(context, day);
    int at =
        IntStream.range(0, steps.size())
            .filter(i -> steps.get(i).record().id() == enclosure)
            .findFirst()
            .orElseThrow(() -> new NotFoundException("the walk has no such stop"));
    addHead(steps, day, model);
    addPiece(context, new Piece(views(context, steps, List.of(at)), 0), day, model);
    return "rounds/stops :: fresh";
  }

  private Piece piece(CollectionContext context, List<Walk.Step> steps, int from) {
    if (from < 0 || from > steps.size()) {
      throw new NotFoundException("no stop " + from);
    }
    List<Integer> due =
        IntStream.range(from, steps.size())
            .filter(i -> !steps.get(i).stop().lines().isEmpty())
            .limit(AT_ONCE + 1L)
            .boxed()
            .toList();
    return new Piece(
        views(context, steps, due.stream().limit(AT_ONCE).toList()),
        due.size() > AT_ONCE ? due.get(AT_ONCE) : 0);
  }

  private List<StopView> views(
      CollectionContext context, List<Walk.Step> steps, List<Integer> which) {
    Set<Long> countAsNitrogen =
        water.countAsNitrogen(which.stream().map(i -> steps.get(i).record().id()).toList());
    Map<Long, String> names = names(which.stream().map(i -> steps.get(i).stop()).toList());
    Map<Long, StopView.Heading> headings = headings(steps, context.collection().walkOrder());
    return which.stream()
        .map(steps::get)
        .map(
            step ->
                StopView.of(
                    context,
                    step.stop(),
                    headings.getOrDefault(step.record().id(), StopView.Heading.NONE),
                    !countAsNitrogen.contains(step.record().id()),
                    names))
        .toList();
  }

  private Map<Long, String> names(List<DayRounds.Stop> stops) {
    return people.names(
        stops.stream()
            .flatMap(stop -> stop.lines().stream())
            .flatMap(line -> line.entry().stream())
            .map(TaskEntry::enteredBy)
            .collect(Collectors.toSet()));
  }

  /** Said before the first stop of each group that has something to do, where there are groups. */
  private static Map<Long, StopView.Heading> headings(List<Walk.Step> steps, WalkOrder order) {
    Map<Long, StopView.Heading> first = new HashMap<>();
    String before = "";
    for (Walk.Step step : steps) {
      String title = step.heading(order);
      if (!step.stop().lines().isEmpty() && !title.equals(before)) {
        first.put(step.record().id(), new StopView.Heading(title, step.tools(order)));
        before = title;
      }
    }
    return first.size() > 1 ? first : Map.of();
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
    String address = address(context, day) + "#e" + enclosure;
    if (day.isAfter(context.today())) {
      return reply.notDone("That day is still to come; nothing was logged.", address);
    }
    if (skipped && form.typed("note").isEmpty()) {
      return reply.notDone("Say why it is skipped, in a word or two.", address);
    }
    UUID clientId = form.clientId();
    TaskEntry entry =
        ticks.settle(
            context,
            enclosure,
            new Ticks.Tick(
                form.typed("task"),
                day,
                form.whole("slot", 1, 6, 0),
                skipped,
                form.typed("note"),
                at(form),
                clientId));
    boolean somebodyElse =
        !entry.clientId().equals(clientId) && !entry.enteredBy().equals(context.person().id());
    return somebodyElse ? reply.already(already(context, entry), address) : reply.done(address);
  }

  /** Two at one enclosure: the second is told who was first, and that nothing was added. */
  private String already(CollectionContext context, TaskEntry entry) {
    return Messages.text(
        "rounds.already",
        entry.title(),
        English.time(entry.enteredAt().atZone(context.collection().zone())),
        people.name(entry.enteredBy()).orElse("somebody else"));
  }

  /** When it was done: told where it was kept on a phone without a network. */
  private static Instant at(Form form) {
    try {
      return form.typed("at").isEmpty() ? Instant.MAX : Instant.parse(form.typed("at"));
    } catch (DateTimeException unreadable) {
      throw new RefusedException("The time it was done cannot be read.", unreadable);
    }
  }

  /** Takes back one entry where it is named, else the last of whoever asks. */
  @PostMapping("/undo")
  String undo(CollectionContext context, Form form, Reply reply) {
    LocalDate day = day(context, form);
    Optional<String> title =
        form.typed("entry").isEmpty()
            ? log.undo(context, day, form.clientId())
            : log.undo(context, form.clientId("entry"), form.clientId());
    String address = address(context, day);
    return title.isPresent()
        ? reply.saved("Undone: %s.".formatted(title.get()), address)
        : reply.notDone("There is nothing of yours to undo on this day.", address);
  }

  private static String address(CollectionContext context, LocalDate day) {
    return context.path("/rounds?day=" + day);
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
