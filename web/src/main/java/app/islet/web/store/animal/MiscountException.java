package app.islet.web.store.animal;

/** A number that does not fit the books; the message is for the keeper. */
public final class MiscountException extends RuntimeException {
  private static final long serialVersionUID = 1;

  MiscountException(String sentence) {
    super(sentence);
  }
}
