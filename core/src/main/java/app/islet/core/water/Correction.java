package app.islet.core.water;

import java.time.LocalDate;

/**
 * A value of the water that is being led from where it was to where it should be, in steps of a
 * day.
 *
 * @param from as it read when it was begun
 * @param to where it is led
 */
public record Correction(Parameter parameter, double from, double to, LocalDate begunOn) {
  /** Values that can be led; the others follow from what is fed, changed and filtered. */
  public static boolean isFor(Parameter parameter) {
    return switch (parameter) {
      case PH, CARBONATE, HARDNESS, SALINITY, TEMPERATURE -> true;
      case AMMONIA, NITRITE, NITRATE -> false;
    };
  }

  public Correction {
    if (!isFor(parameter)) {
      throw new IllegalArgumentException(parameter + " is not led in steps");
    }
  }

  /** Most in a day; common practice, no source. */
  public double mostADay() {
    return switch (parameter) {
      case PH -> WaterState.MAX_PH_A_DAY;
      case SALINITY -> SaltSteps.MAX_PPT_A_DAY;
      case TEMPERATURE -> MAX_K_A_DAY;
      case HARDNESS -> MAX_DH_A_DAY;
      case CARBONATE -> MAX_KH_A_DAY;
      case AMMONIA, NITRITE, NITRATE -> throw new IllegalStateException();
    };
  }

  private static final double MAX_K_A_DAY = 1;
  private static final double MAX_DH_A_DAY = 3;
  private static final double MAX_KH_A_DAY = 1;

  /** 1 on the way up, -1 on the way down. */
  int direction() {
    return to >= from ? 1 : -1;
  }

  /** Days it takes at the least. */
  public int leastDays() {
    return (int) Math.ceil(Math.abs(to - from) / mostADay() - 1e-9);
  }
}
