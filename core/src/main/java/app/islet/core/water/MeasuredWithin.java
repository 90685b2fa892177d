package app.islet.core.water;

import app.islet.core.animal.Resident;
import app.islet.core.care.Needs;
import app.islet.core.quantity.Phrase;
import app.islet.core.quantity.Range;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;

/**
 * How what was measured lately kept within what all who live there stand for a time.
 *
 * @param range in the inside units of the parameter
 */
public record MeasuredWithin(Parameter parameter, Range range, TimeOutside outside) {
  /** Water follows its room within a day or two; common practice, no source. */
  public static final int NOW_DAYS = 2;

  /** So far back readings are judged one by one. */
  public static final int MONTH_DAYS = 30;

  /** Empty where nothing was measured in these days, or nobody states what is stood. */
  public static Optional<MeasuredWithin> of(
      WaterState water, Parameter parameter, LocalDate today, int days) {
    return stood(water, parameter).flatMap(range -> of(water, parameter, range, today, days));
  }

  /** The same within what one of them stands. */
  public static Optional<MeasuredWithin> of(
      WaterState water, Parameter parameter, Range range, LocalDate today, int days) {
    TimeOutside outside = TimeOutside.of(since(water, today, days), parameter, range);
    return outside.readings() > 0
        ? Optional.of(new MeasuredWithin(parameter, range, outside))
        : Optional.empty();
  }

  private static List<WaterTest> since(WaterState water, LocalDate today, int days) {
    return water.record().until(today).tests().stream()
        .filter(test -> test.day().isAfter(today.minusDays(days)))
        .toList();
  }

  /** What they share of it; else what is wanted. */
  private static Optional<Range> stood(WaterState water, Parameter parameter) {
    List<Optional<Range>> each =
        water.residents().stream()
            .map(r -> stood(r, parameter))
            .filter(Optional::isPresent)
            .toList();
    return each.stream()
        .reduce((one, other) -> one.flatMap(range -> range.overlap(other.orElseThrow())))
        .orElseGet(() -> water.wanted(parameter));
  }

  private static Optional<Range> stood(Resident r, Parameter parameter) {
    Needs needs = r.stage().needs();
    return switch (parameter) {
      case TEMPERATURE ->
          r.isResting() && needs.rest().isPresent()
              ? needs.rest().map(Needs.Rest::coolC)
              : needs.water().map(Needs.Temperature::toleratedC);
      case SALINITY -> needs.salinity().map(Needs.Salinity::tolerated);
      default -> Optional.empty();
    };
  }

  /** As in "14 of 96 readings above 20 °C, 3 h 10 min in all, 50 min at a stretch". */
  public Phrase words() {
    return outside.words(parameter, range);
  }
}
