package app.islet.core.water;

import app.islet.core.enclosure.Handling;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Optional;

/** When a school calls a filter cycled. */
public enum CyclingCriterion {
  /** A dose of ammonia is gone, and the nitrite it becomes, within a day. */
  DOSE(
      Handling.Proof.DOSE,
      "Dose ammonia to 0.5 mg/L as nitrogen or more and test a day later: neither ammonia nor nitrite may show.") {
    @Override
    Optional<LocalDate> fulfilledOn(WaterRecord record) {
      return record
          .all(WaterEvent.Kind.AMMONIA_DOSE)
          .filter(dose -> dose.amount() >= PROOF_MG_PER_L - 1e-9)
          .map(WaterEvent::day)
          .filter(
              day ->
                  record.tests().stream()
                      .anyMatch(t -> t.isClear() && ChronoUnit.DAYS.between(day, t.day()) == 1))
          .filter(day -> allClear(record, day))
          .reduce((earlier, later) -> later)
          .map(day -> day.plusDays(1));
    }
  },
  /** Three tests or more over a week or longer show neither. */
  WEEK(
      Handling.Proof.WEEK,
      "Three tests or more over a week, fed or dosed all the time: neither ammonia nor nitrite may show.") {
    @Override
    Optional<LocalDate> fulfilledOn(WaterRecord record) {
      List<WaterTest> clear =
          record
              .newestFirst()
              .filter(WaterTest::tellsOfNitrogen)
              .takeWhile(WaterTest::isClear)
              .toList();
      if (clear.size() < 3) {
        return Optional.empty();
      }
      LocalDate oldest = clear.get(clear.size() - 1).day();
      LocalDate newest = clear.get(0).day();
      boolean everShown =
          record.tests().stream().filter(WaterTest::tellsOfNitrogen).anyMatch(t -> !t.isClear());
      boolean fed =
          everShown || record.newest(Parameter.NITRATE).orElse(0) > Parameter.NITRATE.kitError();
      return fed && ChronoUnit.DAYS.between(oldest, newest) >= 7
          ? Optional.of(newest)
          : Optional.empty();
    }
  };

  /**
   * Dose that proves it, mg/L as nitrogen: about what a well stocked tank makes in two days; common
   * practice doses more.
   */
  static final double PROOF_MG_PER_L = 0.5;

  private final Handling.Proof proof;
  private final String how;

  CyclingCriterion(Handling.Proof proof, String how) {
    this.proof = proof;
    this.how = how;
  }

  public static CyclingCriterion of(Handling.Proof proof) {
    return proof == Handling.Proof.DOSE ? DOSE : WEEK;
  }

  public String words() {
    return proof.words();
  }

  /** How it is shown, for someone who has never done it. */
  public String how() {
    return how;
  }

  /** The day it was last shown by what is written down, and nothing since says otherwise. */
  abstract Optional<LocalDate> fulfilledOn(WaterRecord record);

  private static boolean allClear(WaterRecord record, LocalDate after) {
    return record.tests().stream()
        .filter(t -> t.day().isAfter(after) && t.tellsOfNitrogen())
        .allMatch(WaterTest::isClear);
  }
}
