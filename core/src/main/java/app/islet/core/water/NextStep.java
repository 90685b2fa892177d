package app.islet.core.water;

import app.islet.core.animal.Resident;
import app.islet.core.care.Recurrence;
import app.islet.core.quantity.Dimension;
import app.islet.core.quantity.Phrase;
import app.islet.core.quantity.Quantity;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * What to do with the water now, in one sentence with its litres and drops; and when to test next.
 *
 * @param urgent whether it cannot wait until tomorrow
 * @param further what else is worth doing, the more pressing first
 * @param nextTest by how much is at stake
 */
public record NextStep(boolean urgent, Phrase what, List<Phrase> further, LocalDate nextTest) {
  /** Days until the next test where all is well, while it starts up, and while it is bad. */
  private static final int WELL_DAYS = 7;

  private static final int STARTING_DAYS = 2;
  private static final int BAD_DAYS = 1;

  /** A quiet tank of an animal that stands much is tested so often; common practice. */
  private static final int QUIET_DAYS = 14;

  /** A drop test of the pH is off by so much. */
  private static final double PH_READING = 0.2;

  public NextStep {
    further = List.copyOf(further);
  }

  public static NextStep of(WaterState waterState, LocalDate today) {
    if (!waterState.geometry().hasWater()) {
      return new NextStep(
          false,
          Phrase.of(
              "The vessel holds no water of its own: dishes are rinsed and refilled on their days."),
          List.of(),
          today);
    }
    FilterCycle filterCycle = waterState.filterCycle(today);
    Optional<Toxicity> poison =
        waterState.residents().isEmpty() ? Optional.empty() : Toxicity.of(waterState, today);
    Optional<ChangePlan> plan = waterState.changes(today);
    List<Phrase> all = new ArrayList<>();
    poison.ifPresent(p -> all.add(poisoned(waterState, p)));
    if (poison.isEmpty() && eats(waterState)) {
      Toxicity.leftOver(waterState.record(), today).ifPresent(mg -> all.add(leftOver(mg)));
    }
    if (filterCycle.phase() == FilterCycle.Phase.CRASHED) {
      all.add(Phrase.of(FilterCycle.RESCUE.get(0)));
    }
    salt(waterState).ifPresent(all::add);
    starting(waterState, filterCycle).ifPresent(all::add);
    LocalDate test = nextTest(waterState, filterCycle, poison, today);
    if (!test.isAfter(today)) {
      all.add(
          Phrase.of(
              waterState.record().lastTested().isEmpty()
                  ? "Test the water today: ammonia, nitrite, nitrate, pH and temperature."
                  : "A test is due today, before any change."));
    }
    NitrateChange.of(waterState, today)
        .map(change -> nitrate(waterState, change))
        .or(() -> plan.flatMap(p -> change(waterState, p, today)))
        .ifPresent(all::add);
    ph(waterState).ifPresent(all::add);
    plan.filter(p -> waterState.isBowl()).map(NextStep::bowl).ifPresent(all::add);
    if (all.isEmpty()) {
      all.add(
          Phrase.of(
              "Nothing today: the next test is in {}.",
              Quantity.days(ChronoUnit.DAYS.between(today, test))));
    }
    return new NextStep(
        poison.isPresent() || filterCycle.phase() == FilterCycle.Phase.CRASHED,
        all.get(0),
        all.subList(1, all.size()),
        test);
  }

  private static Phrase poisoned(WaterState waterState, Toxicity p) {
    double litres = waterState.geometry().waterL() * p.percentEach() / 100;
    return Phrase.of(
        p.changes() <= 1
            ? "Change {} ({} of it) now, at the tank's temperature{}; feed nothing, test again tomorrow."
            : "Change {} ({} of it) now and as much again tomorrow, at the tank's temperature{}; feed nothing, test before each.",
        Quantity.litres(litres),
        Quantity.percent(p.percentEach()),
        conditioner(waterState, litres));
  }

  private static boolean eats(WaterState waterState) {
    return waterState.residents().stream().anyMatch(r -> !r.foods().isEmpty());
  }

  private static Phrase leftOver(double mgPerL) {
    return Phrase.of(
        "Ammonia {} (as the ion): feed nothing until it is under {}, and test again tomorrow.",
        Toxicity.ion(Parameter.AMMONIA, mgPerL),
        Toxicity.ion(Parameter.AMMONIA, Limits.AMMONIA_FOOD_AGAIN));
  }

  private static Object conditioner(WaterState waterState, double litres) {
    return waterState
        .conditioner(litres)
        .<Object>map(
            d ->
                d.ml() < 1
                    ? Phrase.of(
                        ", with {} drops of conditioner",
                        Quantity.count(Math.max(1, Math.round(d.drops()))))
                    : Phrase.of(", with {} of conditioner", new Quantity(Dimension.DOSE, d.ml())))
        .orElse(", conditioner by its label for these litres only");
  }

