package app.islet.core.water;

/**
 * From where on the nitrogen of the water is a worry, and from where on a danger; mg/L as nitrogen.
 *
 * <p>Free ammonia after EIFAC 1970 (0.025 mg/L of NH3, long exposure of fish); the others from
 * memory of what keepers act on. Salt makes nitrite less poisonous; that is not counted on.
 */
public final class Limits {
  public static final double FREE_AMMONIA_WATCH = 0.025 * 14.007 / 17.031;
  public static final double FREE_AMMONIA_DANGER = 0.1;

  /**
   * Of ammonia free and bound: from here on nothing is fed, and from there again; common practice,
   * no source.
   */
  public static final double AMMONIA_NO_FOOD = 0.5;

  public static final double AMMONIA_FOOD_AGAIN = 0.25;
  public static final double NITRITE_WATCH = 0.1;
  public static final double NITRITE_DANGER = 0.5;

  /** Aimed at with amphibians and crabs: 20 mg/L as the ion. */
  public static final double NITRATE_SENSITIVE = 20 / Parameter.NITRATE.ionFactor();

  /** Aimed at with turtles: 40 mg/L as the ion. */
  public static final double NITRATE_HARDY = 40 / Parameter.NITRATE.ionFactor();

  private Limits() {}
}
