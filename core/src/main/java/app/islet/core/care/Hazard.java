package app.islet.core.care;

/** What an animal can do to people and to its company. */
public enum Hazard {
  SALMONELLA("carries Salmonella"),
  MYCOBACTERIA("its water can carry mycobacteria into cuts"),
  SKIN_TOXIN("poisonous skin"),
  BITE("bites"),
  PINCH("pinches");

  private final String words;

  Hazard(String words) {
    this.words = words;
  }

  public String words() {
    return words;
  }
}
