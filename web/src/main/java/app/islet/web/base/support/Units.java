package app.islet.web.base.support;

import app.islet.core.quantity.Dimension;
import app.islet.core.quantity.Phrase;
import app.islet.core.quantity.Quantity;
import app.islet.core.quantity.Range;
import app.islet.core.quantity.UnitSystem;

/**
 * Writes the core's quantities and sentences in one keeper's units; what templates call {@code u}.
 */
public record Units(UnitSystem system) {
  public String text(Quantity quantity) {
    return quantity.text(system);
  }

  public String text(Phrase phrase) {
    return phrase.text(system);
  }

  public String number(Quantity quantity) {
    return quantity.number(system);
  }

  public String unit(Quantity quantity) {
    return quantity.unit(system);
  }

  public String unit(Dimension dimension) {
    return dimension.unit(system);
  }

  public String range(Range range, Dimension dimension) {
    return range.text(dimension, system);
  }

  public String cm(double cm) {
    return text(Quantity.cm(cm));
  }

  public String celsius(double c) {
    return text(Quantity.celsius(c));
  }

  /** A number without a unit, as fine as is worth telling. */
  public String figure(double value) {
    double rounded = value >= 10 ? Math.round(value) : Math.round(value * 1000) / 1000.0;
    return text(new Quantity(Dimension.FIGURE, rounded));
  }

  public String grams(double g) {
    return text(Quantity.grams(g));
  }
}
