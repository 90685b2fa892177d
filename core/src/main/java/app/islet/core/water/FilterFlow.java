package app.islet.core.water;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Optional;

/**
 * The flow of the filter as it was measured last, against what it is rated for.
 *
 * @param share of the rated flow that is left
 */
public record FilterFlow(LocalDate day, double litresPerHour, double share) {
  /** Under half of what it is rated for a filter wants rinsing; common practice, no source. */
  public static final double WORTH_RINSING = 0.5;

  /** Older measurements say nothing of today. */
  private static final int DAYS = 30;

  /**
   * Nothing where nobody measured in the last month, or since the filter was last rinsed.
   *
   * @param ratedLph as sold
   */
  public static Optional<FilterFlow> of(WaterRecord record, double ratedLph, LocalDate today) {
    return record
        .all(WaterEvent.Kind.FLOW)
        .filter(e -> !e.day().isAfter(today))
        .reduce((older, newer) -> newer)
        .filter(e -> ChronoUnit.DAYS.between(e.day(), today) <= DAYS)
        .filter(
            e ->
                record
                    .between(e.day(), today)
                    .noneMatch(
                        since ->
                            since.kind() == WaterEvent.Kind.RINSED
                                || since.kind() == WaterEvent.Kind.NEW_MEDIA))
        .map(e -> new FilterFlow(e.day(), e.amount(), e.amount() / ratedLph));
  }

  public boolean isWorthRinsing() {
    return share < WORTH_RINSING;
  }
}
