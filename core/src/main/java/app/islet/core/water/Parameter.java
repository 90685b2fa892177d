package app.islet.core.water;

import app.islet.core.quantity.Dimension;
import app.islet.core.quantity.Range;
import java.util.Locale;

/**
 * What a keeper tests in the water: which values can be at all, which are worth a second look, and
 * how finely a kit sees.
 *
 * <p>Nitrogen is kept as nitrogen inside; kits that count the whole ion are converted at the edge.
 * Kit errors are common practice, no source.
 */
public enum Parameter {
  AMMONIA(
      "Ammonia",
      Dimension.TRACE,
      new Range(0, 100),
      new Range(0, 8),
      0.1,
      18.039 / 14.007,
      "NH₄",
      "All of it, free and bound. Wait the kit's full time, then daylight, the glass on white; between two colours take the darker."),
  NITRITE(
      "Nitrite",
      Dimension.TRACE,
      new Range(0, 100),
      new Range(0, 5),
      0.05,
      46.006 / 14.007,
      "NO₂",
      "Any tint at all is a reading. A colour beyond the card hides a higher one: dilute by half with fresh water, test again, double it."),
  NITRATE(
      "Nitrate",
      Dimension.CONCENTRATION,
      new Range(0, 500),
      new Range(0, 60),
      1,
      62.005 / 14.007,
      "NO₃",
      "Shake the last bottle half a minute, its powder settles; without that it always reads low."),
  PH(
      "pH",
      Dimension.PH,
      new Range(3, 11),
      new Range(5.5, 9),
      0.2,
      1,
      "",
      "Morning and evening differ where plants grow; test at the same hour."),
  CARBONATE(
      "KH (carbonate hardness)",
      Dimension.HARDNESS,
      new Range(0, 60),
      new Range(0, 25),
      1,
      1,
      "",
      "Count the drops until the colour turns and stays."),
  HARDNESS(
      "GH (general hardness)",
      Dimension.HARDNESS,
      new Range(0, 100),
      new Range(0, 40),
      1,
      1,
      "",
      "Count the drops until the colour turns and stays."),
  SALINITY(
      "Salinity",
      Dimension.SALINITY,
      new Range(0, 45),
      new Range(0, 40),
      1,
      1,
      "",
      "From a refractometer at zero in fresh water, or a hydrometer turned into salt with the calculator."),
  TEMPERATURE(
      "Water temperature",
      Dimension.TEMPERATURE,
      new Range(-1.8, 45),
      new Range(8, 32),
      0.5,
      1,
      "",
      "By a second thermometer now and then: probes drift.");

  private final String words;
  private final Dimension dimension;
  private final Range possible;
  private final Range usual;
  private final double kitError;
  private final double ionFactor;
  private final String ion;
  private final String help;

  Parameter(
      String words,
      Dimension dimension,
      Range possible,
      Range usual,
      double kitError,
      double ionFactor,
      String ion,
      String help) {
    this.words = words;
    this.dimension = dimension;
    this.possible = possible;
    this.usual = usual;
    this.kitError = kitError;
    this.ionFactor = ionFactor;
    this.ion = ion;
    this.help = help;
  }

  public String words() {
    return words;
  }

  /** In the middle of a sentence. */
  public String inSentence() {
    boolean abbreviated = this == PH || this == CARBONATE || this == HARDNESS;
    return abbreviated ? brief() : brief().toLowerCase(Locale.ROOT);
  }

  /** In one word, for a narrow column. */
  public String brief() {
    return switch (this) {
      case CARBONATE -> "KH";
      case HARDNESS -> "GH";
      case TEMPERATURE -> "Temperature";
      default -> words;
    };
  }

  public Dimension dimension() {
    return dimension;
  }

  /** Outside this it is a slip of the pen. */
  public Range possible() {
    return possible;
  }

  /** Outside this it is asked about before it is kept. */
  public Range usual() {
    return usual;
  }

  /** What a kit of drops may be off by near zero; half of it is the least it can show. */
  public double kitError() {
    return kitError;
  }

  /** Whether it is nitrogen, which kits count as nitrogen or as the whole ion. */
  public boolean isNitrogen() {
    return !ion.isEmpty();
  }

  /** The ion it is counted as, as in {@code NO₃}; empty where it is no nitrogen. */
  public String ion() {
    return ion;
  }

  /** Mass of the ion for each of nitrogen, from the atomic masses; 1 where it is none. */
  public double ionFactor() {
    return ionFactor;
  }

  /** How to read the kit, for someone who has never done it. */
  public String help() {
    return help;
  }

  /** Whether a kit would show nothing. */
  public boolean isZero(double value) {
    return value <= kitError + 1e-9;
  }
}
