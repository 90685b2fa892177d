package app.islet.web.page.work.rounds;

import app.islet.core.plan.ChangeDay;
import app.islet.core.plan.Planner;
import app.islet.core.text.English;
import app.islet.web.base.support.Form;
import app.islet.web.base.support.Messages;
import app.islet.web.base.support.NotFoundException;
import app.islet.web.base.support.Reply;
import app.islet.web.base.support.Units;
import app.islet.web.people.collection.CollectionContext;
import app.islet.web.reading.snapshot.EnclosureSnapshot;
import app.islet.web.reading.snapshot.Snapshots;
import app.islet.web.store.animal.Books;
import app.islet.web.store.animal.PlaceRecord;
import app.islet.web.store.tasks.TaskEntry;
import app.islet.web.store.tasks.TaskLog;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;

/**
 * A water change as one checklist. What is ticked stands in the log, so whoever comes back to it,
 * on whatever device, finds it as it was left.
 */
@Controller
@RequestMapping("/c/{collection}/enclosures/{id}/change")
class ChangeDayController {
  private static final String PREFIX = TaskEntry.STEP;

  private final Snapshots snapshots;
  private final Books books;
  private final TaskLog log;
  private final Ticks ticks;

  ChangeDayController(Snapshots snapshots, Books books, TaskLog log, Ticks ticks) {
    this.snapshots = snapshots;
    this.books = books;
    this.log = log;
    this.ticks = ticks;
  }

  /** A step, and whether it is done or the next. */
  record StepView(String key, String what, String how, boolean done, boolean next) {}

  @GetMapping
  String show(CollectionContext context, @PathVariable long id, Model model) {
    EnclosureSnapshot state = snapshots.get(context, id);
    ChangeDay day = day(context, state);
    Set<String> done = done(context, id);
    Optional<ChangeDay.Step> next = day.next(done);
    Units u = context.units();
    model.addAttribute("state", state);
    model.addAttribute(
        "steps",
        day.steps().stream()
            .map(
                step ->
                    new StepView(
                        step.key(),
                        u.text(step.what()),
                        u.text(step.how()),
                        done.contains(step.key()),
                        next.filter(step::equals).isPresent()))
            .toList());
    model.addAttribute("begun", !done.isEmpty());
    model.addAttribute("finished", next.isEmpty());
    model.addAttribute("nextWords", next.map(step -> u.text(step.what())).orElse(""));
    model.addAttribute("out", English.list(day.stillOut(done)));
    model.addAttribute("clientId", UUID.randomUUID());
    return "rounds/change";
  }

  private ChangeDay day(CollectionContext context, EnclosureSnapshot state) {
    List<String> boxes =
        books.places(context).values().stream()
            .filter(place -> place.enclosureId().filter(id -> id == state.id()).isPresent())
            .filter(place -> !place.closed())
            .filter(place -> place.kind() == PlaceRecord.Kind.BOX)
            .map(PlaceRecord::name)
            .sorted()
            .toList();
    return ChangeDay.of(state.assessment().situation(), boxes)
        .orElseThrow(() -> new NotFoundException("no water is changed in " + state.name()));
  }

  /** Keys of the steps ticked today, by whomever. */
  private Set<String> done(CollectionContext context, long id) {
    return log.lastAndOn(List.of(id), context.today()).getOrDefault(id, List.of()).stream()
        .filter(entry -> entry.day().equals(context.today()))
        .map(TaskEntry::taskKey)
        .filter(key -> key.startsWith(PREFIX))
        .map(key -> key.substring(PREFIX.length()))
        .collect(Collectors.toSet());
  }

  @PostMapping
  String tick(CollectionContext context, @PathVariable long id, Form form, Reply reply) {
    EnclosureSnapshot state = snapshots.get(context, id);
    ChangeDay day = day(context, state);
    ChangeDay.Step step =
        day.steps().stream()
            .filter(s -> s.key().equals(form.typed("step")))
            .findFirst()
            .orElseThrow(() -> new NotFoundException("the change has no such step"));
    log.settle(
        context,
        id,
        new TaskEntry.Settled(
            PREFIX + step.key(),
            step.what().text(context.system()),
            context.today(),
            1,
            TaskEntry.Kind.DONE,
            ""),
        form.clientId());
    if (day.next(done(context, id)).isEmpty()) {
      finish(context, state);
      return reply.saved(Messages.text("change.finished"), path(context, id));
    }
    return reply.done(path(context, id));
  }

  /** All of it done is a water change on the rounds. */
  private void finish(CollectionContext context, EnclosureSnapshot state) {
    if (state.assessment().plan().asksFor(Planner.WATER_CHANGE)) {
      ticks.settle(
          context,
          state.id(),
          Ticks.Tick.done(Planner.WATER_CHANGE, context.today(), UUID.randomUUID()));
    }
  }

  @PostMapping("/undo")
  String undo(CollectionContext context, @PathVariable long id, Form form, Reply reply) {
    return log.undo(context, context.today(), form.clientId())
        .map(title -> reply.saved(Messages.text("change.undone", title), path(context, id)))
        .orElseGet(() -> reply.done(path(context, id)));
  }

  private static String path(CollectionContext context, long id) {
    return context.path("/enclosures/" + id + "/change");
  }
}
