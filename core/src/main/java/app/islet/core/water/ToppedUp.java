package app.islet.core.water;

import app.islet.core.climate.TopUp;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * What the litres logged as topped up tell: how much really evaporates, and the heat it carries
 * off.
 *
 * @param since the first of the times that count
 * @param times how often it was topped up in them, the first not counted
 * @param lately litres a day since the time before the last, where that is far from the days before
 */
public record ToppedUp(
    LocalDate since, int times, double litresADay, double watts, OptionalDouble lately) {
  /** Older ones are of another season; from memory. */
  private static final int DAYS = 60;

  /** So many times more or less than before is worth a word; from memory. */
  private static final double FAR = 1.5;

  /**
   * Nothing where it was topped up on fewer than two days: what went off before the first is not
   * known.
   *
   * @param waterC temperature of the water
   */
  public static Optional<ToppedUp> of(WaterRecord record, double waterC, LocalDate today) {
    List<WaterEvent> events =
        record
            .all(WaterEvent.Kind.TOPPED_UP)
            .filter(e -> e.day().isAfter(today.minusDays(DAYS)) && !e.day().isAfter(today))
            .sorted(Comparator.comparing(WaterEvent::day))
            .toList();
    if (events.size() < 2) {
      return Optional.empty();
    }
    LocalDate first = events.get(0).day();
    long days = ChronoUnit.DAYS.between(first, events.get(events.size() - 1).day());
    if (days == 0) {
      return Optional.empty();
    }
    double litres = litres(events.subList(1, events.size()));
    return Optional.of(
        new ToppedUp(
            first,
            events.size() - 1,
            litres / days,
            TopUp.watts(litres, days, waterC),
            lately(events)));
  }

  private static double litres(List<WaterEvent> events) {
    return events.stream().mapToDouble(WaterEvent::amount).sum();
  }

  private static OptionalDouble lately(List<WaterEvent> events) {
    int count = events.size();
    if (count < 3) {
      return OptionalDouble.empty();
    }
    LocalDate first = events.get(0).day();
    LocalDate lastButOne = events.get(count - 2).day();
    long before = ChronoUnit.DAYS.between(first, lastButOne);
    long since = ChronoUnit.DAYS.between(lastButOne, events.get(count - 1).day());
    if (before == 0 || since == 0) {
      return OptionalDouble.empty();
    }
    double was = litres(events.subList(1, count - 1)) / before;
    double is = events.get(count - 1).amount() / since;
    return is > FAR * was || FAR * is < was ? OptionalDouble.of(is) : OptionalDouble.empty();
  }
}
