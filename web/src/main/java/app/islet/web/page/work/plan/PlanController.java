package app.islet.web.page.work.plan;

import app.islet.core.plan.DueTask;
import app.islet.core.plan.Labour;
import app.islet.core.plan.Plan;
import app.islet.core.plan.Task;
import app.islet.core.text.English;
import app.islet.web.base.support.Units;
import app.islet.web.people.collection.CollectionContext;
import app.islet.web.reading.snapshot.EnclosureSnapshot;
import app.islet.web.reading.snapshot.Snapshots;
import app.islet.web.reading.summary.DayRounds;
import java.time.LocalDate;
import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;

/** The plan of an enclosure: what is to be done how often, and what comes in the next fortnight. */
@Controller
class PlanController {
  private static final int FORTNIGHT = 14;
  private static final int MONTH_DAYS = 30;

  private final Snapshots snapshots;
  private final DayRounds rounds;

  PlanController(Snapshots snapshots, DayRounds rounds) {
    this.snapshots = snapshots;
    this.rounds = rounds;
  }

  /**
   * @param tasks titles, with the time of the day where there are several
   */
  record DayView(String name, LocalDate date, List<String> tasks) {}

  record TaskView(String title, String amount, String recurrence, String how, String source) {}

  @GetMapping("/c/{collection}/enclosures/{id}/plan")
  String show(CollectionContext context, @PathVariable long id, Model model) {
    EnclosureSnapshot state = snapshots.get(context, id);
    Units u = context.units();
    List<List<DueTask>> days = rounds.coming(context, state.record(), FORTNIGHT);
    model.addAttribute("state", state);
    Plan plan = state.assessment().plan();
    // What is known beside the routine comes first.
    model.addAttribute(
        "tasks",
        Stream.concat(
                plan.advice().stream()
                    .map(a -> view(a.task(), "until " + English.day(a.until()), u)),
                plan.tasks().stream().map(t -> view(t, plan.rhythm(t), u)))
            .toList());
    double minutes = plan.minutesADay();
    model.addAttribute("minutes", Math.round(minutes));
    model.addAttribute("hoursAMonth", Math.round(Labour.hours(minutes, MONTH_DAYS)));
    model.addAttribute(
        "days",
        IntStream.range(0, FORTNIGHT)
            .mapToObj(i -> day(context.today().plusDays(i), i == 0, days.get(i), u))
            .toList());
    return "plan/plan";
  }

  private static TaskView view(Task t, String rhythm, Units u) {
    return new TaskView(
        u.text(t.title()), u.text(t.amount()), rhythm, u.text(t.how()), t.basis().words());
  }

  private static DayView day(LocalDate date, boolean today, List<DueTask> list, Units u) {
    return new DayView(
        today ? "Today" : English.shortWeekday(date),
        date,
        list.stream()
            .map(
                due ->
                    u.text(due.task().title())
                        + (due.task().recurrence().perDay() > 1 ? ", " + due.slot() + "." : ""))
            .toList());
  }
}
