package app.islet.core.enclosure;

import app.islet.core.field.Between;
import app.islet.core.field.Stored;
import app.islet.core.quantity.Dimension;

/**
 * One thing in its place, by the block around it.
 *
 * <p>x runs along the length from the left end, y along the width from the back, heights from the
 * vessel's floor; all in cm.
 *
 * @param id names it within its enclosure, as {@code stone-1}
 * @param xCm left edge, and {@code yCm} back edge, as it lies before it is turned
 * @param bottomCm its underside; of what floats the water decides
 * @param topCm its upper side, or the high end of a ramp
 * @param turnDeg turned about its middle, clockwise as seen from above
 * @param round whether its outline is an ellipse
 * @param risesLeft of a ramp: whether the high end is at the left, before it is turned
 * @param locked whether the drawing leaves it where it is
 */
public record Furnishing(
    @Stored String id,
    FurnishingKind kind,
    @Between(of = Dimension.LENGTH, min = -Vessel.MAX_CM, max = Vessel.MAX_CM) double xCm,
    @Between(of = Dimension.LENGTH, min = -Vessel.MAX_CM, max = Vessel.MAX_CM) double yCm,
    @Between(of = Dimension.LENGTH, min = 0.1, max = Vessel.MAX_CM) double lengthCm,
    @Between(of = Dimension.LENGTH, min = 0.1, max = Vessel.MAX_CM) double widthCm,
    @Between(of = Dimension.LENGTH, min = 0, max = Vessel.MAX_CM) double bottomCm,
    @Between(of = Dimension.LENGTH, min = 0, max = Vessel.MAX_CM) double topCm,
    @Stored(usual = "0") @Between(of = Dimension.ANGLE, min = -360, max = 360, unit = "degrees")
        double turnDeg,
    boolean round,
    boolean risesLeft,
    boolean locked) {
  public Furnishing {
    if (!(topCm > bottomCm)) {
      throw new IllegalArgumentException(
          "the top of \"%s\" must be above its bottom".formatted(id));
    }
    if (!(lengthCm > 0 && widthCm > 0)) {
      throw new IllegalArgumentException("\"%s\" must have a length and a width".formatted(id));
    }
  }

  /** A thing that lies along the vessel. */
  public Furnishing(
      String id,
      FurnishingKind kind,
      double xCm,
      double yCm,
      double lengthCm,
      double widthCm,
      double bottomCm,
      double topCm,
      boolean round,
      boolean risesLeft,
      boolean locked) {
    this(id, kind, xCm, yCm, lengthCm, widthCm, bottomCm, topCm, 0, round, risesLeft, locked);
  }

  /** The same thing that much higher. */
  public Furnishing raised(double byCm) {
    return new Furnishing(
        id,
        kind,
        xCm,
        yCm,
        lengthCm,
        widthCm,
        bottomCm + byCm,
        topCm + byCm,
        turnDeg,
        round,
        risesLeft,
        locked);
  }

  private static final double HALF = 0.5 - 1e-9;

  /** Whether its outline covers the point. */
  public boolean covers(double x, double y) {
    return covers(x, y, 0);
  }

  /**
   * The same for its outline drawn at least {@code leastCm} wide: a pane is thinner than a cell.
   */
  public boolean covers(double x, double y, double leastCm) {
    return outline(leastCm).covers(x, y);
  }

  /** Its outline drawn at least {@code leastCm} wide, to be asked about many points. */
  public Outline outline(double leastCm) {
    return new Outline(
        midX(),
        midY(),
        cos(),
        sin(),
        Math.max(lengthCm, leastCm),
        Math.max(widthCm, leastCm),
        round);
  }

  /** A rectangle or ellipse around a middle, turned. */
  public record Outline(
      double midX,
      double midY,
      double cos,
      double sin,
      double lengthCm,
      double widthCm,
      boolean round) {
    public boolean covers(double x, double y) {
      double u = ((x - midX) * cos + (y - midY) * sin) / lengthCm;
      double v = ((y - midY) * cos - (x - midX) * sin) / widthCm;
      // Half open, so that a cell on a turned edge is counted on one side and not on both.
      if (!(u >= -HALF && u < HALF && v >= -HALF && v < HALF)) {
        return false;
      }
      return !round || u * u + v * v <= 0.25;
    }
  }

  /** From its middle along its own length, cm. */
  private double along(double x, double y) {
    return (x - midX()) * cos() + (y - midY()) * sin();
  }

  private double cos() {
    return turnDeg == 0 ? 1 : Math.cos(Math.toRadians(turnDeg));
  }

  private double sin() {
    return turnDeg == 0 ? 0 : Math.sin(Math.toRadians(turnDeg));
  }

  public double midX() {
    return xCm + lengthCm / 2;
  }

  public double midY() {
    return yCm + widthCm / 2;
  }

  /** How far it reaches along the vessel as it is turned, cm. */
  public double spanX() {
    return Math.abs(lengthCm * cos()) + Math.abs(widthCm * sin());
  }

  /** How far it reaches across the vessel as it is turned, cm. */
  public double spanY() {
    return Math.abs(lengthCm * sin()) + Math.abs(widthCm * cos());
  }

  /** Its leftmost point, cm. */
  public double leftCm() {
    return midX() - spanX() / 2;
  }

  /** Its point farthest back, cm. */
  public double backCm() {
    return midY() - spanY() / 2;
  }

  /** Height of its upper side over a point; the line decides for what floats. */
  public double topAt(double x, double y, double lineCm) {
    if (kind.floats()) {
      return lineCm + (topCm - bottomCm);
    }
    if (!kind.form().slopes()) {
      return topCm;
    }
    double share = Math.max(0, Math.min(1, along(x, y) / lengthCm + 0.5));
    return bottomCm + (topCm - bottomCm) * (risesLeft ? 1 - share : share);
  }

  /** The same thing somewhere else. */
  public Furnishing at(double x, double y) {
    return new Furnishing(
        id, kind, x, y, lengthCm, widthCm, bottomCm, topCm, turnDeg, round, risesLeft, locked);
  }

  /** The same slope, rising the other way. */
  Furnishing risingToLeft() {
    return new Furnishing(
        id, kind, xCm, yCm, lengthCm, widthCm, bottomCm, topCm, turnDeg, round, true, locked);
  }

  /** The same thing under another id. */
  public Furnishing named(String newId) {
    return new Furnishing(
        newId, kind, xCm, yCm, lengthCm, widthCm, bottomCm, topCm, turnDeg, round, risesLeft,
        locked);
  }

  /** The same thing turned. */
  public Furnishing turned(double degrees) {
    return new Furnishing(
        id, kind, xCm, yCm, lengthCm, widthCm, bottomCm, topCm, degrees, round, risesLeft, locked);
  }

  /** Outline of it on the floor, cm². */
  public double areaCm2() {
    return lengthCm * widthCm * (round ? Math.PI / 4 : 1);
  }

  /** The block around it, half of it where it slopes, L. */
  public double blockL() {
    return areaCm2() * (topCm - bottomCm) / 1000 * (kind.form().slopes() ? 0.5 : 1);
  }

  /** What it weighs, kg. */
  public double massKg() {
    return blockL() * Math.max(kind.fill(), 0.05) * kind.kgPerL();
  }
}
