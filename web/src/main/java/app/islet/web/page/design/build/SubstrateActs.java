package app.islet.web.page.design.build;

import app.islet.core.care.SubstrateMaterial;
import app.islet.core.enclosure.Change;
import app.islet.core.enclosure.Enclosure;
import app.islet.core.enclosure.Substrate;
import app.islet.core.enclosure.Substrate.Layer;
import app.islet.core.enclosure.Substrate.Point;
import app.islet.core.quantity.Dimension;
import app.islet.web.base.support.Form;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/** A layer or a point of the ground more, or less. */
final class SubstrateActs {
  private static final double MIN_LAYER_CM = 0.5;
  private static final double NEW_LAYER_CM = 3;

  private SubstrateActs() {}

  /**
   * One more layer under the uppermost, the ground that much thicker: what stands on it and the
   * land rise with it. Where the water would stand over the rim its line stays and it is that much
   * shallower.
   *
   * @throws IllegalArgumentException if the ground fills the vessel
   */
  static Enclosure withLayer(Enclosure e) {
    double rim = e.vessel().heightCm();
    double rises = e.ground().points().stream().mapToDouble(Point::riseCm).max().orElse(0);
    double room = rim - e.ground().depthCm() - rises;
    if (room < MIN_LAYER_CM) {
      throw new IllegalArgumentException("the ground fills the vessel already");
    }
    double thick = Math.min(NEW_LAYER_CM, room);
    double over = Math.max(0, e.waterLineCm() + thick - rim);
    if (over > e.water().depthCm()) {
      throw new IllegalArgumentException("there is no room for a layer under the water");
    }
    Enclosure shallower =
        over > 0
            ? e.with(new Change("/water/depthCm", Math.max(0, e.water().depthCm() - over)))
            : e;
    Substrate g = e.ground();
    List<Layer> below = new ArrayList<>(g.below());
    below.add(new Layer(SubstrateMaterial.DRAINAGE, thick));
    Enclosure layered = shallower.with(g.withDepthCm(g.depthCm() + thick).withBelow(below));
    return lifted(layered, thick);
  }

  /**
   * Land and parts as high over the ground as they were; nothing over the rim that was under it.
   */
  private static Enclosure lifted(Enclosure e, double byCm) {
    double rim = e.vessel().heightCm();
    Enclosure landed =
        e.land()
            .map(l -> e.with(new Change("/land/heightCm", Math.min(rim, l.heightCm() + byCm))))
            .orElse(e);
    return landed.with(
        landed
            .furnishings()
            .withParts(
                landed.furnishings().parts().stream()
                    .map(
                        p ->
                            p.kind().floats() || p.bottomCm() >= rim
                                ? p
                                : p.raised(Math.min(byCm, Math.max(0, rim - p.topCm()))))
                    .toList()));
  }

  /** One layer less, and the ground that much thinner. */
  static Enclosure withoutLayer(Enclosure e, int n) {
    Substrate g = e.ground();
    if (n >= g.below().size()) {
      return e;
    }
    List<Layer> below = new ArrayList<>(g.below());
    double thinner = below.remove(n).thicknessCm();
    return e.with(g.withBelow(below).withDepthCm(g.depthCm() - thinner));
  }

  /** One more point, in the middle of the longest piece without one, or where it was asked. */
  static Enclosure withPoint(Enclosure e, String x, Form form) {
    double length = e.vessel().lengthCm();
    double at = middleOfTheLongest(e);
    if (!x.isEmpty()) {
      Form asked = new Form(Map.of("x", x), form.units());
      at = asked.optional("x", Dimension.LENGTH, 0, length).orElse(at);
    }
    return e.with(e.ground().withPointAt(at, length));
  }

  private static double middleOfTheLongest(Enclosure e) {
    double from = 0;
    double longest = 0;
    double middle = e.vessel().lengthCm() / 2;
    List<Point> points = new ArrayList<>(e.ground().points());
    points.add(new Point(e.vessel().lengthCm(), 0));
    for (Point point : points) {
      if (point.xCm() - from > longest + 1e-9) {
        longest = point.xCm() - from;
        middle = from + longest / 2;
      }
      from = point.xCm();
    }
    return Math.round(middle);
  }

  static Enclosure withoutPoint(Enclosure e, int n) {
    List<Point> points = new ArrayList<>(e.ground().points());
    if (n < points.size()) {
      points.remove(n);
    }
    return e.with(e.ground().withPoints(points));
  }
}
