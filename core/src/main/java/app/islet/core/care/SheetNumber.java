package app.islet.core.care;

import app.islet.core.quantity.Dimension;

/**
 * One number of a care sheet's text.
 *
 * @param path where it stands, as {@code /stages/2/water/ideal/0}
 * @param group what it is about, as {@code Adult: water}
 * @param name its name in the sheet, as {@code ideal, least}
 * @param basis what it rests on, as written in the sheet
 */
public record SheetNumber(
    String path, String group, String name, Dimension dimension, double value, String basis) {

  /** What a number measures, by the name it has in the sheet. */
  static Dimension dimensionOf(String name) {
    return switch (name) {
      case "ideal", "tolerated", "harm", "spotC" -> Dimension.TEMPERATURE;
      case "dropK" -> Dimension.TEMPERATURE_DIFFERENCE;
      case "massAt10Cm", "gramsPerPiece" -> Dimension.MASS;
      case "waterL", "furtherWaterL" -> Dimension.VOLUME;
      case "waterLPerCm" -> Dimension.VOLUME_PER_LENGTH;
      case "floorCm2", "furtherFloorCm2" -> Dimension.AREA;
      case "hardnessDh" -> Dimension.HARDNESS;
      case "currentCmS" -> Dimension.SPEED;
      case "ppt" -> Dimension.SALINITY;
      case "leastMgPerL" -> Dimension.CONCENTRATION;
      case "hours", "hoursPerDay", "harmHours" -> Dimension.HOURS;
      case "days", "everyDays", "spotCleanDays", "changeDays", "rinseDays", "testDays" ->
          Dimension.DAYS;
      case "largeDays", "newMediaDays", "bathDays" -> Dimension.DAYS;
      case "months", "ageMonths" -> Dimension.MONTHS;
      case "percent", "sharePercent", "changePercent", "largePercent" -> Dimension.PERCENT;
      default -> name.endsWith("Cm") ? Dimension.LENGTH : Dimension.RATIO;
    };
  }
}
