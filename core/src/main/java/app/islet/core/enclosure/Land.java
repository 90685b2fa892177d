package app.islet.core.enclosure;

import app.islet.core.care.SubstrateMaterial;
import app.islet.core.field.Between;
import app.islet.core.quantity.Dimension;
import java.util.Optional;

/**
 * Raised ground at the right end.
 *
 * @param sharePercent share of the vessel's length its foot takes, slope included
 * @param heightCm its top above the vessel's floor
 * @param rampCm horizontal run of the slope towards the water; 0 is an upright wall
 * @param material what it is heaped of; as the ground where nobody said
 * @param litter whether leaf litter lies on it
 */
public record Land(
    @Between(of = Dimension.PERCENT, min = 1, max = 100) double sharePercent,
    @Between(of = Dimension.LENGTH, min = 0, max = Vessel.MAX_CM) double heightCm,
    @Between(of = Dimension.LENGTH, min = 0, max = Vessel.MAX_CM) double rampCm,
    Optional<SubstrateMaterial> material,
    boolean litter) {
  /** Land heaped of what covers the floor. */
  public Land(double sharePercent, double heightCm, double rampCm) {
    this(sharePercent, heightCm, rampCm, Optional.empty(), false);
  }

  /**
   * What it is heaped of: as the floor where nobody said, and of soil over a bare one.
   *
   * @param floor what the floor is covered with
   */
  public SubstrateMaterial heapedOf(SubstrateMaterial floor) {
    return material.orElse(floor == SubstrateMaterial.BARE ? SubstrateMaterial.SOIL : floor);
  }

  Land withSharePercent(double percent) {
    return new Land(percent, heightCm, rampCm, material, litter);
  }

  Land withHeightCm(double cm) {
    return new Land(sharePercent, cm, rampCm, material, litter);
  }

  Land withRampCm(double cm) {
    return new Land(sharePercent, heightCm, cm, material, litter);
  }

  /** The same land heaped of that. */
  public Land of(SubstrateMaterial other, boolean withLitter) {
    return new Land(sharePercent, heightCm, rampCm, Optional.of(other), withLitter);
  }
}
