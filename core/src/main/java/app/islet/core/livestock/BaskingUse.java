package app.islet.core.livestock;

import app.islet.core.quantity.Range;
import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Optional;

/**
 * How long an animal basks a day, told from how often it was seen on its place: the share of
 * sightings that were there, of the hours the lamp is lit. Whoever looks at random times while it
 * is lit sees that share.
 *
 * @param hours a day
 * @param between the limits within which that lies with 95 % surety, by the number of sightings
 * @see "Clopper, C. and Pearson, E. (1934), Biometrika 26(4), 404-413"
 */
public record BaskingUse(int basking, int seen, double hours, Range between) {
  /** Fewer sightings tell nothing; from memory. */
  private static final int MIN_SIGHTINGS = 5;

  /** Older ones are of another season; from memory. */
  private static final int DAYS = 60;

  private static final double SURE_PERCENT = 95;
  private static final double PERCENT = 100;

  /**
   * @param litHours a day that the lamp over its place is lit
   */
  public static Optional<BaskingUse> of(
      Collection<LifeEvent> events, double litHours, LocalDate today) {
    List<LifeEvent> sightings =
        events.stream()
            .filter(e -> e.day().isAfter(today.minusDays(DAYS)))
            .filter(e -> e.kind() == LifeEvent.Kind.BASKING || e.kind() == LifeEvent.Kind.SEEN)
            .toList();
    int basking = (int) sightings.stream().filter(e -> e.kind() == LifeEvent.Kind.BASKING).count();
    if (sightings.size() < MIN_SIGHTINGS) {
      return Optional.empty();
    }
    Survival share = Survival.of(sightings.size(), basking, SURE_PERCENT);
    return Optional.of(
        new BaskingUse(
            basking,
            sightings.size(),
            litHours * share.percent() / PERCENT,
            new Range(
                litHours * share.lowPercent() / PERCENT,
                litHours * share.highPercent() / PERCENT)));
  }
}
