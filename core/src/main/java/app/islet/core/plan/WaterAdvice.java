package app.islet.core.plan;

import app.islet.core.care.Evidence;
import app.islet.core.care.Recurrence;
import app.islet.core.quantity.Dimension;
import app.islet.core.quantity.Phrase;
import app.islet.core.quantity.Quantity;
import app.islet.core.situation.HusbandryState;
import app.islet.core.water.FilterCycle;
import app.islet.core.water.Limits;
import app.islet.core.water.Toxicity;
import app.islet.core.water.WaterState;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** What the tests of the water ask for: the same that its page says. */
final class WaterAdvice {
  private static final Set<TaskKind> FOOD = Set.of(TaskKind.FEED, TaskKind.SUPPLEMENT);
  private static final Set<TaskKind> FILTER = Set.of(TaskKind.RINSE_FILTER, TaskKind.NEW_MEDIA);

  private static final double CHANGE_MINUTES = 15;
  private static final double TEST_MINUTES = 8;

  /** A test of a filter that starts up; common practice, no source. */
  private static final int STARTING_DAYS = 2;

  private final HusbandryState s;
  private final WaterState water;
  private final LocalDate today;
  private final List<Advice> all = new ArrayList<>();

  private WaterAdvice(HusbandryState s) {
    this.s = s;
    this.water = s.waterState();
    this.today = s.date();
  }

  static List<Advice> of(HusbandryState s) {
    if (s.residents().isEmpty() || !s.geometry().hasWater() || s.waterRecord().tests().isEmpty()) {
      return List.of();
    }
    WaterAdvice advice = new WaterAdvice(s);
    Optional<Toxicity> poison = Toxicity.of(advice.water, s.date());
    poison.ifPresent(advice::poisoned);
    advice.startingUp(poison.isPresent());
    return advice.all;
  }

  /** Clean water at once, no food, a test each day: until both are under what a kit shows. */
  private void poisoned(Toxicity p) {
    Advice.Urgency urgency = p.isDanger() ? Advice.Urgency.LIFE : Advice.Urgency.WATER;
    Phrase found = found(p);
    double litres = s.geometry().waterL() * p.percentEach() / 100;
    if (p.changes() > 0) {
      add(
          new Task(
              Planner.WATER_CHANGE,
              TaskKind.WATER_CHANGE,
              Phrase.of("Change {} now", Quantity.litres(litres)),
              Phrase.of(
                  p.changes() > 1 ? "{} of it, and as much again tomorrow" : "{} of it",
                  Quantity.percent(p.percentEach())),
              Phrase.of("{}. At the tank's temperature, every drop dechlorinated.", found),
              Recurrence.every(1),
              CHANGE_MINUTES,
              Evidence.measured("your water test")),
          Set.of(),
          urgency,
          Math.max(0, p.changes() - 1));
    }
    test("Before the change.", 1, urgency);
    hold(
        "hold:food",
        "No food",
        Phrase.of(
            "{}; again when ammonia shows none and nitrite is under {}",
            found,
            mgPerL(Limits.NITRITE_WATCH)),
        "What is eaten turns to ammonia within hours; they stand some days without.",
        FOOD,
        urgency);
  }

  private static Phrase found(Toxicity p) {
    return p.nitriteMgPerL() > Limits.NITRITE_WATCH
        ? Phrase.of("Nitrite {}", mgPerL(p.nitriteMgPerL()))
        : Phrase.of("Ammonia {}", mgPerL(p.ammoniaMgPerL()));
  }

  private static Quantity mgPerL(double value) {
    return new Quantity(Dimension.CONCENTRATION, value);
  }

  /** Bacteria that are growing, or were lost, are let alone and watched by tests. */
  private void startingUp(boolean poisoned) {
    FilterCycle.Phase phase = water.filterCycle(today).phase();
    boolean young =
        switch (phase) {
          case AMMONIA, NITRITE, CRASHED -> !water.isBowl();
          default -> false;
        };
    if (!young) {
      return;
    }
    hold(
        "hold:filter",
        "Leave the filter alone",
        Phrase.of("{}", phase.words()),
        "Its bacteria are few: no rinsing and no new media until the tests are clean.",
        FILTER,
        Advice.Urgency.WATER);
    if (!poisoned && isTestDue()) {
      test("The filter is not cycled: each test tells how far it is.", 0, Advice.Urgency.WATER);
    }
  }

  private boolean isTestDue() {
    LocalDate last = s.waterRecord().tests().get(s.waterRecord().tests().size() - 1).day();
    return !today.isBefore(last.plusDays(STARTING_DAYS));
  }

  private void test(String how, int daysMore, Advice.Urgency urgency) {
    add(
        new Task(
            Planner.TEST,
            TaskKind.TEST,
            Phrase.of("Test the water"),
            Phrase.of("ammonia, nitrite, pH, temperature"),
            Phrase.of(how),
            Recurrence.every(1),
            TEST_MINUTES,
            Evidence.measured("your water test")),
        Set.of(),
        urgency,
        daysMore);
  }

  private void hold(
      String key,
      String title,
      Phrase amount,
      String how,
      Set<TaskKind> stops,
      Advice.Urgency urgency) {
    add(
        new Task(
            key,
            TaskKind.HOLD,
            Phrase.of(title),
            amount,
            Phrase.of(how),
            Recurrence.every(1),
            0,
            Evidence.measured("your water test")),
        stops,
        urgency,
        1);
  }

  private void add(Task task, Set<TaskKind> stops, Advice.Urgency urgency, int daysMore) {
    all.add(new Advice(task, stops, urgency, today, today.plusDays(daysMore)));
  }
}
