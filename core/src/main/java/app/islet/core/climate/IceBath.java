package app.islet.core.climate;

import app.islet.core.quantity.Check;

/**
 * Ice put into water, nothing lost to the room: heat of ice 2.05, of water 4.186 kJ/kgK, of fusion
 * 334 kJ/kg, water at 1 kg/L.
 */
public final class IceBath {
  private static final double ICE_KJ_PER_KGK = 2.05;
  private static final double WATER_KJ_PER_KGK = 4.186;
  private static final double FUSION_KJ_PER_KG = 334;

  private IceBath() {}

  /**
   * Temperature when both have come together, °C: 0 while a part of either is still ice.
   *
   * @param iceC of the ice, 0 or colder
   */
  public static double finalC(double volumeL, double startC, double iceKg, double iceC) {
    double waterKg = Check.positive("volumeL", volumeL);
    double allKg = waterKg + iceKg;
    // Heat over water and ice at 0 °C, kJ.
    double heat = waterKg * WATER_KJ_PER_KGK * startC + iceKg * ICE_KJ_PER_KGK * iceC;
    if (heat >= iceKg * FUSION_KJ_PER_KG) {
      return (heat - iceKg * FUSION_KJ_PER_KG) / (allKg * WATER_KJ_PER_KGK);
    }
    if (heat >= -waterKg * FUSION_KJ_PER_KG) {
      return 0;
    }
    return (heat + waterKg * FUSION_KJ_PER_KG) / (allKg * ICE_KJ_PER_KGK);
  }
}
