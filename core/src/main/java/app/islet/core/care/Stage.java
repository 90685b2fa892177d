package app.islet.core.care;

import app.islet.core.quantity.Range;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * One stage of a life.
 *
 * @param recognised how a keeper tells that an animal is in it
 * @param adult whether it can breed
 * @param phase whether no length leads to it: an egg, or the part of the year that a newt spends on
 *     land. The keeper says when it begins
 * @param hatch of eggs, when they hatch
 * @param neverFoods kinds of food that harm it, as {@link FoodItem#kind} names them
 */
public record Stage(
    String id,
    String name,
    Recognised recognised,
    Habitat habitat,
    boolean adult,
    boolean phase,
    Optional<Hatch> hatch,
    Needs needs,
    List<Food> foods,
    List<String> neverFoods,
    List<Supplement> supplements,
    MaintenanceSchedule maintenance) {
  private static final Set<String> CHANGING = Set.of("egg", "larva", "tadpole", "eft");

  public Stage {
    foods = List.copyOf(foods);
    neverFoods = List.copyOf(neverFoods);
    supplements = List.copyOf(supplements);
  }

  /**
   * @param fromLengthCm shortest length at which an animal counts as being in this stage
   * @param ageMonths usual age, from and to
   * @param signs how it is told without a ruler
   */
  public record Recognised(
      double fromLengthCm, Optional<Range> ageMonths, String signs, Evidence basis) {}

  /**
   * Days from laying until the eggs hatch, which are fewer the warmer they lie.
   *
   * @param atC the coolest and the warmest water for which it is said, °C
   * @param days in the warmest and in the coolest, days
   */
  public record Hatch(Range atC, Range days, Evidence basis) {
    /** Days at {@code tempC}, by the straight line between the two that are known. */
    public double daysAt(double tempC) {
      double span = atC.max() - atC.min();
      double within = Math.max(atC.min(), Math.min(atC.max(), tempC));
      double warm = span <= 0 ? 0 : (within - atC.min()) / span;
      return days.max() + warm * (days.min() - days.max());
    }
  }

  /**
   * Left by a change of form, whatever the length: a tadpole is longer than the frog it becomes.
   */
  public boolean endsInChange() {
    return CHANGING.contains(id);
  }

  /** The same while the animal rests through winter or drought; as it is where it never does. */
  public Stage atRest() {
    return needs.rest().map(rest -> AtRest.of(this, rest)).orElse(this);
  }

  public double fromLengthCm() {
    return recognised.fromLengthCm();
  }

  public String signs() {
    return recognised.signs();
  }

  public boolean isEgg() {
    return id.equals("egg");
  }

  /** A larva with gills, or a tadpole. */
  public boolean isLarva() {
    return id.equals("larva") || id.equals("tadpole");
  }
}
