package app.islet.web.page.design.climate;

import app.islet.core.Assessment;
import app.islet.core.care.Needs;
import app.islet.core.climate.Acclimation;
import app.islet.core.climate.Basics;
import app.islet.core.climate.Climate;
import app.islet.core.climate.Cooling;
import app.islet.core.climate.FailureSimulation;
import app.islet.core.climate.HumidityOptions;
import app.islet.core.climate.Pond;
import app.islet.core.climate.Spot;
import app.islet.core.quantity.Dimension;
import app.islet.core.quantity.Quantity;
import app.islet.core.quantity.Range;
import app.islet.core.text.English;
import app.islet.core.water.Failures;
import app.islet.core.water.MeasuredWithin;
import app.islet.core.water.Parameter;
import app.islet.core.water.ToppedUp;
import app.islet.web.base.drawing.LampOverlay;
import app.islet.web.base.support.Units;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/**
 * What the core says of temperature, worded and rounded for one keeper.
 *
 * @param measured how the water kept within what they stand, by the readings of a month; empty
 *     where there are none
 */
record ClimateView(
    String svg,
    List<Figure> figures,
    boolean estimated,
    Curve curve,
    String measured,
    String ladderWords,
    boolean ladderOpen,
    List<RungView> ladder,
    List<MishapView> mishaps,
    List<Figure> basking,
    List<Figure> humidity,
    List<Figure> ways,
    List<Figure> basics) {
  record Figure(String label, String value, String note) {}

  /**
   * @param verdict whether it is enough, in words
   * @param least whether it is the first that is
   */
  record RungView(
      String kind,
      String words,
      String reaches,
      String swing,
      String topUp,
      String kwh,
      String mind,
      String verdict,
      boolean least,
      boolean builds) {}

  /**
   * @param strip one cell for each hour of the first three days: "well", "outside" or "harm"
   */
  record MishapView(
      String words, String verdict, List<String> strip, List<String> moments, List<String> first) {}

  static ClimateView of(Assessment a, Curve.Span span, Units u) {
    Climate climate = a.climate();
    Optional<Spot> spot = a.situation().spot();
    Cooling cooling = Cooling.of(a.enclosure(), a.geometry(), a.residents());
    return new ClimateView(
        LampOverlay.temperature(a, waterWords(a, u), u.system()),
        figures(a, cooling, u),
        climate.model().holds(),
        Curve.of(climate, a.residents(), span, u),
        MeasuredWithin.of(
                a.situation().waterState(),
                Parameter.TEMPERATURE,
                a.situation().date(),
                MeasuredWithin.MONTH_DAYS)
            .map(m -> u.text(m.words()))
            .orElse(""),
        ladderWords(cooling, u),
        cooling.isNeeded(),
        a.geometry().hasWater() && climate.model().holds() ? ladder(cooling, u) : List.of(),
        Failures.of(a.situation().waterState()).stream().map(r -> mishap(r, u)).toList(),
        basking(a, spot, u),
        humidity(a, u),
        Acclimation.of(a.residents(), a.situation().waterState().tempC()).stream()
            .map(
                way ->
                    new Figure(
                        u.text(way.why()),
                        u.text(Quantity.days(way.steps().days())),
                        u.text(way.words())))
            .toList(),
        Basics.of(climate.model()).stream()
            .map(
                line ->
                    new Figure(
                        line.what(),
                        (u.text(line.quantity()) + " " + line.unit()).strip(),
                        line.source()))
            .toList());
  }

  /** Over the land, where somebody there needs it: by vents and mist. */
  private static List<Figure> humidity(Assessment a, Units u) {
    Optional<HumidityOptions> options =
        HumidityOptions.of(a.enclosure(), a.geometry(), a.climate(), a.residents());
    List<Figure> all = new ArrayList<>();
    options.ifPresent(
        o -> {
          all.add(
              new Figure(
                  "Target",
                  u.range(o.wanted(), Dimension.PERCENT),
                  "over the land, in winter, when rooms are driest"));
          o.options()
              .forEach(
                  option ->
                      all.add(
                          new Figure(
                              option.words(),
                              u.text(Quantity.percent(option.percent())),
                              option.verdict().words())));
        });
    return all;
  }

  private static String waterWords(Assessment a, Units u) {
    return a.climate()
        .water()
        .map(
            w ->
                "water %s in winter, %s in a warm spell"
                    .formatted(u.celsius(w.winterC()), u.celsius(w.summerC())))
        .orElse("");
  }

  /** A pond under the sky: two temperatures and the ice. */
  private static List<Figure> pond(Assessment a, Units u) {
    Pond pond = new Pond(a.enclosure().site(), a.enclosure().water().depthCm());
    String within = "estimate, within 4 K; a thermometer at the bottom knows better";
    return List.of(
        new Figure("Water in summer", u.celsius(pond.summerC()), within),
        new Figure("At the bottom in winter", u.celsius(pond.winterC()), within),
        new Figure(
            "Ice in a cold winter",
            u.text(Quantity.cm(pond.iceCm())),
            pond.iceCm() == 0
                ? "the mean of winter stays above freezing"
                : pond.staysOpen()
                    ? "water stays free under it"
                    : "too thick for this depth: nothing winters there"));
  }

  private static List<Figure> figures(Assessment a, Cooling cooling, Units u) {
    if (!a.climate().model().holds() && a.geometry().hasWater()) {
      return pond(a, u);
    }
    List<Figure> all = new ArrayList<>();
    a.climate()
        .water()
        .ifPresent(
            w -> {
              all.add(
                  new Figure(
                      "Heating, coldest hour",
                      u.text(Quantity.watts(w.heatingNeedW())),
                      heating(a, w, u)));
              all.add(
                  new Figure(
                      "Water at its coldest",
                      u.celsius(w.winterC()),
                      "on a winter's day, with this heating"));
              all.add(
                  new Figure(
                      "Water at its warmest, uncooled",
                      u.celsius(w.summerUncooledC()),
                      "in a spell of summer days"));
              all.add(
                  new Figure("Water at its warmest", u.celsius(w.summerC()), "with this cooling"));
              all.add(
                  new Figure(
                      "Wet bulb, warmest day",
                      u.celsius(cooling.wetBulbC()),
                      "no fan and no open lid goes below it"));
              all.add(
                  new Figure(
                      "Top up",
                      u.text(Quantity.litres(w.topUpLPerDay())),
                      "a day between summer and winter; always fresh water"));
              ToppedUp.of(
                      a.situation().waterRecord(),
                      (w.winterC() + w.summerC()) / 2,
                      a.situation().date())
                  .ifPresent(told -> all.add(toppedUp(told, u)));
            });
    a.climate()
        .air()
        .ifPresent(
            air -> {
              all.add(
                  new Figure(
                      "Heating of air and land",
                      u.text(Quantity.watts(air.heatingNeedW())),
                      "holds %s. Estimate, within 30 %%".formatted(u.celsius(air.targetC()))));
              all.add(
                  new Figure(
                      "Air and land",
                      "%s to %s".formatted(u.celsius(air.winterC()), u.celsius(air.summerC())),
                      "coldest in winter, warmest in a warm spell"));
            });
    return all;
  }

  private static String heating(Assessment a, Climate.WaterClimate w, Units u) {
    String holds = "holds %s. ".formatted(u.celsius(w.targetC()));
    String estimate = "Estimate, within 30 %";
    boolean never =
        a.residents().stream().anyMatch(r -> r.stage().needs().heater() == Needs.Heater.NEVER);
    return holds + advice(w, never, u) + estimate;
  }

  private static String advice(Climate.WaterClimate w, boolean never, Units u) {
    return switch (w.heating()) {
      case NONE -> "The room is warm enough. ";
      case ROOM -> "No heater is made that small: warm the room or the box. ";
      case HEATER ->
          never
              ? "No heater is safe with who lives here: a warmer room. "
              : "Buy %s or more, a third in reserve. "
                  .formatted(u.text(Quantity.watts(w.heaterToBuyW())));
    };
  }

  private static String ladderWords(Cooling cooling, Units u) {
    if (cooling.targetC().isEmpty()) {
      return "Nobody here states how warm the water may be, so nothing is called enough.";
    }
    String most = u.celsius(cooling.targetC().getAsDouble());
    if (!cooling.isNeeded()) {
      return cooling.asItIsC() < cooling.uncooledC() - 0.05
          ? "Cooled enough: %s at the warmest with what is there, %s without; %s is ideal still."
              .formatted(u.celsius(cooling.asItIsC()), u.celsius(cooling.uncooledC()), most)
          : "No cooling needed: %s at the warmest, %s is ideal still."
              .formatted(u.celsius(cooling.asItIsC()), most);
    }
    return cooling
        .least()
        .map(
            rung ->
                "%s at the warmest, %s is the most that is ideal. The least that is enough: %s."
                    .formatted(
                        u.celsius(cooling.asItIsC()),
                        most,
                        rung.kind().words().toLowerCase(Locale.ENGLISH)))
        .orElse(
            "%s at the warmest, %s is the most that is ideal. Nothing here is enough alone: a cooler room."
                .formatted(u.celsius(cooling.asItIsC()), most));
  }

  private static List<RungView> ladder(Cooling cooling, Units u) {
    Optional<Cooling.Rung> least = cooling.isNeeded() ? cooling.least() : Optional.empty();
    return cooling.rungs().stream()
        .map(
            r ->
                new RungView(
                    r.kind().name(),
                    r.kind().words(),
                    u.celsius(r.reachesC()),
                    u.text(Quantity.kelvin(r.swingK())),
                    u.text(Quantity.litres(r.topUpLPerDay())),
                    r.kwhPerDay() < 0.005 ? "nothing" : "%.2f kWh".formatted(r.kwhPerDay()),
                    u.text(r.mind()),
                    cooling.targetC().isEmpty() ? "" : r.enough() ? "enough" : "not enough alone",
                    least.filter(l -> l == r).isPresent(),
                    r.design().isPresent()))
        .toList();
  }

  private static MishapView mishap(FailureSimulation r, Units u) {
    String verdict =
        r.firstHarm()
            .map(m -> "harm begins after " + hours(m.hours()))
            .orElse(
                r.moments().isEmpty()
                    ? "no harm in %d days".formatted(Math.round(r.course().days()))
                    : "outside the tolerated range after %s; no harm in %d days"
                        .formatted(
                            hours(r.moments().get(0).hours()), Math.round(r.course().days())));
    return new MishapView(
        r.mishap().words(),
        verdict,
        r.strip().stream().map(state -> state.name().toLowerCase(Locale.ROOT)).toList(),
        r.moments().stream()
            .map(m -> "After %s: %s".formatted(hours(m.hours()), u.text(m.what())))
            .toList(),
        r.mishap().first());
  }

  private static String hours(double hours) {
    return hours >= 72
        ? "%d days".formatted(Math.round(hours / 24))
        : hours < 1
            ? "%d minutes".formatted(Math.round(hours * 60))
            : "%d h".formatted(Math.round(hours));
  }

  /** What really evaporates, beside the estimate. */
  private static Figure toppedUp(ToppedUp told, Units u) {
    String lately =
        told.lately().isPresent()
            ? "; lately %s a day: look at lid and fan, and for a leak"
                .formatted(u.text(Quantity.litres(told.lately().getAsDouble())))
            : "";
    return new Figure(
        "Topped up, as logged",
        u.text(Quantity.litres(told.litresADay())) + " a day",
        "carries off about %s; %s since %s%s"
            .formatted(
                u.text(Quantity.watts(told.watts())),
                English.count(told.times(), "time"),
                English.day(told.since()),
                lately));
  }

  private static List<Figure> basking(Assessment a, Optional<Spot> spot, Units u) {
    Optional<Range> want =
        a.residents().stream()
            .flatMap(r -> r.stage().needs().basking().stream())
            .map(Needs.Basking::spotC)
            .findFirst();
    if (spot.isEmpty() || want.isEmpty()) {
      return List.of();
    }
    Spot s = spot.get();
    String trust =
        s.measured()
            ? "set by the spot you measured"
            : "estimate, the rise within a third; measure the spot once";
    double aim = s.lamp().distanceFor(want.get().middle());
    return List.of(
        new Figure("Surface where it lies", u.celsius(s.surfaceC()), trust),
        new Figure(
            "Target",
            u.range(want.get(), Dimension.TEMPERATURE),
            "by the care sheet and the school followed"),
        new Figure(
            "Hang the lamp",
            u.cm(aim),
            "over the place; between %s and %s it is within the range"
                .formatted(
                    u.cm(s.lamp().nearestCm(want.get())), u.cm(s.lamp().farthestCm(want.get())))),
        new Figure(
            "It burns within",
            u.cm(s.lamp().burnsWithinCm()),
            "of the lamp; wood, plastic and net further away still"),
        new Figure(
            "Warm patch",
            u.cm(2 * s.lamp().reachCm(s.belowCm(), want.get())),
            "across, within the range, as the lamp hangs"));
  }
}
