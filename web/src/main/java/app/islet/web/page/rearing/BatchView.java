package app.islet.web.page.rearing;

import app.islet.core.livestock.Survival;
import app.islet.core.rearing.DangerWindow;
import app.islet.core.rearing.Losses;
import app.islet.core.rearing.Milestone;
import app.islet.core.rearing.Timeline;
import app.islet.core.text.English;
import app.islet.web.base.drawing.BalancePicture;
import app.islet.web.base.support.Messages;
import app.islet.web.base.support.Units;
import app.islet.web.store.rearing.BatchState;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** A batch, worded. */
record BatchView(
    long id,
    Head head,
    Counts counts,
    List<StageLine> stages,
    List<String> dangers,
    List<String> now,
    List<Place> places) {
  private static final double SURE_PERCENT = 95;

  /**
   * @param finished when; empty while it goes on
   */
  record Head(
      long animalId,
      String name,
      String species,
      String speciesId,
      String housing,
      String begun,
      String finished,
      List<String> about,
      String note) {}

  /**
   * The sum.
   *
   * @param left as in {@code 19 left of 26, 73 %}
   * @param range as in {@code 52 to 88 %}
   * @param lost by cause
   * @param weeks lost by week
   */
  record Counts(String left, String range, String picture, List<String> lost, List<String> weeks) {}

  /** A stage on the calendar of the batch. */
  record StageLine(
      String name,
      String signs,
      String when,
      String basis,
      boolean reached,
      boolean now,
      boolean late,
      int count) {}

  /** A tub in the list of where they are. */
  record Place(long id, String key, String name, int count, String stage, boolean eggs) {}

  /**
   * @param about where they stand and who their parents are, in sentences
   */
  static BatchView of(BatchState s, List<String> about, Units u) {
    return new BatchView(
        s.batch().id(),
        head(s, about),
        counts(s),
        stages(s),
        dangers(s, u),
        StageCare.now(s, u),
        s.tubs().stream()
            .map(
                t ->
                    new Place(
                        t.record().placeId(),
                        t.record().key(),
                        TubCard.name(s, t),
                        t.animals(),
                        t.eggs() ? Messages.text("rearing.eggs") : t.tub().milestone().name(),
                        t.eggs()))
            .toList());
  }

  private static Head head(BatchState s, List<String> about) {
    String begun =
        s.batch()
            .beganOn()
            .map(
                day ->
                    Messages.text(
                        "rearing.since." + s.kind().guide().young().begins().name(),
                        English.day(day),
                        English.count(
                            s.timeline().map(t -> t.ageDays(s.today())).orElse(0L), "day")))
            .orElseGet(
                () ->
                    s.batch().origin().laidOn() == null
                        ? ""
                        : Messages.text(
                            "rearing.laid-on", English.day(s.batch().origin().laidOn())));
    return new Head(
        s.kind().animal().id(),
        s.kind().animal().name(),
        s.kind().sheet().name(),
        s.kind().sheet().id(),
        s.kind().housing().kind().words(),
        begun,
        s.batch().finishedOn().map(English::day).orElse(""),
        about,
        s.batch().note());
  }

  private static Counts counts(BatchState s) {
    int begun = s.balance().begun();
    Losses losses = s.books().losses();
    if (begun == 0) {
      return new Counts(Messages.text("rearing.nobody"), "", "", List.of(), List.of());
    }
    Survival survival = Survival.of(begun, Math.max(0, begun - losses.count()), SURE_PERCENT);
    List<String> lost = new ArrayList<>();
    losses
        .byCause()
        .forEach(
            (cause, n) ->
                lost.add((cause.isEmpty() ? Messages.text("rearing.unknown") : cause) + ": " + n));
    List<String> weeks = new ArrayList<>();
    LocalDate since = since(s);
    losses.byWeek(since).forEach((week, n) -> weeks.add(Messages.text("rearing.week", week, n)));
    String about = s.batch().origin().estimated() ? Messages.text("rearing.about") + " " : "";
    return new Counts(
        about
            + Messages.text(
                "rearing.left-of", s.balance().alive(), begun, Math.round(survival.percent())),
        Messages.text(
            "rearing.survival-range",
            Math.round(survival.lowPercent()),
            Math.round(survival.highPercent())),
        picture(s, begun),
        lost,
        weeks);
  }

  static LocalDate since(BatchState s) {
    return s.batch()
        .beganOn()
        .orElseGet(
            () -> s.books().movements().isEmpty() ? s.today() : s.books().movements().get(0).day());
  }

  private static String picture(BatchState s, int begun) {
    List<BalancePicture.Part> parts = new ArrayList<>();
    Map<String, Integer> stages = new LinkedHashMap<>();
    s.inUse()
        .forEach(
            t ->
                stages.merge(
                    t.eggs() ? Messages.text("rearing.eggs") : t.tub().milestone().name(),
                    t.animals(),
                    Integer::sum));
    stages.forEach((stage, n) -> parts.add(BalancePicture.Part.left(stage, n)));
    int elsewhere = s.balance().alive() - s.left();
    if (elsewhere > 0) {
      parts.add(BalancePicture.Part.left(Messages.text("rearing.elsewhere"), elsewhere));
    }
    int lost = s.books().losses().count();
    int gone = begun + s.balance().joined() - s.balance().parted() - s.balance().alive() - lost;
    if (gone > 0) {
      parts.add(BalancePicture.Part.gone(Messages.text("rearing.handed-on"), gone));
    }
    s.books()
        .losses()
        .byCause()
        .forEach(
            (cause, n) ->
                parts.add(
                    BalancePicture.Part.lost(
                        cause.isEmpty() ? Messages.text("rearing.unknown") : cause, n)));
    return new BalancePicture(Messages.text("rearing.balance", begun), parts).svg();
  }

  private static List<StageLine> stages(BatchState s) {
    if (s.timeline().isEmpty()) {
      return s.kind().guide().milestones().stream()
          .map(m -> new StageLine(m.name(), m.signs(), "", basis(m), false, false, false, 0))
          .toList();
    }
    Timeline timeline = s.timeline().get();
    return timeline.steps().stream()
        .map(
            step ->
                new StageLine(
                    step.milestone().name(),
                    step.milestone().signs(),
                    step.reached()
                        .map(day -> Messages.text("rearing.reached", English.shortDay(day)))
                        .orElseGet(
                            () ->
                                Messages.text(
                                    "rearing.expected",
                                    English.shortDay(step.expected().from()),
                                    English.shortDay(step.expected().to()))),
                    basis(step.milestone()),
                    step.reached().isPresent(),
                    step.equals(timeline.now(s.today())),
                    step.isLate(s.today()),
                    s.inStage(step.milestone())))
        .toList();
  }

  private static String basis(Milestone m) {
    return m.timing().basis().words();
  }

  private static List<String> dangers(BatchState s, Units u) {
    List<String> lines = new ArrayList<>();
    s.tooWarm()
        .ifPresent(
            most ->
                lines.add(
                    Messages.text(
                        "rearing.too-warm",
                        u.celsius(s.batch().waterC().orElse(most)),
                        u.celsius(most))));
    s.dangers().forEach(d -> lines.add(danger(s, d)));
    return lines;
  }

  private static String danger(BatchState s, DangerWindow d) {
    return d.on()
        ? Messages.text(
            "rearing.danger-now",
            d.stage().name(),
            s.inStage(d.stage()),
            English.lower(d.danger().kind().words()),
            d.danger().action())
        : Messages.text(
            "rearing.danger-from",
            d.danger().kind().words(),
            English.shortDay(d.from()),
            d.danger().action());
  }
}
