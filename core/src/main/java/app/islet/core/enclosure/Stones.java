package app.islet.core.enclosure;

/**
 * The highest stone or stack of stones.
 *
 * @param topCm its top above the vessel's floor
 * @param gapCm narrowest passage between or under them that an animal can enter; 0 for none
 */
public record Stones(double topCm, double gapCm, Footing footing) {
  /** What they stand on. */
  public enum Footing {
    GLASS("on the floor or on padding"),
    GROUND("on the ground");

    private final String words;

    Footing(String words) {
      this.words = words;
    }

    public String words() {
      return words;
    }
  }
}
