package app.islet.core.water;

import app.islet.core.animal.Resident;
import app.islet.core.care.Needs;
import app.islet.core.climate.Climate;
import app.islet.core.enclosure.Enclosure;
import app.islet.core.enclosure.Equipment;
import app.islet.core.enclosure.Furnishing;
import app.islet.core.enclosure.FurnishingKind;
import app.islet.core.geometry.Geometry;
import app.islet.core.quantity.Phrase;
import app.islet.core.quantity.Quantity;
import app.islet.core.quantity.Range;
import app.islet.core.quantity.Steps;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Function;

/**
 * The water of one enclosure, ready to be asked: what design, climate and the keeper's tests say of
 * it put together.
 *
 * @param loadGPerDay ammonia nitrogen of the planned food, g
 */
public record WaterState(
    Enclosure enclosure,
    Geometry geometry,
    Climate climate,
    List<Resident> residents,
    WaterRecord record,
    double loadGPerDay) {
  /** pH and carbonate of tap water nobody tested; common practice, no source. */
  private static final double USUAL_PH = 7.5;

  /** Commonly waited for a new filter; common practice, no source. */
  private static final int USUAL_START_UP_DAYS = 42;

  /** How far the pH is moved in a day; common practice, no source. */
  public static final double MAX_PH_A_DAY = 0.2;

  private static final double COLDEST_C = -1.8;
  private static final double WARMEST_C = 40;
  private static final double USUAL_CARBONATE_DH = 5;

  /** Below these the nitrite-oxidising bacteria hardly grow; from memory. */
  static final double SOUR_PH = 6.5;

  static final double COLD_C = 14;
  static final double MIN_CARBONATE_DH = 2;
  private static final double BARE_CARBONATE_DH = 1;

  public WaterState {
    residents = List.copyOf(residents);
  }

  public static WaterState of(
      Enclosure e,
      Geometry geometry,
      Climate climate,
      List<Resident> residents,
      WaterRecord record) {
    return new WaterState(e, geometry, climate, residents, record, NitrogenLoad.gPerDay(residents));
  }

  /** The newest test, else what the design says. */
  public OptionalDouble ph() {
    OptionalDouble tested = record.newest(Parameter.PH);
    return tested.isPresent() ? tested : enclosure.water().chemistry().ph();
  }

  /** The newest test, else what the design says. */
  public OptionalDouble hardnessDh() {
    OptionalDouble tested = record.newest(Parameter.HARDNESS);
    return tested.isPresent() ? tested : enclosure.water().chemistry().hardnessDh();
  }

  /** The newest test, else what the design says. */
  public double salinityPpt() {
    return record.newest(Parameter.SALINITY).orElse(enclosure.water().salinityPpt());
  }

  /**
   * Whether it is no more than a bowl: one meal decides there, and no model of filter, nitrate or
   * oxygen. It is poured out whole.
   */
  public boolean isBowl() {
    return ChangePlan.isBowl(enclosure, geometry.waterL());
  }

  /** Whether it is so little that the models of it are to be taken with a grain of salt. */
  public boolean isHardlyMoreThanABowl() {
    return ChangePlan.isBowl(enclosure, geometry.waterL() / 2);
  }

  /** The newest test, else the middle of the year by the climate; as far as water is told of. */
  public double tempC() {
    double now =
        record
            .newest(Parameter.TEMPERATURE)
            .orElseGet(
                () -> climate.water().map(w -> (w.winterC() + w.summerC()) / 2).orElse(20.0));
    return Math.max(COLDEST_C, Math.min(WARMEST_C, now));
  }

  public double tapNitrate() {
    return enclosure.water().source().nitrateMgPerL().orElse(0);
  }

  public Biofilter biofilter() {
    return Biofilter.of(enclosure, geometry);
  }

  /** Of the bacteria, at the usual pace. */
  public NitrogenModel model() {
    Biofilter filter = biofilter();
    boolean bare = enclosure.water().chemistry().source().filter(s -> s.isBare()).isPresent();
    return new NitrogenModel(
        Math.max(0.1, geometry.waterL()),
        tempC(),
        ph().orElse(USUAL_PH),
        record
            .newest(Parameter.CARBONATE)
            .orElse(
                enclosure
                    .water()
                    .source()
                    .carbonateDh()
                    .orElse(bare ? BARE_CARBONATE_DH : USUAL_CARBONATE_DH)),
        filter.mostGPerDay(),
        filter.filterShare(),
        filter.plantsGPerDay(),
        1);
  }

  /** What comes in with a change. */
  public Nitrogen tap() {
    return new Nitrogen(
        0,
        0,
        tapNitrate(),
        enclosure.water().source().carbonateDh().orElse(model().carbonateDh()),
        0,
        0);
  }

  /**
   * Nitrogen a day the grown-in filter turns in this water while neither ammonia nor nitrite shows,
   * beside what it is fed, g.
   */
  public double carriesGPerDay() {
    NitrogenModel model = model();
    double shown = Parameter.AMMONIA.kitError();
    return model.mostGPerDay()
        * model.vigour(model.carbonateDh())
        * shown
        / (shown + NitrogenModel.AMMONIA_HALF);
  }

  /** Oxygen in the warmest hour. */
  public OxygenBalance oxygen(boolean stirred) {
    double warmest = climate.water().map(Climate.WaterClimate::summerC).orElse(tempC());
    return oxygenAt(warmest, stirred);
  }

  OxygenBalance oxygenAt(double tempC, boolean stirred) {
    return OxygenBalance.of(
        geometry.waterL(),
        geometry.footprintCm2() * geometry.waterSharePercent() / 100,
        stirred,
        tempC,
        Math.min(45, salinityPpt()),
        residents,
        loadGPerDay);
  }

  /** Whether filter, bubbles or a current move the surface. */
  public boolean isStirred() {
    return enclosure.has(Equipment.Filter.class) || hasAir();
  }

  boolean hasAir() {
    return enclosure.has(Equipment.AirStone.class)
        || enclosure.furnishings().parts().stream()
            .map(Furnishing::kind)
            .anyMatch(kind -> kind == FurnishingKind.AIR_STONE);
  }

  /** Conditioner by the label kept with the design; absent where none is. */
  public Optional<Dose> conditioner(double newWaterL) {
    return newWaterL <= 0
        ? Optional.empty()
        : enclosure
            .water()
            .handling()
            .conditioner()
            .map(c -> Dose.of(newWaterL, c.ml(), c.litres(), 1, Dose.DROPS_PER_ML));
  }

  /**
   * Days a new filter takes to grow in here without animals, least and most.
   *
   * @param ripePercent of the filter's media from a running tank
   */
  public Optional<Range> startUpDays(double ripePercent) {
    return Forecast.fromNothing(model(), unstocked(), ripePercent);
  }

  /** The same, nothing ripe, as if nothing grew in it. */
  public Optional<Range> startUpDaysUnplanted() {
    NitrogenModel m = model();
    return Forecast.fromNothing(
        new NitrogenModel(
            m.waterL(),
            m.tempC(),
            m.ph(),
            m.carbonateDh(),
            m.mostGPerDay(),
            m.filterShare(),
            0,
            m.pace()),
        unstocked(),
        0);
  }

  /** Ammonia kept up by hand, nobody in it. */
  NitrogenRun.Feeding unstocked() {
    return new NitrogenRun.Feeding(0, tap(), Map.of(), true);
  }

  /** What comes of those who live in it. */
  NitrogenRun.Feeding stocked() {
    return new NitrogenRun.Feeding(loadGPerDay, tap(), Map.of(), false);
  }

  /** Where the start-up stands by the proof the keeper's school asks for. */
  public FilterCycle filterCycle(LocalDate today) {
    return FilterCycle.of(record, CyclingCriterion.of(enclosure.water().handling().proof()), today);
  }

  /** What holds a filter cycle up that would take longer than half a year. */
  public Phrase holdsUp() {
    NitrogenModel model = model();
    if (model.tempC() < COLD_C) {
      return Phrase.of("the water is cold ({})", Quantity.celsius(model.tempC()));
    }
    if (model.ph() < SOUR_PH || model.carbonateDh() < MIN_CARBONATE_DH) {
      return Phrase.of("the water is too sour, or its KH is too low, for the bacteria");
    }
    if (loadGPerDay > carriesGPerDay()) {
      return Phrase.of(
          "the animals' food makes {} of ammonia a day, more than filter and surfaces can carry ({})",
          Quantity.grams(loadGPerDay),
          Quantity.grams(carriesGPerDay()));
    }
    return Phrase.of(
        "the tests show no progress: look for chlorine, remedies, or a pump that stood");
  }

  /**
   * Whether a filter nobody tested has run for as long as such take: then nothing is foretold of
   * it, a test tells.
   */
  public boolean hasRunLongEnough(LocalDate today) {
    int days =
        residents.stream()
            .flatMap(r -> r.stage().needs().filtration().stream())
            .mapToInt(f -> f.filterCycle().days())
            .max()
            .orElse(USUAL_START_UP_DAYS);
    return enclosure
        .all(Equipment.Filter.class)
        .flatMap(filter -> filter.runningSince().stream())
        .anyMatch(since -> !since.plusDays(days).isAfter(today));
  }

  /**
   * Whether a filter cycle can be foretold: in a dish or without anything bacteria sit on, it
   * cannot.
   */
  public boolean canForecast() {
    return geometry.waterL() >= ChangePlan.BOWL_L && biofilter().mediaM2() > 0;
  }

  /** How it goes on from here. */
  public Forecast forecast(LocalDate today) {
    return Forecast.of(model(), record, residents.isEmpty() ? unstocked() : stocked(), today);
  }

  public Optional<NitrateTrend> nitrate(LocalDate today) {
    return NitrateTrend.of(record, tapNitrate(), today);
  }

  public Optional<ChangePlan> changes(LocalDate today) {
    return ChangePlan.of(enclosure, residents, geometry.waterL(), nitrate(today), tapNitrate());
  }

  /**
   * Share of the water its tests ask to be changed today, %, whatever the rhythm says; absent where
   * they ask for nothing.
   */
  public OptionalDouble urgentChangePercent(LocalDate today) {
    double poison =
        residents.isEmpty()
            ? 0
            : Toxicity.of(this, today)
                .filter(p -> p.changes() > 0)
                .map(Toxicity::percentEach)
                .orElse(0.0);
    double nitrate = NitrateChange.of(this, today).map(NitrateChange::percent).orElse(0.0);
    double percent = poison > 0 ? poison : nitrate;
    return percent > 0 ? OptionalDouble.of(percent) : OptionalDouble.empty();
  }

  /**
   * Within what those who live here want it, the first of them deciding where they differ; for
   * ammonia and nitrite what a kit does not show. Absent where nobody states anything.
   */
  public Optional<Range> wanted(Parameter parameter) {
    return switch (parameter) {
      case AMMONIA, NITRITE -> Optional.of(new Range(0, parameter.kitError()));
      case NITRATE ->
          Optional.of(
              new Range(
                  0,
                  ChangePlan.isSensitive(residents)
                      ? Limits.NITRATE_SENSITIVE
                      : Limits.NITRATE_HARDY));
      case PH -> first(n -> n.chemistry().map(Needs.Chemistry::ph));
      case HARDNESS -> first(n -> n.chemistry().flatMap(Needs.Chemistry::hardnessDh));
      case SALINITY -> first(n -> n.salinity().map(Needs.Salinity::ppt));
      case TEMPERATURE -> first(n -> n.water().map(Needs.Temperature::idealC));
      case CARBONATE -> Optional.empty();
    };
  }

  private Optional<Range> first(Function<Needs, Optional<Range>> need) {
    return residents.stream().flatMap(r -> need.apply(r.stage().needs()).stream()).findFirst();
  }

  /**
   * Salt aimed at, g/kg: what the design says where that is within what those who live here want;
   * else fresh for those of fresh water, and the middle of what they want for others.
   */
  public OptionalDouble saltAim() {
    Optional<Range> want = wanted(Parameter.SALINITY);
    if (want.isEmpty()) {
      return OptionalDouble.empty();
    }
    double designed = enclosure.water().salinityPpt();
    if (designed > 0 && want.get().contains(designed)) {
      return OptionalDouble.of(Math.min(Hydrometer.MAX_PPT, designed));
    }
    return OptionalDouble.of(
        want.get().min() == 0 ? 0 : Math.min(Hydrometer.MAX_PPT, want.get().middle()));
  }

  /** Day by day to the salt aimed at; empty where it is within what they want, or nobody says. */
  public List<SaltSteps> saltWay() {
    OptionalDouble aim = saltAim();
    double now = Math.min(Hydrometer.MAX_PPT, salinityPpt());
    if (aim.isEmpty() || wanted(Parameter.SALINITY).orElseThrow().contains(now)) {
      return List.of();
    }
    return SaltSteps.between(
        Math.max(0.1, geometry.waterL()), now, aim.getAsDouble(), tempC(), SaltSteps.MAX_PPT_A_DAY);
  }

  /**
   * The pH led to the near end of what they want.
   *
   * @param steps one a day
   */
  public record PhWay(double from, double to, Steps steps) {}

  /** Absent where it is there already, was never tested, or nobody says. */
  public Optional<PhWay> phWay() {
    OptionalDouble now = ph();
    Optional<Range> want = wanted(Parameter.PH);
    if (now.isEmpty() || want.isEmpty() || want.get().contains(now.getAsDouble())) {
      return Optional.empty();
    }
    double from = now.getAsDouble();
    double to = from < want.get().min() ? want.get().min() : want.get().max();
    return Optional.of(new PhWay(from, to, Steps.between(from, to, MAX_PH_A_DAY)));
  }

  /** Whether salt is a matter here: there is some, or somebody wants more than fresh water. */
  public boolean isSalted() {
    return salinityPpt() >= 1
        || wanted(Parameter.SALINITY)
            .filter(range -> range.max() > SaltCompany.FRESH_PPT)
            .isPresent();
  }
}
