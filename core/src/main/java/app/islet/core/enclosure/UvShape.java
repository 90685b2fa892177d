package app.islet.core.enclosure;

import app.islet.core.text.Worded;

/**
 * How a UVB lamp is built.
 *
 * <p>{@code lampCm} is the length of what shines where it is not drawn; {@code uviAt30Cm} the UV
 * index 30 cm below a new one of middling strength, without reflector and mesh. All from memory: a
 * meter decides.
 */
public enum UvShape implements Worded {
  LINEAR("straight tube", 55, 2.0),
  COMPACT("compact lamp", 12, 0.9),
  SPOT("spot (mercury vapour, metal halide)", 0, 4.0);

  private final String words;
  private final double lampCm;
  private final double uviAt30Cm;

  UvShape(String words, double lampCm, double uviAt30Cm) {
    this.words = words;
    this.lampCm = lampCm;
    this.uviAt30Cm = uviAt30Cm;
  }

  @Override
  public String words() {
    return words;
  }

  public double lampCm() {
    return lampCm;
  }

  public double uviAt30Cm() {
    return uviAt30Cm;
  }
}
