package app.islet.core.care;

/** What a food is for on a menu. */
public enum Role {
  STAPLE("staple"),
  SECOND("second staple"),
  GREENS("greens"),
  LIVE("live"),
  FROZEN("frozen"),
  TREAT("treat"),
  SUPPLEMENT("supplement"),
  /** Lies there always, as cuttlebone, and takes no turn. */
  ALWAYS("always there");

  private final String word;

  Role(String word) {
    this.word = word;
  }

  public String word() {
    return word;
  }
}
