package app.islet.core.plan;

import static app.islet.core.water.Toxicity.ion;

import app.islet.core.care.Evidence;
import app.islet.core.care.Recurrence;
import app.islet.core.enclosure.Equipment;
import app.islet.core.quantity.Dimension;
import app.islet.core.quantity.Phrase;
import app.islet.core.quantity.Quantity;
import app.islet.core.situation.HusbandryState;
import app.islet.core.water.FilterCycle;
import app.islet.core.water.Limits;
import app.islet.core.water.NitrateChange;
import app.islet.core.water.Parameter;
import app.islet.core.water.SaltSteps;
import app.islet.core.water.Toxicity;
import app.islet.core.water.WaterEvent;
import app.islet.core.water.WaterState;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;

/** What the tests of the water ask for: the same that its page says. */
final class WaterAdvice {
  private static final Set<TaskKind> FOOD = Set.of(TaskKind.FEED, TaskKind.SUPPLEMENT);
  private static final Set<TaskKind> FILTER = Set.of(TaskKind.RINSE_FILTER, TaskKind.NEW_MEDIA);

  private static final String TEST = "your water test";
  private static final double CHANGE_MINUTES = 15;
  private static final double MINUTES_A_TEST = 8;

  /**
   * A filter takes six weeks as a rule, and some to get over a loss; common practice, no source.
   */
  private static final int NEW_DAYS = 42;

  private static final int SHAKEN_DAYS = 21;

