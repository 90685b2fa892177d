package app.islet.core.climate;

import app.islet.core.animal.Resident;
import app.islet.core.enclosure.Enclosure;
import app.islet.core.enclosure.Site;
import app.islet.core.geometry.Geometry;
import app.islet.core.quantity.Range;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;

/**
 * One enclosure in its room, to be asked what its temperatures will be. What was asked once is
 * remembered: the answer depends on nothing but the ranges asked for.
 */
public final class ClimateModel {
  /** Days after which what a spell began with has worn off, started from its mean. */
  private static final int SPELL_DAYS = 6;

  /** Coarse enough to be quick, fine enough for a tank that follows its room in hours. */
  private static final int SPELL_STEP_MINUTES = 10;

  private static final double USUAL_LIGHT_HOURS = 12;

  private final Envelope envelope;
  private final HeatSources machines;
  private final Enclosure enclosure;
  private final Site site;
  private final RoomCourse room;
  private final boolean wet;
  private final Map<Wanted, Climate.WaterClimate> waterState = new ConcurrentHashMap<>();
  private final Map<Wanted, Climate.AirClimate> airs = new ConcurrentHashMap<>();

  /** Ranges the residents share, where they state some. */
  record Wanted(Optional<Range> water, Optional<Range> air) {}

  private ClimateModel(Enclosure e, Geometry s) {
    enclosure = e;
    site = e.site();
    envelope = Envelope.of(e, s);
    machines = HeatSources.of(e, envelope.surfaceM2());
    room = RoomCourse.of(site);
    wet = s.hasWater();
  }

  public static ClimateModel of(Enclosure e, Geometry s) {
    return new ClimateModel(e, s);
  }

  Envelope envelope() {
    return envelope;
  }

  HeatSources machines() {
    return machines;
  }

  RoomCourse room() {
    return room;
  }

  Climate climate(Wanted wanted) {
    return new Climate(
        wet ? Optional.of(waterState.computeIfAbsent(wanted, this::water)) : Optional.empty(),
        wanted.air.map(range -> airs.computeIfAbsent(wanted, w -> air(w, range))),
        this);
  }

  /** Whether a room holds it: under the sky neither its days nor its year are calculated. */
  public boolean holds() {
    return !site.outdoors();
  }

  private void refuseTheSky() {
    if (!holds()) {
      throw new IllegalStateException("no model of a room holds under the sky");
    }
  }

  /** One day of a spell that repeats itself: of high summer (1), of winter (0) or between. */
  public TemperatureSeries day(double summer, List<Resident> residents) {
    refuseTheSky();
    return spell(summer, machines, settings(Climate.wanted(residents))).lastDay();
  }

  /** A year from the first of January on, in steps of ten minutes. */
  public TemperatureSeries year(List<Resident> residents) {
    refuseTheSky();
    Settings settings = settings(Climate.wanted(residents));
    TemperatureSeries start = spell(room.summerShare(1), machines, settings);
    return ThermalSimulation.year(
        envelope,
        machines,
        settings,
        room,
        1,
        365,
        SPELL_STEP_MINUTES,
        start.waterC()[start.steps() - 1],
        start.boxC()[start.steps() - 1]);
  }

  /** What thermostats and timers are set to for these ranges. */
  Settings settings(Wanted wanted) {
    return Settings.of(
        wanted.water.map(Range::min).orElse(Double.NaN),
        wanted.water.map(Range::max).orElse(Settings.ALWAYS_C),
        wanted.air.map(Range::min).orElse(Double.NaN),
        enclosure.conditions().lighting().onHour(),
        enclosure.conditions().lightHours().orElse(USUAL_LIGHT_HOURS),
        site.sunHours());
  }

