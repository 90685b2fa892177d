package app.islet.core.livestock;

import app.islet.core.text.English;
import java.util.function.UnaryOperator;

/** Movements that cannot have happened; the message says the numbers, for the keeper. */
public final class UnbalancedException extends RuntimeException {
  private static final long serialVersionUID = 1;

  private final transient Movement movement;
  private final int number;
  private final boolean oneSided;

  private UnbalancedException(Movement movement, int number, boolean oneSided) {
    super(sentence(movement, number, oneSided, UnaryOperator.identity(), UnaryOperator.identity()));
    this.movement = movement;
    this.number = number;
    this.oneSided = oneSided;
  }

  /** More are to go than the {@code there} that are there. */
  static UnbalancedException tooFew(Movement movement, int there) {
    return new UnbalancedException(movement, there, false);
  }

  /** What one hands over and another takes differ. */
  static UnbalancedException oneSided(Movement movement, int differBy) {
    return new UnbalancedException(movement, differBy, true);
  }

  /** The one that does not add up. */
  public Movement movement() {
    return movement;
  }

  /** The message, with the names that the keys stand for. */
  public String sentence(UnaryOperator<String> animals, UnaryOperator<String> places) {
    return sentence(movement, number, oneSided, animals, places);
  }

  private static String sentence(
      Movement m,
      int number,
      boolean oneSided,
      UnaryOperator<String> animals,
      UnaryOperator<String> places) {
    String who = animals.apply(m.animals());
    String when = English.day(m.day());
    if (oneSided) {
      String other = m.to().kind() == Place.Kind.OTHER ? m.to().name() : m.from().name();
      return "%s and %s: what the one hands over and what the other takes on %s differ by %d."
          .formatted(who, animals.apply(other), when, number);
    }
    if (m.to().kind() == Place.Kind.BEGUN) {
      return "%d of %s cannot be taken back on %s: %d had begun."
          .formatted(m.count(), who, when, number);
    }
    String is = number == 1 ? "is" : "are";
    if (m.from().isKept()) {
      String where = places.apply(m.from().name());
      return "%d of %s cannot go from %s on %s: %d %s in %s."
          .formatted(m.count(), who, where, when, number, is, where);
    }
    String way = m.from().words();
    String cause = m.cause().isEmpty() ? "" : " (" + m.cause() + ")";
    return "%d of %s cannot go from %s on %s: %d %s on the books as %s%s."
        .formatted(m.count(), who, way, when, number, is, way, cause);
  }
}
