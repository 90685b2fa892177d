package app.islet.web.reading.archive;

import java.math.BigDecimal;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.format.DateTimeParseException;
import java.util.Map;
import java.util.Optional;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.json.JsonMapper;

/** What a cell may hold: how the published schema calls it, and what is right there. */
enum Kind {
  WHOLE("integer", "a whole number"),
  NUMBER("number", "a number with a point"),
  FLAG("boolean", "true or false"),
  DAY("date", "a day as 2026-03-02"),
  TIME("time", "a time as 08:30:00"),
  MOMENT("datetime", "a moment as 2026-03-02T08:30:00Z"),
  WORDS("string", "words without control characters"),
  /** Rows that belong together have the same number. */
  ACT("integer", "a whole number"),
  JSON("object", "JSON"),
  BYTES("string", "the name of a file in this archive");

  private static final JsonMapper MAPPER = JsonMapper.builder().build();
  private static final int LONGEST = 200_000;

  private static final Map<String, Kind> OF_TYPE =
      Map.ofEntries(
          Map.entry("bigint", WHOLE),
          Map.entry("integer", WHOLE),
          Map.entry("smallint", WHOLE),
          Map.entry("double precision", NUMBER),
          Map.entry("numeric", NUMBER),
          Map.entry("boolean", FLAG),
          Map.entry("date", DAY),
          Map.entry("time without time zone", TIME),
          Map.entry("timestamp with time zone", MOMENT),
          Map.entry("text", WORDS),
          Map.entry("uuid", ACT),
          Map.entry("jsonb", JSON),
          Map.entry("bytea", BYTES));

  final String schemaType;
  private final String right;

  Kind(String schemaType, String right) {
    this.schemaType = schemaType;
    this.right = right;
  }

  static Kind of(String databaseType) {
    return Optional.ofNullable(OF_TYPE.get(databaseType))
        .orElseThrow(() -> new IllegalStateException("no archive knows the type " + databaseType));
  }

  /** What is wrong with a cell, as a sentence; empty if nothing is. */
  Optional<String> problem(String cell) {
    try {
      return isRight(cell)
          ? Optional.empty()
          : Optional.of("\"%s\" is not %s".formatted(shortened(cell), right));
    } catch (NumberFormatException | DateTimeParseException | JacksonException e) {
      return Optional.of("\"%s\" is not %s".formatted(shortened(cell), right));
    }
  }

  private boolean isRight(String cell) {
    return switch (this) {
      case WHOLE, ACT -> Long.parseLong(cell) >= Integer.MIN_VALUE;
      case NUMBER -> Double.isFinite(new BigDecimal(cell).doubleValue());
      case FLAG -> cell.equals("true") || cell.equals("false");
      case DAY -> isPossible(LocalDate.parse(cell).getYear());
      case TIME -> !LocalTime.parse(cell).isAfter(LocalTime.MAX);
      case MOMENT ->
          isPossible(LocalDate.parse(Instant.parse(cell).toString().split("T")[0]).getYear());
      case WORDS, BYTES -> cell.length() <= LONGEST && cell.indexOf('\0') < 0;
      case JSON ->
          cell.length() <= LONGEST && cell.indexOf('\0') < 0 && MAPPER.readTree(cell).isContainer();
    };
  }

  private static boolean isPossible(int year) {
    return year >= 1900 && year <= 9999;
  }

  private static String shortened(String cell) {
    return cell.length() > 40 ? cell.substring(0, 40) + "…" : cell;
  }
}
