package app.islet.core.health;

import app.islet.core.care.AnimalGroup;
import app.islet.core.care.CareSheet;
import app.islet.core.care.Evidence;
import app.islet.core.text.Fields;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * One thing to do, one sentence.
 *
 * @param groups it is for; none for all
 * @param species it is for; none for all
 * @param unless id of a step that says the same and more
 */
public record AidStep(
    String id,
    Order order,
    String text,
    Set<AnimalGroup> groups,
    List<String> species,
    Optional<String> unless,
    Evidence basis) {
  /** In this order things are done. */
  public enum Order {
    PEOPLE,
    /** The animal out of danger. */
    SAFE,
    TEST,
    COMPARE,
    AID,
    WATCH
  }

  static AidStep read(Fields f) {
    return new AidStep(
        f.text("id", 40),
        f.choice("order", Order.class),
        f.text("text", 140),
        Set.copyOf(f.choices("groups", AnimalGroup.class)),
        f.texts("species", 40),
        f.optionalText("unless", 40),
        Evidence.of(f.text("basis", 200)));
  }

  boolean isFor(CareSheet sheet) {
    return (groups.isEmpty() || groups.contains(sheet.group()))
        && (species.isEmpty() || species.contains(sheet.kind()));
  }
}
