package app.islet.core.health;

import app.islet.core.livestock.Ledger;
import app.islet.core.livestock.Presence;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * Who was where an ill animal was, shortly before it showed: they may have it too, or brought it.
 *
 * @param animals key of the others
 * @param place key of where they met
 * @param last the last day they were together, up to today
 * @param still whether they are together now
 */
public record Contact(String animals, String place, LocalDate last, boolean still) {
  /** What shows today was caught some weeks ago; from memory. */
  private static final int BEFORE_DAYS = 30;

  /** The latest meeting with each, of the days from a month before it showed. */
  public static List<Contact> of(Ledger ledger, String animals, LocalDate began, LocalDate today) {
    LocalDate from = began.minusDays(BEFORE_DAYS);
    Map<String, Contact> latest = new LinkedHashMap<>();
    for (Presence p : ledger.together(animals)) {
      LocalDate last = p.until().map(day -> day.isAfter(today) ? today : day).orElse(today);
      if (p.from().isAfter(today) || last.isBefore(from)) {
        continue;
      }
      Contact contact =
          new Contact(
              p.animals(), p.place(), last, p.until().filter(d -> !d.isAfter(today)).isEmpty());
      latest.merge(p.animals(), contact, (a, b) -> a.last().isAfter(b.last()) ? a : b);
    }
    return List.copyOf(latest.values());
  }
}
