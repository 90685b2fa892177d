package app.islet.web.base.drawing;

import app.islet.core.enclosure.Furnishing;
import java.util.List;

/** What stands in the enclosure, as the cut meets it. */
final class SectionFurnishings extends SectionLayer {
  SectionFurnishings(SectionSheet sheet) {
    super(sheet);
  }

  /** Behind the cut first, then what it goes through, then what stands before it. */
  @Override
  void draw() {
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
}
