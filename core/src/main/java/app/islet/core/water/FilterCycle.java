package app.islet.core.water;

import app.islet.core.quantity.Phrase;
import app.islet.core.quantity.Quantity;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Optional;

/**
 * Where the start-up of the filter stands, by the keeper's own tests.
 *
 * @param phase which of them
 * @param since first test of this phase
 * @param moving whether the tests of the phase change by more than a kit is off; true where there
 *     are too few to tell
 * @param mayMoveIn yes or no by the criterion followed
 * @param others criteria that would say otherwise
 * @param why in a sentence
 */
public record FilterCycle(
    Phase phase,
    Optional<LocalDate> since,
    boolean moving,
    boolean mayMoveIn,
    List<CyclingCriterion> others,
    Phrase why) {
  /** How far it is. */
  public enum Phase {
    UNTESTED("Not tested yet"),
    AMMONIA("Ammonia is waiting for ammonia-oxidising bacteria"),
    NITRITE("Nitrite is waiting for nitrite-oxidising bacteria"),
    PROVING("Neither shows; the proof is still to come"),
    READY("Cycled"),
    CRASHED("It was cycled and fell back");

    private final String words;

    Phase(String words) {
      this.words = words;
    }

    public String words() {
      return words;
    }
  }

  /** Whether the filter can carry animals, as far as anybody knows. */
  public enum Verdict {
    YES,
    NO,
    /** Nobody tested: neither yes nor no. */
    NOT_KNOWN
  }

  /** One answer for every page: without a test nobody knows. */
  public Verdict verdict() {
    return phase == Phase.UNTESTED ? Verdict.NOT_KNOWN : mayMoveIn ? Verdict.YES : Verdict.NO;
  }

  /** What to do after a crash, in order; common practice, no source. */
  public static final List<String> RESCUE =
      List.of(
          "Animals into shallow tubs of dechlorinated water at the same temperature, changed whole every day; one each where they bite.",
          "Find what took the bacteria, and stop it; the pump runs day and night.",
          "Half of the tank's water changed each day while ammonia or nitrite shows; the filter is left alone.",
          "Mature media from a running tank of the same collection, if that tank is healthy.",
          "Back only when the proof holds again, a little food at first.");

  /** A test older than this says nothing about today. */
  static final int FRESH_DAYS = 14;

  /** For so long a phase may show no change before it counts as stuck. */
  private static final int STUCK_DAYS = 10;

  private static final double TOO_MUCH_AMMONIA = 5;

  public FilterCycle {
    others = List.copyOf(others);
  }

  public static FilterCycle of(WaterRecord record, CyclingCriterion criterion, LocalDate today) {
    List<WaterTest> told =
        record.tests().stream()
            .filter(t -> t.tellsOfNitrogen() && !t.day().isAfter(today))
            .toList();
    if (told.isEmpty()) {
      return new FilterCycle(
          Phase.UNTESTED,
          Optional.empty(),
          true,
          false,
          List.of(),
          Phrase.of(
              "Not tested yet. Clear water can still contain ammonia and nitrite, so test both before adding animals."));
    }
    WaterTest newest = told.get(told.size() - 1);
    long age = ChronoUnit.DAYS.between(newest.day(), today);
    WaterRecord known = record.until(today);
    List<CyclingCriterion> fulfilled =
        List.of(CyclingCriterion.values()).stream()
            .filter(c -> c.fulfilledOn(known).isPresent())
            .toList();
    Phase phase = phase(known, told, newest, fulfilled.contains(criterion));
    LocalDate since = since(known, told, phase, criterion);
    boolean moving = isMoving(told, phase, since);
    boolean may = phase == Phase.READY && age <= FRESH_DAYS;
    List<CyclingCriterion> others =
        List.of(CyclingCriterion.values()).stream()
            .filter(c -> c != criterion)
            .filter(c -> (fulfilled.contains(c) && age <= FRESH_DAYS) != may)
            .toList();
    return new FilterCycle(
        phase,
        Optional.of(since),
        moving,
        may,
        others,
        why(phase, criterion, age, moving, newest, record));
  }

  private static Phase phase(
      WaterRecord known, List<WaterTest> told, WaterTest newest, boolean fulfilled) {
    if (newest.isClear()) {
      return fulfilled ? Phase.READY : Phase.PROVING;
    }
    if (lastReady(known, told).isPresent()) {
      return Phase.CRASHED;
    }
    boolean nitriteSeen =
        told.stream()
            .anyMatch(t -> !Parameter.NITRITE.isZero(t.value(Parameter.NITRITE).orElseThrow()));
    return nitriteSeen ? Phase.NITRITE : Phase.AMMONIA;
  }

  private static boolean isReadyBy(WaterRecord record) {
    return CyclingCriterion.DOSE.fulfilledOn(record).isPresent()
        || CyclingCriterion.WEEK.fulfilledOn(record).isPresent();
  }

  /** The newest test by which it was cycled, by any school: what was once there can be lost. */
  private static Optional<LocalDate> lastReady(WaterRecord known, List<WaterTest> told) {
    for (int n = told.size() - 1; n >= 0; n--) {
      if (told.get(n).isClear() && isReadyBy(known.until(told.get(n).day()))) {
        return Optional.of(told.get(n).day());
      }
    }
    return Optional.empty();
  }

  private static LocalDate since(
      WaterRecord known, List<WaterTest> told, Phase phase, CyclingCriterion criterion) {
    LocalDate newest = told.get(told.size() - 1).day();
    LocalDate from = phase == Phase.CRASHED ? lastReady(known, told).orElse(newest) : LocalDate.MIN;
    if (phase == Phase.READY) {
      return criterion.fulfilledOn(known).orElse(newest);
    }
    LocalDate first = newest;
    for (int n = told.size() - 1; n >= 0; n--) {
      WaterTest t = told.get(n);
      boolean nitrite = !Parameter.NITRITE.isZero(t.value(Parameter.NITRITE).orElseThrow());
      boolean same =
          switch (phase) {
            case AMMONIA -> !t.isClear() && !nitrite;
            case NITRITE -> nitrite || !t.isClear();
            case PROVING -> t.isClear();
            default -> t.day().isAfter(from);
          };
      if (!same) {
        break;
      }
      first = t.day();
    }
    return first;
  }

  private static boolean isMoving(List<WaterTest> told, Phase phase, LocalDate since) {
    Parameter watched =
        phase == Phase.AMMONIA
            ? Parameter.AMMONIA
            : phase == Phase.NITRITE ? Parameter.NITRITE : null;
    if (watched == null) {
      return true;
    }
    WaterTest newest = told.get(told.size() - 1);
    double now = newest.value(watched).orElseThrow();
    return told.stream()
        .filter(t -> !t.day().isBefore(since))
        .filter(t -> ChronoUnit.DAYS.between(t.day(), newest.day()) >= STUCK_DAYS)
        .reduce((earlier, later) -> later)
        .map(t -> Math.abs(t.value(watched).orElseThrow() - now) > 2 * watched.kitError())
        .orElse(true);
  }

  private static Phrase why(
      Phase phase,
      CyclingCriterion criterion,
      long age,
      boolean moving,
      WaterTest newest,
      WaterRecord record) {
    return switch (phase) {
      case READY ->
          age <= FRESH_DAYS
              ? Phrase.of("Shown by {}.", criterion.words())
              : Phrase.of(
                  "It was cycled, but the newest test is {} old: test again before an animal moves in.",
                  Quantity.days(age));
      case PROVING -> Phrase.of(criterion.how());
      case CRASHED ->
          Phrase.of(
              "Ammonia or nitrite shows again: something took the bacteria, or more comes in than they turn.");
      case AMMONIA, NITRITE -> moving ? Phrase.of(waiting(phase)) : stuck(newest, record);
      case UNTESTED -> throw new IllegalStateException("told elsewhere");
    };
  }

  private static String waiting(Phase phase) {
    return phase == Phase.AMMONIA
        ? "Leave the ammonia in; once nitrite shows, the ammonia-oxidising bacteria are there."
        : "The nitrite-oxidising bacteria come later; keep feeding the filter a little.";
  }

  /** Why a start-up stands still, the commonest cause that fits first. */
  private static Phrase stuck(WaterTest newest, WaterRecord record) {
    double ph = record.newest(Parameter.PH).orElse(7.5);
    double carbonate = record.newest(Parameter.CARBONATE).orElse(5);
    double water = record.newest(Parameter.TEMPERATURE).orElse(20);
    String cause =
        newest.value(Parameter.AMMONIA).orElseThrow() > TOO_MUCH_AMMONIA
            ? "so much ammonia holds the nitrite-oxidising bacteria back: change half the water"
            : ph < WaterState.SOUR_PH || carbonate < WaterState.MIN_CARBONATE_DH
                ? "the water is too sour or has too little KH: change part of it, or raise the KH"
                : water < WaterState.COLD_C
                    ? "the water is cold: they grow twice as fast ten degrees warmer, before the animal is in"
                    : "look whether chlorine came in with the water, and whether the filter runs day and night";
    return Phrase.of("No progress for more than {}: {}.", Quantity.days(STUCK_DAYS), cause);
  }
}
