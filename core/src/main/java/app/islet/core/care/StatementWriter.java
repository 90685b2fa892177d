package app.islet.core.care;

import app.islet.core.quantity.Dimension;
import app.islet.core.quantity.Phrase;
import app.islet.core.quantity.Quantity;
import app.islet.core.quantity.Range;
import java.util.ArrayList;
import java.util.List;

/** Statements of a care sheet in the making, each with its basis. */
final class StatementWriter {
  private final List<Statement> said = new ArrayList<>();

  void say(String about, Evidence basis, String pattern, Object... parts) {
    said.add(new Statement(about, Phrase.of(pattern, parts), basis));
  }

  List<Statement> all() {
    return List.copyOf(said);
  }

  static Phrase temperature(Range c) {
    return Phrase.range(c, Dimension.TEMPERATURE);
  }

  /** A share from 0 to 1, in percent. */
  static Quantity share(double share) {
    return Quantity.percent(100 * share);
  }
}
