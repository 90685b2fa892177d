package app.islet.web.ops.reminders;

import java.time.LocalTime;
import java.util.Optional;

/**
 * How a keeper wants to be reminded of a collection.
 *
 * @param mail address; empty for none
 * @param webhook whether the webhook of the server is told too
 * @param urgent whether dangers are told as they come up
 * @param digestHour of the morning's list, in the collection's time
 * @param quiet hours without a message
 */
record Reminder(
    String mail,
    boolean webhook,
    boolean urgent,
    Optional<Integer> digestHour,
    Optional<Quiet> quiet) {
  static final Reminder NONE =
      new Reminder("", false, true, Optional.empty(), Optional.of(new Quiet(22, 7)));

  /** From an hour until another, over midnight where the second is the smaller. */
  record Quiet(int from, int until) {
    boolean holds(LocalTime now) {
      int hour = now.getHour();
      return from <= until ? hour >= from && hour < until : hour >= from || hour < until;
    }
  }

  boolean isQuiet(LocalTime now) {
    return quiet.filter(hours -> hours.holds(now)).isPresent();
  }
}
