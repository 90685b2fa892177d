package app.islet.core.review;

/** The step of the work a finding belongs to, in working order. */
public enum Step {
  RESIDENTS("Residents"),
  SITE("Site"),
  BUILD("Build"),
  CLIMATE("Climate"),
  LIGHT("Light"),
  WATER("Water"),
  PEOPLE("People");

  private final String word;

  Step(String word) {
    this.word = word;
  }

  public String word() {
    return word;
  }
}
