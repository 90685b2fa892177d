package app.islet.web.page.design.build;

import app.islet.core.review.Outlook;
import app.islet.core.situation.HusbandryState;
import app.islet.core.text.English;
import app.islet.web.base.support.Units;
import java.util.List;

/**
 * What the time slider marks.
 *
 * @param months until the last resident is grown
 */
record OutlookView(int months, List<Mark> marks) {

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
                        English.month(e.day()),
                        e.finding().severity().word(),
                        u.text(e.finding().what())))
            .toList());
  }
}
