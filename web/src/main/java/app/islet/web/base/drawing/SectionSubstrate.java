package app.islet.web.base.drawing;

import app.islet.core.care.SubstrateMaterial;
import app.islet.core.enclosure.Land;
import app.islet.core.enclosure.Substrate;
import app.islet.core.geometry.Geometry.Corner;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** The substrate with its layers, and the land heaped on it, each told by its texture. */
final class SectionSubstrate extends SectionLayer {
  /** How thick leaf litter is drawn. */
  static final double LITTER_CM = 1.2;

  SectionSubstrate(SectionSheet sheet) {
    super(sheet);
  }

  @Override
  void draw() {
    double length = enclosure.vessel().lengthCm();
    List<Corner> ground =
        Stream.concat(
                geometry.profile().stream(), Stream.of(new Corner(length, 0), new Corner(0, 0)))
            .toList();
    area(ground, "s-ground", enclosure.ground().material(), "ground land");
    enclosure.land().ifPresent(this::land);
    layers();
  }

  private void area(List<Corner> corners, String css, SubstrateMaterial material, String thing) {
    String points =
        corners.stream()
            .map(c -> Svg.number(x(c.xCm())) + "," + Svg.number(y(c.yCm())))
            .collect(Collectors.joining(" "));
    svg.empty(
        "polygon", "class", css + " s-" + written(material), "data-thing", thing, "points", points);
    texture(points, material);
  }

  private void texture(String points, SubstrateMaterial material) {
    String fill = Textures.fill(material);
    if (!fill.equals("none")) {
      svg.empty("polygon", "class", "s-texture", "fill", fill, "points", points);
    }
  }

  /** Heaped of something else than the floor is covered with, and what lies on it. */
  private void land(Land land) {
    double length = enclosure.vessel().lengthCm();
    double plain = enclosure.ground().depthCm();
    double foot = length * (1 - land.sharePercent() / 100);
    SubstrateMaterial heaped = land.heapedOf(enclosure.ground().material());
    List<Corner> top = geometry.profile().stream().filter(c -> c.xCm() >= foot - 1e-6).toList();
    if (top.isEmpty()) {
      return;
    }
    List<Corner> heap = new ArrayList<>(top);
    heap.add(new Corner(length, plain));
    heap.add(new Corner(top.get(0).xCm(), plain));
    area(heap, "s-ground s-heap", heaped, "land");
    if (land.litter()) {
      litter(top);
    }
  }

  /** Leaves over what is dry of it. */
  private void litter(List<Corner> top) {
    double line = geometry.hasWater() ? geometry.lineCm() : 0;
    List<Corner> dry = top.stream().filter(c -> c.yCm() > line).toList();
    if (dry.isEmpty()) {
      return;
    }
    List<Corner> leaves = new ArrayList<>();
    dry.forEach(c -> leaves.add(new Corner(c.xCm(), c.yCm() + LITTER_CM)));
    for (int n = dry.size() - 1; n >= 0; n--) {
      leaves.add(dry.get(n));
    }
    area(leaves, "s-litter", SubstrateMaterial.LEAF_LITTER, "land");
  }

  /** Layers under the uppermost, flat on the floor. */
  private void layers() {
    double length = enclosure.vessel().lengthCm();
    double from = 0;
    for (Substrate.Layer layer : enclosure.ground().below()) {
      double to = from + layer.thicknessCm();
      area(
          List.of(
              new Corner(0, from),
              new Corner(length, from),
              new Corner(length, to),
              new Corner(0, to)),
          "s-layer",
          layer.material(),
          "ground");
      from = to;
    }
  }
}
