package app.islet.core.plan;

import app.islet.core.animal.Resident;
import app.islet.core.care.Evidence;
import app.islet.core.care.Food;
import app.islet.core.care.MaintenanceSchedule;
import app.islet.core.care.Needs;
import app.islet.core.care.Recurrence;
import app.islet.core.care.Supplement;
import app.islet.core.climate.Climate;
import app.islet.core.enclosure.Equipment;
import app.islet.core.quantity.Dimension;
import app.islet.core.quantity.Phrase;
import app.islet.core.quantity.Quantity;
import app.islet.core.situation.HusbandryState;
import app.islet.core.water.ChangePlan;
import app.islet.core.water.Correction;
import app.islet.core.water.CorrectionStep;
import app.islet.core.water.ToppedUp;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.ToIntFunction;

/** Makes the plan of an enclosure from its residents' stages and its litres. */
public final class Planner {
  /** Keys of meals begin so, then the animal and the food; those of what is given with them. */
  static final String FEED = "feed:";

  static final String SUPPLEMENT = "supplement:";

  /** Key of the water change. */
  public static final String WATER_CHANGE = "water-change";

  /** Key of the water test. */
  public static final String TEST = "test";

  /** Key of the rarer, large change of some schools. */
  public static final String LARGE_CHANGE = "large-change";

  private static final double DAYS_PER_MONTH = 30.4;

  /** An ordinary bucket, L. */
  private static final double BUCKET_L = 10;

  private static final double CORRECTION_MINUTES = 10;

  /** Of a fine powder; common practice, no source. */
  private static final double PINCH_G = 0.3;

  private static final double TOP_UP_MINUTES = 3;

  /** Key of topping up. */
  public static final String TOP_UP = "top-up";

  /** So much of the water may be missing; common practice, no source. */
  private static final double TOP_UP_SHARE = 0.05;

  private static final double LEAST_TOP_UP_L = 0.05;
  private static final int LONGEST_TOP_UP_DAYS = 7;

  private Planner() {}

  public static Plan plan(HusbandryState s) {
    Plan meals = meals(s.residents(), s.date());
    List<Task> tasks = new ArrayList<>(meals.tasks());
    if (!s.residents().isEmpty()) {
      addUpkeep(s, tasks);
    }
    return new Plan(tasks, meals.helpings(), meals.feedings(), Overdue.of(s, tasks));
  }

  /** What the animals get, without the work on their enclosure. */
  public static Plan meals(List<Resident> residents, LocalDate day) {
    List<Task> tasks = new ArrayList<>();
    for (Resident resident : residents) {
      for (Food food : resident.foods()) {
        tasks.add(feeding(resident, food));
      }
      for (Supplement extra : resident.stage().supplements()) {
        tasks.add(supplement(resident, extra));
      }
      if (resident.stage().maintenance().bathDays() > 0) {
        tasks.add(bath(resident));
      }
    }
    return new Plan(
        tasks,
        helpings(residents),
        residents.stream().flatMap(r -> Feeding.of(r, day, Planner::key).stream()).toList(),
        Map.of());
  }

  private static Map<String, Helping> helpings(List<Resident> residents) {
    Map<String, Helping> all = new HashMap<>();
    for (Resident r : residents) {
      r.foods().forEach(food -> all.put(key(r, food), Helping.of(r, food)));
    }
    return all;
  }

  private static String key(Resident r, Food food) {
    return FEED + slug(r.name()) + ":" + slug(food.name());
  }

  private static Task feeding(Resident r, Food food) {
    Phrase amount = Helping.of(r, food).words(1);
    String mass =
        food.portion().bodyMassPercent().isPresent() && r.massG().isEmpty()
            ? " Estimated from length: weigh it for an exact portion."
            : "";
    return new Task(
        key(r, food),
        TaskKind.FEED,
        Phrase.of("{} for {}", food.name(), r.name()),
        amount,
        Phrase.of("{}", (food.note() + mass).strip()),
        food.turn().recurrence(),
        2 + 0.5 * r.count(),
        food.basis());
  }

  private static Task supplement(Resident r, Supplement extra) {
    return new Task(
        SUPPLEMENT + slug(r.name()) + ":" + slug(extra.name()),
        TaskKind.SUPPLEMENT,
        Phrase.of("{} for {}", extra.name(), r.name()),
        Phrase.of(
            "a pinch, what two fingers hold (about {}), on the food; or always there",
            Quantity.grams(PINCH_G)),
        Phrase.of("By its label; with the food, not instead of it."),
        extra.recurrence(),
        1,
        extra.basis());
  }

  private static Task bath(Resident r) {
    MaintenanceSchedule maintenance = r.stage().maintenance();
    return new Task(
        "bath:" + slug(r.name()),
        TaskKind.BATHE,
        Phrase.of("Bathe {}", r.name()),
        Phrase.of("{}, a few minutes each", Quantity.count(r.count())),
        Phrase.of(
            "Smallest first, water no deeper than it can stand in; leave out who is buried or moults. Dry for 10 to 15 minutes before going back."),
        Recurrence.every(maintenance.bathDays()),
        5 + 3 * r.count(),
        maintenance.basis());
  }

