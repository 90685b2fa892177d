package app.islet.core.enclosure;

import app.islet.core.field.Between;
import app.islet.core.field.Stored;
import app.islet.core.quantity.Dimension;
import java.time.LocalDate;
import java.util.Optional;
import java.util.OptionalDouble;

/** A thing that heats, cools, cleans or lights, with its ratings. */
public sealed interface Equipment
    permits Equipment.Heater,
        Equipment.HeatMat,
        Equipment.Chiller,
        Equipment.Fan,
        Equipment.Filter,
        Equipment.BaskingLamp,
        Equipment.UvbLamp,
        Equipment.AirStone {
  /** Runs on mains electricity in all but toy setups; cautions follow from that. */
  String words();

  /**
   * @param powerW rated power @param guarded whether an animal cannot touch the hot tube
   */
  record Heater(
      @Between(of = Dimension.POWER, min = 1, max = 20000) double powerW,
      @Stored(always = true) boolean guarded)
      implements Equipment {
    @Override
    public String words() {
      return "heater";
    }
  }

  /**
   * @param powerW rated power; warms air and ground from below or behind
   */
  record HeatMat(@Between(of = Dimension.POWER, min = 1, max = 5000) double powerW)
      implements Equipment {
    @Override
    public String words() {
      return "heat mat";
    }
  }

  /**
   * @param coolingW heat it takes from the water
   */
  record Chiller(@Between(of = Dimension.POWER, min = 1, max = 50000) double coolingW)
      implements Equipment {
    @Override
    public String words() {
      return "chiller";
    }
  }

  /**
   * @param airSpeedMs speed of the air over the surface, m/s
   */
  record Fan(@Between(of = Dimension.RATIO, min = 0.1, max = 5, unit = "m/s") double airSpeedMs)
      implements Equipment {
    @Override
    public String words() {
      return "fan";
    }
  }

  /**
   * @param flowLph rated flow, litres an hour
   * @param runningSince first day of continuous running, where known
   * @param guarded whether a sponge or mesh keeps small animals off the intake
   * @param sprayBar whether its outlet is spread by a bar or broken on the glass
   */
  record Filter(
      @Between(of = Dimension.FLOW, min = 0, max = 100000) double flowLph,
      Optional<LocalDate> runningSince,
      boolean guarded,
      boolean sprayBar)
      implements Equipment {
    /** One with a plain outlet. */
    public Filter(double flowLph, Optional<LocalDate> runningSince, boolean guarded) {
      this(flowLph, runningSince, guarded, false);
    }

    @Override
    public String words() {
      return "filter";
    }
  }

  /**
   * @param powerW rated power
   * @param spotC surface temperature measured under it as it hangs, °C, where somebody measured
   * @param beamDeg angle of its cone, as printed on it, where known
   * @param distanceCm from the lamp down to what it warms, where known
   */
  record BaskingLamp(
      @Between(of = Dimension.POWER, min = 1, max = 1000) double powerW,
      @Between(of = Dimension.TEMPERATURE, min = 0, max = 120) OptionalDouble spotC,
      @Between(of = Dimension.ANGLE, min = 5, max = 160) OptionalDouble beamDeg,
      @Between(of = Dimension.LENGTH, min = 1, max = 300) OptionalDouble distanceCm)
      implements Equipment {
    /** A lamp of which neither cone nor distance is known. */
    public BaskingLamp(double powerW, OptionalDouble spotC) {
      this(powerW, spotC, OptionalDouble.empty(), OptionalDouble.empty());
    }

    /** Hung elsewhere; what was measured there no longer counts. */
    BaskingLamp at(double cm) {
      return new BaskingLamp(powerW, OptionalDouble.empty(), beamDeg, OptionalDouble.of(cm));
    }

    @Override
    public String words() {
      return "basking lamp";
    }
  }

  /**
   * @param fittedOn day the tube was new, where known
   * @param distanceCm from the tube to the back of the basking animal, where known
   * @param uviAt30Cm UV index 30 cm below it as its maker states, where known
   * @param readUvi UV index a meter read at {@code distanceCm}, where somebody has one
   * @param through what lies between it and the animal, where that is not the lid: {@link Lid#NONE}
   *     under the lid
   */
  record UvbLamp(
      Optional<LocalDate> fittedOn,
      @Between(of = Dimension.LENGTH, min = 1, max = 300) OptionalDouble distanceCm,
      @Stored(usual = "LINEAR") UvShape shape,
      @Between(of = Dimension.RATIO, min = 0, max = 50) OptionalDouble uviAt30Cm,
      @Between(of = Dimension.RATIO, min = 0, max = 50) OptionalDouble readUvi,
      Optional<Lid> through)
      implements Equipment {
    /** One that shines through the lid. */
    public UvbLamp(
        Optional<LocalDate> fittedOn,
        OptionalDouble distanceCm,
        UvShape shape,
        OptionalDouble uviAt30Cm,
        OptionalDouble readUvi) {
      this(fittedOn, distanceCm, shape, uviAt30Cm, readUvi, Optional.empty());
    }

    /** A straight tube of which nothing more is known. */
    public UvbLamp(Optional<LocalDate> fittedOn, OptionalDouble distanceCm) {
      this(fittedOn, distanceCm, UvShape.LINEAR, OptionalDouble.empty(), OptionalDouble.empty());
    }

    /** A straight tube, nothing known of it. */
    static final UvbLamp UNKNOWN = new UvbLamp(Optional.empty(), OptionalDouble.empty());

    /** Hung elsewhere; what was read there no longer counts. */
    UvbLamp at(double cm) {
      return new UvbLamp(
          fittedOn, OptionalDouble.of(cm), shape, uviAt30Cm, OptionalDouble.empty(), through);
    }

    /** A new one of its kind; what was read of the old one no longer counts. */
    UvbLamp fitted(LocalDate day) {
      return new UvbLamp(
          Optional.of(day), distanceCm, shape, uviAt30Cm, OptionalDouble.empty(), through);
    }

    @Override
    public String words() {
      return "UVB lamp";
    }
  }

  /** An air pump and its stone: stirs the surface, gently or not. */
  record AirStone() implements Equipment {
    @Override
    public String words() {
      return "air stone";
    }
  }
}
