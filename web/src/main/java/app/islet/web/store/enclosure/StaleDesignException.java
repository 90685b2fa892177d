package app.islet.web.store.enclosure;

/** Somebody else saved the design after the one that a save started from. */
public class StaleDesignException extends RuntimeException {
  StaleDesignException(int startedFrom, int newest) {
    super("started from revision %d, but %d is the newest".formatted(startedFrom, newest));
  }
}
