package app.islet.web.base.drawing;

import app.islet.core.Assessment;
import app.islet.core.care.SubstrateMaterial;
import app.islet.core.enclosure.Enclosure;
import app.islet.core.enclosure.Furnishing;
import app.islet.core.enclosure.Vessel;
import app.islet.core.geometry.BaskingPlatform;
import app.islet.core.geometry.Geometry;
import app.islet.core.geometry.Grid;
import app.islet.core.geometry.Reachability;
import app.islet.core.quantity.Quantity;
import app.islet.core.quantity.UnitSystem;
import app.islet.core.water.OutletJet;
import java.awt.geom.Rectangle2D;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.IntUnaryOperator;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * The enclosure from above, under the section and on the same x axis: outline, water, land, parts,
 * and what the water is to one of the residents.
 */
public final class PlanDrawing {
  private static final double TOP = 10;
  private static final double BOTTOM = 34;
  private static final int DEPTH_BANDS = 4;

  /** Height of a label, and of a letter of it the width, about. */
  private static final double LABEL_TALL = 18;

  private static final double LABEL_WIDE = 9.5;
  private static final List<Reachability.Mark> MARKED =
      List.of(
          Reachability.Mark.REST,
          Reachability.Mark.TRAPPED,
          Reachability.Mark.EXIT,
          Reachability.Mark.REACHED);
  private static final String[] SHOWN_AS = {"r-rest", "r-trapped", "r-exit", "r-reached"};
  private static final int[] SHOWN =
      Stream.of(Reachability.Mark.values()).mapToInt(MARKED::indexOf).toArray();
  private static final String[] DEPTHS_AS = {"d-0", "d-1", "d-2", "d-3"};

  /** Speeds from which the next band begins, cm/s, as the sentence under the drawing says. */
  private static final double[] CURRENT_CM_S = {2, 5, 10};

  private static final String[] CURRENT_AS = {"w-0", "w-1", "w-2"};

  private final Enclosure enclosure;
  private final Geometry geometry;
  private final Grid grid;
  private final double scale;
  private final double left;
  private final double width;
  private final PlanVessel outline;
  private final Svg svg = new Svg();
  private int[] depthMiddles = {};
  private double depthBand;

  private PlanDrawing(Assessment assessment, Grid grid) {
    this.enclosure = assessment.enclosure();
    this.geometry = assessment.geometry();
    this.grid = grid;
    Board board = Board.of(enclosure);
    this.scale = board.scale();
    this.left = board.left();
    this.width = board.width();
    this.outline = new PlanVessel(enclosure.vessel(), left, TOP, scale);
  }

  /**
   * @param grid the enclosure in cells
   * @param reach where a resident gets to, to be laid over the drawing
   * @param cutCm where the section is cut, from the back
   * @param depths whether bands of depth are laid over it
   * @param current whether the jet of the filter is
   */
  public static String working(
      Assessment assessment,
      Grid grid,
      UnitSystem units,
      Optional<Reachability> reach,
      double cutCm,
      boolean depths,
      boolean current) {
    return new PlanDrawing(assessment, grid).draw(units, reach, cutCm, depths, current);
  }

  /** The same with nothing laid over it. */
  public static String plain(Assessment assessment, UnitSystem units, double cutCm) {
    Grid grid = assessment.geometry().grid().orElseGet(() -> Grid.of(assessment.enclosure()));
    return working(assessment, grid, units, Optional.empty(), cutCm, false, false);
  }

