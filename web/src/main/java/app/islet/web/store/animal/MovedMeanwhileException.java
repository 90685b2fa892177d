package app.islet.web.store.animal;

/** Somebody else moved the animal since the page was made; the message is for the keeper. */
public final class MovedMeanwhileException extends RuntimeException {
  private static final long serialVersionUID = 1;

  MovedMeanwhileException(String name) {
    super(
        "Somebody moved %s since this page was made. Look where it is now, then do it again if it is still to be done."
            .formatted(name));
  }
}
