package app.islet.core.plan;

import app.islet.core.care.Evidence;
import app.islet.core.care.MaintenanceSchedule;
import app.islet.core.care.Needs;
import app.islet.core.care.Recurrence;
import app.islet.core.climate.Climate;
import app.islet.core.enclosure.Equipment;
import app.islet.core.quantity.Dimension;
import app.islet.core.quantity.Phrase;
import app.islet.core.quantity.Quantity;
import app.islet.core.situation.HusbandryState;
import app.islet.core.water.ChangePlan;
import app.islet.core.water.Correction;
import app.islet.core.water.CorrectionStep;
import app.islet.core.water.FilterFlow;
import app.islet.core.water.ToppedUp;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** Work on the water: changes, topping up, tests, corrections, the filter. */
final class WaterTasks {
  /** An ordinary bucket, L. */
  private static final double BUCKET_L = 10;

  private static final double CORRECTION_MINUTES = 10;

  private static final double TOP_UP_MINUTES = 3;

  /** So much of the water may be missing; common practice, no source. */
  private static final double TOP_UP_SHARE = 0.05;

  private static final double MIN_TOP_UP_L = 0.05;
  private static final int LONGEST_TOP_UP_DAYS = 7;

  private WaterTasks() {}

  static void add(HusbandryState s, List<Task> tasks, Evidence basis) {
    ChangePlan.of(s.enclosure(), s.residents(), s.geometry().waterL(), Optional.empty(), 0)
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
        Planner.WATER_CHANGE,
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
    int test = Planner.shortest(s, MaintenanceSchedule::testDays);
    if (test < Integer.MAX_VALUE) {
      tasks.add(
          new Task(
              Planner.TEST,
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
    if (aDay < MIN_TOP_UP_L || aDay * LONGEST_TOP_UP_DAYS < allowed) {
      return;
    }
    int days = (int) Math.max(1, Math.min(LONGEST_TOP_UP_DAYS, Math.floor(allowed / aDay)));
    if (s.waterState().changes(s.date()).filter(c -> c.everyDays() <= days).isPresent()) {
      // The water change fills it up in time.
      return;
    }
    tasks.add(
        new Task(
            Planner.TOP_UP,
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
    int rinse = Planner.shortest(s, MaintenanceSchedule::rinseDays);
    Optional<FilterFlow> flow =
        FilterFlow.of(
            s.waterRecord(),
            s.enclosure().all(Equipment.Filter.class).mapToDouble(Equipment.Filter::flowLph).sum(),
            s.date());
    boolean clear = flow.isPresent() && !flow.get().isWorthRinsing();
    if (rinse < Integer.MAX_VALUE && s.enclosure().has(Equipment.Filter.class) && !clear) {
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
    int large = Planner.shortest(s, MaintenanceSchedule::largeDays);
    if (large < Integer.MAX_VALUE) {
      double percent =
          s.residents().stream()
              .flatMapToDouble(r -> r.stage().maintenance().largePercent().stream())
              .max()
              .orElseThrow();
      double litres = s.geometry().waterL() * percent / 100;
      tasks.add(
          new Task(
              Planner.LARGE_CHANGE,
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
    int media = Planner.shortest(s, MaintenanceSchedule::newMediaDays);
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
}
