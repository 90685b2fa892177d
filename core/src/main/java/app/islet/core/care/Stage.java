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
 * @param neverFoods kinds of food that harm it, as {@link FoodItem#kind} names them
 */
public record Stage(
    String id,
    String name,
    Recognised recognised,
    Habitat habitat,
    boolean adult,
    Needs needs,
    List<Food> foods,
    List<String> neverFoods,
    List<Supplement> supplements,
    MaintenanceSchedule maintenance) {
  private static final Set<String> CHANGING = Set.of("larva", "tadpole", "eft");

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
   * Left by a change of form, whatever the length: a tadpole is longer than the frog it becomes.
   */
  public boolean endsInChange() {
    return CHANGING.contains(id);
  }

  public double fromLengthCm() {
    return recognised.fromLengthCm();
  }

  public String signs() {
    return recognised.signs();
  }
}
