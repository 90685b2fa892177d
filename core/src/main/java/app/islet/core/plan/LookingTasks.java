package app.islet.core.plan;

import app.islet.core.animal.HealthNote;
import app.islet.core.animal.Resident;
import app.islet.core.care.AnimalGroup;
import app.islet.core.care.Evidence;
import app.islet.core.care.MaintenanceSchedule;
import app.islet.core.care.Recurrence;
import app.islet.core.quantity.Dimension;
import app.islet.core.quantity.Phrase;
import app.islet.core.situation.HusbandryState;
import app.islet.core.text.English;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** Looking after the animals themselves: cleaning up after them, measuring them, their rest. */
final class LookingTasks {
  private static final int GROWING_DAYS = 14;
  private static final int GROWN_DAYS = 60;

  /** Of the adult length: from here on it hardly grows. */
  private static final double GROWN = 0.9;

  private LookingTasks() {}

  static List<Task> of(HusbandryState s, Evidence basis) {
    List<Task> tasks = new ArrayList<>();
    int clean = Planner.shortest(s, MaintenanceSchedule::spotCleanDays);
    if (clean < Integer.MAX_VALUE) {
      tasks.add(spotClean(s, clean, basis));
    }
    atRest(s).ifPresent(tasks::add);
    List<Resident> measured = s.residents().stream().filter(LookingTasks::isMeasured).toList();
    if (!measured.isEmpty()) {
      tasks.add(measure(measured, s.heads()));
    }
    return tasks;
  }

  private static Task spotClean(HusbandryState s, int days, Evidence basis) {
    boolean eggs = s.residents().stream().allMatch(r -> r.stage().hatch().isPresent());
    return new Task(
        "spot-clean",
        TaskKind.SPOT_CLEAN,
        Phrase.of(eggs ? "Look over the eggs" : "Spot clean"),
        Phrase.of(eggs ? "white, furry or sunken ones" : "droppings, leftovers, shed skin"),
        Phrase.of(
            eggs
                ? "Take out what is rotten without turning the others."
                : "Take out what was not eaten."),
        Recurrence.every(days),
        3,
        basis);
  }

  private static Optional<Task> atRest(HusbandryState s) {
    return s.residents().stream()
        .filter(Resident::isResting)
        .flatMap(r -> r.stage().needs().rest().stream())
        .min(Comparator.comparingInt(rest -> rest.checkDays()))
        .map(
            rest ->
                new Task(
                    "rest-check",
                    TaskKind.CHECK,
                    Phrase.of("Look at who rests"),
                    Phrase.of(
                        "{} beside them; wet, dry, mould, swelling",
                        Phrase.range(rest.coolC(), Dimension.TEMPERATURE)),
                    Phrase.of("{}", restWords(s)),
                    Recurrence.every(rest.checkDays()),
                    3,
                    rest.basis()));
  }

  private static String restWords(HusbandryState s) {
    return isLong(s)
        ? "It rests longer than such animals do: warm it up slowly now, or say until when it rests."
        : "No food, no lamp, no handling; fresh air into a closed box. Wake it if it moves about, swells or looks sunken.";
  }

  /** Whether nobody said when it wakes, and it should have by now. */
  private static boolean isLong(HusbandryState s) {
    return s.residents().stream()
        .filter(Resident::isResting)
        .anyMatch(
            r ->
                r.keeping()
                    .rest()
                    .filter(rest -> rest.holdsOn(s.date()) && rest.until().isEmpty())
                    .flatMap(
                        rest ->
                            r.stage().needs().rest().map(n -> Ahead.latest(rest.from(), n.weeks())))
                    .filter(s.date()::isAfter)
                    .isPresent());
  }

  /** Nobody measures eggs, larvae, what sleeps, or what must be left alone. */
  private static boolean isMeasured(Resident r) {
    return r.stage().hatch().isEmpty()
        && !r.stage().isLarva()
        && !r.isResting()
        && !r.keeping().wellbeing().isMissing()
        && !r.keeping().wellbeing().spares(HealthNote.Spared.HANDLING);
  }

  private static Task measure(List<Resident> some, int heads) {
    boolean crabs = some.stream().allMatch(r -> r.sheet().group() == AnimalGroup.CRAB);
    boolean soft = some.stream().allMatch(r -> r.sheet().group().isAmphibian());
    int measured = some.stream().mapToInt(Resident::count).sum();
    boolean growing =
        some.stream().anyMatch(r -> r.bodyCm() < GROWN * r.sheet().body().adultLengthCm());
    return new Task(
        "measure",
        TaskKind.MEASURE,
        Phrase.of(crabs ? "Measure by eye" : "Measure and weigh"),
        measured == heads
            ? Phrase.of(crabs ? "from a photo beside a ruler, or the shed shell" : "each animal")
            : Phrase.of(
                "{}; the others are left alone for now",
                English.list(some.stream().map(Resident::name).distinct().toList())),
        Phrase.of(
            crabs
                ? "Never one that moults or is dug in; nobody weighs it. The stage and the portions follow the measurement."
                : soft
                    ? "In a tub of its own water or on damp moss, never in dry hands. The stage and the portions follow the measurement."
                    : "The stage and the portions follow the measurement."),
        Recurrence.every(growing ? GROWING_DAYS : GROWN_DAYS),
        5,
        Evidence.PRACTICE);
  }
}
