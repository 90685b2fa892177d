package app.islet.core.plan;

import app.islet.core.animal.Resident;
import app.islet.core.enclosure.Purpose;
import java.util.List;

/**
 * Who is visited before whom, so that nothing is carried to where it does harm: the young before
 * the grown, the healthy before quarantine and sick. Common practice, no source.
 */
public enum WalkGroup {
  YOUNG("Young animals", "Clean hands first. Nets and siphon of their own."),
  GROWN("Grown animals", "One set of tools; rinse and dry it between enclosures."),
  APART(
      "Quarantine and sick animals",
      "Last, with tools of their own. Wash your hands before and after each enclosure.");

  /** Under this share of its full length an animal counts as young. */
  private static final double YOUNG_SHARE = 0.5;

  private final String title;
  private final String tools;

  WalkGroup(String title, String tools) {
    this.title = title;
    this.tools = tools;
  }

  /**
   * Of the enclosure's purpose and who is in it; that an animal at home is ill only the keeper
   * knows.
   */
  public static WalkGroup of(Purpose purpose, List<Resident> residents) {
    if (purpose.isApart()) {
      return APART;
    }
    return residents.stream().anyMatch(WalkGroup::isYoung) ? YOUNG : GROWN;
  }

  private static boolean isYoung(Resident r) {
    return r.bodyCm() < YOUNG_SHARE * r.sheet().body().adultLengthCm();
  }

  public String title() {
    return title;
  }

  public String tools() {
    return tools;
  }
}
