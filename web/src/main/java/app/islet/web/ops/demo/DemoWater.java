package app.islet.web.ops.demo;

import app.islet.core.water.Nitrogen;
import app.islet.core.water.NitrogenModel;
import app.islet.core.water.NitrogenRun;
import app.islet.core.water.Parameter;
import app.islet.core.water.WaterChange;
import app.islet.core.water.WaterEvent;
import app.islet.core.water.WaterRecord;
import app.islet.core.water.WaterTest;
import app.islet.web.people.collection.CollectionContext;
import app.islet.web.reading.snapshot.EnclosureSnapshot;
import app.islet.web.reading.snapshot.Snapshots;
import app.islet.web.store.enclosure.EnclosureStore;
import app.islet.web.store.water.WaterLog;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.springframework.stereotype.Component;

/**
 * What the mill's kits showed: a tank in the middle of its start-up, one of brackish water, one
 * whose nitrate creeps, one that crashed and came back, and one that is simply well.
 */
@Component
class DemoWater {
  private static final long SEED = 1907;
  private static final int START_UP_DAYS = 17;

  private final EnclosureStore enclosures;
  private final Snapshots snapshots;
  private final WaterLog log;
  private final Random random = new Random(SEED);

  DemoWater(EnclosureStore enclosures, Snapshots snapshots, WaterLog log) {
    this.enclosures = enclosures;
    this.snapshots = snapshots;
    this.log = log;
  }

  void fill(CollectionContext context) {
    for (EnclosureSnapshot state : snapshots.all(context, enclosures.all(context))) {
      Story story = new Story(context);
      switch (state.name()) {
        case "Mill race" -> filterCycle(story, state);
        case "Long pool" -> creeping(story);
        case "Hum tank" -> crashed(story);
        case "Tide tray" -> brackish(story);
        case "Slate tank" -> well(story);
        default -> {
          // Nobody tests there.
        }
      }
      log.add(context, state.id(), story.record(), true, lines -> WaterRecord.NONE);
    }
  }

  /** Days told one by one. */
  private final class Story {
    private final CollectionContext context;
    private final List<WaterTest> tests = new ArrayList<>();
    private final List<WaterEvent> events = new ArrayList<>();

    Story(CollectionContext context) {
      this.context = context;
    }

    /** Ammonia, nitrite, nitrate as the ion. */
    Map<Parameter, Double> kit(double ammonia, double nitrite, double nitrate) {
      Map<Parameter, Double> values = new EnumMap<>(Parameter.class);
      put(values, Parameter.AMMONIA, ammonia, 0.05);
      put(values, Parameter.NITRITE, nitrite, 0.05);
      put(values, Parameter.NITRATE, nitrate, 1);
      return values;
    }

    private void put(
        Map<Parameter, Double> values, Parameter parameter, double ion, double finest) {
      double read = ion * (1 + 0.08 * random.nextGaussian());
      double shown = Math.max(0, Math.round(read / finest) * finest);
      values.put(parameter, shown / parameter.ionFactor());
    }

    WaterRecord record() {
      return new WaterRecord(tests, events);
    }

    void test(int daysAgo, Map<Parameter, Double> values) {
      tests.add(new WaterTest(context.today().minusDays(daysAgo), values));
    }

    void did(int daysAgo, WaterEvent.Kind kind, double amount) {
      events.add(new WaterEvent(context.today().minusDays(daysAgo), kind, amount));
    }

    void general(Map<Parameter, Double> values, double ph, double carbonate, double tempC) {
      values.put(Parameter.PH, Math.round(10 * (ph + 0.05 * random.nextGaussian())) / 10.0);
      values.put(Parameter.CARBONATE, carbonate);
      values.put(
          Parameter.TEMPERATURE, Math.round(2 * (tempC + 0.4 * random.nextGaussian())) / 2.0);
    }
  }

