package app.islet.core.enclosure;

import app.islet.core.field.Between;
import app.islet.core.field.Stored;
import app.islet.core.quantity.Check;
import app.islet.core.quantity.Dimension;
import app.islet.core.text.Worded;

/**
 * A vessel by the inner dimensions of its rim, cm, each above 0 to 2000.
 *
 * @param floorShare length of the floor as a share of the rim's; 1 where the walls are upright,
 *     less for tubs and ponds with sloping sides
 */
public record Vessel(
    @Stored(usual = "BOX") Shape shape,
    @Between(of = Dimension.LENGTH, min = 1, max = Vessel.MAX_CM) double lengthCm,
    @Between(of = Dimension.LENGTH, min = 1, max = Vessel.MAX_CM) double widthCm,
    @Between(of = Dimension.LENGTH, min = 1, max = Vessel.MAX_CM) double heightCm,
    @Stored(usual = "1") @Between(of = Dimension.SHARE, min = 0.2, max = 1) double floorShare,
    @Stored(flat = true) Walls walls) {
  public static final double MAX_CM = 2000;

  /** Outline of the rim. */
  public enum Shape implements Worded {
    BOX("rectangular", 1),
    BOW("bow front", (1 - Shape.BOW_DEPTH) + Shape.BOW_DEPTH * 2 / 3),
    CORNER("corner, a quarter round", Math.PI / 4),
    OVAL("oval or round", Math.PI / 4);

    /** How far a bow front swells, as a share of the width; common practice, no source. */
    private static final double BOW_DEPTH = 0.2;

    private final String words;
    private final double areaShare;

    Shape(String words, double areaShare) {
      this.words = words;
      this.areaShare = areaShare;
    }

    @Override
    public String words() {
      return words;
    }
  }

  public Vessel {
    Check.positive("lengthCm", Check.inRange("lengthCm", lengthCm, 0, MAX_CM));
    Check.positive("widthCm", Check.inRange("widthCm", widthCm, 0, MAX_CM));
    Check.positive("heightCm", Check.inRange("heightCm", heightCm, 0, MAX_CM));
    Check.inRange("floorShare", floorShare, 0.2, 1);
    if (floorShare < 1 && (shape == Shape.BOW || shape == Shape.CORNER)) {
      throw new IllegalArgumentException("only rectangular and oval vessels have sloping sides");
    }
  }

  /** A vessel of whose walls nobody said more than their shape. */
  public Vessel(Shape shape, double lengthCm, double widthCm, double heightCm, double floorShare) {
    this(shape, lengthCm, widthCm, heightCm, floorShare, Walls.UNKNOWN);
  }

  /** A rectangular tank. */
  public Vessel(double lengthCm, double widthCm, double heightCm) {
    this(Shape.BOX, lengthCm, widthCm, heightCm, 1);
  }

  /** The same vessel with other dimensions. */
  public Vessel sized(double length, double width, double height) {
    return new Vessel(shape, length, width, height, floorShare, walls);
  }

  /** The same vessel with other walls. */
  public Vessel with(Walls some) {
    return new Vessel(shape, lengthCm, widthCm, heightCm, floorShare, some);
  }

  /** Height at which water runs out: the rim, or the lip of a lower opening, cm. */
  public double brimCm() {
    return Math.min(heightCm, walls.lipCm().orElse(heightCm));
  }

  public boolean isBox() {
    return shape == Shape.BOX && floorShare == 1;
  }

  /** Area of the floor, cm². */
  public double footprintCm2() {
    return lengthCm * widthCm * shape.areaShare * floorShare * floorShare;
  }

  /**
   * Height of the wall at a point: 0 over the floor, rising where the sides slope, and NaN outside
   * the rim.
   */
  public double wallCm(double x, double y) {
    double reach = reach(x, y);
    if (!(reach <= 1)) {
      return Double.NaN;
    }
    return reach <= floorShare ? 0 : heightCm * (reach - floorShare) / (1 - floorShare);
  }

  /** How far out a point lies: 0 in the middle, 1 on the rim. */
  private double reach(double x, double y) {
    double u = Math.abs(2 * x / lengthCm - 1);
    double v = 2 * y / widthCm - 1;
    return switch (shape) {
      case BOX -> Math.max(u, Math.abs(v));
      case OVAL -> Math.hypot(u, v);
      case CORNER -> Math.hypot(x / lengthCm, y / widthCm) <= 1 ? Math.max(u, Math.abs(v)) : 2;
      case BOW -> y / widthCm <= 1 - Shape.BOW_DEPTH * u * u ? Math.max(u, Math.abs(v)) : 2;
    };
  }
}
