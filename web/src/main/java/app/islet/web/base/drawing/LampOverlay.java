package app.islet.web.base.drawing;

import app.islet.core.Assessment;
import app.islet.core.climate.Spot;
import app.islet.core.enclosure.Enclosure;
import app.islet.core.enclosure.Equipment;
import app.islet.core.enclosure.Furnishing;
import app.islet.core.enclosure.FurnishingKind;
import app.islet.core.geometry.BaskingPlace;
import app.islet.core.light.UvField;
import app.islet.core.quantity.Quantity;
import app.islet.core.quantity.UnitSystem;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.DoubleUnaryOperator;

/** The section with what lamps do in it: UV index over the place, or temperature of its surface. */
public final class LampOverlay {
  /** UV index from which the next band begins, as the legend words them. */
  private static final double[] BANDS = {0.7, 3, 7.4};

  private static final double CELL_CM = 2;
  private static final double LABEL_CM = 16;
  private static final double WARM_STEP_CM = 6;
  private static final double WARM_STEP_PX = 40;
  private static final int WARM_STEPS = 3;

  /** Both lamps hang over one place: their dimensions stand beside each other. */
  private static final double APART_PX = 34;

  /** A letter of a label is so wide, about. */
  private static final double LETTER_PX = 9.5;

  private static final int MAX_CELLS = 120;

  private final Assessment assessment;
  private final Enclosure e;
  private final UnitSystem units;
  private final Svg svg;
  private final DoubleUnaryOperator x;
  private final DoubleUnaryOperator y;
  private final boolean bench;

  /**
   * @param bench whether the lamps are in the drawing already
   */
  private LampOverlay(
      Assessment assessment,
      UnitSystem units,
      Svg svg,
      DoubleUnaryOperator x,
      DoubleUnaryOperator y,
      boolean bench) {
    this.bench = bench;
    this.assessment = assessment;
    this.e = assessment.enclosure();
    this.units = units;
    this.svg = svg;
    this.x = x;
    this.y = y;
  }

  /** UV index in bands with numbers, and how far the lamp hangs over the place. */
  public static String uv(Assessment assessment, UnitSystem units) {
    return SectionDrawing.overlaid(
        assessment,
        units,
        (svg, x, y) -> new LampOverlay(assessment, units, svg, x, y, false).uv());
  }

  /** The working drawing with both over it. */
  public static String working(Assessment assessment, UnitSystem units, double cutCm) {
    return SectionDrawing.working(
        assessment,
        units,
        cutCm,
        (svg, x, y) -> {
          LampOverlay overlay = new LampOverlay(assessment, units, svg, x, y, true);
          overlay.uv();
          overlay.temperature("");
        });
  }

  /** Temperature of the surfaces under the basking lamp, and of the water on a summer's day. */
  public static String temperature(Assessment assessment, String water, UnitSystem units) {
    return SectionDrawing.overlaid(
        assessment,
        units,
        (svg, x, y) -> new LampOverlay(assessment, units, svg, x, y, false).temperature(water));
  }

  private void uv() {
    UvField field = assessment.situation().uvField();
    double length = e.vessel().lengthCm();
    double high = e.vessel().heightCm();
    double cell = Math.max(CELL_CM, Math.max(length, high) / MAX_CELLS);
    double across = e.vessel().widthCm() / 2;
    svg.open("g", "class", "o-uv");
    for (double z = 0; z < high; z += cell) {
      double from = 0;
      int band = band(field.uvi(cell / 2, across, z + cell / 2));
      for (double at = cell; at < length + cell; at += cell) {
        int next = at < length ? band(field.uvi(at + cell / 2, across, z + cell / 2)) : -1;
        if (next != band) {
          box(from, Math.min(at, length), z, Math.min(z + cell, high), band);
          from = at;
          band = next;
        }
      }
    }
    for (double z = LABEL_CM / 2; field.isLit() && z < high - 2; z += LABEL_CM) {
      for (double at = LABEL_CM / 2; at < length - 2; at += LABEL_CM) {
        svg.text(
            String.format(Locale.ROOT, "%.1f", field.uvi(at, across, z)),
            "class",
            "s-field",
            "x",
            x.applyAsDouble(at),
            "y",
            y.applyAsDouble(z) + 5,
            "text-anchor",
            "middle");
      }
    }
    svg.close("g");
    BaskingPlace.of(e, assessment.geometry())
        .ifPresent(
            place ->
                hung(
                    place,
                    FurnishingKind.UVB_LAMP,
                    e.all(Equipment.UvbLamp.class)
                        .map(Equipment.UvbLamp::distanceCm)
                        .findFirst()
                        .orElse(OptionalDouble.empty()),
                    "UVB"));
  }

