package app.islet.web.page.rearing;

import app.islet.core.livestock.Expected;
import app.islet.core.plan.Hatchery;
import app.islet.core.quantity.Dimension;
import app.islet.core.quantity.Quantity;
import app.islet.core.rearing.FoodChange;
import app.islet.core.rearing.Milestone;
import app.islet.core.rearing.Parting;
import app.islet.core.rearing.TubWater;
import app.islet.core.rearing.Weaning;
import app.islet.core.rearing.YoungFood;
import app.islet.core.text.English;
import app.islet.web.base.support.Messages;
import app.islet.web.base.support.Units;
import app.islet.web.store.rearing.BatchState;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Water and food of the stage most of a batch are in, in sentences. */
final class StageCare {
  private StageCare() {}

  /** When the eggs hatch, and what those that hatched need; empty when nobody is left. */
  static List<String> now(BatchState s, Units u) {
    List<String> lines = new ArrayList<>();
    s.hatching().ifPresent(hatching -> lines.addAll(eggs(s, hatching)));
    boolean hatched = s.inUse().stream().anyMatch(tub -> !tub.eggs());
    if (s.timeline().isPresent() && hatched) {
      lines.addAll(young(s, u));
    }
    return lines;
  }

  private static List<String> eggs(BatchState s, Expected hatching) {
    List<String> lines = new ArrayList<>();
    lines.add(
        Messages.text(
            "rearing.hatching",
            English.shortDay(hatching.window().from()),
            English.shortDay(hatching.window().to()),
            hatching.basis().words()));
    lines.add(Messages.text("rearing.white-eggs"));
    boolean nauplii =
        s.kind().guide().milestones().stream()
            .flatMap(m -> m.care().foods().stream())
            .anyMatch(food -> food.kind() == YoungFood.Kind.NAUPLII);
    if (nauplii) {
      Hatchery first = Hatchery.first(hatching.window().from(), s.left());
      lines.add(
          Messages.text(
              "rearing.first-hatchery", English.shortDay(first.startAfter().toLocalDate())));
    }
    return lines;
  }

  private static List<String> young(BatchState s, Units u) {
    Milestone m = s.stage();
    BatchState.TubNow tub =
        s.inUse().stream()
            .filter(t -> !t.eggs() && t.tub().milestone().equals(m))
            .findFirst()
            .orElse(s.inUse().get(0));
    List<String> lines = new ArrayList<>();
    lines.addAll(
        m.care().onLand() ? List.of(s.kind().guide().changes().regroup()) : water(s, tub, u));
    double head = s.kind().sheet().body().headShare() * m.lengthCm();
    m.care().foods().forEach(food -> lines.add(food(food, tub.animals(), head, u)));
    if (mayRegroup(s)) {
      lines.add(Messages.text("rearing.regroup-now"));
    }
    if (m.care().fastDays() > 0) {
      lines.add(Messages.text("rearing.now-fast", English.count(m.care().fastDays(), "day")));
    }
    s.kind().guide().changes().weaning().flatMap(w -> weaning(s, w, u)).ifPresent(lines::add);
    s.kind().guide().changes().food().flatMap(c -> change(s, c)).ifPresent(lines::add);
    return lines;
  }

  /** All on land, and of a size. */
  private static boolean mayRegroup(BatchState s) {
    double ratio =
        s.stage()
            .stageOf(s.kind().sheet())
            .map(stage -> stage.needs().group().sizeRatio())
            .orElse(0.0);
    return s.inUse().size() > 1
        && s.sizes()
            .map(sizes -> Parting.of(s.kind().sheet().body(), ratio, sizes))
            .filter(p -> s.inUse().stream().allMatch(t -> p.mayRegroup(t.tub().milestone())))
            .isPresent();
  }

  private static List<String> water(BatchState s, BatchState.TubNow tub, Units u) {
    TubWater water = TubWater.of(s.kind().sheet(), s.kind().housing(), tub.tub());
    List<String> lines = new ArrayList<>();
    lines.add(
        Messages.text(
            "rearing.now-water",
            u.cm(water.depthCm()),
            u.text(new Quantity(Dimension.VOLUME, water.changeL())),
            every(s.kind().housing().changeDays())));
    if (s.kind().housing().wipe()) {
      lines.add(Messages.text("rearing.now-wipe"));
    }
    if (water.isTooSalty()) {
      lines.add(
          Messages.text(
              "rearing.now-salt", u.text(new Quantity(Dimension.SALINITY, water.saltPpt()))));
    }
    lines.add(s.kind().guide().changes().water());
    return lines;
  }

  private static String food(YoungFood food, int animals, double headCm, Units u) {
    String meal = u.text(food.meal(animals, headCm));
    return food.kind().isGiven()
        ? Messages.text("rearing.now-food", meal, often(food.timesADay(), food.everyDays()))
        : meal;
  }

  private static String often(int times, int everyDays) {
    if (everyDays > 1) {
      return every(everyDays);
    }
    return switch (times) {
      case 1 -> Messages.text("rearing.once-a-day");
      case 2 -> Messages.text("rearing.twice-a-day");
      default -> Messages.text("rearing.times-a-day", times);
    };
  }

  static String every(int days) {
    return days == 1
        ? Messages.text("rearing.every-day")
        : Messages.text("rearing.every-days", days);
  }

  private static Optional<String> weaning(BatchState s, Weaning w, Units u) {
    return reached(s, w.at())
        .map(
            day ->
                Messages.text(
                    "rearing.now-weaning",
                    u.celsius(w.targetC(day, s.today())),
                    u.celsius(w.toC())));
  }

  private static Optional<String> change(BatchState s, FoodChange c) {
    return reached(s, c.at())
        .map(since -> (int) ChronoUnit.DAYS.between(since, s.today()) + 1)
        .filter(day -> day <= c.days())
        .map(
            day ->
                Messages.text(
                    "rearing.now-change",
                    day,
                    c.days(),
                    c.oldPercent(day),
                    English.lower(c.from().words()),
                    English.lower(c.to().words())));
  }

  private static Optional<LocalDate> reached(BatchState s, String id) {
    return s.timeline().stream()
        .flatMap(t -> t.steps().stream())
        .filter(step -> step.milestone().id().equals(id))
        .flatMap(step -> step.reached().stream())
        .findFirst();
  }
}
