package app.islet.core.care;

import app.islet.core.text.Worded;

/**
 * Grounds a keeper may choose.
 *
 * <p>Bulk densities are of the loose, dry material; common practice, no source.
 */
public enum SubstrateMaterial implements Worded {
  BARE("bare floor", 0),
  SAND("sand", 1.6),
  BLACK_SAND("black sand", 1.8),
  GRAVEL("gravel", 1.5),
  LARGE_STONES("stones larger than the head", 1.5),
  SOIL("soil", 0.8),
  COCONUT_AND_SAND("sand and coconut fibre", 1.1),
  MOSS("sphagnum and moss", 0.1),
  LEAF_LITTER("leaf litter", 0.05),
  DRAINAGE("drainage balls", 0.4),
  MESH("separating mesh", 0.05);

  private final String words;
  private final double kgPerL;

  SubstrateMaterial(String words, double kgPerL) {
    this.words = words;
    this.kgPerL = kgPerL;
  }

  @Override
  public String words() {
    return words;
  }

  /** Bulk density, kg/L. */
  public double kgPerL() {
    return kgPerL;
  }
}
