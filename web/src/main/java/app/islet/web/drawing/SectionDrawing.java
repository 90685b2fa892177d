package app.islet.web.drawing;

import app.islet.core.Assessment;
import app.islet.core.animal.Resident;
import app.islet.core.care.Habitat;
import app.islet.core.enclosure.Enclosure;
import app.islet.core.enclosure.Equipment;
import app.islet.core.enclosure.Furnishing;
import app.islet.core.enclosure.FurnishingKind;
import app.islet.core.enclosure.Lid;
import app.islet.core.enclosure.Substrate;
import app.islet.core.geometry.BaskingPlace;
import app.islet.core.geometry.Geometry;
import app.islet.core.geometry.Geometry.Corner;
import app.islet.core.geometry.Grid;
import app.islet.core.geometry.Grid.Stretch;
import app.islet.core.quantity.Quantity;
import app.islet.core.quantity.UnitSystem;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * The waterline section: an enclosure cut along its length, true to its numbers. The one drawing
 * code for the glyph on the rack, the page head and the working drawing; colours come from the
 * page's tokens.
 */
public final class SectionDrawing {
  /** A glyph is drawn this wide, whatever size it is shown at. */
  private static final double GLYPH_PIXELS = 150;

  private static final int WALL_STEPS = 80;
  private static final double DEVICES_PX = 72;
  private static final int MOST_ANIMALS_DRAWN = 12;

  private final Assessment assessment;
  private final Enclosure enclosure;
  private final Geometry geometry;
  private final double scale;
  private final double left;
  private final double top;
  private final Svg svg = new Svg();
  private double cutCm = Double.NaN;

  private SectionDrawing(Assessment assessment, double scale, double left, double top) {
    this.assessment = assessment;
    this.enclosure = assessment.enclosure();
    this.geometry = assessment.geometry();
    this.scale = scale;
    this.left = left;
    this.top = top;
  }

  /** The section without dimensions, for cards and lists. */
  public static Glyph glyph(Assessment assessment) {
    double scale = GLYPH_PIXELS / assessment.enclosure().vessel().lengthCm();
    SectionDrawing drawing = new SectionDrawing(assessment, scale, 3, 3);
    drawing.title();
    drawing.body(true);
    drawing.animals();
    drawing.glass(2);
    return new Glyph(
        drawing.svg.toString(),
        GLYPH_PIXELS + 6,
        assessment.enclosure().vessel().heightCm() * scale + 6);
  }

  /**
   * The working drawing with its dimensions in the keeper's units.
   *
   * @param cutCm where it is cut, from the back
   */
  public static String working(Assessment assessment, UnitSystem units, double cutCm) {
    return working(assessment, units, cutCm, (svg, x, y) -> {});
  }

  /** The same with something laid over it, under the glass. */
  static String working(Assessment assessment, UnitSystem units, double cutCm, Overlay overlay) {
    Enclosure e = assessment.enclosure();
    Board board = Board.of(e);
    double tall = board.top() + e.vessel().heightCm() * board.scale() + Board.BOTTOM;
    SectionDrawing drawing =
        new SectionDrawing(assessment, board.scale(), board.left(), board.top());
    drawing.cutCm = cutCm;
    drawing.begin(Board.WIDTH, tall);
    drawing.clip();
    drawing.body(false);
    drawing.lamps();
    drawing.animals();
    drawing.devices();
    overlay.draw(drawing.svg, drawing::x, drawing::y);
    drawing.glass(3);
    drawing.dimensions(units);
    drawing.handles();
    return drawing.svg.close("svg").toString();
  }

  /** The section with something laid over it and nothing to drag. */
  static String overlaid(Assessment assessment, UnitSystem units, Overlay overlay) {
    Enclosure e = assessment.enclosure();
    Board board = Board.of(e);
    double tall = board.top() + e.vessel().heightCm() * board.scale() + Board.BOTTOM;
    SectionDrawing drawing =
        new SectionDrawing(assessment, board.scale(), board.left(), board.top());
    drawing.begin(Board.WIDTH, tall);
    drawing.clip();
    drawing.body(false);
    drawing.animals();
    drawing.devices();
    overlay.draw(drawing.svg, drawing::x, drawing::y);
    drawing.glass(3);
    drawing.dimensions(units);
    return drawing.svg.close("svg").toString();
  }

  private void begin(double width, double height) {
    svg.open(
        "svg",
        "xmlns",
        "http://www.w3.org/2000/svg",
        "viewBox",
        "0 0 %s %s".formatted(Svg.number(width), Svg.number(height)),
        "class",
        "section working",
        "role",
        "img",
        "data-scale",
        scale,
        "data-left",
        left);
    title();
  }

