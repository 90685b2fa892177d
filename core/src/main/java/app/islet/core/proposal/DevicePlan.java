package app.islet.core.proposal;

import app.islet.core.care.Needs;
import app.islet.core.climate.BaskingSpot;
import app.islet.core.climate.Climate;
import app.islet.core.enclosure.Conditions;
import app.islet.core.enclosure.Enclosure;
import app.islet.core.enclosure.Equipment;
import app.islet.core.enclosure.UvShape;
import app.islet.core.geometry.BaskingPlace;
import app.islet.core.geometry.Geometry;
import app.islet.core.light.UvVerdict;
import app.islet.core.quantity.Range;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.DoubleStream;

/** Filter, heater, lamps and timer for a design that is otherwise drawn. */
final class DevicePlan {
  /** As basking lamps are sold, W; common practice, no source. */
  private static final double[] LAMPS_W = {15, 25, 35, 50, 75, 100, 150};

  /** A lamp hangs at least so far over the rim and over what it warms. */
  private static final double OVER_RIM_CM = 4;

  private static final double MIN_LAMP_CM = 18;

  /** Flows are sold in such steps, L/h. */
  private static final double FLOW_STEP_LPH = 10;

  private final Course course;
  private final LocalDate day;

  DevicePlan(Course course, LocalDate day) {
    this.course = course;
    this.day = day;
  }

  Enclosure fitted(Enclosure bare) {
    Enclosure e = bare.with(hours(bare.conditions()));
    Geometry geometry = Geometry.of(e);
    List<Equipment> devices = new ArrayList<>();
    filter(geometry).ifPresent(devices::add);
    lamp(e, geometry).ifPresent(devices::add);
    uvb(e).ifPresent(devices::add);
    Enclosure lit = e.with(devices.toArray(Equipment[]::new));
    heater(lit, geometry).ifPresent(devices::add);
    return e.with(devices.toArray(Equipment[]::new));
  }

  /** The middle of the day lengths all of them want, by a timer. */
  private Conditions hours(Conditions c) {
    Optional<Range> shared =
        course
            .needs(Needs::daylight)
            .map(Needs.Daylight::hours)
            .reduce((a, b) -> a.overlap(b).orElse(a));
    return shared.isPresent()
        ? c.withLightHours(OptionalDouble.of(Math.floor(shared.get().middle())))
        : c;
  }

  /** One filter, its intake guarded and its jet broken, of a flow that all stages stand. */
  private Optional<Equipment> filter(Geometry geometry) {
    Optional<Range> turnover =
        course
            .needs(Needs::filtration)
            .map(Needs.Filtration::turnoverPerHour)
            .reduce((a, b) -> a.overlap(b).orElse(a));
    if (turnover.isEmpty() || !geometry.hasWater()) {
      return Optional.empty();
    }
    double litres = geometry.waterL();
    double least = turnover.get().min() * litres;
    double most = turnover.get().max() * litres;
    double flow = Math.ceil((least + 0.25 * (most - least)) / FLOW_STEP_LPH) * FLOW_STEP_LPH;
    return Optional.of(
        new Equipment.Filter(
            flow <= most ? flow : Math.max(1, Math.floor(most)), Optional.empty(), true, true));
  }

  /** The weakest lamp that hangs over the rim and still warms the place. */
  private Optional<Equipment> lamp(Enclosure e, Geometry geometry) {
    Optional<Range> spot =
        course
            .needs(Needs::basking)
            .map(Needs.Basking::spotC)
            .reduce((a, b) -> a.overlap(b).orElse(a));
    if (spot.isEmpty()) {
      return Optional.empty();
    }
    double air = (e.site().summerDayC() + e.site().winterDayC()) / 2;
    double place =
        BaskingPlace.of(e, geometry).map(BaskingPlace::heightCm).orElse(geometry.lineCm());
    double least = Math.max(MIN_LAMP_CM, e.vessel().heightCm() - place + OVER_RIM_CM);
    double aim = spot.get().middle();
    double watts =
        DoubleStream.of(LAMPS_W)
            .filter(w -> distance(w, air, aim) >= least)
            .findFirst()
            .orElse(LAMPS_W[LAMPS_W.length - 1]);
    return Optional.of(
        new Equipment.BaskingLamp(
            watts,
            OptionalDouble.empty(),
            OptionalDouble.empty(),
            OptionalDouble.of(Math.round(distance(watts, air, aim)))));
  }

  private static double distance(double watts, double airC, double aimC) {
    return BaskingSpot.of(watts, BaskingSpot.USUAL_BEAM_DEG, airC).distanceFor(aimC);
  }

  /** A new tube at the distance of the rule of thumb; a meter decides. */
  private Optional<Equipment> uvb(Enclosure e) {
    if (course.needs(Needs::uv).findAny().isEmpty()) {
      return Optional.empty();
    }
    return Optional.of(
        new Equipment.UvbLamp(
            Optional.of(day),
            OptionalDouble.of(UvVerdict.thumbCm(e.lid()).middle()),
            UvShape.LINEAR,
            OptionalDouble.empty(),
            OptionalDouble.empty()));
  }

  /** A guarded heater where the water needs one and all of them may have one. */
  private Optional<Equipment> heater(Enclosure e, Geometry geometry) {
    boolean never =
        course.everybody().anyMatch(r -> r.stage().needs().heater() == Needs.Heater.NEVER);
    Optional<Climate.WaterClimate> water = Climate.of(e, geometry, course.now()).water();
    boolean needed =
        water.filter(w -> w.heating() == Climate.WaterClimate.Heating.HEATER).isPresent();
    if (never || !needed || !geometry.hasWater()) {
      return Optional.empty();
    }
    return Optional.of(
        new Equipment.Heater(
            app.islet.core.climate.HeaterSizes.atLeast(water.get().heaterToBuyW()), true));
  }
}