  private String draw(
      UnitSystem units,
      Optional<Reachability> reach,
      double cutCm,
      boolean depths,
      boolean current) {
    Vessel vessel = enclosure.vessel();
    double tall = TOP + vessel.widthCm() * scale + BOTTOM;
    svg.open(
        "svg",
        "xmlns",
        "http://www.w3.org/2000/svg",
        "viewBox",
        "0 0 %s %s".formatted(Svg.number(width), Svg.number(tall)),
        "width",
        width,
        "class",
        "section working plan",
        "role",
        "img",
        "data-scale",
        scale);
    svg.element("title", "Plan of %s, seen from above".formatted(enclosure.name()));
    outline.outline(svg, geometry.hasWater() ? "s-water" : "s-ground");
    ground();
    dishes();
    if (depths) {
      depth();
    }
    if (current) {
      OutletJet.of(enclosure).ifPresent(this::current);
    }
    Svg parts = new Svg();
    Stream.concat(
            BaskingPlatform.parts(enclosure).stream(), enclosure.furnishings().parts().stream())
        .sorted(Comparator.comparing(Furnishing::topCm))
        .forEach(part -> Parts.plan(parts, part, this::x, this::y));
    svg.raw(UnchangedGroups.group("plan-parts", parts));
    reach.ifPresent(this::overlay);
    outline.outline(svg, "s-outline");
    depthLabels(units);
    reach.ifPresent(r -> passages(r, units));
    cutLine(cutCm);
    svg.text(
        Quantity.cm(vessel.widthCm()).text(units) + " wide, the front below",
        "class",
        "s-dim",
        "x",
        x(0),
        "y",
        y(vessel.widthCm()) + 24);
    return svg.close("svg").toString();
  }

  /** Dry ground, told by its texture as in the section. */
  private void ground() {
    double foot =
        enclosure
            .land()
            .map(land -> enclosure.vessel().lengthCm() * (1 - land.sharePercent() / 100))
            .orElse(Double.POSITIVE_INFINITY);
    Regions regions =
        new Regions(
            grid.columns(), rows(), 2, at -> grid.isDryGround(at) ? xCm(at) >= foot ? 1 : 0 : -1);
    ground(outlineOf(regions, 0), enclosure.ground().material(), false);
    enclosure
        .land()
        .ifPresent(
            land ->
                ground(
                    outlineOf(regions, 1),
                    land.heapedOf(enclosure.ground().material()),
                    land.litter()));
  }

  private void ground(String outline, SubstrateMaterial material, boolean litter) {
    if (outline.isEmpty()) {
      return;
    }
    String css = litter ? "leaf-litter" : SectionLayer.written(material);
    svg.empty("path", "class", "s-ground s-" + css, "transform", placed(), "d", outline);
    String texture = Textures.fill(litter ? SubstrateMaterial.LEAF_LITTER : material);
    if (!texture.equals("none")) {
      svg.empty("path", "class", "s-texture", "fill", texture, "transform", placed(), "d", outline);
    }
  }

  private void dishes() {
    for (SunkDish sunk : SunkDish.of(enclosure)) {
      svg.empty(
          "circle",
          "class",
          "s-water",
          "cx",
          x(sunk.xCm()),
          "cy",
          y(sunk.yCm()),
          "r",
          sunk.sideCm() / 2 * scale);
    }
  }

  private double x(double cm) {
    return left + cm * scale;
  }

  private double y(double cm) {
    return TOP + cm * scale;
  }

  /** What each cell is to the body. */
  private void overlay(Reachability reach) {
    svg.open("g", "class", "o-reach");
    regions(at -> SHOWN[reach.marks().get(at).ordinal()], SHOWN_AS);
    svg.close("g");
  }

  /** Bands of depth, the deepest the darkest, each with its depths written into it. */
  private void depth() {
    double deepest = 0;
    for (int at = 0; at < grid.cells(); at++) {
      deepest = Math.max(deepest, grid.depthCm(at));
    }
    if (deepest == 0) {
      return;
    }
    double band = deepest / DEPTH_BANDS;
    svg.open("g", "class", "o-depth");
    Regions bands = regions(at -> bandOf(grid.depthCm(at), band), DEPTHS_AS);
    depthMiddles = IntStream.range(0, DEPTH_BANDS).map(bands::middle).toArray();
    depthBand = band;
    svg.close("g");
  }

  private void current(OutletJet jet) {
    svg.open("g", "class", "o-current");
    regions(
        at ->
            grid.depthCm(at) > 0
                ? speedBand(jet.speedCmS(xCm(at), (at / grid.columns() + 0.5) * grid.stepY()))
                : -1,
        CURRENT_AS);
    svg.close("g");
  }

