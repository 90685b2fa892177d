package app.islet.core.water;

import app.islet.core.enclosure.Enclosure;
import app.islet.core.enclosure.Equipment;
import app.islet.core.enclosure.Furnishing;
import app.islet.core.enclosure.FurnishingKind;
import app.islet.core.geometry.Geometry;

/**
 * Room for the bacteria that turn ammonia to nitrite and that to nitrate: the media of the filter,
 * and ground, glass and plants with less water passing them.
 *
 * <p>Area of media from the filter's flow, and nitrogen turned by each area, are from memory and
 * good to half or twice. Timmons and Ebeling print 0.2 to 2 g of ammonia nitrogen a day for each m²
 * of several filter types; a tank's low ammonia lies at the low end.
 *
 * @param mediaM2 of the filters
 * @param otherM2 of everything else, counted as media by how much water passes it
 * @param plantsM2 area planted or covered
 */
public record Biofilter(double mediaM2, double otherM2, double plantsM2) {
  /** A filter of 400 L/h holds about 2 L of sponge or rings, of some 0.6 m² each that is used. */
  private static final double MEDIA_M2_PER_LPH = 0.003;

  /** Still surfaces do as much as so much media. */
  private static final double STILL_SHARE = 0.15;

  /** Where a tank only lists plants, each kind covers so much of its floor. */
  private static final double LISTED_SHARE = 0.08;

  /** Nitrogen a day that each m² of media turns at 20 °C with plenty of ammonia, g. */
  public static final double G_PER_M2_DAY = 0.5;

  /** Nitrogen a day that each m² of growing plants takes up in good light, g. */
  public static final double PLANTS_G_PER_M2_DAY = 0.15;

  public static Biofilter of(Enclosure e, Geometry geometry) {
    double flow = e.all(Equipment.Filter.class).mapToDouble(Equipment.Filter::flowLph).sum();
    double floorM2 = geometry.footprintCm2() * geometry.waterSharePercent() / 100 / 1e4;
    double wallsM2 = 2 * (e.vessel().lengthCm() + e.vessel().widthCm()) * e.water().depthCm() / 1e4;
    double drawn =
        e.furnishings().parts().stream()
            .filter(p -> p.kind() == FurnishingKind.PLANTS)
            .mapToDouble(Biofilter::areaM2)
            .sum();
    double listed = e.furnishings().plants().size() * LISTED_SHARE * floorM2;
    return new Biofilter(
        flow * MEDIA_M2_PER_LPH,
        (floorM2 + wallsM2) * STILL_SHARE,
        Math.min(floorM2, Math.max(drawn, listed)));
  }

  private static double areaM2(Furnishing part) {
    return part.lengthCm() * part.widthCm() / 1e4;
  }

  /** Nitrogen a day it turns at most, cycled, at 20 °C and plenty, g. */
  public double mostGPerDay() {
    return (mediaM2 + otherM2) * G_PER_M2_DAY;
  }

  /** Which share of it sits in the filter, where a rinse or a dead pump reaches it. */
  public double filterShare() {
    return mediaM2 == 0 ? 0 : mediaM2 / (mediaM2 + otherM2);
  }

  /** Nitrogen a day the plants take at most, g. */
  public double plantsGPerDay() {
    return plantsM2 * PLANTS_G_PER_M2_DAY;
  }
}
