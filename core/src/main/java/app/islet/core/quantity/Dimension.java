package app.islet.core.quantity;

import java.math.BigDecimal;
import java.math.MathContext;
import java.math.RoundingMode;

/**
 * What a number measures, its unit in each system, and how many places are worth showing.
 *
 * <p>Factors: 1 in = 2.54 cm and 1 US gal = 3.785411784 L exactly (NIST SP 811, appendix B); 1 oz =
 * 28.349523125 g.
 */
public enum Dimension {
  LENGTH("cm", "in", 1 / 2.54, 1),
  THICKNESS("mm", "in", 1 / 25.4, 1),
  AREA("cm²", "in²", 1 / (2.54 * 2.54), 0),
  VOLUME("L", "gal", 1 / 3.785411784, 1),
  VOLUME_PER_LENGTH("L/cm", "gal/in", 2.54 / 3.785411784, 1),
  TEMPERATURE("°C", "°F", 1.8, 1) {
    @Override
    public double toUnit(double si, UnitSystem units) {
      return units == UnitSystem.US ? si * 1.8 + 32 : si;
    }

    @Override
    public double toSi(double value, UnitSystem units) {
      return units == UnitSystem.US ? (value - 32) / 1.8 : value;
    }
  },
  TEMPERATURE_DIFFERENCE("°C", "°F", 1.8, 1),
  MASS("g", "oz", 1 / 28.349523125, 1),
  MASS_KG("kg", "lb", 1 / 0.45359237, 1),
  POWER("W", "W", 1, 0),
  FLOW("L/h", "gal/h", 1 / 3.785411784, 0),
  CONCENTRATION("mg/L", "mg/L", 1, 2),
  /** A concentration of which thousandths matter, as free ammonia. */
  TRACE("mg/L", "mg/L", 1, 3),
  PH("", "", 1, 2),
  /** Of salt water, or the reading of a hydrometer. */
  DENSITY("kg/m³", "kg/m³", 1, 2),
  SPECIFIC_GRAVITY("", "", 1, 4),
  /** Of a conditioner or a remedy. */
  DOSE("mL", "mL", 1, 1),
  GROUND_AREA("m²", "ft²", 10.763910416709722, 2),
  PRESSURE("hPa", "hPa", 1, 0),
  /** A share of one, of which thousandths matter. */
  SHARE("", "", 1, 4),
  SALINITY("g/kg", "g/kg", 1, 1),
  /** As calcium carbonate in US units: 1 °dH is 10 mg CaO, 17.848 mg CaCO3 a litre. */
  HARDNESS("°dH", "ppm", 17.848, 0),
  PERCENT("%", "%", 1, 0),
  ANGLE("°", "°", 1, 0),
  COUNT("", "", 1, 0),
  /** A bare number such as the UV index or a turnover. */
  RATIO("", "", 1, 1),
  /** A bare number of any size, of which four figures are worth reading. */
  FIGURE("", "", 1, 4),
  MINUTES("min", "min", 1, 0),
  HOURS("h", "h", 1, 1),
  SPEED("cm/s", "in/s", 1 / 2.54, 1),
  MONTHS("months", "months", 1, 0),
  DAYS("days", "days", 1, 0);

  /** Larger numbers do not fit a long with their places. */
  private static final double MAX_ROUNDED = 1e15;

  /** Below this a small portion reads as nothing. */
  private static final double SMALLEST_SHOWN = 1e-4;

  private final String siUnit;
  private final String usUnit;
  private final double usPerSi;
  private final int places;

  Dimension(String siUnit, String usUnit, double usPerSi, int places) {
    this.siUnit = siUnit;
    this.usUnit = usUnit;
    this.usPerSi = usPerSi;
    this.places = places;
  }

  /** Whether its unit is a word that loses its s beside a one. */
  boolean counts() {
    return this == DAYS || this == MONTHS;
  }

  public String unit(UnitSystem units) {
    return units == UnitSystem.US ? usUnit : siUnit;
  }

  /** A number in the inside unit, turned into the unit of {@code units}. */
  public double toUnit(double si, UnitSystem units) {
    return units == UnitSystem.US ? si * usPerSi : si;
  }

  /** A number as the keeper wrote it, turned into the inside unit. */
  public double toSi(double value, UnitSystem units) {
    return units == UnitSystem.US ? value / usPerSi : value;
  }

  /**
   * The number alone, rounded to what is worth reading: never more than the dimension's places,
   * none from 100 up.
   */
  public String number(double si, UnitSystem units) {
    double value = toUnit(si, units);
    double size = Math.abs(value);
    if (this == FIGURE) {
      return significant(value, 4);
    }
    if ((this == MASS || this == VOLUME) && size < 1 && size >= SMALLEST_SHOWN) {
      return significant(value, 2);
    }
    int shown =
        (size >= 100 && this != DENSITY) || this == COUNT
            ? 0
            : size < 1 && places > 0 ? Math.max(places, 2) : places;
    return rounded(value, shown);
  }

  private static String significant(double value, int figures) {
    return new BigDecimal(value)
        .round(new MathContext(figures))
        .stripTrailingZeros()
        .toPlainString();
  }

  /**
   * With at most so many places, zeros at the end left out. A page has hundreds of numbers and a
   * drag twenty pages a second, so this does not go through a formatter.
   */
  private static String rounded(double value, int places) {
    double scale = Math.pow(10, places);
    double scaled = Math.abs(value) * scale;
    if (!(scaled < MAX_ROUNDED)) {
      return Double.isFinite(value)
          ? new BigDecimal(value).setScale(0, RoundingMode.HALF_UP).toPlainString()
          : String.valueOf(value);
    }
    long whole = Math.round(scaled);
    int left = places;
    while (left > 0 && whole % 10 == 0) {
      whole /= 10;
      left--;
    }
    StringBuilder text = new StringBuilder(12).append(whole);
    if (left > 0) {
      while (text.length() <= left) {
        text.insert(0, '0');
      }
      text.insert(text.length() - left, '.');
    }
    return (value < 0 && whole > 0 ? "-" : "") + text;
  }
}
