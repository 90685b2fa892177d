package app.islet.core.climate;

import app.islet.core.enclosure.Site;
import java.util.List;

/**
 * Days of an enclosure, step by step.
 *
 * <p>Water and box each gain and lose: C dT/dt = sum of the heat that comes in. A step is taken
 * implicitly, with evaporation made straight about the temperature it starts from: two equations
 * with two unknowns, stable at any length of step, and what goes in less what goes out is just what
 * is stored. A thermostat gives in each step as much of its device's power as holds what it is set
 * to: the mean of its switching.
 */
public final class ThermalSimulation {
  private static final double HOTTEST_C = 60;
  private static final double COLDEST_C = -20;

  private final Envelope envelope;
  private final HeatSources machines;
  private final Settings settings;
  private final RoomCourse room;
  private double secs;
  private final int stepMinutes;

  private double waterC;
  private double boxC;

  private double heaterJ;
  private double matJ;
  private double chillerJ;
  private double fanMinutes;
  private double evaporatedKg;
  private double inJ;
  private double outJ;

  private ThermalSimulation(
      Envelope envelope,
      HeatSources machines,
      Settings settings,
      RoomCourse room,
      int stepMinutes) {
    this.envelope = envelope;
    this.machines = machines;
    this.settings = settings;
    this.room = room;
    this.stepMinutes = stepMinutes;
    this.secs = stepMinutes * 60.0;
  }

  /** From one day of the year on. */
  static TemperatureSeries year(
      Envelope envelope,
      HeatSources machines,
      Settings settings,
      RoomCourse room,
      int firstDay,
      int days,
      int stepMinutes,
      double waterC,
      double boxC) {
    ThermalSimulation run = new ThermalSimulation(envelope, machines, settings, room, stepMinutes);
    return run.run(firstDay, days, Double.NaN, waterC, boxC);
  }

  /** The same kind of day again and again: of high summer (1), winter (0) or between. */
  static TemperatureSeries spell(
      Envelope envelope,
      HeatSources machines,
      Settings settings,
      RoomCourse room,
      double summer,
      int days,
      int stepMinutes,
      double waterC,
      double boxC) {
    ThermalSimulation run = new ThermalSimulation(envelope, machines, settings, room, stepMinutes);
    return run.run(0, days, summer, waterC, boxC);
  }

  /**
   * Water at each reading after the first, the room going straight from reading to reading; lamps
   * as they are, thermostats off.
   */
  static double[] follow(
      Envelope envelope,
      HeatSources machines,
      Site site,
      List<CalibrationFit.Reading> log,
      int stepMinutes) {
    Settings off = Settings.of(Double.NaN, Double.NaN, Double.NaN, 0, 0, 0);
    ThermalSimulation run =
        new ThermalSimulation(envelope, machines, off, RoomCourse.of(site), stepMinutes);
    run.waterC = log.get(0).waterC();
    run.boxC = log.get(0).roomC();
    double[] estimated = new double[log.size() - 1];
    for (int n = 1; n < log.size(); n++) {
      CalibrationFit.Reading from = log.get(n - 1);
      CalibrationFit.Reading to = log.get(n);
      double minutes = (to.hours() - from.hours()) * 60;
      int steps = Math.max(1, (int) Math.ceil(minutes / stepMinutes));
      run.secs = minutes * 60 / steps;
      for (int step = 1; run.secs > 0 && step <= steps; step++) {
        double roomC = from.roomC() + (to.roomC() - from.roomC()) * step / steps;
        double vapour = site.humidityPercent() / 100 * MoistAir.saturationKpa(roomC);
        run.step(roomC, vapour, false, 0);
      }
      estimated[n - 1] = run.waterC;
    }
    return estimated;
  }

