package app.islet.core.plan;

import app.islet.core.animal.Resident;
import app.islet.core.care.Food;
import app.islet.core.care.MaintenanceSchedule;
import app.islet.core.care.Recurrence;
import app.islet.core.care.Supplement;
import app.islet.core.quantity.Phrase;
import app.islet.core.quantity.Quantity;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/**
 * What one animal or group gets: meals, what goes with them, baths.
 *
 * @param slug what its tasks are known by: its name, and a number where several are called alike
 * @param name as one reads it
 */
public record MealTasks(Resident r, String slug, String name) {
  /** Keys of meals begin so, then the animal and the food; those of what is given with them. */
  static final String FEED = "feed:";

  static final String SUPPLEMENT = "supplement:";

  /** Of a fine powder; common practice, no source. */
  private static final double PINCH_G = 0.3;

  /** What the animals get, without the work on their enclosure. */
  public static Plan plan(List<Resident> residents, LocalDate day) {
    List<Task> tasks = new ArrayList<>();
    Map<String, Helping> helpings = new HashMap<>();
    List<Feeding> feedings = new ArrayList<>();
    for (MealTasks one : named(residents)) {
      one.add(tasks);
      one.r.foods().forEach(food -> helpings.put(one.key(food), Helping.of(one.r, food)));
      Feeding.of(one.r, day, one::key).ifPresent(feedings::add);
    }
    return new Plan(tasks, helpings, feedings, Map.of(), List.of(), List.of());
  }

  /** Who eats a meal, by the key of its task. */
  static Map<String, Resident> eaters(List<Resident> residents) {
    Map<String, Resident> eaters = new HashMap<>();
    named(residents)
        .forEach(one -> one.r.foods().forEach(food -> eaters.put(one.key(food), one.r)));
    return eaters;
  }

  /** Two that nobody named are told apart: ticking one must not settle both. */
  static List<MealTasks> named(List<Resident> residents) {
    Map<String, Integer> alike = new HashMap<>();
    List<MealTasks> named = new ArrayList<>();
    for (Resident r : residents) {
      String slug = slug(r.name());
      int n = alike.merge(slug, 1, Integer::sum);
      named.add(
          n == 1
              ? new MealTasks(r, slug, r.name())
              : new MealTasks(r, slug + "-" + n, r.name() + " (" + n + ")"));
    }
    return named;
  }

  private void add(List<Task> tasks) {
    r.foods().forEach(food -> tasks.add(feeding(food)));
    r.stage().supplements().forEach(extra -> tasks.add(supplement(extra)));
    if (r.stage().maintenance().bathDays() > 0) {
      tasks.add(bath());
    }
  }

  private String key(Food food) {
    return FEED + slug + ":" + slug(food.name());
  }

  private Task feeding(Food food) {
    Phrase amount = Helping.of(r, food).words(1);
    String mass =
        food.portion().bodyMassPercent().isPresent() && r.massG().isEmpty()
            ? " Estimated from length: weigh it for an exact portion."
            : "";
    return new Task(
        key(food),
        TaskKind.FEED,
        Phrase.of("{} for {}", food.name(), name),
        amount,
        Phrase.of("{}", (food.note() + mass).strip()),
        food.turn().recurrence(),
        2 + 0.5 * r.count(),
        food.basis());
  }

  private Task supplement(Supplement extra) {
    return new Task(
        SUPPLEMENT + slug + ":" + slug(extra.name()),
        TaskKind.SUPPLEMENT,
        Phrase.of("{} for {}", extra.name(), name),
        Phrase.of(
            "a dusting on the food, a pinch (what two fingers hold, about {}) at most; or always there",
            Quantity.grams(PINCH_G)),
        Phrase.of("By its label; with the food, not instead of it."),
        extra.recurrence(),
        1,
        extra.basis());
  }

  private Task bath() {
    MaintenanceSchedule maintenance = r.stage().maintenance();
    return new Task(
        "bath:" + slug,
        TaskKind.BATHE,
        Phrase.of("Bathe {}", name),
        Phrase.of("{}, a few minutes each", Quantity.count(r.count())),
        Phrase.of(
            "Smallest first, water no deeper than it can stand in; leave out who is buried or moults. Dry for 10 to 15 minutes before going back."),
        Recurrence.every(maintenance.bathDays()),
        5 + 3 * r.count(),
        maintenance.basis());
  }

  private static String slug(String text) {
    return text.toLowerCase(Locale.ROOT)
        .replaceAll("[^\\p{L}\\p{N}]+", "-")
        .replaceAll("^-|-$", "");
  }
}
