package app.islet.core.feeding;

import java.time.LocalDate;
import java.util.Arrays;

/** Feeding days of a course, counted from its first day, so that any can be looked up at once. */
final class FeedingCalendar {
  private final boolean[] feeding;

  /** The first feeding day from each day on; past the end where none is left. */
  private final int[] next;

  /** Feeding days in order, and how many there are before each day. */
  private final int[] days;

  private final int[] before;

  FeedingCalendar(FeedingDays rule, LocalDate from, int count) {
    this.feeding = new boolean[count];
    this.next = new int[count + 1];
    this.before = new int[count + 1];
    int[] found = new int[count];
    int n = 0;
    for (int day = 0; day < count; day++) {
      feeding[day] = rule.has(from.plusDays(day));
      before[day] = n;
      if (feeding[day]) {
        found[n++] = day;
      }
    }
    before[count] = n;
    this.days = Arrays.copyOf(found, n);
    next[count] = count;
    for (int day = count - 1; day >= 0; day--) {
      next[day] = feeding[day] ? day : next[day + 1];
    }
  }

  boolean has(int day) {
    return feeding[day];
  }

  int length() {
    return feeding.length;
  }

  /** The first feeding day from {@code day} on. */
  int nextFrom(int day) {
    return next[Math.min(day, feeding.length)];
  }

  /** The n-th feeding day from the last one up to {@code day}; negative where there is none. */
  int before(int day, int n) {
    if (day < 0) {
      return -1;
    }
    int upTo = before[Math.min(day, feeding.length - 1) + 1];
    return upTo < n ? -1 : days[upTo - n];
  }
}
