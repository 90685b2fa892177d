package app.islet.core.climate;

import java.time.LocalDate;

/** A quarter of the year by its weather. */
public enum Season {
  SPRING("Spring"),
  SUMMER("Summer"),
  AUTUMN("Autumn"),
  WINTER("Winter");

  private static final int MONTHS = 3;

  private final String words;

  Season(String words) {
    this.words = words;
  }

  /**
   * @param south whether winter is in July
   */
  public static Season of(LocalDate day, boolean south) {
    // March, April and May are spring in the north.
    int quarter = Math.floorMod(day.getMonthValue() - MONTHS, 4 * MONTHS) / MONTHS;
    return values()[(quarter + (south ? 2 : 0)) % values().length];
  }

  public String words() {
    return words;
  }
}
