package app.islet.web.page.design.water;

import app.islet.core.care.CareLibrary;
import app.islet.core.care.Recurrence;
import app.islet.core.enclosure.Handling;
import app.islet.core.enclosure.WaterSource;
import app.islet.core.quantity.Dimension;
import app.islet.core.quantity.Quantity;
import app.islet.core.quantity.Range;
import app.islet.core.text.English;
import app.islet.core.water.ChangePlan;
import app.islet.core.water.CyclingCriterion;
import app.islet.core.water.FilterCycle;
import app.islet.core.water.Forecast;
import app.islet.core.water.NeverAdd;
import app.islet.core.water.NextStep;
import app.islet.core.water.NitrateTrend;
import app.islet.core.water.Nitrogen;
import app.islet.core.water.OxygenBalance;
import app.islet.core.water.Parameter;
import app.islet.core.water.WaterState;
import app.islet.core.water.Waters;
import app.islet.core.water.WhatIf;
import app.islet.web.base.drawing.Chart;
import app.islet.web.base.support.Units;
import app.islet.web.store.water.KitUnits;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.ToDoubleFunction;

/**
 * What the core says of the water, worded and rounded for one keeper.
 *
 * @param waters each of them in words, where there is more than the main water
 * @param cycles whether a filter cycle is a matter here: not in a bowl
 */
