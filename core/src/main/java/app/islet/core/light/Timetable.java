package app.islet.core.light;

import app.islet.core.animal.BaskingHours;
import app.islet.core.animal.Resident;
import app.islet.core.enclosure.Enclosure;
import app.islet.core.enclosure.Equipment;
import app.islet.core.quantity.Phrase;
import app.islet.core.quantity.Quantity;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * A switching timetable: what each outlet does on a day.
 *
 * @param rows one for each outlet
 */
public record Timetable(List<Row> rows) {
  private static final int MINUTES_A_DAY = 1440;

  public Timetable {
    rows = List.copyOf(rows);
  }

  /**
   * @param on when it is switched on; absent where it runs day and night, or stays off
   * @param off when it is switched off
   * @param runs whether it runs at all on that day
   */
  public record Row(
      String outlet, Optional<LocalTime> on, Optional<LocalTime> off, boolean runs, Phrase why) {}

  /** How long the basking lamp is lit on a day, h. */
  public static double baskingHours(Enclosure e, List<Resident> residents, LocalDate date) {
    return BaskingHours.of(residents, Photoperiod.of(e).hoursOn(date));
  }

  public static Timetable of(Enclosure e, List<Resident> residents, LocalDate date) {
    Photoperiod light = Photoperiod.of(e);
    double hours = light.hoursOn(date);
    List<Row> rows = new ArrayList<>();
    rows.add(
        row(
            "Room or tank light",
            light.onHour(),
            hours,
            !light.isFixed()
                ? Phrase.of(
                    light.ramp().isPresent()
                        ? "{} of day today, on its way through your year"
                        : "{} of day, as the sun has it there today",
                    Quantity.hours(hours))
                : Phrase.of("{} of day, the same all year", Quantity.hours(hours))));
    if (e.has(Equipment.BaskingLamp.class)) {
      double lamp = baskingHours(e, residents, date);
      rows.add(
          row(
              "Basking lamp",
              light.onHour() + (hours - lamp) / 2,
              lamp,
              Phrase.of(
                  "{} in the middle of the day; basking first, then food", Quantity.hours(lamp))));
    }
    if (e.has(Equipment.UvbLamp.class)) {
      rows.add(
          row(
              "UVB lamp",
              light.onHour(),
              hours,
              Phrase.of("with the light, together with the basking lamp over the same place")));
    }
    always(e, rows);
    rows.add(moonlight(e, light, hours, date));
    return new Timetable(rows);
  }

  private static Row moonlight(Enclosure e, Photoperiod light, double hours, LocalDate date) {
    String outlet = "Moonlight, where there is one";
    Moon moon = Moon.at(date.atStartOfDay(ZoneOffset.UTC).toInstant());
    String turns = moon.waxing() ? "waxing" : "waning";
    return MoonNight.of(e.site(), date, light.onHour() + hours, light.onHour() + 24)
        .map(
            night ->
                row(
                    outlet,
                    night.onHour(),
                    night.offHour() - night.onHour(),
                    Phrase.of(
                        e.site().latitude().isPresent()
                            ? "at {} of its strength while the real moon, {}, stands over the horizon"
                            : "at {} of its strength: the real moon, {}; say in Site where the room is, and it follows its rising",
                        Quantity.percent(100 * night.strength()),
                        turns)))
        .orElse(
            new Row(
                outlet,
                Optional.empty(),
                Optional.empty(),
                false,
                Phrase.of("dark tonight: the real moon, {}, is new or not up", turns)));
  }

  private static void always(Enclosure e, List<Row> rows) {
    if (e.has(Equipment.Heater.class)) {
      rows.add(steady("Heater", "on a thermostat of its own; never on a timer"));
    }
    if (e.has(Equipment.Filter.class)) {
      rows.add(
          steady("Filter", "day and night: what cleans the water dies within hours without flow"));
    }
    if (e.has(Equipment.Chiller.class)) {
      rows.add(steady("Chiller", "on its thermostat"));
    }
    if (e.has(Equipment.Fan.class)) {
      rows.add(steady("Fan", "on a thermostat, or by hand in warm weather"));
    }
  }

  private static Row steady(String outlet, String why) {
    return new Row(outlet, Optional.empty(), Optional.empty(), true, Phrase.of(why));
  }

  private static Row row(String outlet, double onHour, double hours, Phrase why) {
    return new Row(outlet, Optional.of(time(onHour)), Optional.of(time(onHour + hours)), true, why);
  }

  private static LocalTime time(double hour) {
    long minute = Math.floorMod(Math.round(hour * 60), (long) MINUTES_A_DAY);
    return LocalTime.of((int) (minute / 60), (int) (minute % 60));
  }
}
