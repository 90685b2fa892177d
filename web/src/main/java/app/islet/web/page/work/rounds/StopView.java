package app.islet.web.page.work.rounds;

import app.islet.core.care.FoodKeeping;
import app.islet.core.plan.DueTask;
import app.islet.core.plan.Plan;
import app.islet.core.plan.Task;
import app.islet.core.plan.TaskKind;
import app.islet.core.text.English;
import app.islet.core.water.Parameter;
import app.islet.web.base.support.Messages;
import app.islet.web.base.support.Units;
import app.islet.web.people.collection.CollectionContext;
import app.islet.web.reading.summary.DayRounds;
import app.islet.web.reading.summary.EnclosureSummary;
import app.islet.web.store.tasks.TaskEntry;
import app.islet.web.store.water.KitUnits;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.UUID;

/**
 * One enclosure on the rounds, worded.
 *
 * @param heading what begins with it, as the quarantine; empty where nothing does
 * @param tools what to take for those under the heading
 * @param interrupted whether a change of water was begun and not ended
 * @param where its room, and who lives there
 */
record StopView(
    long id,
    Heading heading,
    String name,
    String where,
    String glyph,
    long left,
    boolean interrupted,
    boolean asIon,
    List<EnclosureSummary.Named> animals,
    List<LineView> lines) {

  /** What is said before the first of a group. */
  record Heading(String title, String tools) {
    static final Heading NONE = new Heading("", "");
  }

  /**
   * @param state words for done, skipped or late; empty while it is just due
   * @param hold whether it says what is held off: nothing to do, and only a keeper may decline it
   * @param health whether the page of the ill says more
   * @param test numbers to be typed in; none where it is no test
   * @param entry of what settled it; empty where nothing did, or another's that a helper may not
   *     undo
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
      boolean hold,
      boolean measure,
      boolean topUp,
      boolean health,
      List<Number> test,
      String entry,
      Ids ids) {
    public String clientId() {
      return ids.tick().toString();
    }

    public String testId() {
      return ids.test().toString();
    }

    public String undoId() {
      return ids.undo().toString();
    }
  }

  /** Made with the page, so that sending it twice is harmless. */
  record Ids(UUID tick, UUID test, UUID undo) {
    static Ids fresh() {
      return new Ids(UUID.randomUUID(), UUID.randomUUID(), UUID.randomUUID());
    }
  }

  /** What may lie longer is taken out with the next spot cleaning. */
  private static final int LONG_MINUTES = 300;

  /** A number of the water test. */
  record Number(String id, String label, String unit) {}

  /** What a weekly test is of; the Water step takes the rarer ones too. */
  private static final List<Parameter> WEEKLY =
      List.of(
          Parameter.AMMONIA,
          Parameter.NITRITE,
          Parameter.NITRATE,
          Parameter.PH,
          Parameter.TEMPERATURE);

  /**
   * @param asIon whether its kit counts nitrogen as the whole ion
   * @param people what those who settled something are called
   */
  static StopView of(
      CollectionContext context,
      DayRounds.Stop stop,
      Heading heading,
      boolean asIon,
      Map<Long, String> people) {
    EnclosureSummary enclosure = stop.enclosure();
    Words words = new Words(context, enclosure.plan(), asIon, people);
    return new StopView(
        enclosure.id(),
        heading,
        enclosure.name(),
        enclosure.room() + ", " + enclosure.who(),
        enclosure.glyph().fitted(150, 70),
        stop.left(),
        stop.interrupted(),
        asIon,
        enclosure.animals(),
        stop.lines().stream().map(words::line).toList());
  }

  /** Words the lines of one enclosure for whoever asks. */
  private record Words(
      CollectionContext context, Plan plan, boolean asIon, Map<Long, String> people) {
    LineView line(DayRounds.Line line) {
      Units u = context.units();
      DueTask due = line.due();
      int perDay = due.task().recurrence().perDay();
      String times = perDay > 1 ? " (%d of %d)".formatted(due.slot(), perDay) : "";
      return new LineView(
          due.task().key(),
          due.slot(),
          u.text(due.task().title()) + times,
          u.text(due.amount()),
          u.text(due.task().how()),
          due.settled()
              ? line.entry().map(e -> settled(due.task(), e)).orElse("logged")
              : late(due),
          due.settled(),
          due.daysLate() > 0,
          due.task().kind() == TaskKind.HOLD,
          due.task().kind() == TaskKind.MEASURE,
          due.task().kind() == TaskKind.TOP_UP,
          due.task().isOfHealth(),
          due.task().kind() == TaskKind.TEST ? numbers() : List.of(),
          line.entry().filter(this::mayUndo).map(e -> e.clientId().toString()).orElse(""),
          Ids.fresh());
    }

    private boolean mayUndo(TaskEntry entry) {
      return context.mayDesign() || isMine(entry);
    }

    private boolean isMine(TaskEntry entry) {
      return entry.enteredBy().equals(context.person().id());
    }

    private String settled(Task task, TaskEntry entry) {
      String note = entry.reason().isEmpty() ? "" : ": " + entry.reason();
      String time = English.time(entry.enteredAt().atZone(context.collection().zone()));
      String what = entry.kind() == TaskEntry.Kind.SKIPPED ? "skipped" : "done " + time;
      return what + by(entry) + leftovers(task, entry) + note;
    }

    /** When to take out what was not eaten: of today's meals, in a few minutes or hours. */
    private String leftovers(Task task, TaskEntry entry) {
      boolean eats = entry.kind() == TaskEntry.Kind.DONE && entry.day().equals(context.today());
      return plan.helping(task)
          .filter(helping -> eats)
          .flatMap(helping -> FoodKeeping.of(helping.food()))
          .map(FoodKeeping::leftoverMinutes)
          .filter(minutes -> minutes > 0 && minutes < LONG_MINUTES)
          .map(minutes -> entry.enteredAt().plus(Duration.ofMinutes(minutes)))
          .map(out -> English.time(out.atZone(context.collection().zone())))
          .map(time -> Messages.text("rounds.leftovers", time))
          .orElse("");
    }

    private String by(TaskEntry entry) {
      return isMine(entry) ? "" : " by " + people.getOrDefault(entry.enteredBy(), "somebody");
    }

    private String late(DueTask due) {
      if (due.daysLate() == 0) {
        return "";
      }
      String days = Messages.text("rounds.late", English.count(due.daysLate(), "day"));
      return plan.meaningOfLate(due.task())
          .map(meaning -> days + " " + context.units().text(meaning))
          .orElse(days);
    }

    private List<Number> numbers() {
      KitUnits kit = new KitUnits(context.system(), asIon);
      return WEEKLY.stream().map(p -> new Number(KitUnits.id(p), p.brief(), kit.unit(p))).toList();
    }
  }
}
