package app.islet.core.portrait;

import app.islet.core.Assessment;
import app.islet.core.animal.Resident;
import app.islet.core.build.BuildSheet;
import app.islet.core.climate.Acclimation;
import app.islet.core.climate.Basics;
import app.islet.core.climate.ClimateModel;
import app.islet.core.climate.Cooling;
import app.islet.core.climate.FailureSimulation;
import app.islet.core.climate.HumidityOptions;
import app.islet.core.enclosure.Enclosure;
import app.islet.core.geometry.Geometry;
import app.islet.core.geometry.Grid;
import app.islet.core.geometry.GridFigures;
import app.islet.core.geometry.StructuralLoad;
import app.islet.core.geometry.SubstrateVolumes;
import app.islet.core.light.Brumation;
import app.islet.core.light.Glare;
import app.islet.core.light.Photoperiod;
import app.islet.core.light.PlantLight;
import app.islet.core.light.Timetable;
import app.islet.core.plan.DayList;
import app.islet.core.plan.DueTask;
import app.islet.core.quantity.UnitSystem;
import app.islet.core.review.Finding;
import app.islet.core.situation.HusbandryState;
import app.islet.core.water.Failures;
import app.islet.core.water.NeverAdd;
import app.islet.core.water.NextStep;
import app.islet.core.water.Nitrogen;
import app.islet.core.water.Parameter;
import app.islet.core.water.Toxicity;
import app.islet.core.water.WaterRecord;
import app.islet.core.water.WaterState;
import app.islet.core.water.WaterTest;
import app.islet.core.water.WhatIf;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** All that the core says of an enclosure, a line for each thing. */
final class Portrait {
  private static final int DAYS = 10;

  private final List<String> lines = new ArrayList<>();

  /** What the tests of the water left as it was is not said again. */
  private final Set<String> said = new HashSet<>();

  private final HusbandryState state;
  private final Enclosure e;
  private final Geometry geometry;
  private final List<Resident> residents;
  private final LocalDate day;

  private Portrait(HusbandryState state) {
    this.state = state;
    e = state.enclosure();
    geometry = state.geometry();
    residents = state.residents();
    day = state.date();
  }

  static List<String> of(Assessment a) {
    Portrait portrait = new Portrait(a.situation());
    portrait.shape();
    portrait.climate();
    portrait.light();
    portrait.water(a.situation().waterState());
    portrait.lines.add("After tests:");
    portrait.water(tested(a.situation()).waterState());
    portrait.work(a);
    a.review().findings().forEach(portrait::finding);
    return portrait.lines;
  }

  /** The same water, of which somebody tested three times: all well, and then a trace of both. */
  private static HusbandryState tested(HusbandryState s) {
    List<WaterTest> tests =
        List.of(
            test(s.date().minusDays(60), 0, 0, 5),
            test(s.date().minusDays(30), 0, 0, 9),
            test(s.date().minusDays(2), 0.3, 0.2, 12));
    return HusbandryState.of(
        s.enclosure(), s.residents(), s.date(), new WaterRecord(tests, List.of()));
  }

  private static WaterTest test(LocalDate day, double ammonia, double nitrite, double nitrate) {
    return new WaterTest(
        day,
        Map.of(Parameter.AMMONIA, ammonia, Parameter.NITRITE, nitrite, Parameter.NITRATE, nitrate));
  }

  private void say(String what, Object value) {
    if (said.add(what + Words.of(value))) {
      Words.lines(what, value, "", lines);
    }
  }

  private void shape() {
    say("geometry", geometry);
    say("load", StructuralLoad.of(e, geometry));
    say("standing", StructuralLoad.standing(e));
    say("substrate", SubstrateVolumes.of(e, geometry));
    Grid grid = geometry.grid().orElseGet(() -> Grid.of(e));
    GridFigures figures = grid.figures();
    say(
        "grid: water, displaced, inside, wet, dry, walkable, shade, a cm, shore",
        List.of(
            figures.waterL(),
            figures.displacedL(),
            figures.insideCm2(),
            figures.wetPercent(),
            figures.dryCm2(),
            figures.walkableCm2(),
            figures.shadePercent(),
            figures.litresPerCm(),
            figures.shorelineCm()));
    say("bands of depth", figures.depthBands(4));
    for (Resident r : residents) {
      say("reach of " + r.words(), HusbandryState.reach(r, grid));
      say("swim of " + r.words(), HusbandryState.swim(r, grid));
      say("basking of " + r.words(), state.basking(r));
    }
  }