  private void title() {
    svg.element(
        "title",
        "Section of %s: %s by %s cm, %s L of water"
            .formatted(
                enclosure.name(),
                Svg.number(enclosure.vessel().lengthCm()),
                Svg.number(enclosure.vessel().heightCm()),
                Math.round(geometry.waterL())));
  }

  private double x(double cm) {
    return left + cm * scale;
  }

  private double y(double cm) {
    return top + (enclosure.vessel().heightCm() - cm) * scale;
  }

  private void body(boolean small) {
    double length = enclosure.vessel().lengthCm();
    boolean clipped = !small && !isUpright();
    if (clipped) {
      svg.open("g", "clip-path", "url(#inside)");
    }
    svg.empty(
        "rect",
        "class",
        "s-air",
        "x",
        x(0),
        "y",
        y(enclosure.vessel().heightCm()),
        "width",
        length * scale,
        "height",
        enclosure.vessel().heightCm() * scale);
    water();
    String ground =
        Stream.concat(
                geometry.profile().stream(), Stream.of(new Corner(length, 0), new Corner(0, 0)))
            .map(c -> Svg.number(x(c.xCm())) + "," + Svg.number(y(c.yCm())))
            .collect(Collectors.joining(" "));
    svg.empty(
        "polygon",
        "class",
        "s-ground s-" + written(enclosure.ground().material()),
        "data-thing",
        "ground land",
        "points",
        ground);
    layers();
    enclosure
        .water()
        .restBelowSurfaceCm()
        .ifPresent(
            below -> {
              double wide = Math.min(length * 0.18, Math.max(2, geometry.shoreX() * 0.25));
              double tall = Math.max(2, 1.2 * scale);
              // In water shallower than it lies under the line it lies on the ground.
              double onGround = enclosure.ground().depthCm() + tall / scale;
              // Clear of the heater and the filter, which hang at the left end.
              double clear = small ? x(length * 0.06) : x(0) + DEVICES_PX;
              double from =
                  Math.max(x(0) + 2, Math.min(clear, x(geometry.shoreX() * 0.75) - wide * scale));
              svg.empty(
                  "rect",
                  "class",
                  "s-rest",
                  "x",
                  from,
                  "y",
                  y(Math.max(geometry.lineCm() - below, onGround)),
                  "width",
                  wide * scale,
                  "height",
                  tall,
                  "rx",
                  small ? 1 : 3);
            });
    enclosure
        .platform()
        .ifPresent(
            p -> {
              double at = platformX(p.lengthCm());
              svg.empty(
                  "path",
                  "class",
                  "s-platform",
                  "data-thing",
                  "platform",
                  "d",
                  "M%s %sH%sV%sH%sL%s %sZ"
                      .formatted(
                          Svg.number(x(at)),
                          Svg.number(y(geometry.lineCm() + 2)),
                          Svg.number(x(Math.min(length, at + p.lengthCm()))),
                          Svg.number(y(geometry.lineCm() + 0.8)),
                          Svg.number(x(at)),
                          Svg.number(x(Math.max(0, at - Math.min(12, at)))),
                          Svg.number(y(geometry.lineCm() - 3))));
            });
    if (clipped) {
      svg.close("g");
    }
    parts();
    for (Stretch stretch : open()) {
      svg.empty(
          "path",
          "class",
          "s-line",
          "data-thing",
          "water",
          "d",
          "M%s %sH%s"
              .formatted(
                  Svg.number(x(stretch.fromCm()) - (small || stretch.fromCm() > 0 ? 0 : 14)),
                  Svg.number(y(geometry.lineCm())),
                  Svg.number(x(stretch.toCm()))));
    }
  }

  /** Layers under the uppermost, flat on the floor. */
  private void layers() {
    double from = 0;
    for (Substrate.Layer layer : enclosure.ground().below()) {
      svg.empty(
          "rect",
          "class",
          "s-layer s-" + written(layer.material()),
          "data-thing",
          "ground",
          "x",
          x(0),
          "y",
          y(from + layer.thicknessCm()),
          "width",
          enclosure.vessel().lengthCm() * scale,
          "height",
          layer.thicknessCm() * scale);
      from += layer.thicknessCm();
    }
  }

  private static String written(Enum<?> value) {
    return value.name().toLowerCase(Locale.ROOT).replace('_', '-');
  }

  private void water() {
    for (Stretch stretch : wet()) {
      svg.empty(
          "rect",
          "class",
          "s-water",
          "data-thing",
          "water",
          "x",
          x(stretch.fromCm()),
          "y",
          y(geometry.lineCm()),
          "width",
          (stretch.toCm() - stretch.fromCm()) * scale,
          "height",
          geometry.lineCm() * scale);
    }
  }

