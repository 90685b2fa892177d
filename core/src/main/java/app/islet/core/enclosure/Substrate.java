package app.islet.core.enclosure;

import app.islet.core.care.SubstrateMaterial;
import app.islet.core.field.Between;
import app.islet.core.field.Stored;
import app.islet.core.quantity.Dimension;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.OptionalDouble;

/**
 * What covers the floor under the water, {@code depthCm} thick with all its layers.
 *
 * @param material of the uppermost layer
 * @param grainMm size of its grains, where somebody sieved or read it
 * @param below layers under it, from the vessel's floor up
 * @param points where the ground is drawn higher than that, from left to right: straight between
 *     them, and falling to the plain depth at both ends
 * @param magnetTested whether a magnet drew no iron out of it
 */
public record Substrate(
    SubstrateMaterial material,
    @Between(of = Dimension.LENGTH, min = 0, max = Vessel.MAX_CM) double depthCm,
    @Between(of = Dimension.THICKNESS, min = 0.01, max = 500) OptionalDouble grainMm,
    @Stored(most = Substrate.MAX_LAYERS) List<Layer> below,
    @Stored(most = Substrate.MAX_POINTS) List<Point> points,
    boolean magnetTested) {
  public static final int MAX_LAYERS = 10;
  public static final int MAX_POINTS = 50;

  /** Sand ends here and gravel begins, ISO 14688-1. */
  private static final double SAND_MM = 2;

  /** Stones so many times as wide as the head are not swallowed; common practice, no source. */
  private static final double STONE_HEADS = 2;

  /** The vessel's own floor. */
  public static final Substrate NONE = new Substrate(SubstrateMaterial.BARE, 0);

  /** One layer under the uppermost. */
  public record Layer(
      SubstrateMaterial material,
      @Between(of = Dimension.LENGTH, min = 0.1, max = Vessel.MAX_CM) double thicknessCm) {}

  /**
   * A place where the ground is drawn higher.
   *
   * @param riseCm over the plain depth; 0 or more
   */
  public record Point(
      @Between(of = Dimension.LENGTH, min = 0, max = Vessel.MAX_CM) double xCm,
      @Between(of = Dimension.LENGTH, min = 0, max = Vessel.MAX_CM) double riseCm) {
    public Point {
      if (!(riseCm >= 0)) {
        throw new IllegalArgumentException(
            "a point of the ground rises 0 cm or more over its depth");
      }
    }
  }

  public Substrate {
    below = List.copyOf(below);
    points = points.stream().sorted(Comparator.comparingDouble(Point::xCm)).toList();
    double under = below.stream().mapToDouble(Layer::thicknessCm).sum();
    if (under > depthCm + 1e-9) {
      throw new IllegalArgumentException(
          "the layers below are %s cm thick together, more than the ground's %s cm"
              .formatted(under, depthCm));
    }
  }

  public Substrate(SubstrateMaterial material, double depthCm) {
    this(material, depthCm, OptionalDouble.empty(), List.of(), List.of(), false);
  }

  /** The same ground of grains of that size. */
  public Substrate withGrainMm(double mm) {
    return new Substrate(material, depthCm, OptionalDouble.of(mm), below, points, magnetTested);
  }

  /** As it was sold, whatever its colour. */
  public SubstrateMaterial asSold() {
    return material == SubstrateMaterial.BLACK_SAND ? SubstrateMaterial.SAND : material;
  }

  /**
   * What it is for an animal with a head so wide, whatever it was sold as: sand with grains over 2
   * mm is gravel (ISO 14688-1), and so are stones less than twice as wide as the head; gravel that
   * wide is stones nobody swallows (common practice, no source). Black sand is sand.
   *
   * @param headCm width of the head; 0 where nothing is swallowed
   */
  public SubstrateMaterial asMet(double headCm) {
    SubstrateMaterial sold = asSold();
    if (grainMm.isEmpty()) {
      return sold;
    }
    double mm = grainMm.getAsDouble();
    return switch (sold) {
      case SAND -> mm > SAND_MM ? SubstrateMaterial.GRAVEL : sold;
      case GRAVEL, LARGE_STONES ->
          headCm > 0 && mm >= 10 * STONE_HEADS * headCm
              ? SubstrateMaterial.LARGE_STONES
              : SubstrateMaterial.GRAVEL;
      default -> sold;
    };
  }

  public Substrate withDepthCm(double depth) {
    return new Substrate(material, depth, grainMm, below, points, magnetTested);
  }

  public Substrate withBelow(List<Layer> layers) {
    return new Substrate(material, depthCm, grainMm, layers, points, magnetTested);
  }

  public Substrate withPoints(List<Point> some) {
    return new Substrate(material, depthCm, grainMm, below, some, magnetTested);
  }

  /** One more point, on the ground as it is drawn there. */
  public Substrate withPointAt(double xCm, double lengthCm) {
    List<Point> more = new ArrayList<>(points);
    more.add(new Point(xCm, riseAt(xCm, lengthCm)));
    return withPoints(more);
  }

  /** Thickness of the uppermost layer where nothing is drawn higher, cm. */
  public double uppermostCm() {
    return depthCm - below.stream().mapToDouble(Layer::thicknessCm).sum();
  }

  /** How far the ground rises over its plain depth at x, cm. */
  public double riseAt(double xCm, double lengthCm) {
    double fromX = 0;
    double from = 0;
    for (Point point : points) {
      if (point.xCm <= fromX) {
        fromX = point.xCm;
        from = point.riseCm;
      } else if (xCm <= point.xCm) {
        return between(xCm, fromX, from, point.xCm, point.riseCm);
      } else {
        fromX = point.xCm;
        from = point.riseCm;
      }
    }
    return lengthCm > fromX ? between(xCm, fromX, from, lengthCm, 0) : from;
  }

  private static double between(double x, double x0, double y0, double x1, double y1) {
    return y0 + (y1 - y0) * (x - x0) / (x1 - x0);
  }
}
