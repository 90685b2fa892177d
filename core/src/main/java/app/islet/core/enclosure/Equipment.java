package app.islet.core.enclosure;

import java.time.LocalDate;
import java.util.Optional;
import java.util.OptionalDouble;

/** A thing that heats, cools, cleans or lights, with its ratings. */
public sealed interface Equipment {
  /** Runs on mains electricity in all but toy setups; cautions follow from that. */
  String words();

  /**
   * @param powerW rated power @param guarded whether an animal cannot touch the hot tube
   */
  record Heater(double powerW, boolean guarded) implements Equipment {
    @Override
    public String words() {
      return "heater";
    }
  }

  /**
   * @param powerW rated power; warms air and ground from below or behind
   */
  record HeatMat(double powerW) implements Equipment {
    @Override
    public String words() {
      return "heat mat";
    }
  }

  /**
   * @param coolingW heat it takes from the water
   */
  record Chiller(double coolingW) implements Equipment {
    @Override
    public String words() {
      return "chiller";
    }
  }

  /**
   * @param airSpeedMs speed of the air over the surface, m/s
   */
  record Fan(double airSpeedMs) implements Equipment {
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
  record Filter(double flowLph, Optional<LocalDate> runningSince, boolean guarded, boolean sprayBar)
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
      double powerW, OptionalDouble spotC, OptionalDouble beamDeg, OptionalDouble distanceCm)
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
      OptionalDouble distanceCm,
      UvShape shape,
      OptionalDouble uviAt30Cm,
      OptionalDouble readUvi,
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
