package app.islet.core.climate;

import app.islet.core.animal.Resident;
import app.islet.core.enclosure.Change;
import app.islet.core.enclosure.Enclosure;
import app.islet.core.enclosure.Equipment;
import app.islet.core.enclosure.Lid;
import app.islet.core.geometry.Geometry;
import app.islet.core.quantity.Dimension;
import app.islet.core.quantity.Phrase;
import app.islet.core.quantity.Quantity;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * The cooling ladder: what each method brings in a spell of the warmest days, in the order of its
 * cost. Each rung stands alone over what is there already.
 *
 * @param asItIsC water at its warmest with the fan and chiller there are
 * @param uncooledC water at its warmest without fan or chiller
 * @param targetC the most the residents share as ideal; absent where they state none
 * @param wetBulbC of the warmest day's air: below it no evaporation cools
 * @param rungs the ladder from the bottom
 */
public record Cooling(
    double asItIsC, double uncooledC, OptionalDouble targetC, double wetBulbC, List<Rung> rungs) {
  /** Air over the surface by a fan as sold for tanks, m/s; common practice, no source. */
  public static final double FAN_MS = 1.0;

  /** Lights that give little heat, against lamps; from memory. */
  private static final double COOL_LIGHT = 0.3;

  /** A bottle that fits between plants, changed three times a day; larger ones overshoot. */
  private static final double BOTTLE_KG = 0.5;

  private static final int BOTTLES_A_DAY = 3;
  private static final double ICE_KJ_PER_KG = 334 + 2.05 * 18;

  /** Cooling in one pass of a chiller's loop, K; common practice, no source. */
  private static final double LOOP_K = 1;

  /** A thermostat holds no finer than this. */
  private static final double EDGE_K = 0.05;

  private static final double STEP_W = 10;
  private static final double MAX_W = 5000;

  public Cooling {
    rungs = List.copyOf(rungs);
  }

  /** Ways of cooling, from the cheapest. */
  public enum Kind {
    SHADE("No sun on the glass"),
    COOL_LIGHT("Lights that give little heat"),
    INSULATION("Foam on the back and both ends, 20 mm"),
    AIR("An air stone, gentle"),
    LID_OFF("The lid off"),
    FAN("A fan over the surface"),
    ICE("Ice bottles, for a few days"),
    CHILLER("A chiller");

    private final String words;

    Kind(String words) {
      this.words = words;
    }

    public String words() {
      return words;
    }
  }

  /**
   * One method.
   *
   * @param reachesC water at its warmest with it
   * @param swingK between the coolest and the warmest of a day
   * @param topUpLPerDay water to pour after
   * @param kwhPerDay electricity it draws
   * @param mind what to watch with it
   * @param enough whether it holds the residents' range
   * @param design the enclosure with it; absent where it changes nothing that is drawn
   */
  public record Rung(
      Kind kind,
      double reachesC,
      double swingK,
      double topUpLPerDay,
      double kwhPerDay,
      Phrase mind,
      boolean enough,
      Optional<Enclosure> design) {}

  /** The first rung that is enough; absent where none is, or none is needed. */
  public Optional<Rung> least() {
    return rungs.stream().filter(Rung::enough).findFirst();
  }

  public boolean isNeeded() {
    return targetC.isPresent() && asItIsC > targetC.getAsDouble() + EDGE_K;
  }

  /**
   * A chiller that holds the water at what all residents stand.
   *
   * @param neededW heat it must take from the water in the warmest hour
   * @param ratedW what to buy: it ages, and its room is warm when it is needed
   */
  public record Chiller(double neededW, double ratedW) {
    private static final double RESERVE = 1.3;

    static Chiller holding(double neededW) {
      return new Chiller(neededW, Math.ceil(neededW * RESERVE / STEP_W) * STEP_W);
    }
  }

  /** The chiller the ladder ends with, without the other rungs. */
  public static Chiller chiller(Enclosure e, Geometry s, List<Resident> residents) {
    return new Ladder(e, s, Climate.wanted(residents)).size();
  }

  public static Cooling of(Enclosure e, Geometry s, List<Resident> residents) {
    Ladder ladder = new Ladder(e, s, Climate.wanted(residents));
    return e.site().outdoors() ? ladder.underTheSky() : ladder.climb();
  }

  /** Asks the model again for each rung. */
  private static final class Ladder {
    private final Enclosure e;
    private final Geometry geometry;
    private final ClimateModel model;
    private final ClimateModel.Wanted wanted;
    private final Settings settings;
    private final OptionalDouble targetC;
    private final List<Rung> rungs = new ArrayList<>();

    Ladder(Enclosure e, Geometry geometry, ClimateModel.Wanted wanted) {
      this.e = e;
      this.geometry = geometry;
      this.wanted = wanted;
      this.model = ClimateModel.of(e, geometry);
      this.settings = model.settings(wanted);
      this.targetC =
          wanted.water().isPresent()
              ? OptionalDouble.of(wanted.water().get().max())
              : OptionalDouble.empty();
    }

    /** Shade and depth cool a pond; how much is not estimated. */
    Cooling underTheSky() {
      double summer = new Pond(e.site(), e.water().depthCm()).summerC();
      return new Cooling(summer, summer, targetC, wetBulbC(e.site().warmestC()), rungs);
    }

    private double wetBulbC(double airC) {
      return WetBulb.celsius(Math.min(50, airC), e.site().humidityPercent());
    }

    Cooling climb() {
      TemperatureSeries plain = model.spell(1, model.machines(), settings.uncooled());
      double airC = model.room().day(1).meanC() + model.room().day(1).swingK();
      shade();
      coolLight();
      insulation();
      air();
      lidOff();
      fan(airC);
      ice();
      chiller();
      return new Cooling(
          model.spell(1, model.machines(), settings).lastDay().warmestC(),
          plain.lastDay().warmestC(),
          targetC,
          wetBulbC(airC),
          rungs);
    }

    private void shade() {
      if (e.site().sunHours() > 0) {
        add(
            Kind.SHADE,
            e.withSite(e.site().withSunHours(0)),
            model.machines().shaded(),
            0,
            Phrase.of(
                "Costs nothing. A board or a blind on the outside of the window keeps out most."));
      }
    }

    private void coolLight() {
      if (model.machines().lampWaterW() + model.machines().lampBoxW() > 0) {
        add(
            Kind.COOL_LIGHT,
            Optional.empty(),
            model,
            model.machines().lamps(COOL_LIGHT),
            0,
            Phrase.of("Not where an animal must bask: it needs the heat of its lamp."));
      }
    }

    private void insulation() {
      if (e.vessel().walls().insulationMm().isEmpty()) {
        Enclosure foamed = e.with(new Change("/vessel/insulationMm", 20));
        add(
            Kind.INSULATION,
            foamed,
            model.machines(),
            0,
            Phrase.of("Helps what is cooled to stay cool; alone it only slows the day down."));
      }
    }

    private void air() {
      if (!e.has(Equipment.AirStone.class)) {
        add(
            Kind.AIR,
            with(new Equipment.AirStone()),
            model.machines().stirred(),
            UsualPower.AIR_PUMP_W * 24 / 1000,
            Phrase.of("Keep the current gentle where animals want still water."));
      }
    }

    private void lidOff() {
      if (e.lid() != Lid.NONE) {
        add(
            Kind.LID_OFF,
            e.with(Lid.NONE),
            model.machines(),
            0,
            Phrase.of(
                "Only where nothing climbs or jumps out; {} of freeboard now.",
                Quantity.cm(geometry.freeboardCm())));
      }
    }

    private void fan(double airC) {
      Enclosure fanned = with(new Equipment.Fan(FAN_MS)).with(open(e.lid()));
      add(
          Kind.FAN,
          fanned,
          model.machines().chiller(0).fan(FAN_MS),
          UsualPower.FAN_W * 24 / 1000,
          Phrase.of(
              "No lower than the air's wet bulb of {}. Top up daily; with salt in the water the salt stays behind, so top up fresh.",
              Quantity.celsius(WetBulb.celsius(airC, e.site().humidityPercent()))));
    }

    /** A fan blows over open water or through mesh, not through glass. */
    private static Lid open(Lid lid) {
      return Envelope.isClosed(lid) ? Lid.MESH : lid;
    }

    /** So much at once is no cooling but a shock, and the model of a mixed tank does not hold. */
    private static final double MAX_ICE_DROP_K = 4;

    private void ice() {
      double watts = BOTTLES_A_DAY * BOTTLE_KG * ICE_KJ_PER_KG * 1000 / 86_400;
      double dropK = BOTTLE_KG * ICE_KJ_PER_KG / (geometry.waterL() * 4.186 + 0.001);
      if (dropK > MAX_ICE_DROP_K) {
        return;
      }
      TemperatureSeries course =
          model.spell(
              1, model.machines().pump(model.machines().pumpW() - watts), settings.uncooled());
      rung(
          Kind.ICE,
          Optional.empty(),
          course,
          BOTTLES_A_DAY * BOTTLE_KG * ICE_KJ_PER_KG / 3600,
          dropK,
          Phrase.of(
              "{} bottles of half a litre a day, in turn; each takes {} off at once. For days, not for a summer.",
              Quantity.count(BOTTLES_A_DAY),
              Quantity.kelvin(dropK)));
    }

    private double chilledToC() {
      return targetC.orElse(model.room().day(1).meanC() - 4);
    }

    Chiller size() {
      double watts = STEP_W;
      while (watts < MAX_W && warmest(watts) > chilledToC() + EDGE_K) {
        watts += Math.max(STEP_W, Math.floor(watts / 40) * STEP_W);
      }
      return Chiller.holding(watts);
    }

    private void chiller() {
      double target = chilledToC();
      Chiller size = size();
      double rated = size.ratedW();
      TemperatureSeries course =
          model.spell(1, model.machines().chiller(rated), settings.coolTo(target));
      double moved = course.energy().chillerJ() / course.days() / 3.6e6;
      double ua = model.envelope().paneWPerK() + model.envelope().glowWPerK();
      Approach pull =
          new Approach(Math.max(0.1, geometry.waterL()), model.room().day(1).meanC(), ua, -rated);
      double from = model.room().day(1).meanC();
      Phrase power =
          pull.reaches(from, target) && from > target
              ? Phrase.of(
                  "{} of cooling, {} times the {} needed; from the room's {} it takes {}.",
                  Quantity.watts(rated),
                  new Quantity(Dimension.RATIO, rated / size.neededW()),
                  Quantity.watts(size.neededW()),
                  Quantity.celsius(from),
                  Quantity.hours(pull.hours(from, target)))
              : Phrase.of("{} of cooling.", Quantity.watts(rated));
      Phrase hours =
          Phrase.of("{} {} Let the air out; set it, wait overnight, read.", power, loop(rated));
      rung(
          Kind.CHILLER,
          Optional.of(e.with(new Change("/equipment/chiller/coolingW", rated))),
          course,
          moved / UsualPower.CHILLER_COP,
          0,
          hours);
    }

    /** Through the filter where that moves enough, else through a pump of its own. */
    private Phrase loop(double rated) {
      double flow = loopLph(rated);
      double filter = e.all(Equipment.Filter.class).mapToDouble(Equipment.Filter::flowLph).sum();
      return filter >= flow
          ? Phrase.of(
              "Tank, filter, chiller, tank: it needs {} or more, the filter moves {}.",
              Quantity.litresPerHour(flow),
              Quantity.litresPerHour(filter))
          : Phrase.of(
              "It needs {} or more through it; the filter moves {}, so give it a pump of its own.",
              Quantity.litresPerHour(flow),
              Quantity.litresPerHour(filter));
    }

    /** Flow that leaves the chiller no more than a degree cooler than it came. */
    private static double loopLph(double watts) {
      return Math.ceil(watts * 3600 / (4186 * LOOP_K) / 10) * 10;
    }

    private double warmest(double watts) {
      return model.spell(1, model.machines().chiller(watts), settings).lastDay().warmestC();
    }

    private Enclosure with(Equipment device) {
      List<Equipment> all = new ArrayList<>(e.equipment());
      all.removeIf(other -> other.getClass() == device.getClass());
      all.add(device);
      return e.with(all.toArray(new Equipment[0]));
    }

    private void add(
        Kind kind, Enclosure design, HeatSources machines, double kwhPerDay, Phrase mind) {
      add(kind, Optional.of(design), ClimateModel.of(design, geometry), machines, kwhPerDay, mind);
    }

    private void add(
        Kind kind,
        Optional<Enclosure> design,
        ClimateModel asked,
        HeatSources machines,
        double kwhPerDay,
        Phrase mind) {
      // A fan is asked running all day, whatever a controller would say.
      Settings set = settings.coolTo(kind == Kind.FAN ? Settings.ALWAYS_C : Double.NaN);
      rung(kind, design, asked.spell(1, machines, set), kwhPerDay, 0, mind);
    }

    private void rung(
        Kind kind,
        Optional<Enclosure> design,
        TemperatureSeries course,
        double kwhPerDay,
        double furtherSwingK,
        Phrase mind) {
      TemperatureSeries day = course.lastDay();
      rungs.add(
          new Rung(
              kind,
              day.warmestC(),
              day.warmestC() - day.coldestC() + furtherSwingK,
              Math.max(0, course.energy().evaporatedKg() / course.days()),
              kwhPerDay,
              mind,
              targetC.isPresent() && day.warmestC() <= targetC.getAsDouble() + EDGE_K,
              design));
    }
  }
}
