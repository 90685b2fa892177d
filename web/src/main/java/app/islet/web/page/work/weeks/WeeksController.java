package app.islet.web.page.work.weeks;

import app.islet.core.plan.Levelling;
import app.islet.core.text.English;
import app.islet.web.base.support.Fields;
import app.islet.web.base.support.Form;
import app.islet.web.base.support.Messages;
import app.islet.web.base.support.Reply;
import app.islet.web.people.collection.CollectionContext;
import app.islet.web.people.collection.Role;
import app.islet.web.reading.summary.DayRounds;
import app.islet.web.store.tasks.DaysOff;
import app.islet.web.store.tasks.Holidays;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;

/** The next two weeks: big jobs spread over the days, around holidays. */
@Controller
@RequestMapping("/c/{collection}/weeks")
class WeeksController {
  private static final int MAX_DAYS_OFF = 366;
  private static final int WEEK = 7;
  private static final double MINUTES_PER_HOUR = 60;

  private final Fortnight fortnight;
  private final Holidays holidays;

  WeeksController(Fortnight fortnight, Holidays holidays) {
    this.fortnight = fortnight;
    this.holidays = holidays;
  }

  /**
   * A day.
   *
   * @param share of the fullest day, in per cent
   * @param off why no big job is done; empty where there are
   */
  record DayView(String day, long minutes, long share, String off, List<JobView> jobs) {}

  /**
   * A big job on a day.
   *
   * @param fit why it is not in its window; empty where it is
   */
  record JobView(long enclosure, String name, String what, long minutes, String fit) {}

  /** Days off in the list. */
  record OffView(long id, String note, String from, String until) {}

  @GetMapping
  String show(CollectionContext context, Model model) {
    Map<String, String> typed =
        Map.of(
            "firstDay", context.today().plusDays(1).toString(),
            "lastDay", context.today().plusDays(WEEK).toString());
    return page(context, new Form(typed, context.system()), model);
  }

  @PostMapping("/keep")
  String keep(CollectionContext context, Reply reply) {
    context.require(Role.KEEPER);
    fortnight.keep(context);
    return reply.saved(Messages.text("weeks.kept"), address(context));
  }

  @PostMapping("/forget")
  String forget(CollectionContext context, Reply reply) {
    context.require(Role.KEEPER);
    fortnight.forget(context);
    return reply.saved(Messages.text("weeks.forgotten"), address(context));
  }

  @PostMapping("/off")
  String away(CollectionContext context, Form form, Model model, Reply reply) {
    context.require(Role.KEEPER);
    String note = form.text("note", 80, "what it is, as holiday");
    LocalDate today = context.today();
    LocalDate first = form.date("firstDay").orElse(today);
    LocalDate last = form.date("lastDay").orElse(first);
    if (last.isBefore(today)) {
      form.refuse("lastDay", "These days are over; the last day should be today or later.");
    } else if (last.isBefore(first) || last.isAfter(first.plusDays(MAX_DAYS_OFF))) {
      form.refuse("lastDay", "A day from the first day to a year later, please.");
    }
    if (form.hasErrors()) {
      return reply.refused(page(context, form, model));
    }
    holidays.add(context, first, last, note, form.clientId());
    return reply.saved(Messages.text("weeks.away-added", note), address(context));
  }

  @PostMapping("/off/{id}/remove")
  String back(CollectionContext context, @PathVariable long id, Reply reply) {
    holidays.remove(context, id);
    return reply.saved(Messages.text("weeks.away-removed"), address(context));
  }

  private static String address(CollectionContext context) {
    return context.path("/weeks");
  }

  private String page(CollectionContext context, Form form, Model model) {
    Fortnight.View view = fortnight.of(context);
    Map<LocalDate, List<Levelling.Placed>> byDay =
        view.spread().placed().stream().collect(Collectors.groupingBy(Levelling.Placed::day));
    List<LocalDate> days =
        context.today().datesUntil(context.today().plusDays(Fortnight.DAYS)).toList();
    model.addAttribute(
        "days",
        days.stream()
            .map(day -> day(context, view, day, byDay.getOrDefault(day, List.of())))
            .toList());
    model.addAttribute("most", Math.round(view.spread().most()));
    model.addAttribute("asDue", Math.round(view.asDue().most()));
    double all = view.spread().minutes().values().stream().mapToDouble(m -> m).sum();
    model.addAttribute("aDay", Math.round(all / Fortnight.DAYS));
    model.addAttribute("aWeek", Math.round(all * WEEK / Fortnight.DAYS / MINUTES_PER_HOUR));
    model.addAttribute("kept", view.kept());
    model.addAttribute("off", view.off().stream().map(WeeksController::off).toList());
    Fields fields = Fields.of(form, "weeks");
    model.addAttribute(
        "fields", List.of(fields.text("note"), fields.date("firstDay"), fields.date("lastDay")));
    model.addAttribute("clientId", UUID.randomUUID());
    return "weeks/weeks";
  }

  private static DayView day(
      CollectionContext context,
      Fortnight.View view,
      LocalDate day,
      List<Levelling.Placed> placed) {
    double minutes = view.spread().minutes().getOrDefault(day, 0.0);
    return new DayView(
        English.weekday(day),
        Math.round(minutes),
        Math.round(100 * minutes / Math.max(1, view.spread().most())),
        view.off().stream().filter(o -> o.has(day)).map(DaysOff::note).findFirst().orElse(""),
        placed.stream().map(p -> job(context, view, p)).toList());
  }

  private static JobView job(
      CollectionContext context, Fortnight.View view, Levelling.Placed placed) {
    DayRounds.Coming coming = Objects.requireNonNull(view.jobs().get(placed.job().id()));
    return new JobView(
        coming.enclosure().id(),
        coming.enclosure().name(),
        context.units().text(coming.task().title()),
        Math.round(placed.job().minutes()),
        switch (placed.fit()) {
          case IN_TIME -> "";
          case EARLY -> Messages.text("weeks.early");
          case LATE -> Messages.text("weeks.late");
        });
  }

  private static OffView off(DaysOff days) {
    return new OffView(
        days.id(), days.note(), English.weekday(days.firstDay()), English.weekday(days.lastDay()));
  }
}
