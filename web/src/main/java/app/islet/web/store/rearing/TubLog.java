package app.islet.web.store.rearing;

import app.islet.core.rearing.TubEvent;
import app.islet.core.rearing.TubState;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;

/**
 * What the log tells of one tub.
 *
 * @param stages the first day each stage was seen in, by its id
 * @param last what was entered last and can be undone
 * @param ticked when it was last seen to on each of the last days
 */
public record TubLog(
    TubState state,
    Map<String, LocalDate> stages,
    Optional<Last> last,
    List<LocalDateTime> ticked) {
  private static final int PACE_DAYS = 7;

  /** The last entry, by the id it was sent with. */
  public record Last(UUID clientId, TubEvent event, long enteredBy) {}

  static TubLog of(List<TubEvent> events, Optional<Last> last, LocalDate today) {
    Map<String, LocalDate> stages = new HashMap<>();
    for (TubEvent e : events) {
      if (e.kind() == TubEvent.Kind.STAGE) {
        stages.merge(e.milestone(), e.at().toLocalDate(), (a, b) -> a.isBefore(b) ? a : b);
      }
    }
    Map<LocalDate, LocalDateTime> lastOfDay = new HashMap<>();
    for (TubEvent e : events) {
      boolean work = e.kind() == TubEvent.Kind.CHANGED || e.kind() == TubEvent.Kind.FED;
      LocalDate day = e.at().toLocalDate();
      if (work && day.isAfter(today.minusDays(PACE_DAYS))) {
        lastOfDay.merge(day, e.at(), (a, b) -> a.isAfter(b) ? a : b);
      }
    }
    List<LocalDateTime> ticked = List.copyOf(lastOfDay.values());
    return new TubLog(TubState.of(events, today), Map.copyOf(stages), last, ticked);
  }
}