  /** Where the cut meets water; the ground is drawn over what of it is too deep. */
  private List<Stretch> wet() {
    if (!geometry.hasWater()) {
      return List.of();
    }
    return geometry
        .grid()
        .filter(Grid::partlyDry)
        .map(grid -> grid.waterAlong(cut()))
        .orElse(List.of(new Stretch(0, enclosure.vessel().lengthCm())));
  }

  /** Where its surface is open. */
  private List<Stretch> open() {
    if (!geometry.hasWater()) {
      return List.of();
    }
    return geometry
        .grid()
        .map(grid -> grid.waterAlong(cut()))
        .orElse(List.of(new Stretch(0, geometry.shoreX())));
  }

  private double cut() {
    return Double.isNaN(cutCm) ? enclosure.vessel().widthCm() / 2 : cutCm;
  }

  /** Behind the cut first, then what it goes through, then what stands before it. */
  private void parts() {
    List<Furnishing> all = enclosure.furnishings().parts();
    Svg parts = new Svg();
    for (String css : List.of("s-behind", "", "s-before")) {
      all.stream()
          .filter(part -> depthOf(part).equals(css))
          .forEach(part -> Parts.section(parts, part, css, geometry.lineCm(), this::x, this::y));
    }
    svg.raw(UnchangedGroups.group("section-parts", parts));
  }

  private String depthOf(Furnishing part) {
    if (Double.isNaN(cutCm)) {
      return "";
    }
    return part.backCm() + part.spanY() < cutCm
        ? "s-behind"
        : part.backCm() > cutCm ? "s-before" : "";
  }

  private boolean isUpright() {
    return enclosure.vessel().isBox();
  }

  /** The inside of walls that are no box, as the cut meets them. */
  private void clip() {
    if (isUpright()) {
      return;
    }
    svg.open("clipPath", "id", "inside");
    svg.empty("path", "d", inside() + "Z");
    svg.close("clipPath");
  }

  /** From the rim down the wall, along the floor and up again. */
  private String inside() {
    double length = enclosure.vessel().lengthCm();
    double height = enclosure.vessel().heightCm();
    StringBuilder d = new StringBuilder();
    double lastX = 0;
    for (int n = 0; n <= WALL_STEPS; n++) {
      double at = length * n / WALL_STEPS;
      double wall = enclosure.vessel().wallCm(at, cut());
      if (Double.isNaN(wall)) {
        continue;
      }
      if (d.isEmpty()) {
        d.append("M%s %s".formatted(Svg.number(x(at)), Svg.number(y(height))));
      }
      d.append("L%s %s".formatted(Svg.number(x(at)), Svg.number(y(wall))));
      lastX = at;
    }
    return d.append("L%s %s".formatted(Svg.number(x(lastX)), Svg.number(y(height)))).toString();
  }

  /** The platform stands at the right end of the water. */
  private double platformX(double platformCm) {
    return Math.max(0, geometry.shoreX() - platformCm);
  }

  private void glass(double stroke) {
    double length = enclosure.vessel().lengthCm();
    double height = enclosure.vessel().heightCm();
    svg.empty(
        "path",
        "class",
        "s-glass",
        "data-thing",
        "vessel",
        "stroke-width",
        stroke,
        "d",
        isUpright() || Double.isNaN(cutCm)
            ? "M%s %sV%sH%sV%s"
                .formatted(
                    Svg.number(x(0)),
                    Svg.number(y(height)),
                    Svg.number(y(0)),
                    Svg.number(x(length)),
                    Svg.number(y(height)))
            : inside());
    if (enclosure.lid() != Lid.NONE) {
      svg.empty(
          "path",
          "class",
          enclosure.lid() == Lid.MESH ? "s-lid s-mesh" : "s-lid",
          "data-thing",
          "lid conditions",
          "d",
          "M%s %sH%s".formatted(Svg.number(x(0)), Svg.number(y(height)), Svg.number(x(length))));
    }
  }

  private void animals() {
    int drawn = 0;
    for (Resident resident : assessment.residents()) {
      for (int i = 0; i < resident.count() && drawn < MOST_ANIMALS_DRAWN; i++) {
        animal(resident, drawn++);
      }
    }
  }