  private static void addUpkeep(HusbandryState s, List<Task> tasks) {
    Evidence basis = s.residents().get(0).stage().maintenance().basis();
    tasks.add(
        new Task(
            "spot-clean",
            TaskKind.SPOT_CLEAN,
            Phrase.of("Spot clean"),
            Phrase.of("droppings, leftovers, shed skin"),
            Phrase.of("Take out what was not eaten."),
            Recurrence.every(shortest(s, MaintenanceSchedule::spotCleanDays)),
            3,
            basis));
    if (s.geometry().hasWater()) {
      addWater(s, tasks, basis);
    }
    if (s.enclosure().has(Equipment.UvbLamp.class)) {
      shortestTube(s).ifPresent(tube -> tasks.add(newTube(s, tube)));
    }
    tasks.addAll(EquipmentChecks.of(s));
    tasks.add(
        new Task(
            "measure",
            TaskKind.MEASURE,
            Phrase.of("Measure and weigh"),
            Phrase.of("each animal"),
            Phrase.of("Not while it moults. The stage and the portions follow the measurement."),
            Recurrence.every(growing(s) ? 14 : 60),
            5,
            Evidence.PRACTICE));
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
        Recurrence.every((int) Math.round(tube.months() * DAYS_PER_MONTH)),
        tubeFitted(s),
        10,
        tube.basis());
  }

  private static Optional<Needs.Tube> shortestTube(HusbandryState s) {
    return s.residents().stream()
        .flatMap(r -> r.stage().needs().uv().stream())
        .map(Needs.Uv::tube)
        .min(Comparator.comparing(Needs.Tube::months));
  }

  private static void addWater(HusbandryState s, List<Task> tasks, Evidence basis) {
    ChangePlan.of(s.residents(), s.geometry().waterL(), Optional.empty(), 0)
        .ifPresent(change -> tasks.add(partChange(s, change, basis)));
    addLargeChange(s, tasks, basis);
    addTopUp(s, tasks);
    addTest(s, tasks, basis);
    s.waterRecord().corrections().forEach(c -> correction(s, c).ifPresent(tasks::add));
    addRinse(s, tasks, basis);
  }

  private static Task partChange(HusbandryState s, ChangePlan change, Evidence basis) {
    double litres = change.litres();
    Phrase temperature =
        s.residents().stream()
            .flatMap(r -> r.stage().needs().water().stream())
            .findFirst()
            .map(Needs.Temperature::idealC)
            .map(
                ideal -> Phrase.of("New water at {}. ", Phrase.range(ideal, Dimension.TEMPERATURE)))
            .orElse(Phrase.of(""));
    double buckets = Math.ceil(2 * litres / BUCKET_L) / 2;
    return new Task(
        WATER_CHANGE,
        TaskKind.WATER_CHANGE,
        Phrase.of("Change {}", Quantity.litres(litres)),
        Phrase.of(
            "{} of {} ({}), {} of {}",
            Quantity.litres(litres),
            Quantity.litres(s.geometry().waterL()),
            Quantity.percent(change.percent()),
            buckets == 1
                ? "1 bucket"
                : Phrase.of("{} buckets", new Quantity(Dimension.RATIO, buckets)),
            Quantity.litres(BUCKET_L)),
        Phrase.of(
            "{}Dechlorinate every drop, conditioner by its label for the new water only.",
            temperature),
        Recurrence.every(change.everyDays()),
        5 + litres / 5,
        basis);
  }

  private static void addTest(HusbandryState s, List<Task> tasks, Evidence basis) {
    int test = shortest(s, MaintenanceSchedule::testDays);
    if (test < Integer.MAX_VALUE) {
      tasks.add(
          new Task(
              TEST,
              TaskKind.TEST,
              Phrase.of("Test the water"),
              Phrase.of("ammonia, nitrite, nitrate, pH"),
              Phrase.of("Before the change, not after. When an animal looks ill, test first."),
              Recurrence.every(test),
              8,
              basis));
    }
  }

  /** What has evaporated: by the litres logged, else as estimated. */
  private static void addTopUp(HusbandryState s, List<Task> tasks) {
    if (s.climate().water().isEmpty()) {
      return;
    }
    Climate.WaterClimate water = s.climate().water().get();
    Optional<ToppedUp> told =
        ToppedUp.of(s.waterRecord(), (water.winterC() + water.summerC()) / 2, s.date());
    double aDay = told.map(ToppedUp::litresADay).orElse(water.topUpLPerDay());
    double allowed = s.geometry().waterL() * TOP_UP_SHARE;
    if (aDay < LEAST_TOP_UP_L || aDay * LONGEST_TOP_UP_DAYS < allowed) {
      return;
    }
    int days = (int) Math.max(1, Math.min(LONGEST_TOP_UP_DAYS, Math.floor(allowed / aDay)));
    if (s.waterState().changes(s.date()).filter(c -> c.everyDays() <= days).isPresent()) {
      // The water change fills it up in time.
      return;
    }
    tasks.add(
        new Task(
            TOP_UP,
            TaskKind.TOP_UP,
            Phrase.of("Top up"),
            Phrase.of(
                told.isPresent()
                    ? "about {}, as logged so far"
                    : "about {}, an estimate: log what it took",
                Quantity.litres(aDay * days)),
            Phrase.of(
                "Fresh water with conditioner, never salted: what evaporates leaves its salt."),
            Recurrence.every(days),
            TOP_UP_MINUTES,
            told.isPresent() ? Evidence.measured("litres topped up") : Evidence.PRACTICE));
  }

  /** Today's step of a correction; nothing once it is there. */
  private static Optional<Task> correction(HusbandryState s, Correction c) {
    CorrectionStep step = CorrectionStep.of(c, s.waterState(), s.date());
    return step.kind() == CorrectionStep.Kind.THERE
        ? Optional.empty()
        : Optional.of(
            new Task(
                "correct:" + c.parameter().name().toLowerCase(Locale.ROOT),
                TaskKind.CORRECT,
                Phrase.of(
                    "{} to {}",
                    c.parameter().brief(),
                    new Quantity(c.parameter().dimension(), c.to())),
                step.what(),
                step.how(),
                Recurrence.every(1),
                CORRECTION_MINUTES,
                Evidence.PRACTICE));
  }

  private static void addRinse(HusbandryState s, List<Task> tasks, Evidence basis) {
    int rinse = shortest(s, MaintenanceSchedule::rinseDays);
    if (rinse < Integer.MAX_VALUE && s.enclosure().has(Equipment.Filter.class)) {
      tasks.add(
          new Task(
              "rinse-filter",
              TaskKind.RINSE_FILTER,
              Phrase.of("Rinse the filter"),
              Phrase.of("the media, in removed tank water"),
              Phrase.of("Never under the tap, and not on the day of a large change."),
              Recurrence.every(rinse),
              15,
              basis));
    }
  }

  /** The rarer, large change of some schools, and their new cartridges. */
  private static void addLargeChange(HusbandryState s, List<Task> tasks, Evidence basis) {
    int large = shortest(s, MaintenanceSchedule::largeDays);
    if (large < Integer.MAX_VALUE) {
      double percent =
          s.residents().stream()
              .flatMapToDouble(r -> r.stage().maintenance().largePercent().stream())
              .max()
              .orElseThrow();
      double litres = s.geometry().waterL() * percent / 100;
      tasks.add(
          new Task(
              LARGE_CHANGE,
              TaskKind.WATER_CHANGE,
              Phrase.of("Change {}, the large one", Quantity.litres(litres)),
              Phrase.of(
                  "{} of {} ({})",
                  Quantity.litres(litres),
                  Quantity.litres(s.geometry().waterL()),
                  Quantity.percent(percent)),
              Phrase.of("Instead of that day's water change; leave the filter alone."),
              Recurrence.every(large),
              10 + litres / 5,
              basis));
    }
    int media = shortest(s, MaintenanceSchedule::newMediaDays);
    if (media < Integer.MAX_VALUE && s.enclosure().has(Equipment.Filter.class)) {
      tasks.add(
          new Task(
              "new-media",
              TaskKind.NEW_MEDIA,
              Phrase.of("New filter cartridge"),
              Phrase.of("one, not all at once"),
              Phrase.of(
                  "Staggered, so that the others keep the bacteria; not on the day of a large change."),
              Recurrence.every(media),
              10,
              basis));
    }
  }

  private static int shortest(HusbandryState s, ToIntFunction<MaintenanceSchedule> days) {
    return s.residents().stream()
        .map(r -> days.applyAsInt(r.stage().maintenance()))
        .filter(d -> d > 0)
        .min(Comparator.naturalOrder())
        .orElse(Integer.MAX_VALUE);
  }

  private static boolean growing(HusbandryState s) {
    return s.residents().stream()
        .anyMatch(r -> r.bodyCm() < 0.9 * r.sheet().body().adultLengthCm());
  }

  private static Optional<LocalDate> tubeFitted(HusbandryState s) {
    return s.enclosure()
        .all(Equipment.UvbLamp.class)
        .flatMap(lamp -> lamp.fittedOn().stream())
        .min(Comparator.naturalOrder());
  }

  private static String slug(String text) {
    return text.toLowerCase(Locale.ROOT)
        .replaceAll("[^\\p{L}\\p{N}]+", "-")
        .replaceAll("^-|-$", "");
  }
}
