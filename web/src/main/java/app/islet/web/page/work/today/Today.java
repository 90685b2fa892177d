package app.islet.web.page.work.today;

import app.islet.core.text.English;
import app.islet.web.base.support.Units;
import app.islet.web.reading.summary.DayRounds;
import app.islet.web.reading.summary.EnclosureSummary;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * How far today's rounds have come.
 *
 * @param late what should have been done on an earlier day, the first few
 * @param moreLate how many more
 * @param next where to go on; null where all is done
 */
record Today(
    long all, long done, List<String> late, int moreLate, @Nullable EnclosureSummary next) {
  private static final int LATE_SHOWN = 8;

  static Today of(List<DayRounds.Stop> stops, Units u) {
    long all = stops.stream().mapToLong(s -> s.lines().size()).sum();
    long left = stops.stream().mapToLong(DayRounds.Stop::left).sum();
    List<String> late =
        stops.stream()
            .flatMap(
                s ->
                    s.lines().stream()
                        .filter(l -> !l.due().settled() && l.due().daysLate() > 0)
                        .map(l -> late(s, l, u)))
            .toList();
    return new Today(
        all,
        all - left,
        late.stream().limit(LATE_SHOWN).toList(),
        Math.max(0, late.size() - LATE_SHOWN),
        stops.stream()
            .filter(s -> s.left() > 0)
            .map(DayRounds.Stop::enclosure)
            .findFirst()
            .orElse(null));
  }

  private static String late(DayRounds.Stop stop, DayRounds.Line line, Units u) {
    int days = line.due().daysLate();
    return "%s: %s, %s late"
        .formatted(
            stop.enclosure().name(), u.text(line.due().task().title()), English.count(days, "day"));
  }

  public long percent() {
    return all == 0 ? 0 : Math.round(100.0 * done / all);
  }
}
