package app.islet.core.text;

import java.time.LocalDate;

/** Nobody logs an older day, and nobody plans for a later one: the same for pages and files. */
public final class PossibleDays {
  public static final LocalDate FIRST = LocalDate.of(1900, 1, 1);
  public static final LocalDate LAST = LocalDate.of(2200, 1, 1);

  private PossibleDays() {}

  public static boolean contains(LocalDate day) {
    return !day.isBefore(FIRST) && !day.isAfter(LAST);
  }

  /** What is wrong with a day that is not among them. */
  public static String sentence(LocalDate day) {
    return "%s cannot be; a day is from %s to %s".formatted(day, FIRST, LAST);
  }
}
