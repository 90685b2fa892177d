package app.islet.core.care;

import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * How often something is given, as a range: at least {@code least} times within any {@code
 * leastDays} days in a row, at most {@code most} times within any {@code mostDays}.
 *
 * <p>{@code 2-3 a week} is twice within any seven days and at most three times; {@code every 1-2
 * weeks} once within any fourteen and at most once within any seven.
 */
public record Often(int least, int leastDays, int most, int mostDays) {
  private static final int WEEK = 7;

  /** Once a month: no two within 28 days, and never 31 without. */
  private static final int SHORTEST_MONTH = 28;

  private static final int LONGEST_MONTH = 31;
  private static final int MAX_DAYS = 190;
  private static final double MAX_TIMES = 7;

  private static final Pattern A_WEEK = Pattern.compile("(\\d)(?:-(\\d))? a week");
  private static final Pattern EVERY =
      Pattern.compile("every (\\d{1,2})(?:-(\\d{1,2}))? (days|weeks|months)");

  public Often {
    boolean counts = least >= 1 && most >= 1 && leastDays >= 1 && mostDays >= 1;
    if (!counts || leastDays > MAX_DAYS || mostDays > MAX_DAYS || least > MAX_TIMES) {
      throw new IllegalArgumentException("so many times within so many days, both from 1");
    }
    if ((long) least * mostDays > (long) most * leastDays) {
      throw new IllegalArgumentException("the least of a range must not be more than the most");
    }
  }

  /** Once in so many days, no sooner and no later. */
  public static Often every(int days) {
    return new Often(1, days, 1, days);
  }

  /**
   * Reads {@code daily}, {@code weekly}, {@code monthly}, {@code 2-3 a week}, {@code every 2 days},
   * {@code every 1-2 weeks}, {@code every 1-2 months}; nothing where it is none of these.
   */
  public static Optional<Often> of(String text) {
    switch (text) {
      case "daily":
        return Optional.of(every(1));
      case "weekly":
        return Optional.of(every(WEEK));
      case "monthly":
        return Optional.of(new Often(1, LONGEST_MONTH, 1, SHORTEST_MONTH));
      default:
        return range(text);
    }
  }

  private static Optional<Often> range(String text) {
    Matcher week = A_WEEK.matcher(text);
    try {
      if (week.matches()) {
        int low = Integer.parseInt(week.group(1));
        int high = week.group(2) == null ? low : Integer.parseInt(week.group(2));
        return Optional.of(new Often(low, WEEK, high, WEEK));
      }
      Matcher every = EVERY.matcher(text);
      return every.matches() ? Optional.of(every(every)) : Optional.empty();
    } catch (IllegalArgumentException e) {
      return Optional.empty();
    }
  }

  private static Often every(Matcher m) {
    int low = Integer.parseInt(m.group(1));
    int high = m.group(2) == null ? low : Integer.parseInt(m.group(2));
    return switch (m.group(3)) {
      case "weeks" -> new Often(1, high * WEEK, 1, low * WEEK);
      case "months" -> new Often(1, high * LONGEST_MONTH, 1, low * SHORTEST_MONTH);
      default -> new Often(1, high, 1, low);
    };
  }

  /** At least so often on an average day. */
  public double leastADay() {
    return (double) least / leastDays;
  }

  /** At most so often on an average day. */
  public double mostADay() {
    return (double) most / mostDays;
  }

  /** As {@link #of} reads it. */
  public String words() {
    if (least == 1 && most == 1 && leastDays == mostDays) {
      return once(leastDays);
    }
    if (leastDays == WEEK && mostDays == WEEK) {
      return least == most ? least + " a week" : least + "-" + most + " a week";
    }
    if (least == 1 && most == 1) {
      return between();
    }
    return "at least %d in %d days, at most %d in %d".formatted(least, leastDays, most, mostDays);
  }

  private static String once(int days) {
    if (days == 1) {
      return "daily";
    }
    return days == WEEK ? "weekly" : "every %d days".formatted(days);
  }

  private String between() {
    if (leastDays % LONGEST_MONTH == 0 && mostDays % SHORTEST_MONTH == 0) {
      int low = mostDays / SHORTEST_MONTH;
      int high = leastDays / LONGEST_MONTH;
      if (low == high) {
        return low == 1 ? "monthly" : "every %d months".formatted(low);
      }
      return "every %d-%d months".formatted(low, high);
    }
    if (leastDays % WEEK == 0 && mostDays % WEEK == 0) {
      return "every %d-%d weeks".formatted(mostDays / WEEK, leastDays / WEEK);
    }
    return "every %d-%d days".formatted(mostDays, leastDays);
  }
}
