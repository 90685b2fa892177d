package app.islet.web.page.work.rounds;

import app.islet.core.plan.HelperSheet;
import app.islet.core.plan.WarningSigns;
import app.islet.core.text.English;
import app.islet.web.base.support.Units;
import app.islet.web.people.collection.CollectionContext;
import app.islet.web.reading.snapshot.EnclosureSnapshot;
import app.islet.web.reading.snapshot.Snapshots;
import app.islet.web.reading.summary.DayRounds;
import java.time.LocalDate;
import java.util.List;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** The helper's sheet: one page an enclosure, to be printed and pinned up. */
@Controller
@RequestMapping("/c/{collection}/rounds/helper-sheet")
class SheetController {
  private static final int MIN_DAYS = 1;
  private static final int MAX_DAYS = 28;

  private final Walk walk;
  private final DayRounds rounds;
  private final Snapshots snapshots;

  SheetController(Walk walk, DayRounds rounds, Snapshots snapshots) {
    this.walk = walk;
    this.rounds = rounds;
    this.snapshots = snapshots;
  }

  /** One thing to do, worded. */
  record WorkView(String title, String amount, String how, int times) {}

  /** What else is done on one day. */
  record DayView(String day, List<WorkView> work) {}

  /** One page. */
  record SheetView(
      String name,
      String where,
      String glyph,
      String tools,
      List<WorkView> daily,
      List<DayView> days,
      List<String> marks,
      WarningSigns signs,
      List<String> never) {}

  @GetMapping
  String show(CollectionContext context, @RequestParam(defaultValue = "7") int days, Model model) {
    int shown = Math.max(MIN_DAYS, Math.min(MAX_DAYS, days));
    LocalDate today = context.today();
    List<SheetView> sheets =
        walk.on(context, today).stream()
            .filter(step -> !step.stop().enclosure().plan().tasks().isEmpty())
            .map(step -> sheet(context, step, shown))
            .toList();
    model.addAttribute("sheets", sheets);
    model.addAttribute("days", shown);
    model.addAttribute("from", English.weekday(today));
    model.addAttribute("until", English.weekday(today.plusDays(shown - 1L)));
    model.addAttribute("contact", context.collection().contact());
    return "rounds/helper-sheet";
  }

  private SheetView sheet(CollectionContext context, Walk.Step step, int days) {
    EnclosureSnapshot state = snapshots.get(context, step.record().id());
    Units u = context.units();
    HelperSheet sheet =
        HelperSheet.of(
            state.assessment().situation(),
            context.today(),
            rounds.coming(context, step.record(), days));
    return new SheetView(
        state.name(),
        state.room().name() + ", " + state.who(),
        step.stop().enclosure().glyph().fitted(220, 100),
        step.group().tools(),
        sheet.daily().stream().map(work -> view(u, work)).toList(),
        sheet.days().stream()
            .map(
                day ->
                    new DayView(
                        English.weekday(day.day()),
                        day.work().stream().map(work -> view(u, work)).toList()))
            .toList(),
        sheet.marks().stream().map(u::text).toList(),
        sheet.signs(),
        sheet.never());
  }

  private static WorkView view(Units u, HelperSheet.Work work) {
    return new WorkView(
        u.text(work.title()), u.text(work.amount()), u.text(work.how()), work.times());
  }
}
