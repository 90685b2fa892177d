package app.islet.core.plan;

import app.islet.core.animal.Resident;
import app.islet.core.care.FoodKeeping;
import app.islet.core.quantity.Dimension;
import app.islet.core.quantity.Phrase;
import app.islet.core.quantity.Quantity;
import app.islet.core.situation.HusbandryState;
import app.islet.core.water.ChangePlan;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * How a meal is served where it is eaten: cut to the mouth, rinsed of its salt, the greedy before
 * the shy. Common practice, no source.
 */
final class Serving {
  private static final double PERCENT = 100;

  private Serving() {}

  /**
   * The task with what is to be minded; the task itself where it is no meal.
   *
   * @param eaters who eats a meal, by the key of its task
   */
  static Task of(HusbandryState s, Plan meals, Map<String, Resident> eaters, Task task) {
    Optional<Helping> helping = meals.helping(task);
    Resident eater = eaters.get(task.key());
    if (helping.isEmpty() || eater == null) {
      return task;
    }
    Optional<FoodKeeping> keeping = FoodKeeping.of(helping.get().food());
    Task served = keeping.filter(FoodKeeping::cut).isPresent() ? task.minding(cut(eater)) : task;
    if (keeping.filter(k -> k.form() == FoodKeeping.Form.HATCHED).isPresent()) {
      served = rinsed(s, served);
    }
    return inTurn(s.residents(), eater, served);
  }

  private static Phrase cut(Resident r) {
    return Phrase.of(
        "Pieces up to {} wide.", Quantity.cm(r.bodyCm() * r.sheet().body().mouthShare()));
  }

  /** What is hatched in salt water: how much of it would gather in the tub. */
  private static Task rinsed(HusbandryState s, Task task) {
    Optional<ChangePlan> change = s.waterState().changes(s.date());
    if (change.isEmpty()) {
      return task;
    }
    double days = change.get().everyDays() * PERCENT / change.get().percent();
    double ppt = Hatchery.carriedPpt(s.geometry().waterL(), days * task.recurrence().timesADay());
    return task.minding(
        Phrase.of(
            "Sieve and rinse it: poured in with its water it would bring the salt to about {}.",
            new Quantity(Dimension.SALINITY, ppt)));
  }

  /** Where several kinds eat, the largest is busy first, and each is seen to get some. */
  private static Task inTurn(List<Resident> all, Resident r, Task task) {
    boolean several = all.stream().map(o -> o.sheet().kind()).distinct().count() > 1;
    if (!several) {
      return task;
    }
    Resident first = all.stream().max(Comparator.comparingDouble(Resident::bodyCm)).orElseThrow();
    return task.minding(
        first.equals(r)
            ? Phrase.of("First, at one end, so that the others get some.")
            : Phrase.of(
                "After {}, at the other end: by tongs or on a leaf; see that it got some.",
                first.name()));
  }
}
