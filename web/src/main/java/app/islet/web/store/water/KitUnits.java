package app.islet.web.store.water;

import app.islet.core.quantity.Range;
import app.islet.core.quantity.UnitSystem;
import app.islet.core.water.Parameter;
import app.islet.web.base.support.Form;
import java.math.BigDecimal;
import java.math.MathContext;
import java.util.Locale;
import java.util.OptionalDouble;

/**
 * Tested values as one keeper's kit shows them.
 *
 * @param asIon whether nitrogen is counted as the whole ion, as on most cards of drops
 */
public record KitUnits(UnitSystem system, boolean asIon) {
  private double factor(Parameter parameter) {
    return asIon ? parameter.ionFactor() : 1;
  }

  /** As in {@code mg/L NO₃}; empty for the pH. */
  public String unit(Parameter parameter) {
    String unit = parameter.dimension().unit(system);
    if (!parameter.isNitrogen()) {
      return unit;
    }
    return unit + " " + (asIon ? parameter.ion() : "N");
  }

  public double shown(Parameter parameter, double inside) {
    return parameter.dimension().toUnit(inside * factor(parameter), system);
  }

  public String number(Parameter parameter, double inside) {
    return parameter.dimension().number(inside * factor(parameter), system);
  }

  /** An estimate, to a tenth: more places than a forecast can mean. */
  public String about(Parameter parameter, double inside) {
    double tenths = Math.round(inside * factor(parameter) * 10) / 10.0;
    return parameter.dimension().number(tenths, system);
  }

  /** Number and unit, as in {@code 12 mg/L NO₃}. */
  public String text(Parameter parameter, double inside) {
    return (number(parameter, inside) + " " + unit(parameter)).strip();
  }

  public String text(Parameter parameter, Range inside) {
    return (number(parameter, inside.min())
            + " to "
            + number(parameter, inside.max())
            + " "
            + unit(parameter))
        .strip();
  }

  /** What was typed, inside units; what cannot be is refused beside its field. */
  public OptionalDouble read(Form form, Parameter parameter) {
    double factor = factor(parameter);
    Range possible = parameter.possible();
    OptionalDouble typed =
        form.optional(
            id(parameter), parameter.dimension(), possible.min() * factor, possible.max() * factor);
    return typed.isPresent()
        ? OptionalDouble.of(Math.min(possible.max(), typed.getAsDouble() / factor))
        : typed;
  }

  /** The number in a file, inside units. */
  public double inside(Parameter parameter, double written) {
    return parameter.dimension().toSi(written, system) / factor(parameter);
  }

  /** A number for a file: in the keeper's unit, and so fine that it is the same when read again. */
  public String written(Parameter parameter, double inside) {
    double value = shown(parameter, inside);
    return new BigDecimal(value).round(new MathContext(10)).stripTrailingZeros().toPlainString();
  }

  public static String id(Parameter parameter) {
    return parameter.name().toLowerCase(Locale.ROOT);
  }
}
