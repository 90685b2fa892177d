package app.islet.core.care;

import java.util.OptionalDouble;

/**
 * How the water and the box are kept for a stage.
 *
 * @param spotCleanDays days between removing droppings and leftovers
 * @param changePercent share of the water in each water change
 * @param changeDays days between water changes
 * @param rinseDays days between rinses of the filter media, 0 where there is no filter
 * @param testDays days between water tests, 0 where there is no water to test
 * @param largePercent share of the water in the rarer, large change some schools add
 * @param largeDays days between large changes, 0 without them
 * @param newMediaDays days between new filter cartridges, 0 where media are only rinsed
 * @param bathDays days between baths of the animals, 0 where they are never bathed
 */
public record MaintenanceSchedule(
    int spotCleanDays,
    double changePercent,
    int changeDays,
    int rinseDays,
    int testDays,
    OptionalDouble largePercent,
    int largeDays,
    int newMediaDays,
    int bathDays,
    Evidence basis) {
  public MaintenanceSchedule {
    if (largePercent.isPresent() != (largeDays > 0)) {
      throw new IllegalArgumentException(
          "a large change is both largePercent and largeDays, or neither");
    }
  }
}
