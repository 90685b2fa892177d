package app.islet.web.design;

import app.islet.core.review.Outlook;
import app.islet.core.situation.HusbandryState;
import app.islet.web.support.Units;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;

/**
 * What the time slider marks.
 *
 * @param months until the last resident is grown
 */
record OutlookView(int months, List<Mark> marks) {
  private static final DateTimeFormatter MONTH =
      DateTimeFormatter.ofPattern("MMMM yyyy", Locale.ENGLISH);

  /** A month in which something fails that did not before. */
  record Mark(int month, String when, String severity, String what) {}

  static OutlookView of(HusbandryState now, Units u) {
    int months = Outlook.monthsToAdult(now);
    return new OutlookView(
        months,
        Outlook.of(now, months).events().stream()
            .map(
                e ->
                    new Mark(
                        e.month(),
                        e.day().format(MONTH),
                        e.finding().severity().word(),
                        u.text(e.finding().what())))
            .toList());
  }
}