  /** The core's own bacteria, read with a kit's coarse eye. */
  private static void filterCycle(Story story, EnclosureSnapshot state) {
    NitrogenModel model = state.assessment().situation().waterState().model();
    double few = model.mostGPerDay() * 2e-4;
    List<Nitrogen> days =
        NitrogenRun.play(
                model,
                new Nitrogen(2, 0, 0.5, model.carbonateDh(), few, few / 3),
                new NitrogenRun.Feeding(
                    0, new Nitrogen(0, 0, 0.5, model.carbonateDh(), 0, 0), Map.of(), false),
                START_UP_DAYS)
            .days();
    story.did(START_UP_DAYS, WaterEvent.Kind.AMMONIA_DOSE, 2);
    for (int day = 0; day <= START_UP_DAYS - 2; day += 3) {
      Nitrogen n = days.get(day);
      Map<Parameter, Double> values =
          story.kit(
              n.ammoniaMgPerL() * Parameter.AMMONIA.ionFactor(),
              n.nitriteMgPerL() * Parameter.NITRITE.ionFactor(),
              n.nitrateMgPerL() * Parameter.NITRATE.ionFactor());
      story.general(values, 7.6, Math.round(n.carbonateDh()), 25);
      story.test(START_UP_DAYS - day, values);
    }
  }

  /** Bramble grew, the food with her, and the changes stayed what they were. */
  private static void creeping(Story story) {
    double nitrate = 12;
    for (int week = 30; week >= 0; week--) {
      int daysAgo = 7 * week + 1;
      Map<Parameter, Double> values = story.kit(0, 0, nitrate);
      story.general(values, 7.8, 8, 24.5);
      story.test(daysAgo, values);
      if (week > 6) {
        story.did(daysAgo, WaterEvent.Kind.CHANGE, 25);
      }
      double rise = week > 18 ? 0.6 : 0.6 + 0.09 * (18 - week);
      nitrate = WaterChange.afterMgPerL(nitrate, 6, 25) + 7 * rise;
    }
  }

  /** A helper meant it well and rinsed the sponge under the tap. */
  private static void crashed(Story story) {
    for (int daysAgo = 124; daysAgo >= 68; daysAgo -= 7) {
      Map<Parameter, Double> values = story.kit(0, 0, 15);
      story.general(values, 7.2, 5, 25);
      story.test(daysAgo, values);
      story.did(daysAgo, WaterEvent.Kind.CHANGE, 30);
    }
    story.did(66, WaterEvent.Kind.RINSED_TAP, 0);
    double[][] bad = {
      {64, 0.4, 0.05}, {63, 0.8, 0.2}, {62, 0.9, 0.5}, {61, 0.6, 0.9}, {60, 0.5, 1.3},
      {58, 0.25, 1.6}, {56, 0.1, 1.1}, {54, 0.1, 0.7}, {51, 0, 0.3}, {48, 0, 0.1}
    };
    for (double[] day : bad) {
      Map<Parameter, Double> values = story.kit(day[1], day[2], 12);
      story.general(values, 7.1, 4, 25);
      story.test((int) day[0], values);
      story.did((int) day[0], WaterEvent.Kind.CHANGE, 50);
    }
    story.did(59, WaterEvent.Kind.RIPE_MEDIA, 20);
    for (int daysAgo = 45; daysAgo >= 0; daysAgo -= 5) {
      Map<Parameter, Double> values = story.kit(0, 0, 14);
      story.general(values, 7.2, 5, 25);
      story.test(daysAgo, values);
    }
  }

  /** Topped up with the change water for weeks, until somebody looked. */
  private static void brackish(Story story) {
    double ppt = 8;
    for (int week = 20; week >= 0; week--) {
      int daysAgo = 7 * week + 2;
      Map<Parameter, Double> values = story.kit(0, 0, 10);
      story.general(values, 8.1, 9, 24);
      values.put(Parameter.SALINITY, Math.round(2 * ppt) / 2.0);
      story.test(daysAgo, values);
      if (week > 6) {
        story.did(daysAgo, WaterEvent.Kind.CHANGE, 25);
      }
      ppt = week > 12 || week < 9 ? ppt + (8 - ppt) * 0.25 : ppt + 1.1;
    }
  }

  private static void well(Story story) {
    for (int week = 26; week >= 0; week--) {
      Map<Parameter, Double> values = story.kit(0, 0, 11);
      story.general(values, 7.6, 7, 16.5);
      story.test(7 * week + 3, values);
      if (week > 6) {
        story.did(7 * week + 3, WaterEvent.Kind.CHANGE, 25);
      }
    }
  }
}