  /**
   * Spread by a fixed pattern: land animals over the land, the others through the water, some
   * basking.
   */
  private void animal(Resident resident, int index) {
    Silhouette shape = Silhouette.of(resident.sheet().group());
    double size = resident.bodyCm();
    double shore = geometry.shoreX();
    double length = enclosure.vessel().lengthCm();
    boolean basks =
        resident.stage().needs().basking().isPresent()
            && index == 0
            && (enclosure.platform().isPresent() || hasLand());
    boolean onLand = hasLand() && (resident.stage().habitat() == Habitat.LAND || basks);
    double share = ((index * 0.382) % 1) * 0.8 + 0.1;
    double at;
    double foot;
    if (onLand) {
      at = shore + (length - shore) * (0.35 + 0.55 * share);
      foot = groundAt(at);
    } else if (basks) {
      at =
          Math.min(
              length - size / 2,
              platformX(enclosure.platform().orElseThrow().lengthCm())
                  + enclosure.platform().orElseThrow().lengthCm() / 2);
      foot = geometry.lineCm() + 2;
    } else {
      double room = geometry.hasWater() ? shore : length;
      at = Math.min(room - size / 2, Math.max(size / 2, room * share));
      double free = Math.max(0, geometry.lineCm() - groundAt(at) - size * shape.height());
      foot = groundAt(at) + free * (index % 3) * 0.3;
    }
    double k = size * scale;
    svg.empty(
        "path",
        "class",
        "s-animal",
        "d",
        shape.path(),
        "transform",
        "translate(%s %s) scale(%s %s)"
            .formatted(
                Svg.number(x(at)),
                Svg.number(y(foot)),
                Svg.number(index % 2 == 0 ? k : -k),
                Svg.number(k)));
  }

  /** Ground out of the water; what stands in the water and out of it is a part. */
  private boolean hasLand() {
    return geometry.shoreX() < enclosure.vessel().lengthCm() - 1e-9;
  }

  private double groundAt(double xCm) {
    List<Corner> profile = geometry.profile();
    for (int i = 1; i < profile.size(); i++) {
      Corner a = profile.get(i - 1);
      Corner b = profile.get(i);
      if (xCm <= b.xCm() && b.xCm() > a.xCm()) {
        return a.yCm() + (b.yCm() - a.yCm()) * (xCm - a.xCm()) / (b.xCm() - a.xCm());
      }
    }
    return profile.get(profile.size() - 1).yCm();
  }

  /** Lamps that nobody drew hang over the place they are reckoned to shine on. */
  private void lamps() {
    Optional<BaskingPlace> place = BaskingPlace.of(enclosure, geometry);
    double at = x(place.map(BaskingPlace::xCm).orElse(enclosure.vessel().lengthCm() * 0.8));
    double spot = y(place.map(BaskingPlace::heightCm).orElse(geometry.lineCm()));
    double rim =
        y(
            enclosure.furnishings().parts().stream()
                .filter(part -> part.kind().form() == FurnishingKind.Form.TRAY)
                .mapToDouble(Furnishing::topCm)
                .reduce(enclosure.vessel().heightCm(), Math::max));
    if (isPlaceless(Equipment.BaskingLamp.class, FurnishingKind.BASKING_LAMP)) {
      svg.empty(
          "path",
          "class",
          "s-beam",
          "d",
          "M%s %sL%s %sH%sZ"
              .formatted(
                  Svg.number(at),
                  Svg.number(rim - 26),
                  Svg.number(at - 46),
                  Svg.number(spot),
                  Svg.number(at + 46)));
      svg.empty(
          "path",
          "class",
          "s-lamp",
          "data-thing",
          "basking-lamp",
          "d",
          "M%s %sh32l-6 14h-20z".formatted(Svg.number(at - 16), Svg.number(rim - 40)));
    }
    if (isPlaceless(Equipment.UvbLamp.class, FurnishingKind.UVB_LAMP)) {
      double wide = Math.min(280, enclosure.vessel().lengthCm() * scale * 0.5);
      double from =
          Math.max(x(0), Math.min(at - wide / 2, x(enclosure.vessel().lengthCm()) - wide));
      svg.empty(
          "rect",
          "class",
          "s-uv",
          "data-thing",
          "uvb-lamp",
          "x",
          from,
          "y",
          rim - 14,
          "width",
          wide,
          "height",
          8,
          "rx",
          4);
      svg.text("UVB", "class", "s-label s-uv-label", "x", from + 6, "y", rim - 19);
    }
  }

  /** Whether there is such a device and nobody drew where. */
  private boolean isPlaceless(Class<? extends Equipment> device, FurnishingKind kind) {
    return enclosure.has(device)
        && enclosure.furnishings().parts().stream().noneMatch(p -> p.kind() == kind);
  }

