package app.islet.core.health;

import app.islet.core.care.AnimalGroup;
import app.islet.core.care.Evidence;
import app.islet.core.text.Fields;
import java.util.Set;

/**
 * An illness that goes from animals to others when they, their water or their tools cross.
 *
 * @param from groups that carry it
 * @param to groups that fall ill of it, or carry it on
 * @param by what it travels with
 * @param advice what stops it
 */
public record Crossing(
    String id,
    String words,
    Set<AnimalGroup> from,
    Set<AnimalGroup> to,
    String by,
    String advice,
    Evidence basis) {
  static Crossing read(Fields f) {
    return new Crossing(
        f.text("id", 40),
        f.text("words", 60),
        Set.copyOf(f.choices("from", AnimalGroup.class)),
        Set.copyOf(f.choices("to", AnimalGroup.class)),
        f.text("by", 80),
        f.text("do", 120),
        Evidence.of(f.text("basis", 200)));
  }
}
