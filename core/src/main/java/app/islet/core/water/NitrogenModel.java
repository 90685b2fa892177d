package app.islet.core.water;

import app.islet.core.quantity.Check;

/**
 * Ammonia to nitrite to nitrate by two kinds of bacteria that grow on what they turn (Monod), die
 * back slowly, and have only so much surface.
 *
 * <p>Each step is implicit in what is eaten, so that nothing falls below zero and what leaves one
 * pool is exactly what enters the next. What bacteria build into themselves is left out, about two
 * in a hundred.
 *
 * @param waterL of the tank
 * @param tempC of the water
 * @param ph at {@code carbonateDh}; it falls as that is used up
 * @param carbonateDh of the water at {@code ph}
 * @param mostGPerDay nitrogen a day each kind turns at most, cycled, at 20 °C
 * @param filterShare of them that sits in the filter
 * @param plantsGPerDay nitrogen the plants take at most
 * @param pace how many times as fast as usual they grow; 1 is usual, 0.7 to 1.4 is common
 */
public record NitrogenModel(
    double waterL,
    double tempC,
    double ph,
    double carbonateDh,
    double mostGPerDay,
    double filterShare,
    double plantsGPerDay,
    double pace) {
  /** Growth a day at 20 °C and plenty; from memory, within the range of textbooks. */
  static final double AMMONIA_GROWTH = 0.55;

  static final double NITRITE_GROWTH = 0.45;

  /** Dying back a day at 20 °C; from memory. */
  static final double DECAY = 0.02;

  /** Nitrogen at which they go half as fast as with plenty, mg/L; from memory. */
  static final double AMMONIA_HALF = 0.2;

  static final double NITRITE_HALF = 0.2;

  /** All of it goes so many times as fast for each kelvin; from memory. */
  static final double PER_DEGREE = 1.08;

  /** Free ammonia that halves the second kind, mg/L; Anthonisen 1976 gives 0.1 to 1. */
  static final double FREE_AMMONIA_HALVES = 1;

  /**
   * Carbonate used for each mg/L of nitrogen turned: 7.14 mg of CaCO3 (Timmons and Ebeling: 7.05
   * with growth), 17.848 mg/L to the °dH.
   */
  static final double CARBONATE_DH_PER_MG = 7.14 / 17.848;

  /** Carbonate at which want of it halves them, °dH; from memory. */
  private static final double CARBONATE_HALF = 0.2;

  private static final double PLANTS_HALF = 0.05;
  private static final double MIN_CARBONATE = 0.01;

  /** Humic acids below and the air's carbon dioxide above keep it within these. */
  private static final double MIN_PH = 4.5;

  private static final double MAX_PH = 8.5;

  public NitrogenModel {
    Check.positive("waterL", waterL);
    Check.inRange("tempC", tempC, -1.8, 45);
    Check.inRange("ph", ph, 3, 11);
    Check.inRange("pace", pace, 0.1, 10);
  }

  NitrogenModel atPace(double times) {
    return new NitrogenModel(
        waterL, tempC, ph, carbonateDh, mostGPerDay, filterShare, plantsGPerDay, times);
  }

  /** pH once only so much carbonate is left, the same carbon dioxide dissolved. */
  public double phAt(double leftDh) {
    double moved =
        ph + Math.log10(Math.max(MIN_CARBONATE, leftDh) / Math.max(MIN_CARBONATE, carbonateDh));
    return Math.max(MIN_PH, Math.min(Math.max(ph, MAX_PH), moved));
  }

  /** How well they work in this water, beside plenty at 20 °C and a good pH. */
  double vigour(double leftDh) {
    double now = phAt(leftDh);
    double good = 1 / (1 + Math.pow(10, 6.3 - now)) / (1 + Math.pow(10, now - 9.5));
    return Math.pow(PER_DEGREE, tempC - 20) * good * leftDh / (leftDh + CARBONATE_HALF);
  }

  /**
   * @param next how it stands a step later
   * @param plantsMgPerL taken up by plants meanwhile
   */
  record Stepped(Nitrogen next, double plantsMgPerL) {}

  /**
   * @param inMgPerLDay ammonia that comes in
   * @param days length of the step, at most an eighth
   */
  Stepped step(Nitrogen now, double inMgPerLDay, double days) {
    double vigour = vigour(now.carbonateDh());
    double perLitre = 1000 / waterL;
    double ammoniaIn = now.ammoniaMgPerL() + inMgPerLDay * days;
    double plants = plantsGPerDay * perLitre * days;
    double left =
        ammoniaIn
            / (1
                + now.ammoniaEaters()
                    * vigour
                    * perLitre
                    * days
                    / (AMMONIA_HALF + now.ammoniaMgPerL())
                + plants / (PLANTS_HALF + ammoniaIn));
    double byPlants = left * plants / (PLANTS_HALF + ammoniaIn);
    double turned = ammoniaIn - left - byPlants;
    double free = Ammonia.freeShare(Math.min(40, tempC), phAt(now.carbonateDh())) * left;
    double second = vigour / (1 + free / FREE_AMMONIA_HALVES);
    double nitriteIn = now.nitriteMgPerL() + turned;
    double nitrite =
        nitriteIn
            / (1
                + now.nitriteEaters()
                    * second
                    * perLitre
                    * days
                    / (NITRITE_HALF + now.nitriteMgPerL()));
    double nitrateIn = now.nitrateMgPerL() + nitriteIn - nitrite;
    double nitrate = nitrateIn / (1 + Math.max(0, plants - byPlants) / (PLANTS_HALF + nitrateIn));
    Nitrogen next =
        new Nitrogen(
            left,
            nitrite,
            nitrate,
            Math.max(0, now.carbonateDh() - turned * CARBONATE_DH_PER_MG),
            grown(
                now.ammoniaEaters(), AMMONIA_GROWTH * vigour * left / (AMMONIA_HALF + left), days),
            grown(
                now.nitriteEaters(),
                NITRITE_GROWTH * second * nitrite / (NITRITE_HALF + nitrite),
                days));
    return new Stepped(next, byPlants + nitrateIn - nitrate);
  }

  private double grown(double eaters, double growth, double days) {
    double room = mostGPerDay == 0 ? 0 : Math.max(0, 1 - eaters / mostGPerDay);
    double dying = DECAY * Math.pow(PER_DEGREE, tempC - 20);
    return eaters * Math.exp(days * pace * (growth * room - dying));
  }
}
