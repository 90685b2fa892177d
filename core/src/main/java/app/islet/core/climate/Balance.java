package app.islet.core.climate;

import app.islet.core.quantity.Check;

/**
 * Where water and box settle when nothing changes any more: a room at one temperature, gains that
 * stay as they are.
 *
 * @param speedMs of the air over the surface, {@code activity} of the surface
 */
record Balance(Envelope envelope, double roomC, double vapourKpa, double speedMs, double activity) {
  private static final int MAX_ROUNDS = 100;
  private static final double TOLERANCE_K = 1e-7;

  /** Two temperatures that belong together. */
  record Settled(double waterC, double boxC) {}

  private double wetWPerKpa() {
    return envelope.evaporationWPerKpa(speedMs, activity);
  }

  private double sensibleWPerK() {
    return envelope.sensibleWPerK(speedMs, activity);
  }

  private double boxToRoomWPerK() {
    return envelope.boxToRoomWPerK(speedMs);
  }

  private double boxC(double waterC, double boxW) {
    double s = sensibleWPerK();
    return (s * waterC + boxToRoomWPerK() * roomC + boxW) / (s + boxToRoomWPerK());
  }

  /** What water of {@code waterC} under a box of {@code boxC} loses, W. */
  private double lossW(double waterC, double boxC) {
    return (envelope.paneWPerK() + envelope.glowWPerK()) * (waterC - roomC)
        + sensibleWPerK() * (waterC - boxC)
        + wetWPerKpa() * (MoistAir.saturationKpa(waterC) - vapourKpa);
  }

  /** Heat that holds the water at {@code waterC} while the box is given {@code boxW}. */
  double holdsW(double waterC, double boxW) {
    return lossW(waterC, boxC(waterC, boxW));
  }

  /** Where both settle, given so much heat; by Newton's steps, the loss bends only upwards. */
  Settled settle(double waterW, double boxW) {
    double water = roomC;
    for (int round = 0; round < MAX_ROUNDS; round++) {
      double missing = waterW - holdsW(water, boxW);
      double next = clamp(water + missing / slope(water));
      if (Math.abs(next - water) < TOLERANCE_K) {
        return new Settled(next, boxC(next, boxW));
      }
      water = next;
    }
    throw new IllegalStateException(
        "no balance found for %s W; the last was %s °C".formatted(waterW, water));
  }

  /** Heat that holds the box at {@code boxC} over water that settles under it. */
  double boxHoldsW(double boxC, double waterW) {
    double water = roomC;
    for (int round = 0; round < MAX_ROUNDS; round++) {
      double slope =
          envelope.paneWPerK() + envelope.glowWPerK() + sensibleWPerK() + wetSlope(water);
      double next = clamp(water + (waterW - lossW(water, boxC)) / Check.positive("slope", slope));
      if (Math.abs(next - water) < TOLERANCE_K) {
        return boxToRoomWPerK() * (boxC - roomC) + sensibleWPerK() * (boxC - next);
      }
      water = next;
    }
    throw new IllegalStateException("no balance found under a box of %s °C".formatted(boxC));
  }

  private double slope(double waterC) {
    double s = sensibleWPerK();
    return envelope.paneWPerK()
        + envelope.glowWPerK()
        + s * boxToRoomWPerK() / (s + boxToRoomWPerK())
        + wetSlope(waterC);
  }

  private double wetSlope(double waterC) {
    return wetWPerKpa() * MoistAir.saturationSlope(waterC, MoistAir.saturationKpa(waterC));
  }

  /** Steps stay where the vapour pressure is known. */
  private static double clamp(double celsius) {
    return Math.max(-40, Math.min(60, celsius));
  }
}
