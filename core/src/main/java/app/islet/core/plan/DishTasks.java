package app.islet.core.plan;

import app.islet.core.care.Evidence;
import app.islet.core.care.MaintenanceSchedule;
import app.islet.core.care.Recurrence;
import app.islet.core.quantity.Dimension;
import app.islet.core.quantity.Phrase;
import app.islet.core.quantity.Quantity;
import app.islet.core.situation.HusbandryState;
import app.islet.core.water.ChangePlan;
import app.islet.core.water.OneWater;
import app.islet.core.water.SaltMix;
import app.islet.core.water.Waters;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.TreeMap;

/** Work on dishes and pools, and the salt water mixed for them and for the vessel. */
final class DishTasks {
  /** Where no sheet says how often; common practice, no source. */
  private static final int USUAL_DAYS = 2;

  private static final double MINUTES = 3;

  /** Water is mixed as warm as a room. */
  private static final double ROOM_C = 20;

  private DishTasks() {}

  static List<Task> of(HusbandryState s) {
    Waters waters = s.waters();
    List<OneWater> fresh = waters.dishes().stream().filter(d -> !d.isSalted()).toList();
    List<OneWater> salted = waters.dishes().stream().filter(OneWater::isSalted).toList();
    int days = days(s);
    List<Task> tasks = new ArrayList<>();
    if (!fresh.isEmpty()) {
      tasks.add(refill("dishes", fresh, days, "Dechlorinated water, as warm as the air there."));
    }
    if (!salted.isEmpty()) {
      tasks.add(refill("salt-dishes", salted, days, "With the salt water mixed the day before."));
    }
    bySalt(salted).forEach((ppt, some) -> tasks.add(mix("" + ppt, ppt, Waters.litres(some), days)));
    vessel(s, waters).ifPresent(tasks::add);
    return tasks;
  }

  private static Map<Double, List<OneWater>> bySalt(List<OneWater> salted) {
    Map<Double, List<OneWater>> bySalt = new TreeMap<>();
    salted.forEach(
        dish -> bySalt.computeIfAbsent(dish.salinityPpt(), p -> new ArrayList<>()).add(dish));
    return bySalt;
  }

  /** As often as those who bathe in it have their bowl emptied whole. */
  private static int days(HusbandryState s) {
    return s.residents().stream()
        .map(r -> r.stage().maintenance())
        .filter(m -> m.changePercent() >= 100 && m.changeDays() > 0)
        .mapToInt(MaintenanceSchedule::changeDays)
        .min()
        .orElse(USUAL_DAYS);
  }

  private static Task refill(String key, List<OneWater> some, int days, String how) {
    boolean salt = some.get(0).isSalted();
    OptionalDouble litres = Waters.litres(some);
    Phrase dishes =
        some.size() == 1
            ? Phrase.of("1 dish")
            : Phrase.of("{} dishes", Quantity.count(some.size()));
    return new Task(
        key,
        TaskKind.REFILL,
        Phrase.of(salt ? "Refill the salt water" : "Rinse and refill the water"),
        litres.isPresent()
            ? Phrase.of("{}, about {}", dishes, Quantity.litres(litres.getAsDouble()))
            : dishes,
        Phrase.of("Empty it, wipe out the film. {}", how),
        Recurrence.every(days),
        MINUTES * some.size(),
        Evidence.PRACTICE);
  }

  /** Of the main water, where it is salted, what its change takes. */
  private static Optional<Task> vessel(HusbandryState s, Waters waters) {
    Optional<ChangePlan> change =
        ChangePlan.of(s.enclosure(), s.residents(), s.geometry().waterL(), Optional.empty(), 0);
    return waters
        .main()
        .filter(OneWater::isSalted)
        .flatMap(
            main ->
                change.map(
                    c ->
                        mix(
                            "vessel",
                            main.salinityPpt(),
                            OptionalDouble.of(c.litres()),
                            c.everyDays())));
  }

  private static Task mix(String what, double ppt, OptionalDouble litres, int days) {
    Quantity salt = new Quantity(Dimension.SALINITY, ppt);
    double recipeL = litres.orElse(1);
    return new Task(
        "mix-salt:" + what,
        TaskKind.MIX,
        Phrase.of("Mix salt water of {}", salt),
        Phrase.of(
            "{} of marine salt in {} of dechlorinated water",
            Quantity.grams(SaltMix.saltG(recipeL, 0, Math.min(ppt, 80), ROOM_C)),
            Quantity.litres(recipeL)),
        Phrase.of(
            "The day before it is used: stir until it is clear, cover it. Marine salt, never table salt."),
        Recurrence.every(days),
        MINUTES,
        Evidence.PRACTICE);
  }
}