  /** Less of the filter leaves enough of them; common practice, no source. */
  private static final double MUCH_MEDIA_PERCENT = 50;

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
    if (s.residents().isEmpty()
        || !s.geometry().hasWater()
        || s.waterRecord().lastTested().isEmpty()) {
      return List.of();
    }
    WaterAdvice advice = new WaterAdvice(s);
    Optional<Toxicity> poison = Toxicity.of(advice.water, s.date());
    poison.ifPresent(advice::poisoned);
    OptionalDouble leftOver =
        poison.isEmpty() ? Toxicity.leftOver(s.waterRecord(), s.date()) : OptionalDouble.empty();
    leftOver.ifPresent(advice::leftOver);
    advice.startingUp(poison.isPresent() || leftOver.isPresent());
    NitrateChange.of(advice.water, s.date())
        .filter(change -> poison.isEmpty() && change.days() > 0)
        .ifPresent(advice::nitrate);
    advice.salt();
    return advice.all;
  }

  /** Clean water at once, no food, a test each day: until both are under what a kit shows. */
  private void poisoned(Toxicity p) {
    Advice.Urgency urgency = p.isDanger() ? Advice.Urgency.LIFE : Advice.Urgency.WATER;
    Phrase found = found(p);
    if (p.changes() > 0) {
      change(p.percentEach(), p.changes(), found, urgency);
    }
    test("Before the change.", 1, urgency);
    noFood(
        Phrase.of(
            "{}; again when ammonia shows none and nitrite is under {}",
            found,
            ion(Parameter.NITRITE, Limits.NITRITE_WATCH)),
        urgency);
  }

  /** Not poisonous at this pH, but more than the filter takes: what is fed adds to it. */
  private void leftOver(double ammoniaMgPerL) {
    test("Ammonia shows each day whether the filter keeps up.", 1, Advice.Urgency.WATER);
    noFood(
        Phrase.of(
            "Ammonia {} (as the ion); again when it is under {}",
            ion(Parameter.AMMONIA, ammoniaMgPerL),
            ion(Parameter.AMMONIA, Limits.AMMONIA_FOOD_AGAIN)),
        Advice.Urgency.WATER);
  }

  private void noFood(Phrase why, Advice.Urgency urgency) {
    if (s.residents().stream().anyMatch(r -> !r.foods().isEmpty())) {
      hold(
          "hold:food",
          "No food",
          why,
          "What is eaten turns to ammonia within hours; they stand some days without.",
          FOOD,
          urgency);
    }
  }

  private static Phrase found(Toxicity p) {
    return p.nitriteMgPerL() > Limits.NITRITE_WATCH
        ? Phrase.of("Nitrite {} (as the ion)", ion(Parameter.NITRITE, p.nitriteMgPerL()))
        : Phrase.of("Ammonia {} (as the ion)", ion(Parameter.AMMONIA, p.ammoniaMgPerL()));
  }

  private void nitrate(NitrateChange change) {
    change(
        change.percent(),
        change.days(),
        Phrase.of(
            "Nitrate {} (as the ion), {} is the target",
            ion(Parameter.NITRATE, change.nowMgPerL()),
            ion(Parameter.NITRATE, change.targetMgPerL())),
        Advice.Urgency.WATER);
  }

  /** Today, and on as many days in a row as it takes. */
  private void change(double percent, int days, Phrase why, Advice.Urgency urgency) {
    add(
        new Task(
            Planner.WATER_CHANGE,
            TaskKind.WATER_CHANGE,
            Phrase.of("Change {} now", Quantity.litres(s.geometry().waterL() * percent / 100)),
            Phrase.of(
                days > 1 ? "{} of it, and as much again tomorrow" : "{} of it",
                Quantity.percent(percent)),
            Phrase.of("{}. At the tank's temperature, every drop dechlorinated.", why),
            Recurrence.every(1),
            CHANGE_MINUTES,
            Evidence.measured(TEST)),
        Set.of(),
        urgency,
        Math.max(0, days - 1));
  }

  /** Salt that has wandered from what they need, by a test: the first step of the way back. */
  private void salt() {
    List<SaltSteps> way = water.saltWay();
    boolean corrected =
        s.waterRecord().corrections().stream().anyMatch(c -> c.parameter() == Parameter.SALINITY);
    if (way.isEmpty() || corrected || s.waterRecord().newest(Parameter.SALINITY).isEmpty()) {
      return;
    }
    SaltSteps first = way.get(0);
    add(
        new Task(
            "salt",
            TaskKind.CORRECT,
            Phrase.of(
                "Salt to {}", new Quantity(Dimension.SALINITY, water.saltAim().orElseThrow())),
            first.saltG() > 0
                ? Phrase.of("{} of marine salt", Quantity.grams(first.saltG()))
                : Phrase.of("{} out, fresh water in", Quantity.litres(first.freshL())),
            Phrase.of(
                "Dissolved in a bucket of its water and added slowly; so for {}.",
                Quantity.days(way.size())),
            Recurrence.every(1),
            CHANGE_MINUTES,
            Evidence.measured(TEST)),
        Set.of(),
        Advice.Urgency.WATER,
        way.size() - 1);
  }

  /** Bacteria that are growing, or were lost, are let alone and watched by tests. */
  private void startingUp(boolean tested) {
    FilterCycle.Phase phase = water.filterCycle(today).phase();
    boolean young =
        switch (phase) {
          case AMMONIA, NITRITE, CRASHED -> true;
          case PROVING, READY -> wasShaken() || phase == FilterCycle.Phase.PROVING && isNew();
          default -> false;
        };
    if (!young || water.isBowl()) {
      return;
    }
    hold(
        "hold:the-filter",
        "Leave the filter alone",
        Phrase.of("{}", phase.words()),
        "Its bacteria are few: no rinsing and no new media until the tests are clean.",
        FILTER,
        Advice.Urgency.WATER);
    if (!tested && isTestDue()) {
      test("The filter is not cycled: each test tells how far it is.", 0, Advice.Urgency.WATER);
    }
  }

  /** What took bacteria lately: rinsed under the tap, or new media, with no clean test since. */
  private boolean wasShaken() {
    LocalDate tested = s.waterRecord().lastTested().orElseThrow();
    return s.waterRecord().events().stream()
        .filter(e -> e.day().isAfter(today.minusDays(SHAKEN_DAYS)) && !e.day().isAfter(today))
        .filter(WaterAdvice::isLoss)
        .anyMatch(e -> !tested.isAfter(e.day()));
  }

  private static boolean isLoss(WaterEvent e) {
    return e.kind() == WaterEvent.Kind.RINSED_TAP
        || e.kind() == WaterEvent.Kind.NEW_MEDIA && e.amount() >= MUCH_MEDIA_PERCENT;
  }

  private boolean isNew() {
    return s.enclosure()
        .all(Equipment.Filter.class)
        .flatMap(filter -> filter.runningSince().stream())
        .anyMatch(since -> since.isAfter(today.minusDays(NEW_DAYS)));
  }

  private boolean isTestDue() {
    LocalDate last = s.waterRecord().lastTested().orElseThrow();
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
            MINUTES_A_TEST,
            Evidence.measured(TEST)),
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
            Evidence.measured(TEST)),
        stops,
        urgency,
        1);
  }

  private void add(Task task, Set<TaskKind> stops, Advice.Urgency urgency, int daysMore) {
    all.add(new Advice(task, stops, "", urgency, today, today.plusDays(daysMore)));
  }
}
