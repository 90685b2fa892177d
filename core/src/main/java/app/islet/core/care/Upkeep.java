package app.islet.core.care;

/**
 * How the water and the box are kept for a stage.
 *
 * @param spotCleanDays days between removing droppings and leftovers
 * @param changePercent share of the water in each part change
 * @param changeDays days between part changes
 * @param rinseDays days between rinses of the filter media, 0 where there is no filter
 * @param testDays days between water tests, 0 where there is no water to test
 */
public record Upkeep(
        int spotCleanDays,
        double changePercent,
        int changeDays,
        int rinseDays,
        int testDays,
        Basis basis) {}
