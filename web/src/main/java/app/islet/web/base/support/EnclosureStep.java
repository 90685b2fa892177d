package app.islet.web.base.support;

/** The steps of the work on an enclosure, in working order: each is a page. */
public enum EnclosureStep {
  RESIDENTS("residents", "Residents"),
  ROOM("site", "Room"),
  BUILD("build", "Build"),
  CLIMATE("climate", "Climate"),
  LIGHT("light", "Light"),
  WATER("water", "Water"),
  REVIEW("review", "Review"),
  BUILD_SHEET("sheet", "Build sheet"),
  PLAN("plan", "Plan");

  private final String path;
  private final String title;

  EnclosureStep(String path, String title) {
    this.path = path;
    this.title = title;
  }

  /** Last part of its page's address. */
  public String path() {
    return path;
  }

  public String title() {
    return title;
  }
}
