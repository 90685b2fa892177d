package app.islet.core.feeding;

import app.islet.core.care.Often;
import app.islet.core.care.Role;
import app.islet.core.care.Turn;
import java.util.List;

/**
 * What some animals are given, and how often each of it.
 *
 * @param mostADay of so many foods one day's portion is shared at most
 */
public record Menu(List<Line> lines, FeedingDays days, int mostADay) {
  /** Two foods share a portion; three are a mess; common practice, no source. */
  public static final int USUAL_MOST_A_DAY = 2;

  /**
   * A food on it.
   *
   * @param food what it is known by in what was given
   */
  public record Line(String food, Role role, Often often) {
    /** Whether it takes a turn in the rotation, and a share of the portion. */
    public boolean takesTurns() {
      return role != Role.ALWAYS && role != Role.SUPPLEMENT;
    }
  }

  public Menu {
    lines = List.copyOf(lines);
    if (mostADay < 1) {
      throw new IllegalArgumentException("a day has room for one food at least");
    }
    if (lines.size() > Turn.MAX_ON_A_MENU) {
      throw new IllegalArgumentException(
          "a menu has at most %d foods".formatted(Turn.MAX_ON_A_MENU));
    }
    if (lines.stream().map(Line::food).distinct().count() < lines.size()) {
      throw new IllegalArgumentException("a food stands on a menu once");
    }
  }

  /** Foods that take turns, in the order of the menu. */
  List<Line> turns() {
    return lines.stream().filter(Line::takesTurns).toList();
  }
}
