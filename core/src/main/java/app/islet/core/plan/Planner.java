package app.islet.core.plan;

import app.islet.core.animal.Resident;
import app.islet.core.care.Evidence;
import app.islet.core.care.MaintenanceSchedule;
import app.islet.core.care.Needs;
import app.islet.core.care.Recurrence;
import app.islet.core.enclosure.Equipment;
import app.islet.core.quantity.Phrase;
import app.islet.core.quantity.Quantity;
import app.islet.core.situation.HusbandryState;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.ToIntFunction;
import java.util.stream.Stream;

/** Makes the plan of an enclosure from its residents' stages and its litres. */
public final class Planner {
  /** Key of the water change. */
  public static final String WATER_CHANGE = "water-change";

  /** Key of the water test. */
  public static final String TEST = "test";

  /** Key of the rarer, large change of some schools. */
  public static final String LARGE_CHANGE = "large-change";

  /** Key of topping up. */
  public static final String TOP_UP = "top-up";

  private Planner() {}

  public static Plan plan(HusbandryState s) {
    Plan meals = MealTasks.plan(s.residents(), s.date());
    Map<String, Resident> eaters = MealTasks.eaters(s.residents());
    List<Task> tasks =
        new ArrayList<>(
            meals.tasks().stream().map(task -> Serving.of(s, meals, eaters, task)).toList());
    if (!s.residents().isEmpty()) {
      addUpkeep(s, tasks);
    }
    List<Advice> advice =
        Stream.of(
                WaterAdvice.of(s),
                TemperatureAdvice.of(s),
                HealthAdvice.holds(s),
                GrowthAdvice.of(s))
            .flatMap(List::stream)
            .toList();
    return new Plan(
        tasks, meals.helpings(), meals.feedings(), Overdue.of(s, tasks), advice, Ahead.of(s));
  }

  private static void addUpkeep(HusbandryState s, List<Task> tasks) {
    Evidence basis = s.residents().get(0).stage().maintenance().basis();
    tasks.addAll(HealthAdvice.tasks(s));
    tasks.addAll(LookingTasks.of(s, basis));
    if (s.geometry().hasWater()) {
      WaterTasks.add(s, tasks, basis);
    }
    HumidityTask.of(s).ifPresent(tasks::add);
    tasks.addAll(DishTasks.of(s));
    tasks.addAll(PondTasks.of(s));
    if (s.enclosure().has(Equipment.UvbLamp.class)) {
      shortestTube(s).ifPresent(tube -> tasks.add(newTube(s, tube)));
    }
    tasks.addAll(EquipmentChecks.of(s));
  }

  private static Task newTube(HusbandryState s, Needs.Tube tube) {
    return new Task(
        "replace-tube",
        TaskKind.REPLACE_TUBE,
        Phrase.of("Replace the UVB tube"),
        Phrase.of("1 tube"),
        Phrase.of(
            "It serves {} by the school followed, or as long as a meter says.",
            Quantity.months(tube.months())),
        Recurrence.every(tube.days()),
        tubeFitted(s),
        10,
        tube.basis());
  }

  static Optional<Needs.Tube> shortestTube(HusbandryState s) {
    return s.residents().stream()
        .flatMap(r -> r.stage().needs().uv().stream())
        .map(Needs.Uv::tube)
        .min(Comparator.comparing(Needs.Tube::months));
  }

  static int shortest(HusbandryState s, ToIntFunction<MaintenanceSchedule> days) {
    return s.residents().stream()
        .map(r -> days.applyAsInt(r.stage().maintenance()))
        .filter(d -> d > 0)
        .min(Comparator.naturalOrder())
        .orElse(Integer.MAX_VALUE);
  }

  private static Optional<LocalDate> tubeFitted(HusbandryState s) {
    return s.enclosure()
        .all(Equipment.UvbLamp.class)
        .flatMap(lamp -> lamp.fittedOn().stream())
        .min(Comparator.naturalOrder());
  }
}
