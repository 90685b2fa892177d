package app.islet.core.care;

/** The animals Islet is for, and what keepers measure on each. */
public enum AnimalGroup {
  TURTLE("Turtles", "carapace length"),
  SALAMANDER("Salamanders and newts", "total length"),
  FROG("Frogs and toads", "snout to vent"),
  CRAB("Crabs", "carapace width");

  private final String plural;
  private final String measure;

  AnimalGroup(String plural, String measure) {
    this.plural = plural;
    this.measure = measure;
  }

  public String plural() {
    return plural;
  }

  /** What the length of such an animal is measured along. */
  public String measure() {
    return measure;
  }

  /** Whether it drinks and breathes through its skin. */
  public boolean isAmphibian() {
    return this == SALAMANDER || this == FROG;
  }
}
