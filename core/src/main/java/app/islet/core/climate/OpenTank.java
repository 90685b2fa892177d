package app.islet.core.climate;

import app.islet.core.enclosure.Enclosure;
import app.islet.core.enclosure.Lid;
import app.islet.core.enclosure.Vessel;
import app.islet.core.geometry.Geometry;

/**
 * A plain rectangular tank filled to its rim in a room that stays as it is: what the calculators of
 * heater, chiller and fan ask, with the same conductances as a drawn enclosure.
 *
 * @param covered whether a glass lid lies on it
 */
public record OpenTank(
    double lengthCm,
    double widthCm,
    double depthCm,
    double roomC,
    double rhPercent,
    boolean covered) {
  private Balance balance(double speedMs) {
    Enclosure e =
        Enclosure.bare("Tank", new Vessel(lengthCm, widthCm, depthCm), depthCm)
            .with(covered ? Lid.GLASS : Lid.NONE);
    double vapour = rhPercent / 100 * MoistAir.saturationKpa(roomC);
    return new Balance(Envelope.of(e, Geometry.of(e)), roomC, vapour, speedMs, Evaporation.QUIET);
  }

  /** Heat that holds the water at a temperature, W; negative where it must be cooled. */
  public double holdsW(double waterC) {
    return balance(0).holdsW(waterC, 0);
  }

  /** Where the water settles with air of that speed over it and so much heat put in, °C. */
  public double settlesC(double speedMs, double gainW) {
    return balance(speedMs).settle(gainW, 0).waterC();
  }

  /** Water that evaporates there in a day, L. */
  public double evaporatesLPerDay(double waterC, double speedMs) {
    return 86_400
        * (covered ? Lid.GLASS : Lid.NONE).evaporation()
        * Evaporation.kgPerS(
            waterC, roomC, rhPercent, lengthCm * widthCm / 10_000, speedMs, Evaporation.QUIET);
  }
}
