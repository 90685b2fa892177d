package app.islet.core.calculator;

/** A calculator's question cannot be answered; the message is for the keeper and names the key. */
public final class RefusedException extends RuntimeException {
  private final String key;

  public RefusedException(String key, String sentence) {
    super(sentence);
    this.key = key;
  }

  /** The input at fault; empty when it is the question as a whole. */
  public String key() {
    return key;
  }
}
