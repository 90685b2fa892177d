package app.islet.core.plan;

/**
 * Kinds of work, in the order they are done at an enclosure: what is held off, treat, feed, clean,
 * change, care for devices.
 */
public enum TaskKind {
  HOLD("Hold off"),
  TREAT("Treat"),
  FEED("Feed"),
  SUPPLEMENT("Supplement"),
  BATHE("Bathe"),
  SPOT_CLEAN("Spot clean"),
  MIST("Look after the humidity"),
  REFILL("Refill dishes"),
  TOP_UP("Top up"),
  TEST("Test the water"),
  CORRECT("Correct the water"),
  MIX("Mix salt water"),
  WATER_CHANGE("Change water"),
  RINSE_FILTER("Rinse the filter"),
  NEW_MEDIA("New filter media"),
  REPLACE_TUBE("Replace the UVB tube"),
  CHECK("Check equipment"),
  MEASURE("Measure");

  private final String word;

  TaskKind(String word) {
    this.word = word;
  }

  public String word() {
    return word;
  }
}
