package app.islet.web.page.design.water;

import app.islet.core.care.CareLibrary;
import app.islet.core.quantity.Dimension;
import app.islet.core.quantity.Quantity;
import app.islet.core.quantity.Range;
import app.islet.core.text.English;
import app.islet.core.water.ChangePlan;
import app.islet.core.water.Hydrometer;
import app.islet.core.water.Parameter;
import app.islet.core.water.SaltCompany;
import app.islet.core.water.SaltMix;
import app.islet.core.water.SaltSteps;
import app.islet.core.water.WaterState;
import app.islet.web.base.support.Units;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * The salt of the water, worded for one keeper.
 *
 * @param steps day by day to the target; empty where it is there
 */
record SaltView(
    String now, List<WaterView.Figure> figures, List<String> steps, String plants, String animals) {
  static Optional<SaltView> of(WaterState waterState, Units u, CareLibrary library) {
    OptionalDouble aim = waterState.saltAim();
    double now = waterState.salinityPpt();
    if (!waterState.isSalted()) {
      return Optional.empty();
    }
    double target = aim.orElse(now);
    SaltCompany company = SaltCompany.at(target, library.all());
    return Optional.of(
        new SaltView(
            u.text(new Quantity(Dimension.SALINITY, now)),
            figures(waterState, target, u),
            steps(waterState, u),
            English.list(company.plants()),
            English.list(company.animals())));
  }

  private static List<WaterView.Figure> figures(WaterState waterState, double target, Units u) {
    double now = waterState.salinityPpt();
    double volume = waterState.geometry().waterL();
    double temp = Math.min(40, waterState.tempC());
    List<WaterView.Figure> figures = new ArrayList<>();
    waterState
        .wanted(Parameter.SALINITY)
        .ifPresent(
            (Range range) ->
                figures.add(
                    new WaterView.Figure(
                        "Target",
                        u.range(range, Dimension.SALINITY),
                        "by the care sheet and the school followed")));
    figures.add(
        new WaterView.Figure(
            "A hydrometer shows now",
            hydrometer(now, temp, u),
            "in water of %s, marked for 25 °C".formatted(u.celsius(temp))));
    if (!waterState.saltWay().isEmpty()) {
      figures.add(
          new WaterView.Figure(
              "It should show",
              hydrometer(target, temp, u),
              "at the target of %s".formatted(salinity(target, u))));
    }
    ChangePlan.of(waterState.enclosure(), waterState.residents(), volume, Optional.empty(), 0)
        .ifPresent(
            plan ->
                figures.add(
                    new WaterView.Figure(
                        "Salt for a water change",
                        u.grams(SaltMix.saltG(plan.litres(), 0, target, temp)),
                        "in %s of new water: change water is salted"
                            .formatted(u.text(Quantity.litres(plan.litres()))))));
    waterState
        .climate()
        .water()
        .filter(w -> w.topUpLPerDay() > 0.01)
        .ifPresent(
            w -> {
              double dried = Math.min(7 * w.topUpLPerDay(), volume / 2);
              figures.add(
                  new WaterView.Figure(
                      "A week without topping up",
                      salinity(SaltSteps.afterEvaporation(volume, now, dried), u),
                      "what evaporates leaves its salt"));
              figures.add(
                  new WaterView.Figure(
                      "A week topped up salted by mistake",
                      salinity(SaltSteps.toppedUpSalted(volume, now, dried), u),
                      "top up fresh, however often brackish is at hand"));
            });
    return figures;
  }

  private static String hydrometer(double ppt, double tempC, Units u) {
    double reading = Hydrometer.reading(Math.min(Hydrometer.MAX_PPT, ppt), tempC, 25);
    return u.text(new Quantity(Dimension.SPECIFIC_GRAVITY, reading));
  }

  private static String salinity(double ppt, Units u) {
    return u.text(new Quantity(Dimension.SALINITY, ppt));
  }

  private static List<String> steps(WaterState waterState, Units u) {
    List<String> steps = new ArrayList<>();
    int day = 1;
    for (SaltSteps step : waterState.saltWay()) {
      steps.add(
          "Day %d: %s, to %s"
              .formatted(
                  day++,
                  step.saltG() > 0
                      ? u.grams(step.saltG()) + " of marine salt"
                      : u.text(Quantity.litres(step.freshL())) + " out, fresh water in",
                  u.text(new Quantity(Dimension.SALINITY, step.toPpt()))));
    }
    return steps;
  }
}
