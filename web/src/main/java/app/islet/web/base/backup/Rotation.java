package app.islet.web.base.backup;

import java.time.LocalDate;
import java.time.YearMonth;
import java.time.temporal.IsoFields;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/**
 * Which nightly backups are kept: those of the last seven days, of four weeks the last of each, of
 * twelve months the last of each.
 */
final class Rotation {
  private static final int DAYS = 7;
  private static final int WEEKS = 4;
  private static final int MONTHS = 12;

  private Rotation() {}

  /** Days whose backup is no longer needed. */
  static List<LocalDate> old(Collection<LocalDate> days) {
    List<LocalDate> newestFirst =
        days.stream().distinct().sorted(Comparator.reverseOrder()).toList();
    Set<LocalDate> kept = new HashSet<>(newestFirst.stream().limit(DAYS).toList());
    Set<String> weeks = new HashSet<>();
    Set<YearMonth> months = new HashSet<>();
    for (LocalDate day : newestFirst) {
      String week =
          day.get(IsoFields.WEEK_BASED_YEAR) + "-" + day.get(IsoFields.WEEK_OF_WEEK_BASED_YEAR);
      boolean lastOfWeek = weeks.size() < WEEKS && weeks.add(week);
      boolean lastOfMonth = months.size() < MONTHS && months.add(YearMonth.from(day));
      if (lastOfWeek || lastOfMonth) {
        kept.add(day);
      }
    }
    return newestFirst.stream().filter(day -> !kept.contains(day)).toList();
  }
}
