package app.islet.core.geometry;

import app.islet.core.care.SubstrateMaterial;
import app.islet.core.enclosure.Enclosure;
import app.islet.core.enclosure.Furnishing;
import app.islet.core.enclosure.FurnishingKind;
import app.islet.core.enclosure.Land;
import app.islet.core.enclosure.Substrate;
import app.islet.core.enclosure.Vessel;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * What the filled enclosure weighs and where it presses. An estimate: densities are those of the
 * trade, and where the pane's thickness is not known it is estimated as 8 mm.
 *
 * @param footKg load on each of four feet under the corners, from the left back clockwise as seen
 *     from above: left back, right back, right front, left front
 * @param pressureKpa spread over the vessel's floor
 * @param pane what the water does to the front pane, where its thickness is known
 * @param stones what stands heavy on its footing, the worst first
 */
public record StructuralLoad(
    double waterKg,
    double groundKg,
    double partsKg,
    double vesselKg,
    List<Double> footKg,
    double pressureKpa,
    Optional<PaneStress> pane,
    List<Standing> stones) {
  private static final double G = 9.81;

  /** Float glass, kg/L; EN 572-1. */
  private static final double GLASS_KG_L = 2.5;

  private static final int SLICES = 400;

  private static final double USUAL_PANE_MM = 8;

  /** What weighs less is no danger to glass or animal; common practice, no source. */
  private static final double HEAVY_KG = 0.5;

  /**
   * A heavy thing on its footing.
   *
   * @param kpa what it presses with on its outline
   * @param onGround whether it stands on ground that can be dug away, not on the floor
   */
  public record Standing(String id, FurnishingKind kind, double kg, double kpa, boolean onGround) {}

  public StructuralLoad {
    footKg = List.copyOf(footKg);
    stones = List.copyOf(stones);
  }

  public double totalKg() {
    return waterKg + groundKg + partsKg + vesselKg;
  }

  public static StructuralLoad of(Enclosure e, Geometry geometry) {
    Vessel vessel = e.vessel();
    double water = geometry.waterL();
    double ground = groundKg(e, geometry);
    double parts = e.furnishings().parts().stream().mapToDouble(Furnishing::massKg).sum();
    double glass = glassKg(vessel);
    double total = water + ground + parts + glass;
    return new StructuralLoad(
        water,
        ground,
        parts,
        glass,
        feet(e, geometry, water, ground, glass),
        total * G / 1000 / (vessel.footprintCm2() / 10_000),
        vessel.walls().paneMm().stream().mapToObj(mm -> PaneStress.of(e, mm)).findFirst(),
        standing(e));
  }

  private static double groundKg(Enclosure e, Geometry geometry) {
    double floorCm2 = geometry.footprintCm2();
    double kg = floorCm2 * e.ground().uppermostCm() / 1000 * e.ground().material().kgPerL();
    for (Substrate.Layer layer : e.ground().below()) {
      kg += floorCm2 * layer.thicknessCm() / 1000 * layer.material().kgPerL();
    }
    return kg + raisedL(e) * raisedMaterial(e).kgPerL();
  }

  /** Ground over the plain depth, of points and land, L. */
  public static double raisedL(Enclosure e) {
    double length = e.vessel().lengthCm();
    double section = 0;
    for (int n = 0; n < SLICES; n++) {
      double x = length * (n + 0.5) / SLICES;
      section += (SubstrateProfile.heightCm(e, x) - e.ground().depthCm()) * length / SLICES;
    }
    return section * e.vessel().footprintCm2() / length / 1000;
  }

  /** What land and points are heaped of: a bank of a bare vessel of soil where nobody said. */
  public static SubstrateMaterial raisedMaterial(Enclosure e) {
    SubstrateMaterial material = e.land().flatMap(Land::material).orElse(e.ground().material());
    return material == SubstrateMaterial.BARE ? SubstrateMaterial.SOIL : material;
  }

  private static double glassKg(Vessel v) {
    double mm = v.walls().paneMm().orElse(USUAL_PANE_MM);
    double panesCm2 = v.footprintCm2() + 2 * v.heightCm() * (v.lengthCm() + v.widthCm());
    return panesCm2 * mm / 10 / 1000 * GLASS_KG_L;
  }

  /** Water and ground slice by slice where they lie, the glass in the middle, parts in place. */
  private static List<Double> feet(
      Enclosure e, Geometry geometry, double waterKg, double groundKg, double glassKg) {
    double length = e.vessel().lengthCm();
    double[] water = new double[SLICES];
    double[] ground = new double[SLICES];
    for (int n = 0; n < SLICES; n++) {
      double top = SubstrateProfile.heightCm(e, length * (n + 0.5) / SLICES);
      water[n] = Math.max(0, geometry.lineCm() - top);
      ground[n] = top;
    }
    double[] feet = new double[4];
    spread(feet, waterKg, water);
    spread(feet, groundKg, ground);
    carry(feet, glassKg, 0.5, 0.5);
    for (Furnishing part : e.furnishings().parts()) {
      carry(feet, part.massKg(), part.midX() / length, part.midY() / e.vessel().widthCm());
    }
    return Arrays.stream(feet).boxed().toList();
  }

  private static void spread(double[] feet, double kg, double[] slices) {
    double all = Arrays.stream(slices).sum();
    for (int n = 0; n < slices.length && all > 0; n++) {
      carry(feet, kg * slices[n] / all, (n + 0.5) / slices.length, 0.5);
    }
  }

  private static void carry(double[] feet, double kg, double u, double v) {
    double right = Math.max(0, Math.min(1, u));
    double front = Math.max(0, Math.min(1, v));
    feet[0] += kg * (1 - right) * (1 - front);
    feet[1] += kg * right * (1 - front);
    feet[2] += kg * right * front;
    feet[3] += kg * (1 - right) * front;
  }

  /** What stands heavy on its footing, the worst first. */
  public static List<Standing> standing(Enclosure e) {
    double ground = e.ground().depthCm();
    return e.furnishings().parts().stream()
        .filter(
            p ->
                p.kind() == FurnishingKind.STONE
                    || p.kind() == FurnishingKind.STACK
                    || p.kind() == FurnishingKind.CAVE)
        .filter(p -> p.massKg() >= HEAVY_KG)
        .map(
            p ->
                new Standing(
                    p.id(),
                    p.kind(),
                    p.massKg(),
                    p.massKg() * G / 1000 / (p.areaCm2() / 10_000),
                    ground > 0 && p.bottomCm() > 0))
        .sorted((a, b) -> Double.compare(b.kpa(), a.kpa()))
        .toList();
  }

  /** The heaviest foot, kg. */
  public double heaviestFootKg() {
    return footKg.stream().mapToDouble(Double::doubleValue).max().orElse(0);
  }

  /** Highest pressure of a thing on its footing, where something heavy stands. */
  public OptionalDouble highestKpa() {
    return stones.stream().mapToDouble(Standing::kpa).max();
  }
}
