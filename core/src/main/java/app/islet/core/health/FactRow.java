package app.islet.core.health;

import app.islet.core.care.Evidence;
import app.islet.core.text.Fields;
import app.islet.core.water.WaterEvent;
import java.util.List;
import java.util.Set;

/**
 * What a fact of the records means by itself, and where it is read.
 *
 * @param bad whether something is wrong, whatever is seen
 * @param first ids of steps it asks for before anything is thought about
 * @param rules of the review, whose finding says it
 */
public record FactRow(
    RecordKind kind,
    boolean bad,
    List<String> first,
    List<String> rules,
    Events events,
    Evidence basis) {
  /** Done to the water, within so many days. */
  public record Events(Set<WaterEvent.Kind> kinds, int days) {}

  static FactRow read(Fields f) {
    return new FactRow(
        f.choice("kind", RecordKind.class),
        f.flag("bad", false),
        f.texts("first", 40),
        f.texts("rules", 60),
        new Events(
            Set.copyOf(f.choices("events", WaterEvent.Kind.class)),
            f.whole("days", 1, 90, "days", 1)),
        Evidence.of(f.text("basis", 200)));
  }
}
