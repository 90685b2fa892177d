package app.islet.core.text;

import java.time.Duration;
import java.time.LocalDate;
import java.time.Month;
import java.time.ZonedDateTime;
import java.time.format.DateTimeFormatter;
import java.time.format.TextStyle;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Collector;
import java.util.stream.Collectors;

/** How days, counts and lists are written; every page, finding and message writes them so. */
public final class English {
  private static final DateTimeFormatter DAY = pattern("d MMMM yyyy");
  private static final DateTimeFormatter DAY_OF_YEAR = pattern("d MMMM");
  private static final DateTimeFormatter WEEKDAY = pattern("EEEE d MMMM");
  private static final DateTimeFormatter WEEKDAY_NAME = pattern("EEEE");
  private static final DateTimeFormatter SHORT_WEEKDAY = pattern("EEE d MMM");
  private static final DateTimeFormatter SHORT_DAY = pattern("d MMM yyyy");
  private static final DateTimeFormatter MONTH = pattern("MMMM yyyy");
  private static final DateTimeFormatter TIME = pattern("HH:mm");

  private static final int DAYS_A_WEEK = 7;

  /** First words of common names that are names themselves. */
  private static final Set<String> PROPER =
      Set.of(
          "African",
          "American",
          "Asian",
          "Chinese",
          "European",
          "Halloween",
          "Iberian",
          "Japanese",
          "Oriental",
          "Reeves");

  private English() {}

  private static DateTimeFormatter pattern(String pattern) {
    return DateTimeFormatter.ofPattern(pattern, Locale.ENGLISH);
  }

  /** 26 November 2026. */
  public static String day(LocalDate day) {
    return DAY.format(day);
  }

  /** 26 November, where the year is plain from what stands around it. */
  public static String dayOfYear(LocalDate day) {
    return DAY_OF_YEAR.format(day);
  }

  /** Thursday 26 November. */
  public static String weekday(LocalDate day) {
    return WEEKDAY.format(day);
  }

  /** Thu 26 Nov, in a narrow column. */
  public static String shortWeekday(LocalDate day) {
    return SHORT_WEEKDAY.format(day);
  }

  /**
   * As in {@code 4 days ago}, {@code yesterday}, {@code tomorrow}, {@code on Friday}; more than six
   * days ahead the date.
   */
  public static String near(LocalDate day, LocalDate today) {
    int ahead = (int) ChronoUnit.DAYS.between(today, day);
    return switch (ahead) {
      case -1 -> "yesterday";
      case 0 -> "today";
      case 1 -> "tomorrow";
      default ->
          ahead < 0
              ? count(-ahead, "day") + " ago"
              : "on " + (ahead < DAYS_A_WEEK ? WEEKDAY_NAME : SHORT_WEEKDAY).format(day);
    };
  }

  /** 26 Nov 2026, along an axis. */
  public static String shortDay(LocalDate day) {
    return SHORT_DAY.format(day);
  }

  /** November 2026. */
  public static String month(LocalDate day) {
    return MONTH.format(day);
  }

  /** Its name. */
  public static String month(Month month) {
    return month.getDisplayName(TextStyle.FULL, Locale.ENGLISH);
  }

  /** 14:05. */
  public static String time(ZonedDateTime moment) {
    return TIME.format(moment);
  }

  /** 26 November 2026, 14:05. */
  public static String moment(ZonedDateTime moment) {
    return day(moment.toLocalDate()) + ", " + time(moment);
  }

  /** 50 min, 3 h 10 min, 2 days 4 h: no finer than it is worth. */
  public static String time(Duration time) {
    long minutes = Math.round(time.toSeconds() / 60.0);
    long hours = minutes / 60;
    if (hours >= 48) {
      return hours / 24 + " days" + (hours % 24 == 0 ? "" : " " + hours % 24 + " h");
    }
    return hours == 0
        ? minutes + " min"
        : hours + " h" + (minutes % 60 == 0 ? "" : " " + minutes % 60 + " min");
  }

  /** 1 day, 3 days. */
  public static String count(long count, String one, String many) {
    return count + " " + (count == 1 ? one : many);
  }

  /** The same for a word that takes an s. */
  public static String count(long count, String one) {
    return count(count, one, one + "s");
  }

  /** a; a and b; a, b and c. */
  public static String list(List<String> items) {
    int last = items.size() - 1;
    return last < 1
        ? String.join("", items)
        : String.join(", ", items.subList(0, last)) + " and " + items.get(last);
  }

  /** As the first word of a sentence. */
  public static String capital(String words) {
    return words.isEmpty()
        ? words
        : words.substring(0, 1).toUpperCase(Locale.ENGLISH) + words.substring(1);
  }

  /** As a word within a sentence. */
  public static String lower(String words) {
    return words.substring(0, 1).toLowerCase(Locale.ENGLISH) + words.substring(1);
  }

  /** A common name within a sentence; what it has of a place or a person keeps its capital. */
  public static String name(String name) {
    String first = name.split(" ", 2)[0];
    return PROPER.contains(first) ? name : lower(name);
  }

  /** Ends a stream with {@link #list}. */
  public static Collector<String, ?, String> listing() {
    return Collectors.collectingAndThen(Collectors.toList(), English::list);
  }
}