  private void climate() {
    say("climate", state.climate());
    say("cooling", Cooling.of(e, geometry, residents));
    say("humidity", HumidityOptions.of(e, geometry, state.climate(), residents));
    say("acclimation", Acclimation.of(residents, state.waterState().tempC()));
    say("spot", state.spot());
    ClimateModel model = ClimateModel.of(e, geometry);
    say("basics", Basics.of(model));
    if (model.holds()) {
      say("summer's day", model.day(1, residents));
      say("winter's day", model.day(0, residents));
      say("year", model.year(residents));
    }
  }

  private void light() {
    say("light", Photoperiod.of(e));
    say("timetable", Timetable.of(e, residents, day));
    say("plants", PlantLight.of(e, residents));
    for (Resident r : residents) {
      say("uv of " + r.words(), state.uvPlace(r));
      say("glare for " + r.words(), Glare.of(e, geometry, r));
      say(
          "rest of " + r.words(),
          Brumation.of(r, day, state.waterState().tempC(), Photoperiod.of(e).hoursOn(day), false));
    }
  }

  private void water(WaterState water) {
    say("water", List.of(water.tempC(), water.salinityPpt(), water.ph(), water.hardnessDh()));
    say("tap", water.tap());
    say("biofilter", water.biofilter());
    say("carries", water.carriesGPerDay());
    say("oxygen", List.of(water.oxygen(false), water.oxygen(true)));
    say("conditioner", water.conditioner(10));
    say("start-up", List.of(water.startUpDays(0), water.startUpDays(30)));
    say("cycle", water.filterCycle(day));
    say("cycle held up", water.holdsUp());
    if (water.canForecast()) {
      List<Nitrogen> usual = water.forecast(day).usual();
      say("forecast", List.of(usual.get(usual.size() / 3), usual.get(usual.size() - 1)));
    }
    say("changes", water.changes(day));
    say("salt", List.of(water.saltAim(), water.saltWay()));
    say("pH", water.phWay());
    say("next", NextStep.of(water, day));
    say("toxicity", Toxicity.of(water, day));
    say("what if", WhatIf.of(water));
    for (FailureSimulation failure : Failures.of(water)) {
      say(
          "failure " + failure.mishap(),
          List.of(
              failure.course().waterC(),
              failure.course().boxC(),
              failure.moments(),
              failure.strip()));
    }
    say("never", NeverAdd.of(residents));
  }

  private void work(Assessment a) {
    a.plan()
        .tasks()
        .forEach(
            t ->
                say(
                    "task " + t.key(),
                    List.of(t.amount(), a.plan().rhythm(t), t.minutes(), t.basis().words())));
    List<List<DueTask>> coming = DayList.coming(day, DAYS, a.plan(), day.minusDays(10), List.of());
    for (int n = 0; n < DAYS; n++) {
      say(
          "due in %d days".formatted(n),
          coming.get(n).stream().map(d -> d.task().key() + " " + d.daysLate()).toList());
    }
    say("shopping", a.shopping());
    BuildSheet sheet = BuildSheet.of(state);
    sheet
        .lines()
        .forEach(line -> say("buy " + line.key(), List.of(line.amounts(), line.present())));
    sheet.power().forEach(line -> say("power", line));
    say("steps", sheet.steps().stream().map(step -> step.key() + " " + step.waitDays()).toList());
  }

  private void finding(Finding f) {
    lines.add(f.severity().word() + " " + f.rule());
    lines.add("  " + f.what().text(UnitSystem.METRIC));
    lines.add("  " + f.why().text(UnitSystem.METRIC));
    f.remedies().forEach(r -> lines.add("  - " + r.text().text(UnitSystem.METRIC)));
  }
}
