package app.islet.web.page.design.light;

import app.islet.core.Assessment;
import app.islet.core.animal.Resident;
import app.islet.core.enclosure.Enclosure;
import app.islet.core.enclosure.Equipment;
import app.islet.core.light.Brumation;
import app.islet.core.light.Moon;
import app.islet.core.light.Photoperiod;
import app.islet.core.light.PlantLight;
import app.islet.core.light.Timetable;
import app.islet.core.light.UvPlace;
import app.islet.core.light.UvVerdict;
import app.islet.core.quantity.Dimension;
import app.islet.core.quantity.Quantity;
import app.islet.core.quantity.Range;
import app.islet.core.text.English;
import app.islet.web.base.drawing.Chart;
import app.islet.web.base.drawing.LampOverlay;
import app.islet.web.base.support.Units;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * What the core says of light, worded for one keeper.
 *
 * @param svg the section with the UV index over it
 * @param rows length of the day and moon, one line a day of the year
 */
record LightView(
    String svg,
    List<UvView> uv,
    List<Outlet> timetable,
    String dayChart,
    List<String> rows,
    String moon,
    Optional<PlantsView> plants,
    List<RestView> rests) {

  /** An animal's UVB: what it gets, what its zone wants, and what follows. */
  record UvView(String who, String gets, String wants, String verdict, List<String> notes) {}

  /** Plants against the lamps there are. */
  record PlantsView(String gets, List<String> each, String advice) {}

  /** A winter rest, step by step. */
  record RestView(String who, String now, List<String> steps) {}

  record Outlet(String name, String on, String off, String why) {}

  static LightView of(Assessment a, LocalDate date, Units u) {
    Enclosure e = a.enclosure();
    Photoperiod light = Photoperiod.of(e);
    Moon moon = Moon.at(date.atStartOfDay(ZoneOffset.UTC).toInstant());
    return new LightView(
        LampOverlay.uv(a, u.system()),
        a.residents().stream().flatMap(r -> uv(a, r, date, u).stream()).toList(),
        Timetable.of(e, a.residents(), date).rows().stream()
            .map(
                r ->
                    new Outlet(
                        r.outlet(),
                        r.on().map(LocalTime::toString).orElse(r.runs() ? "always" : "dark"),
                        r.off().map(LocalTime::toString).orElse(""),
                        u.text(r.why())))
            .toList(),
        dayChart(light, date, u),
        dayRows(light, date),
        "%d %% lit, %s"
            .formatted(Math.round(100 * moon.illuminated()), moon.waxing() ? "waxing" : "waning"),
        plants(a, u),
        a.residents().stream().flatMap(r -> rest(a, r, date, u).stream()).toList());
  }

  private static Optional<PlantsView> plants(Assessment a, Units u) {
    PlantLight light = PlantLight.of(a.enclosure(), a.residents());
    if (light.plants().isEmpty()) {
      return Optional.empty();
    }
    List<String> each =
        light.plants().stream()
            .map(
                fed ->
                    "%s: needs about %.0f, %s"
                        .formatted(
                            fed.plant().name(),
                            fed.plant().light().leastMicromol(),
                            fed.enough() ? "enough" : "too little as drawn"))
            .toList();
    String content = English.list(light.content().stream().map(p -> p.name()).toList());
    return Optional.of(
        new PlantsView(
            "%.0f µmol/m²s".formatted(light.getsMicromol()),
            each,
            light
                .shyWho()
                .map(
                    r ->
                        "%s: flees the light, and that goes before the plants. No stronger lamp; plants of the shade: %s."
                            .formatted(r.words(), content))
                .orElse(
                    light.plantLampW() > 0
                        ? "A lamp for plants of about %s over it, ten hours a day, would do; or plants of the shade: %s."
                            .formatted(u.text(Quantity.watts(light.plantLampW())), content)
                        : "All have enough.")));
  }

  private static Optional<RestView> rest(Assessment a, Resident r, LocalDate date, Units u) {
    boolean south = a.enclosure().site().latitude().orElse(0) < 0;
    return Brumation.of(
            r,
            date,
            a.situation().waterState().tempC(),
            Photoperiod.of(a.enclosure()).hoursOn(date),
            south)
        .map(
            rest ->
                new RestView(
                    r.words(),
                    rest.on(date),
                    List.of(
                        "%s: the last meal; weigh it, and rest only what is fat and well. The vet decides where it is not."
                            .formatted(English.day(rest.fastFrom())),
                        "%s: cooler by %s a day, and %.1f h shorter each week."
                            .formatted(
                                English.day(rest.coolFrom()),
                                u.text(Quantity.kelvin(rest.stepK())),
                                rest.stepHours()),
                        "%s: at rest, about %s and %.0f h of light; look every few days, feed nothing."
                            .formatted(
                                English.day(rest.restFrom()),
                                u.celsius(rest.coolC()),
                                rest.hours()),
                        "%s at the latest: warmer and lighter by the same steps, until %s; then water, then food."
                            .formatted(English.day(rest.restTo()), English.day(rest.warmTo())))));
  }

  private static Optional<UvView> uv(Assessment a, Resident r, LocalDate date, Units u) {
    if (r.stage().needs().uv().isEmpty()) {
      return Optional.empty();
    }
    Range wanted = r.stage().needs().uv().get().uvi();
    String wants =
        "%s at its back, zone %d of Baines et al. 2016"
            .formatted(
                u.range(wanted, Dimension.RATIO), r.stage().needs().uv().get().zone().number());
    Optional<UvPlace> found = UvPlace.of(a.enclosure(), a.geometry(), r, date);
    if (found.isEmpty()) {
      return Optional.of(
          new UvView(
              r.words(),
              "none",
              wants,
              a.enclosure().has(Equipment.UvbLamp.class)
                  ? "no dry place under the lamp"
                  : "no UVB lamp",
              List.of()));
    }
    UvPlace p = found.get();
    List<String> notes = new ArrayList<>();
    notes.add(band(p, u));
    notes.add(
        "In the water beside it %s; at the far end %s: a way from sun to shade."
            .formatted(uvi(p.atEyesUvi()), uvi(p.shadeUvi())));
    p.overlaps().ifPresent(same -> notes.add(overlap(p, same, u)));
    notes.add(
        p.known()
            ? "From the maker's number or your meter."
            : "The lamp's strength is not known, so the verdict goes by its distance. The index is estimated for a lamp of its kind: between half and twice. One meter reading in the Build step sets it right.");
    a.enclosure()
        .all(Equipment.UvbLamp.class)
        .flatMap(lamp -> lamp.fittedOn().stream())
        .findFirst()
        .ifPresent(day -> notes.add(replace(p, day)));
    return Optional.of(
        new UvView(
            r.words(),
            "UV index " + uvi(p.atBackUvi()),
            wants,
            p.verdict(a.enclosure())
                .map(LightView::verdict)
                .orElse("not estimated: measure it, or enter how far the lamp hangs"),
            notes));
  }

  private static String verdict(UvVerdict verdict) {
    return verdict == UvVerdict.TOO_MUCH ? "too much: eyes and skin burn" : verdict.words();
  }

  private static String overlap(UvPlace p, boolean same, Units u) {
    return same
        ? "It shines on the place the basking lamp warms, as it should."
        : "It hangs %s beside the basking lamp: who warms itself there gets none of it. Hang both over one place."
            .formatted(u.cm(p.apartCm().getAsDouble()));
  }

  private static String uvi(double value) {
    return String.format(Locale.ROOT, "%.1f", value);
  }

  private static String band(UvPlace p, Units u) {
    OptionalDouble near = p.nearestCm();
    OptionalDouble far = p.farthestCm();
    if (far.isEmpty()) {
      return "Not even close by does it reach the zone: a stronger lamp, or nothing between lamp and animal.";
    }
    return near.isEmpty()
        ? "Anywhere up to %s from the back is within the zone.".formatted(u.cm(far.getAsDouble()))
        : "Between %s and %s from the back is within the zone; nearer is too much."
            .formatted(u.cm(near.getAsDouble()), u.cm(far.getAsDouble()));
  }

  /** The school followed, the other one, and the meter that beats both. */
  private static String replace(UvPlace p, LocalDate fitted) {
    int months = p.need().tube().months();
    int other = p.otherSchoolMonths();
    return "Fitted on %s: replace it by %s after %d months, by the school followed; another says %d months (%s); a meter beats both."
        .formatted(
            English.day(fitted),
            English.day(p.need().tube().replacedOn(fitted)),
            months,
            other,
            English.day(fitted.plusMonths(other)));
  }

  private static String dayChart(Photoperiod light, LocalDate date, Units u) {
    double[] hours = new double[365];
    for (int day = 0; day < hours.length; day++) {
      hours[day] = light.hoursOn(LocalDate.ofYearDay(date.getYear(), day + 1));
    }
    return new Chart(
            "Length of the day through the year",
            "h",
            List.of("January", "April", "July", "October", "December"),
            List.of(new Chart.Line("light", "c-water", hours)),
            List.of())
        .svg();
  }

  private static List<String> dayRows(Photoperiod light, LocalDate date) {
    List<String> rows = new ArrayList<>();
    for (int n = 1; n <= 365; n++) {
      LocalDate day = LocalDate.ofYearDay(date.getYear(), n);
      Moon moon = Moon.at(day.atStartOfDay(ZoneOffset.UTC).toInstant());
      rows.add(
          "%s: light %.1f h, moon %d %%"
              .formatted(
                  English.dayOfYear(day),
                  light.hoursOn(day),
                  Math.round(100 * moon.illuminated())));
    }
    return rows;
  }
}