  private void devices() {
    if (!geometry.hasWater()) {
      return;
    }
    double below = y(geometry.lineCm()) + 10;
    double bottom = y(enclosure.ground().depthCm()) - 6;
    double tall = Math.min(64, bottom - below);
    if (tall < 8) {
      return;
    }
    if (isPlaceless(Equipment.Heater.class, FurnishingKind.HEATER)) {
      svg.empty(
          "rect",
          "class",
          "s-heater",
          "data-thing",
          "heater",
          "x",
          x(0) + 16,
          "y",
          below,
          "width",
          8,
          "height",
          tall,
          "rx",
          3);
      if (enclosure.all(Equipment.Heater.class).allMatch(Equipment.Heater::guarded)) {
        svg.empty(
            "rect", "class", "s-guard", "x", x(0) + 12, "y", below - 4, "width", 16, "height",
            tall + 8, "rx", 4);
      }
    }
    if (isPlaceless(Equipment.Filter.class, FurnishingKind.FILTER)) {
      svg.empty(
          "rect",
          "class",
          "s-filter",
          "data-thing",
          "filter",
          "x",
          x(0) + 36,
          "y",
          below,
          "width",
          18,
          "height",
          tall,
          "rx",
          4);
    }
  }

  private void dimensions(UnitSystem units) {
    double length = enclosure.vessel().lengthCm();
    double height = enclosure.vessel().heightCm();
    double foot = y(0) + 22;
    double shore = geometry.shoreX();
    boolean land = hasLand() && geometry.hasWater();
    if (land) {
      across(x(0), x(shore), foot, "water " + Quantity.cm(shore).text(units));
      across(x(shore), x(length), foot, "land " + Quantity.cm(length - shore).text(units));
    } else {
      across(x(0), x(length), foot, Quantity.cm(length).text(units));
    }
    double right = x(length) + 18;
    if (enclosure.water().depthCm() > 0) {
      upright(
          x(0) - 18,
          y(enclosure.ground().depthCm()),
          y(geometry.lineCm()),
          Quantity.cm(enclosure.water().depthCm()).number(units),
          true);
    }
    upright(
        right,
        y(geometry.lineCm()),
        y(height),
        Quantity.cm(geometry.freeboardCm()).number(units),
        false);
    upright(right, y(0), y(geometry.lineCm()), Quantity.cm(geometry.lineCm()).number(units), false);
    svg.text(
        "height " + Quantity.cm(height).text(units),
        "class",
        "s-dim",
        "x",
        x(0),
        "y",
        y(height) - 14,
        "text-anchor",
        "start");
  }

  /** What the water line and the points of the ground are taken by. */
  private void handles() {
    if (enclosure.water().depthCm() > 0) {
      svg.empty(
          "circle",
          "class",
          "s-handle",
          "cx",
          x(0) - 14,
          "cy",
          y(geometry.lineCm()),
          "r",
          9,
          "data-drag",
          "depth");
    }
    List<Substrate.Point> points = enclosure.ground().points();
    for (int n = 0; n < points.size(); n++) {
      svg.empty(
          "circle",
          "class",
          "s-handle s-point",
          "cx",
          x(points.get(n).xCm()),
          "cy",
          y(enclosure.ground().depthCm() + points.get(n).riseCm()),
          "r",
          8,
          "data-drag",
          "g" + n);
    }
  }

  private void across(double from, double to, double at, String words) {
    svg.empty(
        "path",
        "class",
        "s-tick",
        "d",
        "M%s %sH%sM%s %sv8M%s %sv8"
            .formatted(
                Svg.number(from),
                Svg.number(at),
                Svg.number(to),
                Svg.number(from),
                Svg.number(at - 4),
                Svg.number(to),
                Svg.number(at - 4)));
    svg.text(
        words,
        "class",
        "s-dim s-over",
        "x",
        (from + to) / 2,
        "y",
        at + 23,
        "text-anchor",
        "middle");
  }

  private void upright(double at, double low, double high, String words, boolean leftSide) {
    if (low - high < 1) {
      return;
    }
    svg.empty(
        "path",
        "class",
        "s-tick",
        "d",
        "M%s %sV%sM%s %sh8M%s %sh8"
            .formatted(
                Svg.number(at),
                Svg.number(low),
                Svg.number(high),
                Svg.number(at - 4),
                Svg.number(low),
                Svg.number(at - 4),
                Svg.number(high)));
    svg.text(
        words,
        "class",
        "s-dim",
        "x",
        leftSide ? at - 8 : at + 8,
        "y",
        (low + high) / 2 + 7,
        "text-anchor",
        leftSide ? "end" : "start");
  }
}