  private static int band(double uvi) {
    int band = 0;
    while (band < BANDS.length && uvi >= BANDS[band]) {
      band++;
    }
    return band;
  }

  private void box(double from, double to, double low, double high, int band) {
    if (band == 0) {
      return;
    }
    svg.empty(
        "rect",
        "class",
        "u-" + band,
        "x",
        x.applyAsDouble(from),
        "y",
        y.applyAsDouble(high),
        "width",
        x.applyAsDouble(to) - x.applyAsDouble(from),
        "height",
        y.applyAsDouble(low) - y.applyAsDouble(high));
  }

  private void temperature(String water) {
    Optional<Spot> spot = assessment.situation().spot();
    double line = assessment.geometry().lineCm();
    if (assessment.geometry().hasWater()) {
      svg.text(
          water,
          "class",
          "s-field s-field-water",
          "x",
          x.applyAsDouble(4),
          "y",
          y.applyAsDouble(Math.max(2, line / 2)));
    }
    Optional<BaskingPlace> place = BaskingPlace.of(e, assessment.geometry());
    if (place.isEmpty()) {
      return;
    }
    if (spot.isPresent()) {
      BaskingPlace p = place.get();
      double lampX = lampX(p);
      svg.open("g", "class", "o-temperature");
      double pxPerCm = x.applyAsDouble(1) - x.applyAsDouble(0);
      double step = Math.max(WARM_STEP_CM, WARM_STEP_PX / pxPerCm);
      for (int n = -WARM_STEPS; n <= WARM_STEPS; n++) {
        double at = p.xCm() + n * step;
        if (at < step / 2 || at > e.vessel().lengthCm() - step / 2) {
          continue;
        }
        double celsius = spot.get().lamp().surfaceC(spot.get().belowCm(), Math.abs(at - lampX));
        svg.text(
            Quantity.celsius(Math.round(celsius)).number(units),
            "class",
            "s-field",
            "x",
            x.applyAsDouble(at),
            "y",
            y.applyAsDouble(p.heightCm()) - 8,
            "text-anchor",
            "middle");
      }
      svg.close("g");
    }
    hung(
        place.get(),
        FurnishingKind.BASKING_LAMP,
        spot.map(s -> OptionalDouble.of(s.belowCm())).orElse(OptionalDouble.empty()),
        "lamp");
  }

  private double lampX(BaskingPlace place) {
    return e.furnishings().parts().stream()
        .filter(p -> p.kind() == FurnishingKind.BASKING_LAMP)
        .mapToDouble(p -> p.midX())
        .findFirst()
        .orElse(place.xCm());
  }

  /** A dimension line from the place up to its lamp, and the lamp where nobody drew it. */
  private void hung(BaskingPlace place, FurnishingKind kind, OptionalDouble distance, String word) {
    Optional<Furnishing> drawn =
        e.furnishings().parts().stream().filter(p -> p.kind() == kind).findFirst();
    double below = drawn.map(p -> p.bottomCm() - place.heightCm()).orElse(distance.orElse(0));
    if (!(below > 0)) {
      return;
    }
    boolean uv = kind == FurnishingKind.UVB_LAMP;
    double at =
        x.applyAsDouble(drawn.map(p -> p.midX()).orElse(place.xCm())) + (uv ? -APART_PX : APART_PX);
    double low = y.applyAsDouble(place.heightCm());
    double high = y.applyAsDouble(place.heightCm() + below);
    svg.empty(
        "path",
        "class",
        "s-tick",
        "d",
        "M%s %sV%sM%s %sh10M%s %sh10"
            .formatted(
                Svg.number(at),
                Svg.number(low),
                Svg.number(high),
                Svg.number(at - 5),
                Svg.number(low),
                Svg.number(at - 5),
                Svg.number(high)));
    if (drawn.isEmpty() && !bench) {
      svg.empty(
          "rect",
          "class",
          uv ? "s-uv" : "s-lamp",
          "x",
          at - 24,
          "y",
          Math.max(2, high - 10),
          "width",
          48,
          "height",
          8,
          "rx",
          3);
    }
    String words = "%s %s".formatted(word, Quantity.cm(below).text(units));
    boolean fits = at + 10 + words.length() * LETTER_PX <= Board.of(e).width();
    svg.text(
        words,
        "class",
        "s-label",
        "x",
        uv || !fits ? at - 10 : at + 10,
        "y",
        Math.max(16, high + (fits ? 18 : 40)),
        "text-anchor",
        uv || !fits ? "end" : "start");
  }
}
