package app.islet.core.proposal;

import app.islet.core.animal.Resident;
import app.islet.core.care.AnimalGroup;
import app.islet.core.care.Habitat;
import app.islet.core.care.Needs;
import app.islet.core.care.SubstrateMaterial;
import app.islet.core.enclosure.Substrate;
import app.islet.core.enclosure.Substrate.Layer;
import app.islet.core.enclosure.Vessel;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.stream.Stream;

/**
 * What covers the floor: bare or sand under those that swim; for those that live on land drainage,
 * a mesh, ground as deep as they dig, and leaf litter. Depths are common practice, no source.
 */
final class GroundPlan {
  /** Clay balls that take up what seeps down, cm. */
  private static final double DRAINAGE_CM = 4;

  private static final double MESH_CM = 0.2;
  private static final double LITTER_CM = 1;
  private static final double MIN_SOIL_CM = 5;
  private static final double SAND_CM = 2;

  /** Ground fills no more of the height, so that there is air and a hand over it. */
  static final double FILLS = 0.6;

  private final Course course;

  GroundPlan(Course course) {
    this.course = course;
  }

  /** Of a box without water but dishes. */
  Substrate dry(Vessel vessel) {
    double soil = Math.max(digCm(), MIN_SOIL_CM);
    boolean litter = litter();
    double over = soil + (litter ? LITTER_CM : 0);
    List<Layer> below = new ArrayList<>(drainage(over <= FILLS * vessel.heightCm() - DRAINAGE_CM));
    double under = below.stream().mapToDouble(Layer::thicknessCm).sum();
    if (litter) {
      below.add(new Layer(heaped(), soil));
    }
    return layers(litter ? SubstrateMaterial.LEAF_LITTER : heaped(), under + over, below);
  }

  /** Under water beside land that is heaped up. */
  Substrate ofShore(Vessel vessel) {
    double dug = underWaterCm();
    double least = course.needs(Needs::depth).mapToDouble(Needs.Depth::minCm).max().orElse(0);
    double top = Math.max(SAND_CM, dug);
    boolean room = DRAINAGE_CM + top + least + digCm() <= FILLS * vessel.heightCm();
    boolean onLand = course.everybody().allMatch(r -> r.stage().habitat() == Habitat.LAND);
    List<Layer> below = drainage(room && onLand);
    double under = below.stream().mapToDouble(Layer::thicknessCm).sum();
    return layers(bed(), under + top, below);
  }

  /** Under those that swim: as deep as they dig there; sand only where a bare floor harms. */
  Substrate underWater() {
    double dug = underWaterCm();
    boolean bare = isBare() || !isGood(SubstrateMaterial.SAND);
    return dug == 0 && bare && isGood(SubstrateMaterial.BARE)
        ? Substrate.NONE
        : layers(bed(), Math.max(SAND_CM, dug), List.of());
  }

  /** Turtles foul too much for sand, and larvae are cleaned out every day. */
  private boolean isBare() {
    return course
        .everybody()
        .anyMatch(
            r ->
                r.sheet().group() == AnimalGroup.TURTLE
                    || r.stage().endsInChange()
                    || r.stage().hatch().isPresent());
  }

  private static List<Layer> drainage(boolean wanted) {
    return wanted
        ? List.of(
            new Layer(SubstrateMaterial.DRAINAGE, DRAINAGE_CM),
            new Layer(SubstrateMaterial.MESH, MESH_CM))
        : List.of();
  }

  private static Substrate layers(SubstrateMaterial top, double depthCm, List<Layer> below) {
    return top == SubstrateMaterial.BARE
        ? Substrate.NONE
        : new Substrate(top, depthCm, OptionalDouble.empty(), below, List.of(), false);
  }

  /** What land is heaped of: moist soil; sand where salt water wets it. */
  SubstrateMaterial heaped() {
    boolean amphibians = course.now().stream().anyMatch(r -> r.sheet().group().isAmphibian());
    boolean salt = course.needs(Needs::salinity).anyMatch(s -> s.ppt().min() > 0);
    Stream<SubstrateMaterial> choice =
        salt
            ? Stream.of(SubstrateMaterial.SAND, SubstrateMaterial.COCONUT_AND_SAND)
            : amphibians || wantsSoil()
                ? Stream.of(SubstrateMaterial.SOIL, SubstrateMaterial.COCONUT_AND_SAND)
                : Stream.of(
                    SubstrateMaterial.COCONUT_AND_SAND,
                    SubstrateMaterial.SAND,
                    SubstrateMaterial.SOIL);
    return choice.filter(this::isGood).findFirst().orElse(SubstrateMaterial.COCONUT_AND_SAND);
  }

  /** Of moist woods, not of a beach. */
  private boolean wantsSoil() {
    return course.needs(Needs::humidity).anyMatch(h -> h.percent().min() >= 80);
  }

  /** Whether leaf litter goes on the land. */
  boolean litter() {
    return heaped() == SubstrateMaterial.SOIL && isGood(SubstrateMaterial.LEAF_LITTER);
  }

  double digCm() {
    return course
        .everybody()
        .mapToDouble(r -> r.stage().needs().land().minDepthCm())
        .max()
        .orElse(0);
  }

  private double underWaterCm() {
    return course
        .everybody()
        .map(Resident::stage)
        .mapToDouble(stage -> stage.needs().ground().depthCm().orElse(0))
        .max()
        .orElse(0);
  }

  private SubstrateMaterial bed() {
    return Stream.of(
            SubstrateMaterial.SAND, SubstrateMaterial.SOIL, SubstrateMaterial.COCONUT_AND_SAND)
        .filter(this::isGood)
        .findFirst()
        .orElse(SubstrateMaterial.BARE);
  }

  private boolean isGood(SubstrateMaterial material) {
    return course.everybody().noneMatch(r -> r.stage().needs().ground().never().contains(material));
  }
}
