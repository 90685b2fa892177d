package app.islet.web.reading.archive;

import java.time.Instant;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.regex.Pattern;

/**
 * Days of an archive read as so many days later: days, moments, and days in documents.
 *
 * @param days 0 or more; fewer than 0 for earlier
 */
record DayShift(int days) {
  static final DayShift NONE = new DayShift(0);

  /** A day that is the whole of a word in a document. */
  private static final Pattern DAY_IN_JSON = Pattern.compile("\"(\\d{4}-\\d{2}-\\d{2})\"");

  /** A cell as it is kept; it must be right for its kind. */
  String shifted(Kind kind, String cell) {
    if (days == 0) {
      return cell;
    }
    return switch (kind) {
      case DAY -> later(cell);
      case MOMENT -> Instant.parse(cell).plus(days, ChronoUnit.DAYS).toString();
      case JSON -> DAY_IN_JSON.matcher(cell).replaceAll(day -> "\"" + later(day.group(1)) + "\"");
      default -> cell;
    };
  }

  private String later(String day) {
    return LocalDate.parse(day).plusDays(days).toString();
  }
}
