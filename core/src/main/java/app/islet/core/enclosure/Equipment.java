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
     */
    record Filter(double flowLph, Optional<LocalDate> runningSince, boolean guarded)
            implements Equipment {
        @Override
        public String words() {
            return "filter";
        }
    }

    /**
     * @param powerW rated power @param spotC surface temperature measured under it, °C, where
     *     somebody measured
     */
    record BaskingLamp(double powerW, OptionalDouble spotC) implements Equipment {
        @Override
        public String words() {
            return "basking lamp";
        }
    }

    /**
     * @param fittedOn day the tube was new, where known
     * @param distanceCm from the tube to the back of the basking animal, where known
     */
    record UvbLamp(Optional<LocalDate> fittedOn, OptionalDouble distanceCm) implements Equipment {
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
