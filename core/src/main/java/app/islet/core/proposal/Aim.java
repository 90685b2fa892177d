package app.islet.core.proposal;

/** What a proposal is made for. */
public enum Aim {
  /** The smallest that serves the next twelve months. */
  NOW("For the next twelve months"),
  /** The smallest that serves until they are grown. */
  GROWN("Until they are grown"),
  /** A vessel the keeper has. */
  HAVE("In the tank you have");

  private final String words;

  Aim(String words) {
    this.words = words;
  }

  public String words() {
    return words;
  }
}
