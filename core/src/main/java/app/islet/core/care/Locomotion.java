package app.islet.core.care;

import java.util.Map;

/**
 * What a body of this stage can do, as numbers the geometry can use.
 *
 * @param slopeDeg steepest slope it walks up out of the water, by surface; 0 where it cannot at all
 * @param stepShare height of a step it gains, as a share of its length
 * @param jumpShare height it jumps, out of the water too, as a share of its length
 * @param underMinutes how long an active animal stays under; 0 for one that breathes water
 * @param currentCmS current it can rest in
 */
public record Locomotion(
    Map<Surface, Double> slopeDeg,
    double stepShare,
    double jumpShare,
    double underMinutes,
    double currentCmS,
    Evidence basis) {
  public Locomotion {
    slopeDeg = Map.copyOf(slopeDeg);
  }

  public double slopeDegOn(Surface surface) {
    return slopeDeg.getOrDefault(surface, 0.0);
  }

  /** The highest it gets above a foothold, as a share of its length. */
  public double gainShare() {
    return Math.max(stepShare, jumpShare);
  }
}
