package app.islet.core.climate;

import app.islet.core.enclosure.Enclosure;
import app.islet.core.enclosure.Equipment;
import app.islet.core.enclosure.Furnishing;
import app.islet.core.enclosure.FurnishingKind;

/**
 * What warms and cools: powers in W as they reach water and box.
 *
 * <p>Of a lamp's power about a third is radiated down and stays in box and water, the rest goes up
 * into the room; under a closed top all of it stays. A pump's power ends in the water. From memory:
 * expect half to twice, and calibrate.
 *
 * @param fanMs speed of a fan's air over the surface
 * @param activity how much the surface is stirred: 0.5 quiet, 0.65 bubbling or rippling
 * @param lampWaterW of the lamps, into the water while they are lit
 * @param lampBoxW of the lamps, into the box while they are lit
 * @param sunW through the window into the water while the sun is on the glass
 */
public record HeatSources(
    double heaterW,
    double matW,
    double chillerW,
    double fanMs,
    double activity,
    double lampWaterW,
    double lampBoxW,
    double pumpW,
    double sunW) {
  /** Nothing runs, as in a power cut; the sun still shines. */
  HeatSources off() {
    return new HeatSources(0, 0, 0, 0, Evaporation.QUIET, 0, 0, 0, sunW);
  }

  /** Bubbles or ripples: private pool in use against quiet, ASHRAE's factors, between them. */
  static final double STIRRED = 0.65;

  private static final double DOWNWARD = 0.35;

  /** Sun through double glazing onto an upright pane, W/m², and what stays; from memory. */
  private static final double SUN_W_PER_M2 = 350;

  private static final double ABSORBED = 0.5;

  static HeatSources of(Enclosure e, double surfaceM2) {
    double lamps =
        e.all(Equipment.BaskingLamp.class).mapToDouble(Equipment.BaskingLamp::powerW).sum()
            + UsualPower.TUBE_W * e.all(Equipment.UvbLamp.class).count();
    double stays = lamps * (Envelope.isClosed(e.lid()) ? 1 : DOWNWARD);
    double onWater = stays * shareOnWater(e, surfaceM2);
    boolean stirred =
        e.has(Equipment.AirStone.class)
            || e.furnishings().parts().stream()
                .map(Furnishing::kind)
                .anyMatch(k -> k == FurnishingKind.AIR_STONE || k == FurnishingKind.SPRAY_BAR);
    double frontM2 = e.vessel().lengthCm() * e.waterLineCm() / 10_000;
    return new HeatSources(
        e.all(Equipment.Heater.class).mapToDouble(Equipment.Heater::powerW).sum(),
        e.all(Equipment.HeatMat.class).mapToDouble(Equipment.HeatMat::powerW).sum(),
        e.all(Equipment.Chiller.class).mapToDouble(Equipment.Chiller::coolingW).sum(),
        e.all(Equipment.Fan.class).mapToDouble(Equipment.Fan::airSpeedMs).max().orElse(0),
        stirred ? STIRRED : Evaporation.QUIET,
        onWater,
        stays - onWater,
        e.all(Equipment.Filter.class).mapToDouble(Equipment.Filter::flowLph).sum()
            * UsualPower.PUMP_W_PER_LPH,
        e.site().sunHours() > 0 ? SUN_W_PER_M2 * ABSORBED * frontM2 : 0);
  }

  /** A lamp is aimed at dry ground where there is any; half of its light falls beside it. */
  private static double shareOnWater(Enclosure e, double surfaceM2) {
    if (surfaceM2 == 0) {
      return 0;
    }
    boolean dry = e.land().isPresent() || e.platform().isPresent() || e.waysOut() > 0;
    return dry ? 0.5 : 1;
  }

  HeatSources heater(double watts) {
    return new HeatSources(
        watts, matW, chillerW, fanMs, activity, lampWaterW, lampBoxW, pumpW, sunW);
  }

  HeatSources chiller(double watts) {
    return new HeatSources(
        heaterW, matW, watts, fanMs, activity, lampWaterW, lampBoxW, pumpW, sunW);
  }

  HeatSources fan(double speedMs) {
    return new HeatSources(
        heaterW, matW, chillerW, speedMs, activity, lampWaterW, lampBoxW, pumpW, sunW);
  }

  HeatSources pump(double watts) {
    return new HeatSources(
        heaterW, matW, chillerW, fanMs, activity, lampWaterW, lampBoxW, watts, sunW);
  }

  HeatSources stirred() {
    return new HeatSources(
        heaterW, matW, chillerW, fanMs, STIRRED, lampWaterW, lampBoxW, pumpW, sunW);
  }

  /** Lamps of so much of their heat. */
  HeatSources lamps(double share) {
    return new HeatSources(
        heaterW,
        matW,
        chillerW,
        fanMs,
        activity,
        lampWaterW * share,
        lampBoxW * share,
        pumpW,
        sunW);
  }

  HeatSources shaded() {
    return new HeatSources(
        heaterW, matW, chillerW, fanMs, activity, lampWaterW, lampBoxW, pumpW, 0);
  }
}
