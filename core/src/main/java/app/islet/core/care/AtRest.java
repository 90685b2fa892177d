package app.islet.core.care;

import app.islet.core.quantity.Range;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * A stage while the animal rests: cool, dark, unfed and left alone. What it needs of its home when
 * it wakes stays; a winter box is judged as what it is.
 */
final class AtRest {
  /** How far from the cool that is aimed at it may lie, K; common practice, no source. */
  private static final double LEEWAY_K = 2;

  /** Below this the body freezes, °C; common practice, no source. */
  private static final double FREEZES_C = 0;

  private AtRest() {}

  static Stage of(Stage awake, Needs.Rest rest) {
    return new Stage(
        awake.id(),
        awake.name() + ", resting",
        awake.recognised(),
        awake.habitat(),
        awake.adult(),
        awake.phase(),
        awake.hatch(),
        needs(awake.needs(), rest),
        List.of(),
        awake.neverFoods(),
        List.of(),
        new MaintenanceSchedule(0, 0, 0, 0, 0, OptionalDouble.empty(), 0, 0, 0, rest.basis()));
  }

  private static Needs needs(Needs n, Needs.Rest rest) {
    return new Needs(
        n.water().map(awake -> cool(awake, rest)),
        n.air().map(awake -> cool(awake, rest)),
        n.humidity(),
        n.chemistry(),
        n.oxygen(),
        n.depth(),
        n.space(),
        n.land(),
        n.basking(),
        n.uv(),
        Optional.of(new Needs.Daylight(new Range(0, rest.hours()), false, rest.basis())),
        n.rest(),
        n.salinity(),
        n.pools(),
        n.shelter(),
        n.locomotion(),
        n.escape(),
        n.ground(),
        n.group(),
        n.filtration(),
        n.cooling(),
        n.planting(),
        n.dock(),
        n.heater());
  }

  /**
   * Warmer than the leeway it wakes and lives on what it has stored; awake and unfed it starves.
   */
  private static Needs.Temperature cool(Needs.Temperature awake, Needs.Rest rest) {
    Range aim = rest.coolC();
    Range stood = new Range(Math.max(FREEZES_C, aim.min() - LEEWAY_K), aim.max() + LEEWAY_K);
    return new Needs.Temperature(
        aim,
        stood,
        new Range(FREEZES_C, Math.max(stood.max(), awake.idealC().max())),
        awake.stands(),
        Optional.empty(),
        rest.basis());
  }
}
