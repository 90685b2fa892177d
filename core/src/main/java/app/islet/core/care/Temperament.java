package app.islet.core.care;

/** How an animal treats its company. */
public enum Temperament {
  CALM("calm"),
  NIPS("nips at what moves"),
  BITES("bites, at meals above all"),
  KILLS("kills what is weaker");

  private final String words;

  Temperament(String words) {
    this.words = words;
  }

  public String words() {
    return words;
  }
}
