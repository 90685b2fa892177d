package app.islet.core.enclosure;

import app.islet.core.text.Worded;

/** Where the water comes from. */
public enum WaterSource implements Worded {
  TAP("tap, not dechlorinated"),
  TREATED_TAP("tap, dechlorinated"),
  RAIN("rain"),
  REVERSE_OSMOSIS("reverse osmosis"),
  SPRING("spring");

  private final String words;

  WaterSource(String words) {
    this.words = words;
  }

  @Override
  public String words() {
    return words;
  }

  /** Whether it comes with next to no minerals, so that nothing holds its pH. */
  public boolean isBare() {
    return this == RAIN || this == REVERSE_OSMOSIS;
  }
}
