package app.islet.core.geometry;

import app.islet.core.enclosure.Enclosure;
import app.islet.core.enclosure.Vessel;

/**
 * Bending of the front pane with water up to the rim, after thin plate theory. An estimate: it
 * knows nothing of scratches, seams, drilled holes or an uneven stand.
 *
 * @param stressMpa highest bending stress in the pane
 * @param safetyFactor bending strength of float glass over that
 */
public record PaneStress(double thicknessMm, double stressMpa, double safetyFactor) {
  /** Lasting bending strength used in the trade, MPa; common practice, no source. */
  public static final double STRENGTH_MPA = 19.2;

  private static final double G = 9.81;

  public static PaneStress of(Enclosure e, double thicknessMm) {
    Vessel v = e.vessel();
    return of(v.lengthCm(), v.heightCm(), thicknessMm, v.walls().braced(), STRENGTH_MPA);
  }

  /**
   * @param braced whether the upper edge is held too, not only the other three
   */
  public static PaneStress of(
      double lengthCm, double heightCm, double thicknessMm, boolean braced, double strengthMpa) {
    double beta = (braced ? WaterPlate.FOUR_EDGES : WaterPlate.TOP_FREE).beta(lengthCm / heightCm);
    double heightM = heightCm / 100;
    double pressurePa = 1000 * G * heightM;
    double ratio = heightM / (thicknessMm / 1000);
    double stress = beta * pressurePa * ratio * ratio / 1e6;
    return new PaneStress(thicknessMm, stress, strengthMpa / stress);
  }
}
