package app.islet.core.care;

import app.islet.core.text.English;
import java.time.DayOfWeek;
import java.time.format.TextStyle;
import java.util.EnumSet;
import java.util.Locale;
import java.util.Set;

/**
 * How often something is done.
 *
 * @param weekdays the days of the week, or none when {@code everyDays} rules
 * @param everyDays days from one time to the next; 1 is daily; 0 when {@code weekdays} rule
 * @param perDay times on each such day
 */
public record Recurrence(Set<DayOfWeek> weekdays, int everyDays, int perDay) {
  public Recurrence {
    weekdays = Set.copyOf(weekdays);
    if (weekdays.isEmpty() == (everyDays == 0)) {
      throw new IllegalArgumentException("a rhythm is either weekdays or a number of days");
    }
    if (everyDays < 0 || perDay < 1 || perDay > 6) {
      throw new IllegalArgumentException("a rhythm runs forward, 1 to 6 times a day");
    }
  }

  public static Recurrence every(int days) {
    return new Recurrence(Set.of(), days, 1);
  }

  public static Recurrence timesADay(int times) {
    return new Recurrence(Set.of(), 1, times);
  }

  public static Recurrence on(Set<DayOfWeek> weekdays) {
    return new Recurrence(weekdays, 0, 1);
  }

  /**
   * Whether a missed time is made up later: an interval waits to be done, a fixed day simply
   * passes.
   */
  public boolean waits() {
    return everyDays > 1;
  }

  /**
   * So many days later is still in time: a weekly job not before day 7 and by day 10, a monthly one
   * within twelve days. Common practice, no source.
   */
  public int graceDays() {
    return waits() ? everyDays * 3 / 7 : 0;
  }

  /** How often on an average day. */
  public double timesADay() {
    return weekdays.isEmpty() ? (double) perDay / everyDays : perDay * weekdays.size() / 7.0;
  }

  public String words() {
    String times = perDay == 1 ? "" : perDay == 2 ? "twice " : perDay + " times ";
    if (!weekdays.isEmpty()) {
      return times
          + "on "
          + EnumSet.copyOf(weekdays).stream()
              .map(day -> day.getDisplayName(TextStyle.SHORT, Locale.ENGLISH))
              .collect(English.listing());
    }
    return times + (everyDays == 1 ? "daily" : "every " + everyDays + " days");
  }
}
