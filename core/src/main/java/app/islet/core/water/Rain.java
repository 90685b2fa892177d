package app.islet.core.water;

import app.islet.core.quantity.Check;

/**
 * What rain makes of salt water outdoors: all of it mixes in first, then what is too much runs
 * over.
 *
 * @param ppt salt afterwards, g/kg
 * @param volumeL afterwards
 * @param saltToRestoreG that brings what is then in it back to what it was
 */
public record Rain(double ppt, double volumeL, double saltToRestoreG) {
  /**
   * @param volumeL before, above 0
   * @param ppt before, g/kg
   * @param rainMm 1 mm on 1 m² is 1 L
   * @param catchAreaM2 what the rain falls on and runs from into the water
   * @param overflows whether the level was at the rim, so that as much runs over as came in
   */
  public static Rain on(
      double volumeL, double ppt, double rainMm, double catchAreaM2, boolean overflows) {
    Check.positive("volumeL", volumeL);
    double cameL = rainMm * catchAreaM2;
    double mixed = volumeL * ppt / (volumeL + cameL);
    double left = overflows ? volumeL : volumeL + cameL;
    return new Rain(mixed, left, left * (ppt - mixed));
  }
}