  private static int speedBand(double cmS) {
    int band = -1;
    while (band + 1 < CURRENT_CM_S.length && cmS >= CURRENT_CM_S[band + 1]) {
      band++;
    }
    return band;
  }

  /** Over everything, so that no part hides them. */
  private void depthLabels(UnitSystem units) {
    svg.open("g", "class", "o-depth");
    for (int n = 0; n < depthMiddles.length; n++) {
      int at = depthMiddles[n];
      if (at >= 0) {
        svg.text(
            "%s to %s"
                .formatted(
                    Quantity.cm(depthBand * n).number(units),
                    Quantity.cm(depthBand * (n + 1)).text(units)),
            "class",
            "s-depth-label",
            "x",
            x(xCm(at)),
            "y",
            y(enclosure.vessel().widthCm() * (n + 0.5) / DEPTH_BANDS) + 6,
            "text-anchor",
            "middle");
      }
    }
    svg.close("g");
  }

  private static int bandOf(double depthCm, double band) {
    return depthCm <= 0 ? -1 : (int) Math.min(DEPTH_BANDS - 1, Math.floor(depthCm / band));
  }

  /**
   * Draws cells by their kind, each kind as one path of outlines.
   *
   * @param kindOf kind of a cell, from 0, or -1 for one that is not drawn
   * @param names classes of the kinds
   */
  private Regions regions(IntUnaryOperator kindOf, String... names) {
    Regions regions = new Regions(grid.columns(), rows(), names.length, kindOf);
    for (int kind = 0; kind < names.length; kind++) {
      String outline = outlineOf(regions, kind);
      if (!outline.isEmpty()) {
        svg.empty("path", "class", names[kind], "transform", placed(), "d", outline);
      }
    }
    return regions;
  }

  private int rows() {
    return grid.cells() / grid.columns();
  }

  private double xCm(int at) {
    return (at % grid.columns() + 0.5) * grid.stepX();
  }

  private String outlineOf(Regions regions, int kind) {
    return SmoothOutline.of(regions.outline(kind), grid.stepX() * scale, grid.stepY() * scale);
  }

  private String placed() {
    return "translate(%s %s)".formatted(Svg.number(left), Svg.number(TOP));
  }

  /** Gaps that hold it, ringed, with their width where no other's is written already. */
  private void passages(Reachability reach, UnitSystem units) {
    svg.open("g", "class", "o-reach", "data-thing", "passages");
    List<Rectangle2D> written = new ArrayList<>();
    for (Reachability.Passage passage : reach.passages()) {
      double middleX = x(passage.xCm());
      double middleY = y(passage.yCm());
      double radius = Math.max(8, passage.gapCm() * scale / 2);
      svg.empty("circle", "class", "s-passage", "cx", middleX, "cy", middleY, "r", radius);
      String gap = Quantity.cm(passage.gapCm()).text(units);
      Rectangle2D place =
          new Rectangle2D.Double(
              middleX + radius + 3,
              middleY - LABEL_TALL / 2,
              gap.length() * LABEL_WIDE,
              LABEL_TALL);
      if (written.stream().noneMatch(place::intersects)) {
        written.add(place);
        svg.text(gap, "class", "s-passage-label", "x", place.getX(), "y", middleY + 6);
      }
    }
    svg.close("g");
  }

  private void cutLine(double cutCm) {
    double right = x(enclosure.vessel().lengthCm());
    svg.empty(
        "path",
        "class",
        "s-cut",
        "d",
        "M%s %sH%s".formatted(Svg.number(x(0) - 24), Svg.number(y(cutCm)), Svg.number(right + 8)));
    svg.empty(
        "circle",
        "class",
        "s-handle s-cut-handle",
        "cx",
        x(0) - 24,
        "cy",
        y(cutCm),
        "r",
        9,
        "data-drag",
        "cut");
    svg.text("cut", "class", "s-label", "x", right + 12, "y", y(cutCm) + 6);
  }
}
