package app.islet.web.figure;

import app.islet.core.quantity.Quantity;
import app.islet.web.support.Units;

/**
 * A number with its unit and what it is.
 *
 * @param note what the figure rests on, or empty
 */
public record Figure(String label, String number, String unit, String note) {
  static Figure of(Units u, String label, Quantity quantity, String note) {
    return new Figure(label, u.number(quantity), u.unit(quantity), note);
  }

  /** Tells how it reads: a page on which it reads so need not be sent it again. */
  public String says() {
    return Integer.toHexString(hashCode());
  }
}
