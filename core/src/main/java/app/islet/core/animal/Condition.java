package app.islet.core.animal;

import app.islet.core.care.Body;
import app.islet.core.quantity.Range;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Optional;

/**
 * Whether an animal is too thin or too fat for its length: its mass as a share of what its sheet
 * says an animal so long weighs (relative condition).
 *
 * <p>The sheet's mass is an average, from memory for most species: a keeper who knows better sets
 * it in a copy of the sheet.
 *
 * @param lengthCm measured with the mass, or within {@link #APART_DAYS} of it
 * @param massG each
 * @param share of the mass usual at that length
 * @see "Le Cren, E. D. (1951), Journal of Animal Ecology 20(2), 201-219"
 */
public record Condition(LocalDate day, double lengthCm, double massG, double share) {
  /** Under this share it is thin, over that one fat; from memory. */
  public static final double THIN = 0.8;

  public static final double FAT = 1.25;

  /** A length so many days from the weighing is still that of the animal weighed; from memory. */
  public static final int APART_DAYS = 21;

  /** So much less than when last weighed asks for a look; common practice, no source. */
  public static final double LOSS = 0.1;

  /** What was weighed longer before says nothing of a loss; from memory. */
  private static final int RECENT_DAYS = 90;

  /** A mass, and the day it was weighed. */
  public record Weighing(LocalDate day, double massG) {}

  /** How it is. */
  public enum Verdict {
    THIN,
    NORMAL,
    FAT
  }

  /**
   * @return empty for bodies that no curve is known for: eggs and forms that end in a change
   */
  public static Optional<Condition> of(
      Resident resident, List<Measure> lengths, List<Weighing> weighings) {
    boolean noCurve =
        resident.stage().hatch().isPresent()
            || resident.stage().endsInChange() && resident.stage().id().equals("tadpole");
    if (noCurve || weighings.isEmpty()) {
      return Optional.empty();
    }
    Weighing weighed = weighings.get(weighings.size() - 1);
    return lengths.stream()
        .filter(m -> apart(m, weighed) <= APART_DAYS)
        .min((a, b) -> Long.compare(apart(a, weighed), apart(b, weighed)))
        .map(m -> of(resident.sheet().body(), weighed, m.lengthCm()));
  }

  private static Condition of(Body body, Weighing weighed, double lengthCm) {
    return new Condition(
        weighed.day(), lengthCm, weighed.massG(), weighed.massG() / body.massG(lengthCm));
  }

  private static long apart(Measure m, Weighing weighed) {
    return Math.abs(ChronoUnit.DAYS.between(m.day(), weighed.day()));
  }

  public Verdict verdict() {
    if (share < THIN) {
      return Verdict.THIN;
    }
    return share > FAT ? Verdict.FAT : Verdict.NORMAL;
  }

  /** Mass between which an animal so long is neither thin nor fat, g. */
  public Range normalG() {
    double usual = massG / share;
    return new Range(THIN * usual, FAT * usual);
  }

  /**
   * The share of its mass it lost since it was weighed before, where that is a tenth and more
   * within three months; a female that has laid loses as much.
   */
  public static Optional<Double> loss(List<Weighing> weighings) {
    if (weighings.size() < 2) {
      return Optional.empty();
    }
    Weighing last = weighings.get(weighings.size() - 1);
    Weighing before = weighings.get(weighings.size() - 2);
    double lost = 1 - last.massG() / before.massG();
    boolean recent = ChronoUnit.DAYS.between(before.day(), last.day()) <= RECENT_DAYS;
    return recent && lost >= LOSS ? Optional.of(lost) : Optional.empty();
  }
}
