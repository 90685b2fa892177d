package app.islet.web.base.drawing;

import app.islet.core.enclosure.Equipment;
import app.islet.core.enclosure.Furnishing;
import app.islet.core.enclosure.FurnishingKind;
import app.islet.core.geometry.BaskingPlace;
import java.util.Optional;

/** Lamps that nobody drew a place for. */
final class SectionLamps extends SectionLayer {
  SectionLamps(SectionSheet sheet) {
    super(sheet);
  }

  /** Lamps that nobody drew hang over the place they are estimated to shine on. */
  @Override
  void draw() {
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
}
