package app.islet.core.livestock;

import app.islet.core.animal.HealthNote;
import app.islet.core.care.Stage;
import app.islet.core.text.English;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/**
 * An animal that somebody looked for and did not find. What digs itself in is not dead and must not
 * be dug out; what lives in clear water and is not there has got out, and dries out in hours.
 *
 * @param single whether it is one animal; of a group some are missing
 * @param last proof that it was there
 * @param firstLookedOn since then
 * @param lookedOn the last time
 */
public record Missing(boolean single, LastSeen last, LocalDate firstLookedOn, LocalDate lookedOn) {
  /** So long it is looked for every day, then every week; common practice, no source. */
  private static final int SOON_DAYS = 7;

  /**
   * @param events the oldest first
   * @param cameOn the day they came where they are
   * @return empty where nobody missed it, or it turned up since; of a group only a count says so
   */
  public static Optional<Missing> of(
      Stage stage,
      boolean single,
      List<LifeEvent> events,
      Optional<LocalDate> cameOn,
      LocalDate today) {
    Optional<LocalDate> last = Optional.empty();
    List<LocalDate> looked = new ArrayList<>();
    for (LifeEvent e : events) {
      if (e.day().isAfter(today)) {
        break;
      }
      if (e.kind() == LifeEvent.Kind.MISSED) {
        looked.add(e.day());
      } else if (single ? e.kind().proof() != LifeEvent.Proof.NONE : isCount(e)) {
        last = Optional.of(e.day());
        looked.clear();
      }
    }
    // Whoever carried it where it is had it in hand.
    looked.removeIf(day -> cameOn.filter(came -> came.isAfter(day)).isPresent());
    if (looked.isEmpty()) {
      return Optional.empty();
    }
    LocalDate from =
        Stream.concat(last.stream(), cameOn.stream())
            .max(Comparator.naturalOrder())
            .orElse(looked.get(0));
    return Optional.of(
        new Missing(
            single, LastSeen.on(from, stage), looked.get(0), looked.get(looked.size() - 1)));
  }

  private static boolean isCount(LifeEvent e) {
    return e.kind() == LifeEvent.Kind.SEEN && e.amount().isPresent();
  }

  /** The day to look again; before it, one that may be dug in is left in peace. */
  public LocalDate askAgain() {
    LocalDate usual = last.day().plusDays(last.usualDays());
    if (last.digsIn() && lookedOn.isBefore(usual)) {
      return usual;
    }
    boolean soon = ChronoUnit.DAYS.between(firstLookedOn, lookedOn) < SOON_DAYS;
    return lookedOn.plusDays(soon ? 1 : SOON_DAYS);
  }

  /** As in "not seen since 12 May 2026; up to 90 days are usual for one that may have dug in". */
  public String words() {
    return "%snot seen since %s; up to %s are usual for %s"
        .formatted(
            single ? "" : "some ",
            English.shortDay(last.day()),
            English.count(last.usualDays(), "day"),
            last.digsIn() ? "one that may have dug in" : "one that lives as it does");
  }

  /** What to do, in order. */
  public List<String> steps() {
    return last.digsIn()
        ? List.of(
            "Do not dig: one that is in its moult dies of it.",
            "Food and fresh water stay ready; ground smoothed in the evening shows tracks in the morning.",
            "Look at the lid and round the outside all the same.")
        : List.of(
            "Every hide, the filter and its intake, behind the background.",
            "Then the floor along the walls, under furniture, damp corners: out of its place it dries out within hours.",
            "Close the gap it may have left by.");
  }

  /** The same as work on the list; on a day it was looked for there is no more to do. */
  public HealthNote note(long animal, LocalDate today) {
    return new HealthNote(
        HealthNote.MISSING + animal,
        words(),
        steps(),
        last.day(),
        Optional.of(lookedOn),
        lookedOn.equals(today) ? 0 : (int) ChronoUnit.DAYS.between(lookedOn, askAgain()),
        Set.of(),
        false);
  }
}
