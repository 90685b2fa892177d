package app.islet.core.geometry;

/**
 * Highest bending stress of a rectangular plate under water up to its upper edge: stress = beta *
 * pressure at the foot * (height / thickness)², by length over height.
 *
 * <p>Thin plate, simply supported edges, Poisson's ratio 0.3. Four edges: Roark's Formulas for
 * Stress and Strain, plates under a load that decreases evenly to zero, typed from memory. Top
 * free: Levy's series after Timoshenko and Woinowsky-Krieger. The tests sum the series for both.
 */
public enum WaterPlate {
  FOUR_EDGES(
      new double[] {0.5, 0.667, 1, 1.5, 2, 2.5, 3, 3.5, 4},
      new double[] {0.085, 0.115, 0.16, 0.26, 0.32, 0.35, 0.37, 0.38, 0.38}),
  TOP_FREE(
      new double[] {0.25, 0.5, 0.667, 0.75, 1, 1.5, 2, 2.5, 3, 4},
      new double[] {0.031, 0.085, 0.123, 0.142, 0.201, 0.358, 0.473, 0.545, 0.588, 0.629});

  private final double[] ratios;
  private final double[] betas;

  WaterPlate(double[] ratios, double[] betas) {
    this.ratios = ratios;
    this.betas = betas;
  }

  /** Straight between the values of the table; beyond its ends their value. */
  public double beta(double lengthOverHeight) {
    if (lengthOverHeight <= ratios[0]) {
      return betas[0];
    }
    for (int n = 1; n < ratios.length; n++) {
      if (lengthOverHeight <= ratios[n]) {
        double share = (lengthOverHeight - ratios[n - 1]) / (ratios[n] - ratios[n - 1]);
        return betas[n - 1] + share * (betas[n] - betas[n - 1]);
      }
    }
    return betas[betas.length - 1];
  }
}
