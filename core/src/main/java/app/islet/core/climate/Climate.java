package app.islet.core.climate;

import app.islet.core.animal.Resident;
import app.islet.core.care.Needs;
import app.islet.core.enclosure.Enclosure;
import app.islet.core.geometry.Geometry;
import app.islet.core.quantity.Range;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;

/**
 * Temperatures through the year, by days of winter and summer that repeat themselves.
 *
 * @param water the water, where there is any
 * @param air the air and land, where a resident needs them at a temperature
 * @param model the enclosure to ask more
 */
public record Climate(Optional<WaterClimate> water, Optional<AirClimate> air, ClimateModel model) {
  /** How far an estimate of heating power may be off, as a share of it. */
  public static final double POWER_UNCERTAINTY = 0.3;

  /**
   * @param targetC temperature the heating aims at in the coldest hour
   * @param heatingNeedW power that holds it in the coldest room hour
   * @param winterC water at its coldest on a winter's day, with the heating there is
   * @param summerUncooledC water at its warmest in a spell of summer days, without fan or chiller
   * @param summerC the same with the fan and chiller there are
   * @param topUpLPerDay water evaporated on a day between summer and winter
   */
  public record WaterClimate(
      double targetC,
      double heatingNeedW,
      double winterC,
      double summerUncooledC,
      double summerC,
      double topUpLPerDay) {
    /** Nobody makes an aquarium heater smaller; common practice, no source. */
    private static final double SMALLEST_HEATER_W = 10;

    /** Less than this is no more than the estimate may be off. */
    private static final double NOTHING_W = 0.5;

    /** How a need for heat is met. */
    public enum Heating {
      NONE,
      /** Too little for any heater that is sold: the room, or the box, is warmed instead. */
      ROOM,
      HEATER
    }

    public Heating heating() {
      return heatingNeedW < NOTHING_W
          ? Heating.NONE
          : heaterToBuyW() < SMALLEST_HEATER_W / 2 ? Heating.ROOM : Heating.HEATER;
    }

    /** Power of the heater to buy: what the estimate may be off is in reserve. */
    public double heaterToBuyW() {
      return heatingNeedW * (1 + POWER_UNCERTAINTY);
    }
  }

  /**
   * @param targetC temperature aimed at
   * @param heatingNeedW power that holds it in the coldest room hour
   * @param winterC air and land at their coldest on a winter's day, with the mats there are
   * @param summerC the same at their warmest in a spell of summer days
   */
  public record AirClimate(double targetC, double heatingNeedW, double winterC, double summerC) {}

  public static Climate of(Enclosure e, Geometry s, List<Resident> residents) {
    return ClimateModel.of(e, s).climate(wanted(residents));
  }

  /** The same enclosure for other residents. */
  public Climate of(List<Resident> residents) {
    return model.climate(wanted(residents));
  }

  static ClimateModel.Wanted wanted(List<Resident> residents) {
    return new ClimateModel.Wanted(common(residents, Needs::water), common(residents, Needs::air));
  }

  /**
   * The ideal range all residents share; where there is none the tolerated one; where there is none
   * either, that of the coolest, for heat harms sooner than cold.
   */
  private static Optional<Range> common(
      List<Resident> residents, Function<Needs, Optional<Needs.Temperature>> need) {
    List<Needs.Temperature> stated =
        residents.stream().flatMap(r -> need.apply(r.stage().needs()).stream()).distinct().toList();
    return shared(stated, Needs.Temperature::idealC)
        .or(() -> shared(stated, Needs.Temperature::toleratedC))
        .or(
            () ->
                stated.stream()
                    .map(Needs.Temperature::idealC)
                    .min(Comparator.comparingDouble(Range::min).thenComparing(Range::max)));
  }

  private static Optional<Range> shared(
      List<Needs.Temperature> stated, Function<Needs.Temperature, Range> range) {
    Optional<Range> shared = stated.stream().findFirst().map(range);
    for (Needs.Temperature t : stated) {
      shared = shared.flatMap(r -> r.overlap(range.apply(t)));
    }
    return shared;
  }
}
