package app.islet.web.base.figure;

import app.islet.core.quantity.Quantity;
import app.islet.web.base.support.Ids;
import app.islet.web.base.support.Messages;
import app.islet.web.base.support.Units;

/**
 * A number with its unit and what it is.
 *
 * @param kind what it tells; label, formula and source stand in the catalogue under its key
 * @param note what the figure rests on, or empty
 * @param inputs what it was computed from here, in words
 */
public record Figure(FigureKind kind, String number, String unit, String note, String inputs) {
  static Figure of(Units u, FigureKind kind, Quantity quantity, String note, String inputs) {
    return new Figure(kind, u.number(quantity), u.unit(quantity), note, inputs);
  }

  public String label() {
    return Messages.text(kind.key());
  }

  public String formula() {
    return Messages.text(kind.key() + ".formula");
  }

  public String source() {
    return Messages.text(kind.key() + ".source");
  }

  /** Tells how it reads: a page on which it reads so need not be sent it again. */
  public String says() {
    return Ids.ofContent(toString());
  }
}
