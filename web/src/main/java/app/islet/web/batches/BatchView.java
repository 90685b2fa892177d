package app.islet.web.batches;

import app.islet.core.livestock.Survival;
import app.islet.core.quantity.Dimension;
import app.islet.core.quantity.Phrase;
import app.islet.core.quantity.Quantity;
import app.islet.core.rearing.DangerWindow;
import app.islet.core.rearing.Losses;
import app.islet.core.rearing.Milestone;
import app.islet.core.rearing.Timeline;
import app.islet.core.rearing.TubWater;
import app.islet.core.text.English;
import app.islet.web.drawing.BalancePicture;
import app.islet.web.rearing.BatchState;
import app.islet.web.support.Messages;
import app.islet.web.support.Units;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

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
      boolean late) {}

  /** A tub in the list of where they are. */
  record Place(long id, String key, String name, int count, String stage, boolean eggs) {}

  static BatchView of(BatchState s, Units u) {
    return new BatchView(
        s.batch().id(),
        head(s),
        counts(s),
        stages(s),
        dangers(s),
        now(s, u),
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

  private static Head head(BatchState s) {
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
          .map(m -> new StageLine(m.name(), m.signs(), "", basis(m), false, false, false))
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
                    step.milestone().equals(timeline.now()),
                    step.isLate(s.today())))
        .toList();
  }

  private static String basis(Milestone m) {
    return m.timing().basis().words();
  }

  private static List<String> dangers(BatchState s) {
    return s.timeline().map(t -> DangerWindow.of(t, s.today())).orElse(List.of()).stream()
        .map(
            d ->
                d.on()
                    ? Messages.text(
                        "rearing.danger-now", d.danger().kind().words(), d.danger().action())
                    : Messages.text(
                        "rearing.danger-from",
                        d.danger().kind().words(),
                        English.shortDay(d.from()),
                        d.danger().action()))
        .toList();
  }

  /** Water and food of the stage most are in. */
  private static List<String> now(BatchState s, Units u) {
    if (s.timeline().isEmpty() || s.inUse().isEmpty()) {
      return List.of();
    }
    Milestone m = s.stage();
    List<String> lines = new ArrayList<>();
    BatchState.TubNow tub =
        s.inUse().stream()
            .filter(t -> t.tub().milestone().equals(m))
            .findFirst()
            .orElse(s.inUse().get(0));
    if (!m.care().onLand()) {
      TubWater water = TubWater.of(s.kind().sheet(), s.kind().housing(), tub.tub());
      lines.add(
          u.text(
              Phrase.of(
                  Messages.text("rearing.now-water"),
                  Quantity.cm(water.depthCm()),
                  new Quantity(Dimension.VOLUME, water.changeL()),
                  English.count(s.kind().housing().changeDays(), "day"))));
      if (s.kind().housing().wipe()) {
        lines.add(Messages.text("rearing.now-wipe"));
      }
      if (water.isTooSalty()) {
        lines.add(
            u.text(
                Phrase.of(
                    Messages.text("rearing.now-salt"),
                    new Quantity(Dimension.SALINITY, water.saltPpt()))));
      }
      lines.add(s.kind().guide().changes().water());
    } else {
      lines.add(s.kind().guide().changes().regroup());
    }
    double head = s.kind().sheet().body().headShare() * m.lengthCm();
    m.care()
        .foods()
        .forEach(
            food ->
                lines.add(
                    Messages.text(
                        "rearing.now-food",
                        u.text(food.meal(tub.animals(), head)),
                        food.kind().isGiven()
                            ? Messages.text(
                                "rearing.times",
                                food.timesADay(),
                                English.count(food.everyDays(), "day"))
                            : "")));
    if (m.care().fastDays() > 0) {
      lines.add(Messages.text("rearing.now-fast", English.count(m.care().fastDays(), "day")));
    }
    s.kind()
        .guide()
        .changes()
        .weaning()
        .filter(w -> reached(s, w.at()) != null)
        .ifPresent(
            w ->
                lines.add(
                    u.text(
                        Phrase.of(
                            Messages.text("rearing.now-weaning"),
                            Quantity.celsius(w.targetC(reached(s, w.at()), s.today())),
                            Quantity.celsius(w.toC())))));
    s.kind()
        .guide()
        .changes()
        .food()
        .filter(c -> reached(s, c.at()) != null)
        .ifPresent(
            c -> {
              int day = (int) ChronoUnit.DAYS.between(reached(s, c.at()), s.today()) + 1;
              if (day <= c.days()) {
                lines.add(
                    Messages.text(
                        "rearing.now-change",
                        day,
                        c.days(),
                        c.oldPercent(day),
                        English.lower(c.from().words()),
                        English.lower(c.to().words())));
              }
            });
    return lines;
  }

  private static @Nullable LocalDate reached(BatchState s, String id) {
    return s.timeline().stream()
        .flatMap(t -> t.steps().stream())
        .filter(step -> step.milestone().id().equals(id))
        .flatMap(step -> step.reached().stream())
        .findFirst()
        .orElse(null);
  }
}
