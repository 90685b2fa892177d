package app.islet.core.climate;

import app.islet.core.enclosure.Calibration;
import app.islet.core.enclosure.Enclosure;
import app.islet.core.enclosure.Lid;
import app.islet.core.enclosure.Vessel;
import app.islet.core.geometry.Geometry;

/**
 * How an enclosure keeps and passes heat. Three places: the water; the box, that is the air and the
 * land over it; the room.
 *
 * <p>Panes: surface resistances of ISO 6946 (0.13 m²K/W sideways, 0.17 downward), glass at 1.0 W/mK
 * (EN 673) in the thickness known, else 6 mm, foam at 0.035 W/mK; the side towards the water taken
 * as none. The bottom stands on an 18 mm board of wood. Open surface: evaporation with the lid's
 * factor, the sensible share with the same transfer (Bowen) to the air of the box, radiation at 5.7
 * W/m²K (ISO 6946, black surface at 20 °C) to the room, under a closed top to the box. Land and
 * water touch over 10 cm of moist ground at 1.5 W/mK (from memory). Expect powers within 30 %.
 *
 * @param waterJPerK heat that warms the water, its ground and its panes by 1 K
 * @param boxJPerK the same of air, land and upper panes
 * @param paneWPerK from the water through panes and floor to the room
 * @param glowWPerK from the surface to the room by radiation
 * @param touchWPerK between water and box, by radiation under a closed top and through the ground
 * @param surfaceM2 open surface
 * @param cover share of an open surface's evaporation that remains under the lid
 * @param boxWPerK from the box to the room, by panes and air
 */