  private TemperatureSeries run(int firstDay, int days, double summer, double water, double box) {
    int steps = days * RoomCourse.MINUTES_A_DAY / stepMinutes;
    float[] waterState = new float[steps];
    float[] boxes = new float[steps];
    float[] rooms = new float[steps];
    waterC = water;
    boxC = box;
    int at = 0;
    for (int day = 0; day < days; day++) {
      RoomCourse.Day today = Double.isNaN(summer) ? room.on(firstDay + day) : room.day(summer);
      double vapourKpa = today.vapourKpa();
      double sunW = machines.sunW() * today.summer();
      for (int minute = 0; minute < RoomCourse.MINUTES_A_DAY && at < steps; minute += stepMinutes) {
        double roomC = today.airC(minute);
        boolean lit = settings.lit(minute);
        double sun = settings.sunny(minute) ? sunW : 0;
        step(roomC, vapourKpa, lit, sun);
        waterState[at] = (float) waterC;
        boxes[at] = (float) boxC;
        rooms[at] = (float) roomC;
        at++;
      }
    }
    double stored = envelope.waterJPerK() * (waterC - water) + envelope.boxJPerK() * (boxC - box);
    return new TemperatureSeries(
        stepMinutes,
        waterState,
        boxes,
        rooms,
        new TemperatureSeries.Energy(
            heaterJ, matJ, chillerJ, fanMinutes, evaporatedKg, inJ, outJ, stored));
  }

  private void step(double roomC, double vapourKpa, boolean lit, double sunW) {
    boolean fan = machines.fanMs() > 0 && waterC >= settings.coolToC();
    double speed = fan ? machines.fanMs() : 0;
    double wet = envelope.evaporationWPerKpa(speed, machines.activity());
    double sensible = envelope.sensibleWPerK(speed, machines.activity());

    double from = Math.max(COLDEST_C, Math.min(HOTTEST_C, waterC));
    double saturated = MoistAir.saturationKpa(from);
    double slope = wet * MoistAir.saturationSlope(from, saturated);
    double offW = wet * (saturated - vapourKpa) - slope * waterC;
    double toRoom = envelope.paneWPerK() + envelope.glowWPerK();
    double boxToRoom = envelope.boxToRoomWPerK(speed);

    // | a  -s | |water|   | p |
    // | -s  b | | box | = | q |
    double cw = envelope.waterJPerK() / secs;
    double cb = envelope.boxJPerK() / secs;
    double a = cw + toRoom + sensible + slope;
    double b = cb + sensible + boxToRoom;
    double free = machines.pumpW() + sunW + (lit ? machines.lampWaterW() : 0);
    double p = cw * waterC + toRoom * roomC - offW + free;
    double lampBox = lit ? machines.lampBoxW() : 0;
    double q = cb * boxC + boxToRoom * roomC + lampBox;
    double det = a * b - sensible * sensible;

    double mat = 0;
    if (machines.matW() > 0 && !Double.isNaN(settings.airToC())) {
      double boxWithout = (sensible * p + a * q) / det;
      double perWatt = a / det;
      mat = hold(settings.airToC() - boxWithout, perWatt, machines.matW());
      q += mat;
    }
    double without = (b * p + sensible * q) / det;
    double perWatt = b / det;
    double heater =
        settings.heaterStuck()
            ? machines.heaterW()
            : hold(settings.heatToC() - without, perWatt, machines.heaterW());
    double chiller = hold(without - settings.coolToC(), perWatt, machines.chillerW());
    p += heater - chiller;

    double water = (b * p + sensible * q) / det;
    double box = (sensible * p + a * q) / det;
    double vapourW = offW + slope * water;
    inJ += secs * (free + lampBox + mat + heater - chiller);
    outJ += secs * (vapourW + toRoom * (water - roomC) + boxToRoom * (box - roomC));
    heaterJ += secs * heater;
    matJ += secs * mat;
    chillerJ += secs * chiller;
    fanMinutes += fan ? stepMinutes : 0;
    evaporatedKg += secs * vapourW / (1000 * MoistAir.latentKjPerKg(water));
    waterC = water;
    boxC = box;
  }

  /** Power that makes up what is missing, as far as the device goes; 0 where nothing is set. */
  private static double hold(double missingK, double kelvinPerWatt, double mostW) {
    return missingK > 0 ? Math.min(mostW, missingK / kelvinPerWatt) : 0;
  }
}
