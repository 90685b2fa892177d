package app.islet.web.base.drawing;

import app.islet.core.Assessment;
import app.islet.core.enclosure.Enclosure;
import app.islet.core.enclosure.Equipment;
import app.islet.core.enclosure.FurnishingKind;
import app.islet.core.geometry.Geometry;
import app.islet.core.geometry.Geometry.Corner;
import java.util.List;
import java.util.Locale;

/** One layer of a section, drawn over those before it. */
abstract class SectionLayer {
  final SectionSheet sheet;
  final Assessment assessment;
  final Enclosure enclosure;
  final Geometry geometry;
  final double scale;
  final double cutCm;
  final boolean small;
  final Svg svg;
  private final double left;
  private final double top;

  SectionLayer(SectionSheet sheet) {
    this.sheet = sheet;
    assessment = sheet.assessment();
    enclosure = assessment.enclosure();
    geometry = assessment.geometry();
    scale = sheet.scale();
    cutCm = sheet.cutCm();
    small = sheet.small();
    svg = sheet.svg();
    left = sheet.left();
    top = sheet.top();
  }

  abstract void draw();

  final double x(double cm) {
    return left + cm * scale;
  }

  final double y(double cm) {
    return top + (enclosure.vessel().heightCm() - cm) * scale;
  }

  final double cut() {
    return Double.isNaN(cutCm) ? enclosure.vessel().widthCm() / 2 : cutCm;
  }

  final boolean isUpright() {
    return enclosure.vessel().isBox();
  }

  /** The platform stands at the right end of the water. */
  final double platformX(double platformCm) {
    return Math.max(0, geometry.shoreX() - platformCm);
  }

  /** Ground out of the water; what stands in the water and out of it is a part. */
  final boolean hasLand() {
    return geometry.shoreX() < enclosure.vessel().lengthCm() - 1e-9;
  }

  final double groundAt(double xCm) {
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

  static String written(Enum<?> value) {
    return value.name().toLowerCase(Locale.ROOT).replace('_', '-');
  }

  /** Whether there is such a device and nobody drew where. */
  final boolean isPlaceless(Class<? extends Equipment> device, FurnishingKind kind) {
    return enclosure.has(device)
        && enclosure.furnishings().parts().stream().noneMatch(p -> p.kind() == kind);
  }
}
