package app.islet.core.plan;

import app.islet.core.quantity.Dimension;
import app.islet.core.quantity.Phrase;
import app.islet.core.quantity.Quantity;
import app.islet.core.situation.HusbandryState;
import app.islet.core.text.English;
import app.islet.core.water.ChangePlan;
import app.islet.core.water.NitrateTrend;
import app.islet.core.water.Parameter;
import app.islet.core.water.WaterState;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** What it means for the animals that a task is late: by the tests where there are tests. */
final class Overdue {
  private Overdue() {}

  /** By the key of the task; only where there is something to say. */
  static Map<String, Phrase> of(HusbandryState s, List<Task> tasks) {
    Map<String, Phrase> all = new HashMap<>();
    tasks.forEach(task -> meaning(s, task).ifPresent(words -> all.put(task.key(), words)));
    return all;
  }

  private static Optional<Phrase> meaning(HusbandryState s, Task task) {
    return switch (task.kind()) {
      case WATER_CHANGE -> Optional.of(water(s));
      case TEST ->
          Optional.of(
              s.waterRecord()
                  .lastTested()
                  .map(
                      day ->
                          Phrase.of("The last test is of {}: too old to go by.", English.day(day)))
                  .orElse(Phrase.of("Not tested yet: clear water can still contain ammonia.")));
      case RINSE_FILTER -> Optional.of(Phrase.of("A clogged filter passes less water each day."));
      case NEW_MEDIA -> Optional.of(Phrase.of("An old cartridge no longer binds what it should."));
      case REPLACE_TUBE ->
          Optional.of(Phrase.of("It looks as bright, but gives less UVB than it should."));
      case MEASURE -> Optional.of(Phrase.of("Portions still follow the last measurement."));
      case SPOT_CLEAN -> Optional.of(Phrase.of("Leftovers rot and turn into ammonia."));
      case CHECK -> Optional.of(Phrase.of("What is worn fails when nobody looks."));
      case TOP_UP ->
          Optional.of(Phrase.of("The level sinks: salt and waste gather in what is left."));
      case MIST -> Optional.of(Phrase.of("Dry air dries out skin and gills."));
      case REFILL -> Optional.of(Phrase.of("Standing water grows a film, and it drinks from it."));
      case TREAT -> Optional.of(Phrase.of("A course that is broken off starts anew."));
      case FEED, HOLD, MIX, SUPPLEMENT, BATHE, CORRECT -> Optional.empty();
    };
  }

  private static Phrase water(HusbandryState s) {
    WaterState water = s.waterState();
    Optional<NitrateTrend> trend = water.nitrate(s.date());
    Optional<ChangePlan> plan = water.changes(s.date());
    if (trend.isEmpty() || plan.isEmpty()) {
      return Phrase.of("Nitrate rises from day to day; no tests tell yet how fast.");
    }
    double target = plan.get().targetMgPerL();
    Quantity ion = new Quantity(Dimension.CONCENTRATION, target * Parameter.NITRATE.ionFactor());
    if (trend.get().risePerDay() <= 0) {
      return Phrase.of("By the tests nitrate does not rise: no harm yet.");
    }
    return trend
        .get()
        .passesOn(s.waterRecord(), water.tapNitrate(), target, s.date())
        .map(day -> Phrase.of("Nitrate passes {} {}.", ion, on(day, s.date())))
        .orElseGet(() -> Phrase.of("By the tests nitrate is above {} by now.", ion));
  }

  private static String on(LocalDate day, LocalDate today) {
    return day.equals(today) ? "today" : "on " + English.weekday(day);
  }
}