record WaterView(
    Now now,
    List<String> waters,
    boolean cycles,
    StartUpView filterCycle,
    List<Figure> figures,
    List<String> source,
    Optional<SaltView> salt,
    List<String> neverAdd,
    List<Figure> whatIf,
    List<Figure> beginnings) {
  private static final int FORECAST_DAYS = 60;

  record Figure(String label, String value, String note) {}

  /**
   * @param further what else is worth doing
   */
  record Now(boolean urgent, String what, List<String> further, String nextTest) {}

  /**
   * @param verdict whether an animal may move in, in words
   * @param chart how it goes on; empty where there is nothing to foretell
   */
  record StartUpView(
      String phase,
      String css,
      String verdict,
      String why,
      String left,
      String others,
      String chart,
      List<String> rows,
      List<String> rescue) {}

  static WaterView of(
      WaterState waterState, LocalDate today, KitUnits kit, Units u, CareLibrary library) {
    return new WaterView(
        now(waterState, today, u),
        waters(waterState, u),
        isCycling(waterState),
        filterCycle(waterState, today, kit, u),
        figures(waterState, today, kit, u),
        source(waterState),
        SaltView.of(waterState, u, library),
        NeverAdd.of(waterState.residents()),
        WhatIf.of(waterState).stream().map(w -> whatIf(w, kit)).toList(),
        beginnings(waterState, u));
  }

  private static boolean isCycling(WaterState waterState) {
    return waterState.geometry().hasWater() && !waterState.isBowl();
  }

  private static List<String> waters(WaterState waterState, Units u) {
    Waters waters = Waters.of(waterState.enclosure(), waterState.geometry(), waterState.record());
    return waters.dishes().isEmpty()
        ? List.of()
        : waters.all().stream()
            .map(
                one -> "%s: %s".formatted(English.capital(u.text(one.name())), u.text(one.words())))
            .toList();
  }

  private static Figure whatIf(WhatIf w, KitUnits kit) {
    String days =
        w.clearAfterDays().isEmpty()
            ? "more than two months"
            : w.clearAfterDays().getAsInt() == 0
                ? "nothing shows"
                : w.clearAfterDays().getAsInt() == 1
                    ? "a day"
                    : "%d days".formatted(w.clearAfterDays().getAsInt());
    return new Figure(
        w.words(),
        days,
        "at most %s of ammonia and %s of nitrite"
            .formatted(
                kit.text(Parameter.AMMONIA, w.mostAmmoniaMgPerL()),
                kit.text(Parameter.NITRITE, w.mostNitriteMgPerL())));
  }

  /** How long a filter takes from nothing, by what helps it. */
  private static List<Figure> beginnings(WaterState waterState, Units u) {
    if (waterState.biofilter().mediaM2() <= 0) {
      return List.of();
    }
    List<Figure> all = new ArrayList<>();
    all.add(beginning("Without mature media", waterState.startUpDays(0), u));
    all.add(
        beginning(
            "With a quarter of the media from a running tank", waterState.startUpDays(25), u));
    all.add(beginning("With half of the media from a running tank", waterState.startUpDays(50), u));
    if (waterState.biofilter().plantsM2() > 0) {
      all.add(
          beginning("Without the plants, no mature media", waterState.startUpDaysUnplanted(), u));
    }
    return all;
  }

  private static Figure beginning(String words, Optional<Range> days, Units u) {
    return new Figure(
        words,
        days.map(r -> u.range(r, Dimension.DAYS)).orElse("longer than half a year"),
        "fast and slow bacteria, at this temperature and pH");
  }

  private static Now now(WaterState waterState, LocalDate today, Units u) {
    NextStep step = NextStep.of(waterState, today);
    return new Now(
        step.urgent(),
        u.text(step.what()),
        step.further().stream().map(u::text).toList(),
        step.nextTest().isAfter(today)
            ? "Next test on %s.".formatted(English.dayOfYear(step.nextTest()))
            : "");
  }

  private static StartUpView filterCycle(
      WaterState waterState, LocalDate today, KitUnits kit, Units u) {
    FilterCycle filterCycle = waterState.filterCycle(today);
    boolean runs =
        filterCycle.phase() == FilterCycle.Phase.UNTESTED && waterState.hasRunLongEnough(today);
    boolean foretell =
        filterCycle.phase() != FilterCycle.Phase.READY && !runs && waterState.canForecast();
    Optional<Forecast> forecast =
        foretell ? Optional.of(waterState.forecast(today)) : Optional.empty();
    return new StartUpView(
        filterCycle.phase().words(),
        filterCycle.phase().name().toLowerCase(Locale.ROOT),
        verdict(filterCycle, waterState),
        u.text(filterCycle.why()),
        forecast.map(f -> left(filterCycle, f, waterState, u)).orElse(""),
        others(filterCycle),
        forecast.map(f -> chart(f, kit)).orElse(""),
        forecast.map(f -> rows(f, today, kit)).orElse(List.of()),
        filterCycle.phase() == FilterCycle.Phase.CRASHED ? FilterCycle.RESCUE : List.of());
  }

  private static String verdict(FilterCycle filterCycle, WaterState waterState) {
    boolean empty = waterState.residents().isEmpty();
    return switch (filterCycle.verdict()) {
      case YES -> empty ? "Yes, an animal may move in." : "Yes, it carries animals.";
      case NO -> empty ? "No, no animal yet." : "No, it does not carry animals.";
      case NOT_KNOWN -> "Not known: test it.";
    };
  }

  private static String left(
      FilterCycle filterCycle, Forecast forecast, WaterState waterState, Units u) {
    return forecast
        .daysLeft()
        .map(
            range ->
                (Math.round(range.min()) == Math.round(range.max())
                        ? "About %2$.0f days still; estimated %4$s."
                        : "%.0f to %.0f days still, most likely %d; estimated %s.")
                    .formatted(
                        range.min(),
                        range.max(),
                        forecast.usualDays().orElse((int) range.middle()),
                        filterCycle.phase() == FilterCycle.Phase.UNTESTED
                            ? "by the model alone, for nobody tested yet"
                            : "from your tests"))
        .orElseGet(
            () ->
                "Longer than half a year as it stands: %s."
                    .formatted(u.text(waterState.holdsUp())));
  }

  private static String others(FilterCycle filterCycle) {
    return filterCycle.others().isEmpty()
        ? ""
        : "%s by the school that asks for %s."
            .formatted(
                filterCycle.mayMoveIn() ? "Not yet" : "Yes",
                String.join(
                    ", ", filterCycle.others().stream().map(CyclingCriterion::words).toList()));
  }

  private static String chart(Forecast f, KitUnits kit) {
    return new Chart(
            "Ammonia and nitrite from here",
            kit.asIon() ? "mg/L" : "mg/L N",
            List.of("today", "15", "30", "45", "60 days"),
            List.of(
                line("ammonia", "c-water", f.usual(), kit, Parameter.AMMONIA),
                line("nitrite", "c-box", f.usual(), kit, Parameter.NITRITE),
                line("nitrite, slow", "c-room", f.slow(), kit, Parameter.NITRITE),
                line("nitrite, fast", "c-room", f.fast(), kit, Parameter.NITRITE)),
            List.of(),
            List.of(),
            true)
        .svg();
  }

  private static ToDoubleFunction<Nitrogen> of(Parameter parameter) {
    return parameter == Parameter.AMMONIA ? Nitrogen::ammoniaMgPerL : Nitrogen::nitriteMgPerL;
  }

  private static Chart.Line line(
      String name, String css, List<Nitrogen> days, KitUnits kit, Parameter parameter) {
    ToDoubleFunction<Nitrogen> value = of(parameter);
    return new Chart.Line(
        name,
        css,
        days.stream()
            .limit(FORECAST_DAYS + 1)
            .mapToDouble(n -> kit.shown(parameter, value.applyAsDouble(n)))
            .toArray());
  }

  private static List<String> rows(Forecast f, LocalDate today, KitUnits kit) {
    List<String> rows = new ArrayList<>();
    for (int day = 0; day < f.usual().size(); day++) {
      Nitrogen n = f.usual().get(day);
      rows.add(
          "%s: ammonia %s, nitrite %s (%s if fast, %s if slow), %s"
              .formatted(
                  English.dayOfYear(today.plusDays(day)),
                  kit.about(Parameter.AMMONIA, n.ammoniaMgPerL()),
                  kit.about(Parameter.NITRITE, n.nitriteMgPerL()),
                  kit.about(Parameter.NITRITE, f.fast().get(day).nitriteMgPerL()),
                  kit.about(Parameter.NITRITE, f.slow().get(day).nitriteMgPerL()),
                  Parameter.NITRITE.dimension().unit(kit.system())));
    }
    return rows;
  }

  private static List<Figure> figures(
      WaterState waterState, LocalDate today, KitUnits kit, Units u) {
    List<Figure> all = new ArrayList<>();
    if (isCycling(waterState)) {
      filter(waterState, u, all);
    }
    phWay(waterState, u).ifPresent(all::add);
    Optional<NitrateTrend> trend = waterState.nitrate(today);
    waterState.changes(today).ifPresent(plan -> changes(waterState, plan, trend, kit, u, all));
    return all;
  }

  private static void filter(WaterState waterState, Units u, List<Figure> all) {
    if (!waterState.residents().isEmpty()) {
      all.add(
          new Figure(
              "Ammonia from their food, a day",
              u.grams(waterState.loadGPerDay()),
              "as nitrogen; half to twice"));
    }
    all.add(
        new Figure(
            "The cycled filter can process",
            u.grams(waterState.carriesGPerDay()),
            "of ammonia a day before a kit shows any, as nitrogen, substrate and glass included; estimate, half to twice"));
    OxygenBalance oxygen = waterState.oxygen(waterState.isStirred());
    all.add(
        new Figure(
            "Oxygen in the warmest hour",
            u.text(new Quantity(Dimension.CONCENTRATION, oxygen.settlesMgPerL())),
            "of %s at most; estimate: half to twice as much may be missing"
                .formatted(u.text(new Quantity(Dimension.CONCENTRATION, oxygen.fullMgPerL())))));
  }

  /** pH led into what they want, where it is not. */
  private static Optional<Figure> phWay(WaterState waterState, Units u) {
    return waterState
        .phWay()
        .map(
            way ->
                new Figure(
                    "pH from %s to %s".formatted(ph(way.from(), u), ph(way.to(), u)),
                    u.text(Quantity.days(way.steps().days())),
                    "%s each day, by changes with harder or softer water; no powder at once"
                        .formatted(ph(Math.abs(way.steps().perDay()), u))));
  }

  private static String ph(double value, Units u) {
    return u.number(new Quantity(Dimension.PH, value));
  }

  private static void changes(
      WaterState waterState,
      ChangePlan plan,
      Optional<NitrateTrend> trend,
      KitUnits kit,
      Units u,
      List<Figure> all) {
    all.add(
        new Figure(
            "Water change",
            u.text(Quantity.litres(plan.litres())),
            "%s %s by the school followed; new water within %s of the tank's"
                .formatted(
                    u.text(Quantity.percent(plan.percent())),
                    Recurrence.every(plan.everyDays()).words(),
                    u.text(Quantity.kelvin(plan.mostOffK())))));
    if (waterState.isBowl()) {
      return;
    }
    all.add(
        new Figure(
            "Nitrate rises, a day",
            kit.text(Parameter.NITRATE, plan.risePerDay()),
            plan.measured()
                ? "by your %d tests, within %s"
                    .formatted(
                        trend.map(NitrateTrend::tests).orElse(0),
                        kit.number(Parameter.NITRATE, trend.map(NitrateTrend::within).orElse(0.0)))
                : "estimated from the food; three tests over a week tell better"));
    all.add(
        new Figure(
            "This rhythm settles at",
            kit.text(Parameter.NITRATE, plan.settles().beforeMgPerL()),
            "nitrate before a change, %s after it; %s is the target"
                .formatted(
                    kit.number(Parameter.NITRATE, plan.settles().afterMgPerL()),
                    kit.number(Parameter.NITRATE, plan.targetMgPerL()))));
    if (!plan.holdsTarget()) {
      all.add(new Figure("To hold the target", wanted(plan, u), "at this rise"));
    }
  }

  private static String wanted(ChangePlan plan, Units u) {
    OptionalDouble percent = plan.wantedPercent();
    if (percent.isPresent() && percent.getAsDouble() <= ChangePlan.LARGEST_PERCENT) {
      return "%s each time".formatted(u.text(Quantity.percent(percent.getAsDouble())));
    }
    return plan.wantedDays().isPresent() && plan.wantedDays().getAsDouble() >= 1
        ? "every %d days".formatted((int) plan.wantedDays().getAsDouble())
        : "other water, or fewer animals";
  }

  /** Where it comes from, and what that asks for. */
  private static List<String> source(WaterState waterState) {
    List<String> words = new ArrayList<>();
    Optional<WaterSource> source = waterState.enclosure().water().chemistry().source();
    Optional<Handling.Conditioner> conditioner =
        waterState.enclosure().water().handling().conditioner();
    if (source.isEmpty()) {
      words.add("Say where the water comes from: the design asks for it.");
    } else {
      words.add(
          switch (source.get()) {
            case TAP, TREATED_TAP ->
                "Tap water: every drop is conditioned. Standing overnight drives chlorine out, never chloramine; ask the waterworks which it is.";
            case RAIN, REVERSE_OSMOSIS ->
                "Water without minerals: nothing holds its pH. Mix it with tap water or harden it before it goes in.";
            case SPRING ->
                "Bottled or spring water: read the label for nitrate and hardness; still, without salt added.";
          });
    }
    conditioner.ifPresent(
        c ->
            words.add(
                c.chloramine()
                    ? "Your conditioner takes chloramine too; the ammonia in it shows in the kit for a day."
                    : "Your conditioner's label does not say chloramine: if the waterworks uses it, another one."));
    return words;
  }
}
