package app.islet.core.quantity;

/**
 * A number that knows what it measures.
 *
 * @param si the value in the inside unit of {@code dimension} (cm, L, °C, g, W ...)
 */
public record Quantity(Dimension dimension, double si) {
  public static Quantity cm(double cm) {
    return new Quantity(Dimension.LENGTH, cm);
  }

  public static Quantity mm(double mm) {
    return new Quantity(Dimension.THICKNESS, mm);
  }

  public static Quantity litres(double l) {
    return new Quantity(Dimension.VOLUME, l);
  }

  public static Quantity cm2(double cm2) {
    return new Quantity(Dimension.AREA, cm2);
  }

  public static Quantity celsius(double c) {
    return new Quantity(Dimension.TEMPERATURE, c);
  }

  /** A difference of temperatures. */
  public static Quantity kelvin(double k) {
    return new Quantity(Dimension.TEMPERATURE_DIFFERENCE, k);
  }

  public static Quantity hours(double h) {
    return new Quantity(Dimension.HOURS, h);
  }

  public static Quantity watts(double w) {
    return new Quantity(Dimension.POWER, w);
  }

  public static Quantity litresPerHour(double lph) {
    return new Quantity(Dimension.FLOW, lph);
  }

  public static Quantity percent(double p) {
    return new Quantity(Dimension.PERCENT, p);
  }

  public static Quantity grams(double g) {
    return new Quantity(Dimension.MASS, g);
  }

  public static Quantity kilograms(double kg) {
    return new Quantity(Dimension.MASS_KG, kg);
  }

  public static Quantity degrees(double d) {
    return new Quantity(Dimension.ANGLE, d);
  }

  public static Quantity months(double m) {
    return new Quantity(Dimension.MONTHS, m);
  }

  public static Quantity days(double d) {
    return new Quantity(Dimension.DAYS, d);
  }

  public static Quantity count(double n) {
    return new Quantity(Dimension.COUNT, n);
  }

  public String number(UnitSystem units) {
    return dimension.number(si, units);
  }

  public String unit(UnitSystem units) {
    return dimension.unit(units);
  }

  /** Number and unit, as in {@code 11.5 cm}. */
  public String text(UnitSystem units) {
    String unit = unit(units);
    if (unit.isEmpty()) {
      return number(units);
    }
    String number = number(units);
    if (dimension.counts() && number.equals("1")) {
      unit = unit.substring(0, unit.length() - 1);
    }
    return number + (dimension == Dimension.ANGLE ? "" : " ") + unit;
  }
}
