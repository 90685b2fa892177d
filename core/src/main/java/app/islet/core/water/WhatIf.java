package app.islet.core.water;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalInt;

/**
 * What one thing done to a grown-in filter would bring: the model of the bacteria at rest on the
 * food there is, and then that.
 *
 * @param words what is done
 * @param mostAmmoniaMgPerL afterwards, {@code mostNitriteMgPerL} likewise, as nitrogen
 * @param clearAfterDays until a kit shows neither again; 0 where it never showed any, absent where
 *     that takes longer than played
 */
public record WhatIf(
    String words, double mostAmmoniaMgPerL, double mostNitriteMgPerL, OptionalInt clearAfterDays) {
  private static final int DAYS = 60;
  private static final int GROWING_DAYS = 240;

  private static final double WEEKLY_PERCENT = 30;

  /** Share of the filter lost where tap water with chlorine is poured in; from memory. */
  private static final double CHLORINE_KILLS_PERCENT = 70;

  /** Nothing where nobody makes waste, or there is no filter to lose. */
  public static List<WhatIf> of(WaterState waterState) {
    if (waterState.loadGPerDay() <= 0 || waterState.biofilter().mediaM2() <= 0) {
      return List.of();
    }
    NitrogenModel model = waterState.model();
    Nitrogen rest = rest(model, waterState);
    List<WhatIf> all = new ArrayList<>();
    all.add(
        play(
            "Media rinsed in tank water",
            model,
            rest,
            waterState,
            event(WaterEvent.Kind.RINSED, 0)));
    all.add(
        play(
            "Half of the media new",
            model,
            rest,
            waterState,
            event(WaterEvent.Kind.NEW_MEDIA, 50)));
    all.add(
        play(
            "Media rinsed under the tap",
            model,
            rest,
            waterState,
            event(WaterEvent.Kind.RINSED_TAP, 0)));
    all.add(
        play(
            "The pump stood still for a day",
            model,
            rest,
            waterState,
            event(WaterEvent.Kind.PUMP_STOPPED, 24)));
    all.add(
        play(
            "All media new at once",
            model,
            rest,
            waterState,
            event(WaterEvent.Kind.NEW_MEDIA, 100)));
    all.add(
        play(
            "All water changed, conditioned; the filter left alone",
            model,
            rest,
            waterState,
            event(WaterEvent.Kind.CHANGE, 100)));
    all.add(
        play(
            "A change with chlorine in it",
            model,
            rest,
            waterState,
            event(WaterEvent.Kind.NEW_MEDIA, CHLORINE_KILLS_PERCENT)));
    return all;
  }

  /** Grown in on the food there is, with the carbonate that changes keep up. */
  private static Nitrogen rest(NitrogenModel model, WaterState waterState) {
    double some = model.mostGPerDay() / 2;
    Nitrogen now = new Nitrogen(0, 0, 0, model.carbonateDh(), some, some);
    NitrogenRun.Feeding fed = waterState.stocked();
    for (int weeks = 0; weeks * 7 < GROWING_DAYS; weeks++) {
      Nitrogen week = NitrogenRun.play(model, now, fed, 7).last();
      now = week.mixed(WEEKLY_PERCENT / 100, waterState.tap());
    }
    return now;
  }

  private static WaterEvent event(WaterEvent.Kind kind, double amount) {
    return new WaterEvent(LocalDate.EPOCH, kind, amount);
  }

  /** The usual changes go on, so that what holds the pH does not run out meanwhile. */
  private static Map<Integer, List<WaterEvent>> weeklyAfter(WaterEvent done) {
    Map<Integer, List<WaterEvent>> events = new HashMap<>();
    events.put(0, List.of(done));
    for (int day = 7; day <= DAYS; day += 7) {
      events.put(day, List.of(event(WaterEvent.Kind.CHANGE, WEEKLY_PERCENT)));
    }
    return events;
  }

  private static WhatIf play(
      String words, NitrogenModel model, Nitrogen rest, WaterState waterState, WaterEvent done) {
    List<Nitrogen> days =
        NitrogenRun.play(
                model,
                rest,
                new NitrogenRun.Feeding(
                    waterState.loadGPerDay(), waterState.tap(), weeklyAfter(done), false),
                DAYS)
            .days();
    int last = -1;
    for (int day = 0; day < days.size(); day++) {
      if (!Parameter.AMMONIA.isZero(days.get(day).ammoniaMgPerL())
          || !Parameter.NITRITE.isZero(days.get(day).nitriteMgPerL())) {
        last = day;
      }
    }
    return new WhatIf(
        words,
        days.stream().mapToDouble(Nitrogen::ammoniaMgPerL).max().orElse(0),
        days.stream().mapToDouble(Nitrogen::nitriteMgPerL).max().orElse(0),
        last >= DAYS ? OptionalInt.empty() : OptionalInt.of(last + 1));
  }
}
