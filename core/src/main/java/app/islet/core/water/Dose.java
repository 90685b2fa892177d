package app.islet.core.water;

import app.islet.core.quantity.Check;

/**
 * A conditioner or any other liquid by its label, never over it.
 *
 * @param ml for this water
 * @param drops the same counted, for what no syringe measures
 */
public record Dose(double ml, double drops) {
  /** Drops of a usual pipette to the millilitre; common practice, no source. */
  public static final double DROPS_PER_ML = 20;

  /**
   * @param waterL the water to be treated: the new water only
   * @param labelMl that the label wants for {@code labelL}
   * @param share of the label's dose, above 0 to 1
   */
  public static Dose of(
      double waterL, double labelMl, double labelL, double share, double dropsPerMl) {
    Check.positive("share", Check.inRange("share", share, 0, 1));
    double ml = waterL * labelMl / Check.positive("labelL", labelL) * share;
    return new Dose(ml, ml * dropsPerMl);
  }
}
