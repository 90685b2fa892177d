package app.islet.core.enclosure;

import app.islet.core.text.Worded;

/**
 * What closes the top.
 *
 * <p>{@code evaporation}: share of an open surface's evaporation that remains; {@code uv}: share of
 * UVB that passes. From memory: window glass passes next to no UVB, clear plastic hardly more, mesh
 * between half and four fifths.
 */
public enum Lid implements Worded {
  NONE("open", 1, 1),
  MESH("mesh", 0.9, 0.65),
  PART_MESH("mesh under the lamps, glass elsewhere", 0.5, 0.65),
  GLASS("glass", 0.2, 0),
  PLASTIC("clear plastic", 0.2, 0.03);

  /** Share of UVB below which a lamp is as good as none; from memory. */
  private static final double USELESS = 0.1;

  private final String words;
  private final double evaporation;
  private final double uv;

  Lid(String words, double evaporation, double uv) {
    this.words = words;
    this.evaporation = evaporation;
    this.uv = uv;
  }

  @Override
  public String words() {
    return words;
  }

  public double evaporation() {
    return evaporation;
  }

  public double uv() {
    return uv;
  }

  /** Whether next to no UVB passes: a lamp over it only lights. */
  public boolean stopsUv() {
    return uv < USELESS;
  }
}
