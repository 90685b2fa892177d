package app.islet.web.base.drawing;

import app.islet.core.Assessment;
import app.islet.core.enclosure.Enclosure;
import app.islet.core.enclosure.Equipment;
import app.islet.core.enclosure.Vessel;
import app.islet.core.quantity.UnitSystem;
import java.util.List;

/**
 * The waterline section: an enclosure cut along its length, true to its numbers. The one drawing
 * code for the glyph on the rack, the page head and the working drawing, each made of layers;
 * colours come from the page's tokens.
 */
public final class SectionDrawing {
  /** A glyph is drawn this wide, whatever size it is shown at. */
  private static final double GLYPH_PIXELS = 150;

  private static final double GLYPH_EDGE = 3;
  private static final double PICTURE_EDGE = 6;

  /** Room over the rim for lamps. */
  private static final double LAMPS_PX = 44;

  private SectionDrawing() {}

  /** The section without dimensions, for cards and lists. */
  public static Glyph glyph(Assessment assessment) {
    Vessel vessel = assessment.enclosure().vessel();
    double scale = GLYPH_PIXELS / vessel.lengthCm();
    SectionSheet sheet =
        new SectionSheet(assessment, scale, GLYPH_EDGE, GLYPH_EDGE, Double.NaN, true, new Svg());
    title(sheet);
    body(sheet);
    new SectionAnimals(sheet).draw();
    new SectionGlass(sheet).draw();
    return new Glyph(
        sheet.svg().toString(),
        GLYPH_PIXELS + 2 * GLYPH_EDGE,
        vessel.heightCm() * scale + 2 * GLYPH_EDGE);
  }

  /**
   * The section with its lamps and without dimensions, for a proposal or a comparison.
   *
   * @param widthPx of the inside
   */
  public static String picture(Assessment assessment, double widthPx) {
    Vessel vessel = assessment.enclosure().vessel();
    double scale = widthPx / vessel.lengthCm();
    boolean lit =
        assessment.enclosure().has(Equipment.BaskingLamp.class)
            || assessment.enclosure().has(Equipment.UvbLamp.class);
    double over = lit ? LAMPS_PX : PICTURE_EDGE;
    SectionSheet sheet =
        new SectionSheet(assessment, scale, PICTURE_EDGE, over, Double.NaN, true, new Svg());
    title(sheet);
    body(sheet);
    new SectionLamps(sheet).draw();
    new SectionAnimals(sheet).draw();
    new SectionDevices(sheet).draw();
    new SectionGlass(sheet).draw();
    return new Glyph(
            sheet.svg().toString(),
            widthPx + 2 * PICTURE_EDGE,
            vessel.heightCm() * scale + over + PICTURE_EDGE)
        .scaled(1);
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
    SectionSheet sheet = begin(assessment, cutCm);
    body(sheet);
    new SectionLamps(sheet).draw();
    contents(sheet, units, overlay);
    new SectionHandles(sheet).draw();
    return sheet.svg().close("svg").toString();
  }

  /** The section with something laid over it and nothing to drag. */
  static String overlaid(Assessment assessment, UnitSystem units, Overlay overlay) {
    SectionSheet sheet = begin(assessment, Double.NaN);
    body(sheet);
    contents(sheet, units, overlay);
    return sheet.svg().close("svg").toString();
  }

  private static void contents(SectionSheet sheet, UnitSystem units, Overlay overlay) {
    new SectionAnimals(sheet).draw();
    SectionDevices devices = new SectionDevices(sheet);
    devices.draw();
    overlay.draw(sheet.svg(), devices::x, devices::y);
    new SectionGlass(sheet).draw();
    new SectionDimensions(sheet, units).draw();
  }

  /** Everything in the enclosure but animals and devices, from the back to the front. */
  private static void body(SectionSheet sheet) {
    SectionVessel vessel = new SectionVessel(sheet);
    boolean clipped = !sheet.small() && !vessel.isUpright();
    if (clipped) {
      sheet.svg().open("g", "clip-path", "url(#inside)");
    }
    for (SectionLayer layer :
        List.of(
            vessel,
            new SectionWater(sheet),
            new SectionSubstrate(sheet),
            new SectionDishes(sheet),
            new SectionRests(sheet))) {
      layer.draw();
    }
    if (clipped) {
      sheet.svg().close("g");
    }
    new SectionFurnishings(sheet).draw();
    new SectionWaterLine(sheet).draw();
  }

  private static SectionSheet begin(Assessment assessment, double cutCm) {
    Board board = Board.of(assessment.enclosure());
    double tall =
        board.top() + assessment.enclosure().vessel().heightCm() * board.scale() + Board.BOTTOM;
    Svg svg = new Svg();
    SectionSheet sheet =
        new SectionSheet(assessment, board.scale(), board.left(), board.top(), cutCm, false, svg);
    svg.open(
        "svg",
        "xmlns",
        "http://www.w3.org/2000/svg",
        "viewBox",
        "0 0 %s %s".formatted(Svg.number(board.width()), Svg.number(tall)),
        "width",
        board.width(),
        "class",
        "section working",
        "role",
        "img",
        "data-scale",
        board.scale(),
        "data-left",
        board.left());
    title(sheet);
    new SectionVessel(sheet).clip();
    return sheet;
  }

  private static void title(SectionSheet sheet) {
    Enclosure enclosure = sheet.assessment().enclosure();
    sheet
        .svg()
        .element(
            "title",
            "Section of %s: %s by %s cm, %s L of water"
                .formatted(
                    enclosure.name(),
                    Svg.number(enclosure.vessel().lengthCm()),
                    Svg.number(enclosure.vessel().heightCm()),
                    Math.round(sheet.assessment().geometry().waterL())));
  }
}
