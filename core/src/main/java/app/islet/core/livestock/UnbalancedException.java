package app.islet.core.livestock;

/** Movements that cannot have happened; the message says the numbers, for the keeper. */
public final class UnbalancedException extends RuntimeException {
  private static final long serialVersionUID = 1;

  private final transient Movement movement;

  UnbalancedException(Movement movement, String sentence) {
    super(sentence);
    this.movement = movement;
  }

  /** The one that does not add up. */
  public Movement movement() {
    return movement;
  }
}
