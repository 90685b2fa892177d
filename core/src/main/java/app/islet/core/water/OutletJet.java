package app.islet.core.water;

import app.islet.core.enclosure.Enclosure;
import app.islet.core.enclosure.Equipment;
import app.islet.core.enclosure.Furnishing;
import app.islet.core.enclosure.FurnishingKind;
import java.util.Comparator;
import java.util.Optional;

/**
 * The jet of a filter's bare outlet, straight along the tank to its farther end: how fast the water
 * runs there. An estimate, within half: walls turn a jet and stones break it.
 *
 * <p>Free round turbulent jet: on its axis 6 outlets away as fast as it left, then falling with the
 * distance; across it a bell whose half speed lies at 0.094 of the distance. Pope, Turbulent Flows
 * (2000), section 5.1, from memory.
 *
 * @param xCm where it leaves, from the left; {@code yCm} from the back
 * @param toRight whether it blows to the right end
 * @param leavesCmS how fast it leaves, cm/s
 */
public record OutletJet(double xCm, double yCm, boolean toRight, double leavesCmS) {
  /** Inner width of a common outlet; common practice, no source. */
  public static final double BORE_CM = 1.3;

  private static final double CORE_BORES = 6;
  private static final double HALF_WIDTH = 0.094;
  private static final double CM3_S_PER_LPH = 1000.0 / 3600;

  /**
   * The strongest jet of a design; none without a filter in its place, or where a bar or the glass
   * spreads each.
   */
  public static Optional<OutletJet> of(Enclosure e) {
    boolean bar =
        e.furnishings().parts().stream().anyMatch(p -> p.kind() == FurnishingKind.SPRAY_BAR);
    Optional<Equipment.Filter> filter =
        e.all(Equipment.Filter.class)
            .filter(f -> !f.sprayBar() && !bar)
            .max(Comparator.comparingDouble(Equipment.Filter::flowLph));
    Optional<Furnishing> place =
        e.furnishings().parts().stream().filter(p -> p.kind() == FurnishingKind.FILTER).findFirst();
    return filter.flatMap(f -> place.map(p -> from(p, f.flowLph(), e.vessel().lengthCm())));
  }

  private static OutletJet from(Furnishing filter, double flowLph, double lengthCm) {
    double area = Math.PI * BORE_CM * BORE_CM / 4;
    boolean toRight = filter.midX() <= lengthCm / 2;
    return new OutletJet(
        toRight ? filter.leftCm() + filter.spanX() : filter.leftCm(),
        filter.midY(),
        toRight,
        flowLph * CM3_S_PER_LPH / area);
  }

  /** Speed at a point of its own depth, cm/s; nothing behind the outlet. */
  public double speedCmS(double atX, double atY) {
    double along = toRight ? atX - xCm : xCm - atX;
    if (along <= 0) {
      return 0;
    }
    double core = CORE_BORES * BORE_CM;
    double axis = along <= core ? leavesCmS : leavesCmS * core / along;
    double half = Math.max(BORE_CM / 2, HALF_WIDTH * along);
    double off = (atY - yCm) / half;
    return axis * Math.exp(-Math.log(2) * off * off);
  }
}
