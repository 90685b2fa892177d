package app.islet.core.enclosure;

import app.islet.core.field.Between;
import app.islet.core.field.Stored;
import app.islet.core.quantity.Dimension;
import java.util.OptionalDouble;

/**
 * @param depthCm depth over the ground where it is deepest, 0 for no water
 * @param restBelowSurfaceCm how far below the surface the top of a rest (shelf, wood, dense plants)
 *     lies; absent without one
 * @param salinityPpt salt in the water, g/kg; 0 is fresh, about 35 the sea
 * @param source what was tested in the water it is filled with
 * @param additives what was put into it, for good or ill
 */
public record Water(
    @Between(of = Dimension.LENGTH, min = 0, max = Vessel.MAX_CM) double depthCm,
    @Between(of = Dimension.LENGTH, min = 0, max = Vessel.MAX_CM) OptionalDouble restBelowSurfaceCm,
    @Stored(usual = "0") @Between(of = Dimension.SALINITY, min = 0, max = Water.MAX_PPT)
        double salinityPpt,
    @Stored(flat = true) Chemistry chemistry,
    @Stored(as = "sourceWater", usual = "UNKNOWN") SourceWater source,
    @Stored(flat = true) Handling handling,
    @Stored(flat = true) Additives additives) {
  /** Saltier than the sea; no animal here lives in more. */
  public static final double MAX_PPT = 45;

  /** Fresh water nobody tested. */
  public Water(double depthCm, OptionalDouble restBelowSurfaceCm) {
    this(depthCm, restBelowSurfaceCm, 0, Chemistry.UNKNOWN);
  }

  /** Water of whose source nothing is known. */
  public Water(
      double depthCm, OptionalDouble restBelowSurfaceCm, double salinityPpt, Chemistry chemistry) {
    this(
        depthCm,
        restBelowSurfaceCm,
        salinityPpt,
        chemistry,
        SourceWater.UNKNOWN,
        Handling.USUAL,
        Additives.NONE);
  }

  Water withDepthCm(double cm) {
    return new Water(cm, restBelowSurfaceCm, salinityPpt, chemistry, source, handling, additives);
  }

  Water withRestBelowSurfaceCm(double cm) {
    return new Water(
        depthCm, OptionalDouble.of(cm), salinityPpt, chemistry, source, handling, additives);
  }

  public Water withSalinityPpt(double ppt) {
    return new Water(depthCm, restBelowSurfaceCm, ppt, chemistry, source, handling, additives);
  }

  public Water with(Chemistry tested) {
    return new Water(depthCm, restBelowSurfaceCm, salinityPpt, tested, source, handling, additives);
  }

  /** The same water, from another source handled in another way. */
  public Water with(SourceWater from, Handling how) {
    return new Water(depthCm, restBelowSurfaceCm, salinityPpt, chemistry, from, how, additives);
  }

  /** The same water with that in it. */
  public Water with(Additives added) {
    return new Water(depthCm, restBelowSurfaceCm, salinityPpt, chemistry, source, handling, added);
  }
}
