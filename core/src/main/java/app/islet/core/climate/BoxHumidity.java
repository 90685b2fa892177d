package app.islet.core.climate;

import app.islet.core.enclosure.Enclosure;
import app.islet.core.enclosure.Lid;
import app.islet.core.geometry.Geometry;
import app.islet.core.quantity.Check;

/**
 * Humidity over the land: what water, moist ground and mist give to the air of the box, and what
 * the vents carry off.
 *
 * <p>Vapour in and out of the box balance. Open water evaporates by the pool equation into the air
 * of the box, moist ground half as fast (from memory). Air changes: an open top 2 cm/s over its
 * area, mesh 1.2 cm/s, a closed top half its volume an hour, times how far its vents are open; from
 * memory, so expect ten points either way.
 *
 * @param ventM3PerS air exchanged with the room
 * @param waterKgPerSKpa evaporated for each kPa between water and box; {@code groundKgPerSKpa} the
 *     same of the moist ground
 */
public record BoxHumidity(
    double waterC,
    double boxC,
    double roomVapourKpa,
    double ventM3PerS,
    double waterKgPerSKpa,
    double groundKgPerSKpa) {
  private static final double VAPOUR_J_PER_KGK = 461.5;
  private static final double OPEN_M_PER_S = 0.02;
  private static final double MESH_M_PER_S = 0.012;

  /** Of a lid that is mesh under the lamps only, about half is open; from memory. */
  private static final double HALF = 0.5;

  private static final double CLOSED_CHANGES_PER_HOUR = 0.5;
  private static final double MOIST_GROUND = 0.5;

  /**
   * @param vents how far the vents are open: 1 as usual, 0 closed, above 1 more
   */
  public static BoxHumidity of(
      Enclosure e, Geometry s, double waterC, double boxC, double roomC, double vents) {
    Check.inRange("vents", vents, 0, 20);
    double topM2 = e.vessel().footprintCm2() / 10_000;
    double airM3 = Math.max(0.001, topM2 * e.vessel().heightCm() / 100 - s.waterL() / 1000);
    double vent =
        e.lid() == Lid.NONE
            ? OPEN_M_PER_S * topM2
            : e.lid() == Lid.MESH
                ? MESH_M_PER_S * topM2
                : e.lid() == Lid.PART_MESH
                    ? HALF * MESH_M_PER_S * topM2
                    : CLOSED_CHANGES_PER_HOUR * airM3 / 3600;
    double perM2 = Evaporation.QUIET * Evaporation.transfer(0) / MoistAir.latentKjPerKg(boxC);
    return new BoxHumidity(
        waterC,
        boxC,
        e.site().humidityPercent() / 100 * MoistAir.saturationKpa(roomC),
        vent * vents,
        perM2 * s.waterSharePercent() / 100 * topM2,
        perM2 * MOIST_GROUND * s.dryLandCm2() / 10_000);
  }

  /**
   * @param mistLPerDay sprayed over the land, all of it evaporating there
   * @return relative humidity, 0 to 100 %
   */
  public double percent(double mistLPerDay) {
    Check.inRange("mistLPerDay", mistLPerDay, 0, 100);
    double saturated = MoistAir.saturationKpa(boxC);
    double perKpa = ventM3PerS * 1000 / (VAPOUR_J_PER_KGK * (boxC + 273.15));
    double in =
        perKpa * roomVapourKpa
            + waterKgPerSKpa * MoistAir.saturationKpa(waterC)
            + groundKgPerSKpa * saturated
            + mistLPerDay / 86_400;
    double out = perKpa + waterKgPerSKpa + groundKgPerSKpa;
    double vapour = out == 0 ? (mistLPerDay > 0 ? saturated : roomVapourKpa) : in / out;
    return 100 * Math.min(1, vapour / saturated);
  }
}
