package app.islet.core.rearing;

import app.islet.core.care.CareSheet;
import app.islet.core.care.Evidence;
import app.islet.core.care.Stage;
import app.islet.core.quantity.Range;
import app.islet.core.text.Fields;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * A stage of the young as a keeper tells it by eye: several to a stage of the care sheet.
 *
 * @param signs by what it is told
 * @param stage of the care sheet; {@code next} is whatever follows its first
 * @param lengthCm usual length then
 */
public record Milestone(
    String id, String name, String signs, String stage, Timing timing, double lengthCm, Care care) {
  private static final String FOLLOWING = "next";

  /**
   * How it is kept then.
   *
   * @param bodyHeights depth of the water in heights of its body
   * @param fastDays so many days without food are normal; 0 where none are
   * @param gillsGo whether gills or tail are just going: backs out of the water
   * @param onLand whether it lives on land from now on
   */
  public record Care(
      double bodyHeights,
      int fastDays,
      boolean gillsGo,
      boolean onLand,
      List<YoungFood> foods,
      List<Danger> dangers) {
    public Care {
      foods = List.copyOf(foods);
      dangers = List.copyOf(dangers);
    }

    /** Whether anything is given at all. */
    public boolean eats() {
      return foods.stream().anyMatch(food -> food.kind().isGiven());
    }

    /** So many minutes after a meal somebody looks what is left of it. */
    public int lookAfterMinutes() {
      return foods.stream()
          .filter(food -> food.kind().isGiven())
          .mapToInt(food -> food.kind().lookAfterMinutes())
          .min()
          .orElse(0);
    }

    /** Meals on a day on which everything is given. */
    public int mealsADay() {
      return foods.stream()
          .filter(food -> food.kind().isGiven())
          .mapToInt(YoungFood::timesADay)
          .max()
          .orElse(0);
    }
  }

  static Milestone read(Fields f) {
    return new Milestone(
        f.text("id", 40),
        f.text("name", 60),
        f.text("signs", 160),
        f.text("stage", 40),
        new Timing(
            f.range("days", 0, 1000, "days"),
            f.optionalNumber("atC", 0, 35, "°C"),
            f.optionalNumber("zeroC", 0, 25, "°C"),
            Evidence.of(f.text("basis", 200))),
        f.number("lengthCm", 0.05, 60, "cm"),
        f.optionalGroup("care", Milestone::care)
            .orElse(new Care(1, 0, false, false, List.of(), List.of())));
  }

  private static Care care(Fields f) {
    return new Care(
        f.number("bodyHeights", 0, 100, "heights of the body"),
        f.whole("fastDays", 0, 30, "days", 0),
        f.flag("gillsGo", false),
        f.flag("onLand", false),
        f.groups("foods", 6, YoungFood::read),
        f.groups("dangers", 6, Milestone::danger));
  }

  private static Danger danger(Fields f) {
    return new Danger(f.choice("kind", Danger.Kind.class), f.text("do", 160));
  }

  /** Days until it in water of a known or unknown temperature. */
  Range days(OptionalDouble tempC) {
    return timing.at(tempC);
  }

  /** The stage of a sheet that it belongs to. */
  public Optional<Stage> stageOf(CareSheet sheet) {
    return stage.equals(FOLLOWING) ? sheet.next(sheet.row().get(0)) : sheet.stage(stage);
  }
}
