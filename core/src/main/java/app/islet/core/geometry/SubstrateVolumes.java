package app.islet.core.geometry;

import app.islet.core.care.SubstrateMaterial;
import app.islet.core.enclosure.Enclosure;
import app.islet.core.enclosure.Furnishing;
import app.islet.core.enclosure.FurnishingKind;
import app.islet.core.enclosure.Land;
import app.islet.core.enclosure.Substrate;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;

/**
 * How much of each material the floor of an enclosure takes: its layers over the whole floor, and
 * what rises over them, land and slopes and terraces too, of the uppermost material.
 *
 * @param layers under the uppermost, from the vessel's floor up
 * @param uppermost by material; none of it where the floor is bare
 */
public record SubstrateVolumes(List<Volume> layers, List<Volume> uppermost) {
  /** A hair over a whole number of bags is that number. */
  private static final double HAIR = 1e-9;

  /** Whole bags of that mass that suffice for so many kilograms. */
  public static long bags(double kg, double bagKg) {
    return (long) Math.ceil(kg / bagKg - HAIR);
  }

  /** Leaf litter lies so thick on land; common practice, no source. */
  private static final double LITTER_CM = 2;

  /** So little is not worth a line. */
  private static final double MIN_L = 0.005;

  /**
   * @param litres loose; of a mesh, which has no volume, 0
   */
  public record Volume(SubstrateMaterial material, double litres) {
    public double massKg() {
      return litres * material.kgPerL();
    }

    /** Whole bags that suffice. */
    public long bags(double bagKg) {
      return SubstrateVolumes.bags(massKg(), bagKg);
    }
  }

  public SubstrateVolumes {
    layers = List.copyOf(layers);
    uppermost = List.copyOf(uppermost);
  }

  public static SubstrateVolumes of(Enclosure e, Geometry geometry) {
    Substrate ground = e.ground();
    double floorCm2 = geometry.footprintCm2();
    List<Volume> layers = new ArrayList<>();
    for (Substrate.Layer layer : ground.below()) {
      boolean mesh = layer.material() == SubstrateMaterial.MESH;
      layers.add(new Volume(layer.material(), mesh ? 0 : floorCm2 * layer.thicknessCm() / 1000));
    }
    Map<SubstrateMaterial, Double> litres = new EnumMap<>(SubstrateMaterial.class);
    if (ground.material() != SubstrateMaterial.BARE) {
      litres.merge(ground.material(), floorCm2 * ground.uppermostCm() / 1000, Double::sum);
    }
    litres.merge(StructuralLoad.raisedMaterial(e), raisedL(e), Double::sum);
    if (e.land().filter(Land::litter).isPresent()) {
      litres.merge(
          SubstrateMaterial.LEAF_LITTER, geometry.dryLandCm2() * LITTER_CM / 1000, Double::sum);
    }
    List<Volume> uppermost =
        litres.entrySet().stream()
            .filter(entry -> entry.getValue() > MIN_L)
            .map(entry -> new Volume(entry.getKey(), entry.getValue()))
            .toList();
    return new SubstrateVolumes(layers, uppermost);
  }

  /** Points and land, and the slopes and terraces that are drawn. */
  private static double raisedL(Enclosure e) {
    return StructuralLoad.raisedL(e)
        + e.furnishings().parts().stream()
            .filter(SubstrateVolumes::isOfSubstrate)
            .mapToDouble(Furnishing::blockL)
            .sum();
  }

  /** Whether it is heaped up of substrate, not bought as a thing. */
  public static boolean isOfSubstrate(Furnishing part) {
    return part.kind() == FurnishingKind.SLOPE || part.kind() == FurnishingKind.TERRACE;
  }
}
