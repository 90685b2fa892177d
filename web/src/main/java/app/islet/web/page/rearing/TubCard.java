package app.islet.web.page.rearing;

import app.islet.core.rearing.Housing;
import app.islet.core.rearing.Milestone;
import app.islet.core.rearing.Parting;
import app.islet.core.rearing.Tub;
import app.islet.core.rearing.TubBundle;
import app.islet.core.rearing.TubEvent;
import app.islet.core.rearing.TubState;
import app.islet.core.text.English;
import app.islet.web.base.drawing.TubPicture;
import app.islet.web.base.support.Messages;
import app.islet.web.base.support.Units;
import app.islet.web.people.collection.CollectionContext;
import app.islet.web.store.rearing.BatchState;
import app.islet.web.store.rearing.TubLog;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Optional;

/**
 * One tub on the board, worded.
 *
 * @param name as on its label, {@code Tub 7}
 * @param health which is also told by {@code flag}
 * @param next id and name of the stage to come; empty after the last
 * @param last what can be undone; empty where nothing of today can
 */
record TubCard(
    long id,
    int number,
    String name,
    Whose batch,
    Stage stage,
    int count,
    String picture,
    Told told,
    List<Job> jobs,
    Optional<Undo> last) {
  static final DateTimeFormatter TIME = DateTimeFormatter.ofPattern("HH:mm");

  /** Whether all of today is done. */
  public boolean done() {
    return !jobs.isEmpty() && open() == 0;
  }

  /** Jobs of today that are left. */
  public long open() {
    return jobs.stream().filter(job -> !job.done()).count();
  }

  /** The batch it belongs to, with the causes young of its kind are lost by. */
  record Whose(long id, String name, String one, List<String> causes) {}

  /** Where they stand. */
  record Stage(String id, String name, Optional<Next> next) {}

  record Next(String id, String name) {}

  /**
   * What is known of it today.
   *
   * @param flag what somebody should look at; empty where all is well
   * @param grave whether that is more than a remark
   * @param look when to see what is left of the meal; empty where nothing is open
   */
  record Told(String facts, String flag, boolean grave, boolean apart, String look, boolean eggs) {}

  /** A job of the day, as in {@code Fed 1 of 2}. */
  record Job(TubEvent.Kind kind, String words, boolean done) {}

  /** What was logged last; {@code act} where it was a loss. */
  record Undo(String entry, String act, String words) {}

  static TubCard of(CollectionContext context, BatchState state, BatchState.TubNow now) {
    Tub tub = now.tub();
    Milestone m = tub.milestone();
    return new TubCard(
        now.record().placeId(),
        tub.number(),
        name(state, now),
        whose(state),
        new Stage(
            m.id(),
            now.eggs() ? Messages.text("rearing.eggs") : m.name(),
            now.eggs()
                ? Optional.empty()
                : now.toSee(state.kind().guide()).map(next -> new Next(next.id(), next.name()))),
        tub.animals(),
        picture(state, now),
        told(state, now, context.units()),
        jobs(now),
        undo(context, state, now));
  }

  static Whose whose(BatchState state) {
    return new Whose(
        state.batch().id(),
        state.kind().animal().name(),
        state.kind().guide().young().one(),
        state.kind().guide().causes());
  }

  static String name(BatchState state, BatchState.TubNow now) {
    int number = now.tub().number();
    if (now.eggs()) {
      return Messages.text("rearing.eggs-number", number);
    }
    return state.batch().housing() == Housing.Kind.BOXES
        ? Messages.text("rearing.box-number", number)
        : Messages.text("rearing.tub-number", number);
  }

  private static String picture(BatchState state, BatchState.TubNow now) {
    Milestone m = now.tub().milestone();
    TubPicture.Kind kind =
        now.eggs()
            ? TubPicture.Kind.EGGS
            : m.care().onLand() ? TubPicture.Kind.ON_LAND : TubPicture.Kind.IN_WATER;
    return new TubPicture(
            now.record().size().lengthCm(),
            now.record().size().waterCm(),
            m.lengthCm(),
            now.animals(),
            kind)
        .svg(
            state.kind().sheet(),
            m.stageOf(state.kind().sheet()).orElse(state.kind().sheet().row().get(0)),
            state.longestTubCm());
  }

  private static Told told(BatchState state, BatchState.TubNow now, Units u) {
    TubState log = now.tub().state();
    LocalDate today = state.today();
    int wait = now.tub().milestone().care().lookAfterMinutes();
    return new Told(
        facts(log, today),
        flag(now, today, u),
        now.tub().health(today) != Tub.Health.WELL,
        log.apart(),
        log.mealOpen()
            .filter(at -> at.toLocalDate().equals(today))
            .map(at -> TIME.format(at.plusMinutes(wait)))
            .orElse(""),
        now.eggs());
  }

  private static String facts(TubState log, LocalDate today) {
    String fed = log.fed().map(at -> when(at, today)).orElse(Messages.text("rearing.never"));
    String changed =
        log.changed().map(at -> when(at, today)).orElse(Messages.text("rearing.never"));
    return fed.equals(changed)
        ? Messages.text("rearing.facts-alike", fed)
        : Messages.text("rearing.facts", fed, changed);
  }

  private static String when(LocalDateTime at, LocalDate today) {
    if (at.toLocalDate().equals(today)) {
      return TIME.format(at);
    }
    return at.toLocalDate().equals(today.minusDays(1))
        ? Messages.text("rearing.yesterday")
        : English.shortDay(at.toLocalDate());
  }

  private static String flag(BatchState.TubNow now, LocalDate today, Units u) {
    Tub tub = now.tub();
    if (tub.state().apart()) {
      return Messages.text("rearing.flag.apart");
    }
    Optional<Parting> parting = tub.parting().filter(Parting::isNeeded);
    if (parting.isPresent()) {
      String largest = u.cm(parting.get().sizes().largestCm());
      String smallest = u.cm(parting.get().sizes().smallestCm());
      return parting.get().why() == Parting.Why.SWALLOWED
          ? Messages.text("rearing.flag.swallowed", largest, smallest)
          : Messages.text("rearing.flag.unlike", largest, smallest);
    }
    long days = tub.state().daysWithoutFood(today);
    return switch (tub.appetite(today)) {
      case TOO_LONG ->
          Messages.text("rearing.flag.too-long", English.count(days, "day"), tub.normalFastDays());
      case FASTS ->
          Messages.text("rearing.flag.fasts", English.count(days, "day"), tub.normalFastDays());
      case EATS -> tub.lostLately() ? Messages.text("rearing.flag.lost-lately") : "";
    };
  }

  private static List<Job> jobs(BatchState.TubNow now) {
    return now.bundle().jobs().stream()
        .map(job -> new Job(job.kind().event(), words(job), job.left() == 0))
        .toList();
  }

  private static String words(TubBundle.Job job) {
    String key = (job.times() > 1 ? "rearing.job-of." : "rearing.job.") + job.kind().name();
    return Messages.text(key, job.done(), job.times());
  }

  /** What left the tub today, else its last entry of today; a keeper undoes anybody's. */
  private static Optional<Undo> undo(
      CollectionContext context, BatchState state, BatchState.TubNow now) {
    Optional<Undo> left =
        now.left()
            .filter(d -> context.mayDesign() || d.enteredBy() == context.person().id())
            .map(
                d ->
                    new Undo(
                        "",
                        d.act().toString(),
                        Messages.text("rearing.left", d.movement().count(), d.movement().cause())));
    return left.or(() -> lastEntry(context, state, now));
  }

  private static Optional<Undo> lastEntry(
      CollectionContext context, BatchState state, BatchState.TubNow now) {
    return now.log()
        .last()
        .filter(last -> last.event().at().toLocalDate().equals(state.today()))
        .filter(last -> context.mayDesign() || last.enteredBy() == context.person().id())
        .map(last -> new Undo(last.clientId().toString(), "", words(last)));
  }

  private static String words(TubLog.Last last) {
    return did(last.event().kind()) + " " + TIME.format(last.event().at());
  }

  /** What was done, as in {@code Fed}. */
  static String did(TubEvent.Kind kind) {
    String key = "rearing.did." + kind.name();
    return Messages.text(key);
  }
}
