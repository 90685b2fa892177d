package app.islet.core.health;

import app.islet.core.care.Evidence;
import app.islet.core.text.Fields;
import java.util.List;

/**
 * What a fact of the records means by itself.
 *
 * @param bad whether something is wrong, whatever is seen
 * @param first ids of steps it asks for before anything is thought about
 */
record FactRow(RecordKind kind, boolean bad, List<String> first, Evidence basis) {
  static FactRow read(Fields f) {
    return new FactRow(
        f.choice("kind", RecordKind.class),
        f.flag("bad", false),
        f.texts("first", 40),
        Evidence.of(f.text("basis", 200)));
  }
}