  private static Phrase bowl(ChangePlan plan) {
    return Phrase.of(
        "A bowl has no filter cycle: {} of it new {}, as warm as before.",
        Quantity.percent(plan.percent()),
        Recurrence.every(plan.everyDays()).words());
  }

  /** Salt that has wandered from what they need, by a test. */
  private static Optional<Phrase> salt(WaterState waterState) {
    List<SaltSteps> steps = waterState.saltWay();
    if (steps.isEmpty() || waterState.record().newest(Parameter.SALINITY).isEmpty()) {
      return Optional.empty();
    }
    double aim = waterState.saltAim().orElseThrow();
    SaltSteps first = steps.get(0);
    return Optional.of(
        first.saltG() > 0
            ? Phrase.of(
                "Dissolve {} of marine salt in a bucket of its water and add it slowly; so for {}, to {}.",
                Quantity.grams(first.saltG()),
                Quantity.days(steps.size()),
                new Quantity(Dimension.SALINITY, aim))
            : Phrase.of(
                "Take out {} and fill up with fresh water; so for {}, to {}.",
                Quantity.litres(first.freshL()),
                Quantity.days(steps.size()),
                new Quantity(Dimension.SALINITY, aim)));
  }

  private static Optional<Phrase> starting(WaterState waterState, FilterCycle filterCycle) {
    boolean filtered =
        waterState.residents().isEmpty() && !waterState.isBowl()
            || waterState.residents().stream()
                .map(Resident::stage)
                .anyMatch(stage -> stage.needs().filtration().isPresent());
    if (!filtered) {
      return Optional.empty();
    }
    return switch (filterCycle.phase()) {
      case AMMONIA, NITRITE, PROVING -> Optional.of(filterCycle.why());
      default -> Optional.empty();
    };
  }

  private static Phrase nitrate(WaterState waterState, NitrateChange change) {
    Quantity shown = ion(change.nowMgPerL());
    Quantity target = ion(change.targetMgPerL());
    if (change.days() == 0) {
      return Phrase.of(
          "Nitrate is {} (as the ion); {} is the target, and the tap water brings as much: use other water.",
          shown,
          target);
    }
    double litres = waterState.geometry().waterL() * change.percent() / 100;
    return Phrase.of(
        "Nitrate is {} (as the ion), {} is the target: change {} ({} of it){}{}.",
        shown,
        target,
        Quantity.litres(litres),
        Quantity.percent(change.percent()),
        change.days() > 1
            ? Phrase.of(" on {} in a row", Quantity.days(change.days()))
            : Phrase.of(""),
        conditioner(waterState, litres));
  }

  private static Quantity ion(double nitrateMgPerL) {
    return new Quantity(Dimension.CONCENTRATION, nitrateMgPerL * Parameter.NITRATE.ionFactor());
  }

  /** A pH outside what they want, further than a drop test reads. */
  private static Optional<Phrase> ph(WaterState waterState) {
    return waterState
        .phWay()
        .filter(way -> Math.abs(way.from() - way.to()) > PH_READING)
        .map(
            way ->
                Phrase.of(
                    "pH is {}; lead it to {} over {}, at most {} a day, by changes with other water.",
                    new Quantity(Dimension.PH, way.from()),
                    new Quantity(Dimension.PH, way.to()),
                    Quantity.days(way.steps().days()),
                    new Quantity(Dimension.PH, WaterState.MAX_PH_A_DAY)));
  }

  private static Optional<Phrase> change(WaterState waterState, ChangePlan plan, LocalDate today) {
    Optional<LocalDate> last =
        waterState
            .record()
            .all(WaterEvent.Kind.CHANGE)
            .map(WaterEvent::day)
            .reduce((earlier, later) -> later);
    if (last.isEmpty() || ChronoUnit.DAYS.between(last.get(), today) < plan.everyDays()) {
      return Optional.empty();
    }
    return Optional.of(
        Phrase.of(
            "The water change is due: {} ({} of it), within {} of the tank's temperature{}.",
            Quantity.litres(plan.litres()),
            Quantity.percent(plan.percent()),
            Quantity.kelvin(plan.mostOffK()),
            conditioner(waterState, plan.litres())));
  }

  private static LocalDate nextTest(
      WaterState waterState, FilterCycle filterCycle, Optional<Toxicity> poison, LocalDate today) {
    Optional<LocalDate> last = waterState.record().lastTested();
    if (last.isEmpty()) {
      return today;
    }
    int days =
        poison.isPresent() || filterCycle.phase() == FilterCycle.Phase.CRASHED
            ? BAD_DAYS
            : filterCycle.phase() == FilterCycle.Phase.AMMONIA
                    || filterCycle.phase() == FilterCycle.Phase.NITRITE
                    || filterCycle.phase() == FilterCycle.Phase.PROVING
                ? STARTING_DAYS
                : ChangePlan.isSensitive(waterState.residents()) ? WELL_DAYS : QUIET_DAYS;
    return last.get().plusDays(days);
  }
}