  private Climate.WaterClimate water(Wanted wanted) {
    if (site.outdoors()) {
      return underTheSky();
    }
    Balance coldest = still(site.coldestC());
    double mat = matW(coldest, wanted);
    double unheated = coldest.settle(machines.pumpW(), mat).waterC();
    double target = wanted.water.map(Range::min).orElse(unheated);
    double need = Math.max(0, coldest.holdsW(target, mat) - machines.pumpW());
    Settings settings = settings(wanted);
    TemperatureSeries winter = spell(0, machines, settings);
    TemperatureSeries warm = spell(1, machines, settings.uncooled());
    TemperatureSeries cooled = isCooled() ? spell(1, machines, settings) : warm;
    TemperatureSeries middle = spell(0.5, machines, settings);
    return new Climate.WaterClimate(
        target,
        need,
        winter.lastDay().coldestC(),
        warm.lastDay().warmestC(),
        cooled.lastDay().warmestC(),
        Math.max(0, middle.energy().evaporatedKg() / middle.days()));
  }

  /** No room, and no heater that would hold it. */
  private Climate.WaterClimate underTheSky() {
    Pond pond = new Pond(site, enclosure.water().depthCm());
    // Wind, rain and shade decide what a pond loses: not estimated.
    return new Climate.WaterClimate(
        pond.winterC(), 0, pond.winterC(), pond.summerC(), pond.summerC(), 0);
  }

  private Climate.AirClimate air(Wanted wanted, Range range) {
    if (site.outdoors()) {
      return new Climate.AirClimate(range.min(), 0, site.coldestC(), site.warmestC());
    }
    Balance coldest = still(site.coldestC());
    double need = Math.max(0, coldest.boxHoldsW(range.min(), machines.pumpW()));
    Settings settings = settings(wanted);
    return new Climate.AirClimate(
        range.min(),
        need,
        TemperatureSeries.least(spell(0, machines, settings).lastDay().boxC()),
        TemperatureSeries.most(spell(1, machines, settings).lastDay().boxC()));
  }

  private boolean isCooled() {
    return machines.fanMs() > 0 || machines.chillerW() > 0;
  }

  /** Power of the mats as the coldest hour asks for it. */
  private double matW(Balance coldest, Wanted wanted) {
    return wanted
        .air
        .map(range -> Math.max(0, coldest.boxHoldsW(range.min(), machines.pumpW())))
        .map(need -> Math.min(need, machines.matW()))
        .orElse(0.0);
  }

  private Balance still(double roomC) {
    double vapour = site.humidityPercent() / 100 * MoistAir.saturationKpa(roomC);
    return new Balance(envelope, roomC, vapour, 0, machines.activity());
  }

  /** The same kind of day until it repeats itself, started from where its mean would settle. */
  TemperatureSeries spell(double summer, HeatSources running, Settings settings) {
    return spell(envelope, room, summer, running, settings);
  }

  static TemperatureSeries spell(
      Envelope envelope, RoomCourse room, double summer, HeatSources running, Settings settings) {
    RoomCourse.Day day = room.day(summer);
    Balance mean = new Balance(envelope, day.meanC(), day.vapourKpa(), 0, running.activity());
    double lit = settings.litShare();
    double boxW = lit * running.lampBoxW();
    double sun = settings.sunShare() * running.sunW() * summer;
    double waterW = running.pumpW() + lit * running.lampWaterW() + sun;
    double held = held(mean, waterW, boxW, running, settings);
    double box = mean.settle(waterW, boxW).boxC();
    return ThermalSimulation.spell(
        envelope,
        running,
        settings,
        room,
        summer,
        SPELL_DAYS,
        SPELL_STEP_MINUTES,
        held,
        Double.isNaN(settings.airToC()) ? box : Math.max(box, settings.airToC()));
  }

  /** The water as the thermostats hold it on average. */
  private static double held(
      Balance mean, double waterW, double boxW, HeatSources running, Settings settings) {
    double free = mean.settle(waterW, boxW).waterC();
    if (free < settings.heatToC()) {
      double most = mean.settle(waterW + running.heaterW(), boxW).waterC();
      return Math.min(most, settings.heatToC());
    }
    if (free > settings.coolToC()) {
      double least = mean.settle(waterW - running.chillerW(), boxW).waterC();
      return Math.max(least, settings.coolToC());
    }
    return free;
  }
}
