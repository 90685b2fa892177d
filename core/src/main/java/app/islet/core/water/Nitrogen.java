package app.islet.core.water;

/**
 * How the nitrogen of the water stands.
 *
 * @param ammoniaMgPerL total ammonia, as nitrogen
 * @param nitriteMgPerL as nitrogen
 * @param nitrateMgPerL as nitrogen
 * @param carbonateDh what holds the pH, °dH; each mg/L of nitrogen turned uses 0.4
 * @param ammoniaEaters what the bacteria turn at 20 °C and plenty, g of nitrogen a day
 * @param nitriteEaters the same of the second kind
 */
public record Nitrogen(
    double ammoniaMgPerL,
    double nitriteMgPerL,
    double nitrateMgPerL,
    double carbonateDh,
    double ammoniaEaters,
    double nitriteEaters) {
  /** All nitrogen dissolved, as mg/L. */
  public double totalMgPerL() {
    return ammoniaMgPerL + nitriteMgPerL + nitrateMgPerL;
  }

  Nitrogen mixed(double share, Nitrogen with) {
    return new Nitrogen(
        ammoniaMgPerL + (with.ammoniaMgPerL - ammoniaMgPerL) * share,
        nitriteMgPerL + (with.nitriteMgPerL - nitriteMgPerL) * share,
        nitrateMgPerL + (with.nitrateMgPerL - nitrateMgPerL) * share,
        carbonateDh + (with.carbonateDh - carbonateDh) * share,
        ammoniaEaters,
        nitriteEaters);
  }

  Nitrogen dosed(double mgPerL) {
    return new Nitrogen(
        ammoniaMgPerL + mgPerL,
        nitriteMgPerL,
        nitrateMgPerL,
        carbonateDh,
        ammoniaEaters,
        nitriteEaters);
  }

  Nitrogen eaters(double ammonia, double nitrite) {
    return new Nitrogen(ammoniaMgPerL, nitriteMgPerL, nitrateMgPerL, carbonateDh, ammonia, nitrite);
  }
}
