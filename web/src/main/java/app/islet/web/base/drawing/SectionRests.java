package app.islet.web.base.drawing;

import app.islet.core.enclosure.Platform;

/** A rest near the surface, and the basking platform. */
final class SectionRests extends SectionLayer {
  private static final double DEVICES_PX = 72;

  SectionRests(SectionSheet sheet) {
    super(sheet);
  }

  @Override
  void draw() {
    if (!restIsDrawn()) {
      enclosure.water().restBelowSurfaceCm().ifPresent(this::rest);
    }
    enclosure.platform().ifPresent(this::platform);
  }

  /** Whether something in its place floats, or reaches so near to the surface. */
  private boolean restIsDrawn() {
    double near = geometry.lineCm() - enclosure.water().restBelowSurfaceCm().orElse(0);
    return enclosure.furnishings().parts().stream()
        .anyMatch(part -> part.kind().floats() || !part.kind().isDevice() && part.topCm() >= near);
  }

  private void rest(double below) {
    double length = enclosure.vessel().lengthCm();
    double wide = Math.min(length * 0.18, Math.max(2, geometry.shoreX() * 0.25));
    double tall = Math.max(2, 1.2 * scale);
    // In water shallower than it lies under the line it lies on the ground.
    double onGround = enclosure.ground().depthCm() + tall / scale;
    // Clear of the heater and the filter, which hang at the left end.
    double clear = small ? x(length * 0.06) : x(0) + DEVICES_PX;
    double from = Math.max(x(0) + 2, Math.min(clear, x(geometry.shoreX() * 0.75) - wide * scale));
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
  }

  private void platform(Platform p) {
    double length = enclosure.vessel().lengthCm();
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
  }
}
