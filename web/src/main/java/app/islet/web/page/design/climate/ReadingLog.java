package app.islet.web.page.design.climate;

import app.islet.core.climate.CalibrationFit.Reading;
import app.islet.core.quantity.Dimension;
import app.islet.core.quantity.UnitSystem;
import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.time.Duration;
import java.time.LocalDateTime;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;

/**
 * A log as typed or read from a file: a line each of time, water and room. The time is in hours, or
 * a day and time as 2026-03-01 08:00; what stands in the first line may be a heading.
 *
 * @param problems each refused line with its number and the reason; nothing is read then
 */
record ReadingLog(List<Reading> readings, List<String> problems) {
  static final int MAX_LINES = 5000;
  private static final String WANTED =
      "a line should be time, water, room, as in 2026-03-01 08:00, 21.4, 19.8";

  static ReadingLog read(String text, UnitSystem units) {
    List<Reading> readings = new ArrayList<>();
    List<String> problems = new ArrayList<>();
    char separator = text.contains(";") ? ';' : ',';
    CSVFormat format =
        CSVFormat.DEFAULT
            .builder()
            .setDelimiter(separator)
            .setTrim(true)
            .setIgnoreEmptyLines(true)
            .get();
    LocalDateTime first = null;
    try (CSVParser lines = CSVParser.parse(new StringReader(text), format)) {
      for (CSVRecord line : lines) {
        if (problems.size() >= 20 || readings.size() >= MAX_LINES) {
          problems.add(
              "line %d: no more is read than %d lines"
                  .formatted(line.getRecordNumber(), MAX_LINES));
          break;
        }
        if (line.size() != 3) {
          problems.add("line %d: %s".formatted(line.getRecordNumber(), WANTED));
          continue;
        }
        Optional<Double> water = temperature(line.get(1), units);
        Optional<Double> room = temperature(line.get(2), units);
        if (water.isEmpty() && room.isEmpty() && line.getRecordNumber() == 1) {
          continue;
        }
        Optional<LocalDateTime> day = dateTime(line.get(0));
        first = first == null ? day.orElse(null) : first;
        Optional<Double> hours =
            day.isPresent() && first != null
                ? Optional.of(Duration.between(first, day.get()).toMinutes() / 60.0)
                : number(line.get(0));
        if (hours.isEmpty() || water.isEmpty() || room.isEmpty()) {
          problems.add(
              "line %d: \"%s\" is not a %s; %s"
                  .formatted(
                      line.getRecordNumber(),
                      line.get(hours.isEmpty() ? 0 : water.isEmpty() ? 1 : 2),
                      hours.isEmpty() ? "time" : "temperature",
                      WANTED));
          continue;
        }
        try {
          readings.add(new Reading(hours.get(), water.get(), room.get()));
        } catch (IllegalArgumentException e) {
          problems.add("line %d: %s".formatted(line.getRecordNumber(), e.getMessage()));
        }
      }
    } catch (IOException | UncheckedIOException e) {
      problems.add("this is not a table of lines: " + e.getMessage());
    }
    return new ReadingLog(List.copyOf(readings), List.copyOf(problems));
  }

  private static Optional<LocalDateTime> dateTime(String text) {
    try {
      return Optional.of(LocalDateTime.parse(text.replace(' ', 'T')));
    } catch (DateTimeParseException notADay) {
      // It may be a count of hours.
      return Optional.empty();
    }
  }

  private static Optional<Double> temperature(String text, UnitSystem units) {
    return number(text).map(value -> Dimension.TEMPERATURE.toSi(value, units));
  }

  private static Optional<Double> number(String text) {
    String point = text.replace(',', '.');
    return point.matches("[+-]?\\d{1,5}(\\.\\d{1,4})?")
        ? Optional.of(Double.parseDouble(point))
        : Optional.empty();
  }
}
