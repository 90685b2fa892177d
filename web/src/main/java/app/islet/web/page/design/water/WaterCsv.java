package app.islet.web.page.design.water;

import app.islet.core.quantity.Range;
import app.islet.core.quantity.UnitSystem;
import app.islet.core.text.PossibleDays;
import app.islet.core.water.Parameter;
import app.islet.core.water.WaterEvent;
import app.islet.core.water.WaterRecord;
import app.islet.core.water.WaterTest;
import app.islet.web.store.water.KitUnits;
import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVPrinter;
import org.apache.commons.csv.CSVRecord;

/**
 * The log as a table: one line a test or a deed. Tests are in the keeper's units, named in brackets
 * behind each column; amounts of deeds are metric, whatever the keeper uses.
 *
 * @param record what can be read of it
 * @param refused line and reason of each that cannot
 * @param unusual line and value of each that can be but hardly is
 * @param unreadable why nothing at all can be read; empty where something can
 * @param asIon how the file counts nitrogen
 */
record WaterCsv(
    WaterRecord record,
    List<String> refused,
    List<String> unusual,
    String unreadable,
    boolean asIon) {
  static final int MAX_LINES = 20_000;
  private static final int MAX_TOLD = 100;

  /** What a number written in other units may be off by its rounding, as a share of its range. */
  private static final double ROUNDED = 1e-6;

  private static final String TEST = "test";
  private static final Map<String, Parameter> NAMES = names();

  private static Map<String, Parameter> names() {
    Map<String, Parameter> names = new HashMap<>();
    for (Parameter parameter : Parameter.values()) {
      names.put(KitUnits.id(parameter), parameter);
    }
    names.put("kh", Parameter.CARBONATE);
    names.put("gh", Parameter.HARDNESS);
    names.put("salt", Parameter.SALINITY);
    names.put("water", Parameter.TEMPERATURE);
    return names;
  }

  /** How many lines can be read. */
  int lines() {
    return record.tests().size() + record.events().size();
  }

  static String write(WaterRecord record, KitUnits kit) {
    StringBuilder out = new StringBuilder();
    try (CSVPrinter printer = new CSVPrinter(out, CSVFormat.RFC4180)) {
      List<String> head = new ArrayList<>(List.of("day", "time", "what", "amount"));
      for (Parameter parameter : Parameter.values()) {
        String unit = kit.unit(parameter);
        head.add(KitUnits.id(parameter) + (unit.isEmpty() ? "" : " [" + unit + "]"));
      }
      printer.printRecord(head);
      for (WaterTest test : record.tests()) {
        List<String> line = new ArrayList<>();
        line.addAll(List.of(test.day().toString(), time(test), TEST, ""));
        for (Parameter parameter : Parameter.values()) {
          Double value = test.values().get(parameter);
          line.add(value == null ? "" : kit.written(parameter, value));
        }
        printer.printRecord(line);
      }
      for (WaterEvent event : record.events()) {
        printer.printRecord(
            event.day(),
            "",
            written(event.kind()),
            event.kind().hasAmount() ? String.valueOf(event.amount()) : "");
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return out.toString();
  }

  private static String time(WaterTest test) {
    return test.time().map(LocalTime::toString).orElse("");
  }

  private static String written(WaterEvent.Kind kind) {
    return kind.name().toLowerCase(Locale.ROOT).replace('_', '-');
  }

  /**
   * @param usual units of columns that name none
   */
  static WaterCsv read(String text, KitUnits usual, LocalDate today) {
    Reading reading = new Reading(today);
    String stripped = text.startsWith("\uFEFF") ? text.substring(1) : text;
    String first = stripped.lines().findFirst().orElse("");
    char separator = first.contains(";") ? ';' : first.contains("\t") ? '\t' : ',';
    CSVFormat format =
        CSVFormat.DEFAULT
            .builder()
            .setDelimiter(separator)
            .setTrim(true)
            .setIgnoreEmptyLines(true)
            .get();
    try (CSVParser lines = CSVParser.parse(new StringReader(stripped), format)) {
      Columns columns = null;
      for (CSVRecord line : lines) {
        if (columns == null) {
          columns = Columns.of(line, usual);
          continue;
        }
        if (reading.lines() >= MAX_LINES) {
          return unreadable(
              "Line %d: no more than %d lines are read at once; please send the file in parts."
                  .formatted(lines.getCurrentLineNumber(), MAX_LINES));
        }
        reading.line(lines.getCurrentLineNumber(), line, columns);
      }
      return columns == null
          ? unreadable("Line 1: the file is empty.")
          : new WaterCsv(
              new WaterRecord(reading.tests, reading.events),
              reading.told(reading.refused),
              reading.told(reading.unusual),
              "",
              columns.asIon());
    } catch (IllegalArgumentException e) {
      return unreadable("Line 1: " + e.getMessage());
    } catch (IOException | UncheckedIOException e) {
      return unreadable("This is not a table of lines: " + e.getMessage());
    }
  }

  private static WaterCsv unreadable(String why) {
    return new WaterCsv(WaterRecord.NONE, List.of(), List.of(), why, false);
  }

  /** Which column holds what, and in which units. */
  private record Columns(
      int day,
      int time,
      int what,
      int amount,
      Map<Parameter, Integer> at,
      Map<Parameter, KitUnits> kits,
      boolean asIon) {
    static Columns of(CSVRecord head, KitUnits usual) {
      int day = -1;
      int time = -1;
      int what = -1;
      int amount = -1;
      boolean ion = usual.asIon();
      Map<Parameter, KitUnits> kits = new EnumMap<>(Parameter.class);
      Map<Parameter, Integer> at = new EnumMap<>(Parameter.class);
      for (int n = 0; n < head.size(); n++) {
        String[] words = head.get(n).toLowerCase(Locale.ROOT).split("[\\[(]", 2);
        String name = words[0].strip();
        String unit = words.length > 1 ? words[1].replaceAll("[\\])\\s]", "") : "";
        if (name.equals("day") || name.equals("date")) {
          day = n;
        } else if (name.equals("time")) {
          time = n;
        } else if (name.equals("what")) {
          what = n;
        } else if (name.equals("amount")) {
          amount = n;
        } else if (NAMES.containsKey(name)) {
          Parameter parameter = NAMES.get(name);
          at.put(parameter, n);
          KitUnits kit = kit(parameter, unit, usual);
          kits.put(parameter, kit);
          ion = parameter.isNitrogen() ? kit.asIon() : ion;
        } else {
          throw new IllegalArgumentException(
              "\"%s\" is no column known here; there are day, time, what, amount, %s"
                  .formatted(
                      head.get(n),
                      String.join(
                          ", ", Arrays.stream(Parameter.values()).map(KitUnits::id).toList())));
        }
      }
      if (day < 0 || (at.isEmpty() && what < 0)) {
        throw new IllegalArgumentException(
            "the first line should name the columns, as in day, ammonia, nitrite, nitrate, ph");
      }
      return new Columns(day, time, what, amount, at, kits, ion);
    }

    /** What a column's own brackets say, else what is usual here. */
    private static KitUnits kit(Parameter parameter, String unit, KitUnits usual) {
      if (unit.isEmpty()) {
        return usual;
      }
      boolean us =
          switch (parameter.dimension()) {
            case TEMPERATURE -> unit.contains("f");
            case HARDNESS -> unit.contains("ppm");
            default -> false;
          };
      return new KitUnits(us ? UnitSystem.US : UnitSystem.METRIC, unit.matches(".*(no|nh|ion).*"));
    }
  }

  /** What has been read so far. */
  private static final class Reading {
    private final LocalDate today;
    private final List<WaterTest> tests = new ArrayList<>();
    private final List<WaterEvent> events = new ArrayList<>();
    private final List<String> refused = new ArrayList<>();
    private final List<String> unusual = new ArrayList<>();

    Reading(LocalDate today) {
      this.today = today;
    }

    int lines() {
      return tests.size() + events.size() + refused.size();
    }

    void line(long number, CSVRecord line, Columns columns) {
      try {
        LocalDate day = day(cell(line, columns.day));
        String what = cell(line, columns.what);
        if (what.isEmpty() || what.equalsIgnoreCase(TEST)) {
          test(number, line, columns, day);
        } else {
          event(what, cell(line, columns.amount), day);
        }
      } catch (IllegalArgumentException e) {
        refused.add("line %d: %s".formatted(number, e.getMessage()));
      }
    }

    private void test(long number, CSVRecord line, Columns columns, LocalDate day) {
      Map<Parameter, Double> values = new EnumMap<>(Parameter.class);
      columns.at.forEach(
          (parameter, at) -> {
            String cell = cell(line, at);
            if (!cell.isEmpty()) {
              values.put(parameter, value(parameter, cell, columns.kits.get(parameter)));
            }
          });
      if (values.isEmpty()) {
        throw new IllegalArgumentException("nothing is tested in it");
      }
      values.forEach(
          (parameter, value) -> {
            if (!parameter.usual().contains(value)) {
              unusual.add(
                  "line %d: %s %s"
                      .formatted(
                          number,
                          parameter.inSentence(),
                          columns.kits.get(parameter).text(parameter, value)));
            }
          });
      Optional<LocalTime> time = time(cell(line, columns.day), cell(line, columns.time));
      tests.add(new WaterTest(day, time, values));
    }

    private static double value(Parameter parameter, String cell, KitUnits kit) {
      double inside = kit.inside(parameter, number(parameter.inSentence(), cell));
      Range possible = parameter.possible();
      double slack = ROUNDED * (possible.max() - possible.min());
      if (!(inside >= possible.min() - slack && inside <= possible.max() + slack)) {
        throw new IllegalArgumentException(
            "%s %s cannot be; it should be %s"
                .formatted(
                    parameter.inSentence(), cell, kit.text(parameter, parameter.possible())));
      }
      return Math.max(possible.min(), Math.min(possible.max(), inside));
    }

    private void event(String what, String amount, LocalDate day) {
      WaterEvent.Kind kind =
          Arrays.stream(WaterEvent.Kind.values())
              .filter(k -> written(k).equalsIgnoreCase(what))
              .findFirst()
              .orElseThrow(
                  () ->
                      new IllegalArgumentException(
                          "\"%s\" is nothing known here; there are test, %s"
                              .formatted(
                                  what,
                                  String.join(
                                      ", ",
                                      Arrays.stream(WaterEvent.Kind.values())
                                          .map(WaterCsv::written)
                                          .toList()))));
      double value = kind.hasAmount() ? number("amount", amount) : 0;
      events.add(new WaterEvent(day, kind, value));
    }

    private LocalDate day(String cell) {
      LocalDate day;
      try {
        day = LocalDate.parse(cell.length() > 10 ? cell.substring(0, 10) : cell);
      } catch (DateTimeParseException e) {
        throw new IllegalArgumentException(
            "\"%s\" is not a day such as 2026-03-01".formatted(cell), e);
      }
      if (day.isAfter(today) || !PossibleDays.contains(day)) {
        throw new IllegalArgumentException(
            "%s is %s".formatted(day, day.isAfter(today) ? "still to come" : "too long ago"));
      }
      return day;
    }

    /** In a column of its own, or behind the day as in 2026-03-01 08:15. */
    private static Optional<LocalTime> time(String day, String own) {
      String cell = own.isEmpty() && day.length() > 10 ? day.substring(11) : own;
      try {
        return cell.isEmpty() ? Optional.empty() : Optional.of(LocalTime.parse(cell));
      } catch (DateTimeParseException e) {
        throw new IllegalArgumentException("\"%s\" is not a time such as 08:15".formatted(cell), e);
      }
    }

    private static double number(String name, String cell) {
      String point = cell.replace(',', '.');
      if (!point.matches("[+-]?\\d{1,7}(\\.\\d{0,20})?")) {
        throw new IllegalArgumentException("%s \"%s\" is not a number".formatted(name, cell));
      }
      return Double.parseDouble(point);
    }

    private static String cell(CSVRecord line, int at) {
      return at < 0 || at >= line.size() ? "" : line.get(at);
    }

    List<String> told(List<String> all) {
      List<String> told = new ArrayList<>(all.subList(0, Math.min(all.size(), MAX_TOLD)));
      if (all.size() > MAX_TOLD) {
        told.add("and %d more".formatted(all.size() - MAX_TOLD));
      }
      return told;
    }
  }
}
