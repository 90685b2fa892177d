package app.islet.core.review;

/** How bad a finding is, worst first. */
public enum Severity {
  /** An animal or a person may be harmed. */
  DANGER("Danger"),
  /** Outside the range of the chosen school. */
  WRONG("Wrong"),
  /** Near the edge, or soon. */
  WATCH("Watch"),
  /** Worth knowing. */
  NOTE("Note");

  private final String word;

  Severity(String word) {
    this.word = word;
  }

  public String word() {
    return word;
  }
}