public record Envelope(
    double waterJPerK,
    double boxJPerK,
    double paneWPerK,
    double glowWPerK,
    double touchWPerK,
    double surfaceM2,
    double cover,
    double boxWPerK,
    Calibration calibration) {
  private static final double GLASS_W_PER_MK = 1.0;
  private static final double FOAM_W_PER_MK = 0.035;
  private static final double USUAL_PANE_MM = 6;
  private static final double INSIDE_M2K_PER_W = 0.13;
  private static final double BOARD_M2K_PER_W = 0.17 + 0.018 / 0.13;
  private static final double RADIATION_W_PER_M2K = 5.7;

  /** Through an open or mesh top, by air and radiation together; from memory. */
  private static final double OPEN_TOP_W_PER_M2K = 6;

  private static final double GROUND_W_PER_MK = 1.5;
  private static final double GROUND_M = 0.1;

  /** A dry box has no water to speak of; this keeps what there is at the room's. */
  private static final double MIN_W_PER_K = 1e-3;

  /** Without water what would warm it warms the box: the two are as good as one. */
  private static final double DRY_TOUCH_W_PER_K = 50;

  private static final double WATER_J_PER_LK = 4186;

  /** Moist ground: 1.6 kg/L at 1 kJ/kgK; from memory. */
  private static final double GROUND_J_PER_LK = 1600;

  private static final double GLASS_J_PER_LK = 2.5 * 840;
  private static final double AIR_J_PER_LK = 1.2;

  /**
   * Cross-section of the room's air that a fan drives in, for each m² of surface it blows over: a
   * fan of 8 cm that moves 30 m³/h over half a square metre; from memory.
   */
  private static final double DRIVEN_IN = 0.02;

  static Envelope of(Enclosure e, Geometry s) {
    Vessel v = e.vessel();
    double paneMm = v.walls().paneMm().orElse(USUAL_PANE_MM);
    boolean closed = isClosed(e.lid());
    double lineM = s.lineCm() / 100;
    double landShare = 1 - s.shoreX() / v.lengthCm();
    double aroundM = aroundCm(v) / 100;
    // The land keeps the water off its end and its part of both sides.
    double wetAroundM =
        aroundM * (1 - landShare) - (landShare > 0 ? v.widthCm() / 100 * landShare : 0);
    double topM2 = v.footprintCm2() / 10_000 / (v.floorShare() * v.floorShare());
    double surfaceM2 = s.waterSharePercent() / 100 * topM2;
    double foam = v.walls().insulationMm().orElse(0) / 1000 / FOAM_W_PER_MK;
    double bare = frontShare(v);
    double paneR = paneMm / 1000 / GLASS_W_PER_MK;
    double sideU =
        bare / (INSIDE_M2K_PER_W + paneR) + (1 - bare) / (INSIDE_M2K_PER_W + paneR + foam);
    double dryU =
        bare / (2 * INSIDE_M2K_PER_W + paneR) + (1 - bare) / (2 * INSIDE_M2K_PER_W + paneR + foam);
    double baseU = 1 / (BOARD_M2K_PER_W + paneR);
    double wetM2 = Math.max(0, wetAroundM) * lineM;
    double glow = RADIATION_W_PER_M2K * surfaceM2;
    double groundM2 = landShare > 0 && s.hasWater() ? v.widthCm() / 100 * lineM : 0;
    double dryM2 = Math.max(0, aroundM * v.heightCm() / 100 - wetM2);
    double lidU = closed ? 1 / (2 * INSIDE_M2K_PER_W + paneR) : OPEN_TOP_W_PER_M2K;
    double groundL = e.ground().depthCm() * v.footprintCm2() / 1000 * s.waterSharePercent() / 100;
    double landL = e.land().map(l -> l.heightCm() * s.dryLandCm2() / 1000).orElse(0.0);
    double loss = e.conditions().calibration().lossFactor();
    return new Envelope(
        Math.max(
            WATER_J_PER_LK * 0.01,
            s.waterL() * WATER_J_PER_LK
                + groundL * GROUND_J_PER_LK
                + wetM2 * paneMm * GLASS_J_PER_LK),
        v.footprintCm2() * v.heightCm() / 1000 * AIR_J_PER_LK
            + landL * GROUND_J_PER_LK
            + dryM2 * paneMm * GLASS_J_PER_LK,
        Math.max(MIN_W_PER_K, loss * (sideU * wetM2 + baseU * surfaceM2)),
        closed ? 0 : loss * glow,
        (closed ? loss * glow : 0)
            + GROUND_W_PER_MK * groundM2 / GROUND_M
            + (s.hasWater() ? 0 : DRY_TOUCH_W_PER_K),
        surfaceM2,
        e.lid().evaporation(),
        loss * (dryU * dryM2 + lidU * topM2),
        e.conditions().calibration());
  }

  static boolean isClosed(Lid lid) {
    return lid == Lid.GLASS || lid == Lid.PLASTIC;
  }

  /** Length of the walls all round, cm; of an ellipse by Euler's approximation. */
  private static double aroundCm(Vessel v) {
    double l = v.lengthCm();
    double w = v.widthCm();
    return switch (v.shape()) {
      case BOX, BOW -> 2 * (l + w);
      case CORNER -> (l + w) * (1 + Math.PI / 4);
      case OVAL -> Math.PI * Math.sqrt((l * l + w * w) / 2);
    };
  }

  /** Share of the walls that is never insulated: the one looked through. */
  private static double frontShare(Vessel v) {
    return v.lengthCm() / aroundCm(v);
  }

  /** Heat that passes from the box to the room for each kelvin, W/K; a fan brings room air in. */
  double boxToRoomWPerK(double airSpeedMs) {
    return boxWPerK + 1000 * AIR_J_PER_LK * airSpeedMs * DRIVEN_IN * surfaceM2;
  }

  /** Heat the surface gives to the box's air for each kelvin, W/K. */
  double sensibleWPerK(double airSpeedMs, double activity) {
    return surfaceM2
            * activity
            * Evaporation.transfer(airSpeedMs)
            * 1000
            * MoistAir.PSYCHROMETRIC_KPA_PER_K
        + touchWPerK;
  }

  /** Heat that evaporates for each kPa between water and room, W/kPa. */
  double evaporationWPerKpa(double airSpeedMs, double activity) {
    return calibration.evaporationFactor()
        * cover
        * activity
        * surfaceM2
        * Evaporation.transfer(airSpeedMs)
        * 1000;
  }
}
