package app.islet.core.climate;

import app.islet.core.care.Needs;
import app.islet.core.enclosure.Enclosure;
import app.islet.core.enclosure.Equipment;
import app.islet.core.enclosure.Lid;
import app.islet.core.quantity.Range;
import app.islet.core.resident.Resident;
import app.islet.core.survey.Survey;

import java.util.List;
import java.util.Optional;
import java.util.function.Function;

/**
 * Warmth through the year, as far as steady balances tell.
 *
 * @param water the water, where there is any
 * @param air the air and land, where a resident needs them at a temperature
 */
public record Climate(Optional<WaterClimate> water, Optional<AirClimate> air) {
    /** How far an estimate of heating power may be off, as a share of it. */
    public static final double POWER_UNCERTAINTY = 0.3;

    /**
     * @param targetC temperature the heating aims at in the coldest hour
     * @param heatingNeedW power that holds it in the coldest room hour
     * @param winterC water in the coldest hour, with the heating there is
     * @param summerUncooledC water when the warmest hour lasts, without fan or chiller
     * @param summerC the same with the fan and chiller there are
     * @param topUpLPerDay water evaporated on a day in the middle of the year's room temperatures
     */
    public record WaterClimate(
            double targetC,
            double heatingNeedW,
            double winterC,
            double summerUncooledC,
            double summerC,
            double topUpLPerDay) {}

    /**
     * @param targetC temperature aimed at
     * @param heatingNeedW power that holds it in the coldest room hour
     * @param winterC air in the coldest hour with the mats and lamps there are
     * @param summerC air in the warmest hour
     */
    public record AirClimate(double targetC, double heatingNeedW, double winterC, double summerC) {}

    public static Climate of(Enclosure e, Survey s, List<Resident> residents) {
        Optional<AirClimate> air = common(residents, Needs::air).map(range -> air(e, range));
        // A pool in a heated box stands in that box's air, not in the room's.
        double coldest = air.map(AirClimate::winterC).orElse(e.site().coldestC());
        Optional<WaterClimate> water =
                s.hasWater()
                        ? Optional.of(water(e, s, common(residents, Needs::water), coldest))
                        : Optional.empty();
        return new Climate(water, air);
    }

    /**
     * The ideal range all residents share; where none is left, that of the first who states one.
     */
    private static Optional<Range> common(
            List<Resident> residents, Function<Needs, Optional<Needs.Temperature>> need) {
        Optional<Range> shared = Optional.empty();
        for (Resident resident : residents) {
            Optional<Range> ideal =
                    need.apply(resident.stage().needs()).map(Needs.Temperature::idealC);
            if (ideal.isPresent()) {
                shared =
                        shared.isEmpty()
                                ? ideal
                                : Optional.of(
                                        shared.get().overlap(ideal.get()).orElse(shared.get()));
            }
        }
        return shared;
    }

    private static WaterClimate water(Enclosure e, Survey s, Optional<Range> ideal, double cold) {
        HeatBalance balance = new HeatBalance(e, s);
        double warm = e.site().warmestC();
        double unheated = balance.settlesAtC(cold, 0, 0);
        double target = ideal.map(Range::min).orElse(unheated);
        double need = unheated >= target ? 0 : balance.lossW(target, cold, 0);
        double power = e.all(Equipment.Heater.class).mapToDouble(Equipment.Heater::powerW).sum();
        double winter =
                power >= need ? Math.max(unheated, target) : balance.settlesAtC(cold, power, 0);

        double fan =
                e.all(Equipment.Fan.class).mapToDouble(Equipment.Fan::airSpeedMs).max().orElse(0);
        double chiller =
                e.all(Equipment.Chiller.class).mapToDouble(Equipment.Chiller::coolingW).sum();
        double uncooled = balance.settlesAtC(warm, 0, 0);
        double coolest = balance.settlesAtC(warm, -chiller, fan);
        // A thermostat stops cooling at the top of the ideal range.
        double summer =
                ideal.map(i -> Math.max(coolest, Math.min(uncooled, i.max()))).orElse(coolest);

        double middle = (cold + warm) / 2;
        double held = Math.max(target, balance.settlesAtC(middle, 0, 0));
        double topUp = Math.max(0, balance.evaporationKgPerS(held, middle, 0)) * 86_400;
        return new WaterClimate(target, need, winter, uncooled, summer, topUp);
    }

    /**
     * Air in the box: all panes above the ground with still air on both sides (0.13 m²K/W each, ISO
     * 6946); an open or mesh top loses far more, taken as 6 W/m²K (from memory).
     */
    private static AirClimate air(Enclosure e, Range ideal) {
        double l = e.vessel().lengthCm() / 100;
        double w = e.vessel().widthCm() / 100;
        double h = e.vessel().heightCm() / 100;
        double paneU = 1 / (0.13 + 0.006 + 0.13);
        double lossWPerK =
                paneU * (2 * (l + w) * h + l * w) + (e.lid() == Lid.GLASS ? paneU : 6) * l * w;
        double cold = e.site().coldestC();
        double need = Math.max(0, lossWPerK * (ideal.min() - cold));
        double power = e.all(Equipment.HeatMat.class).mapToDouble(Equipment.HeatMat::powerW).sum();
        double winter = Math.max(cold, Math.min(cold + power / lossWPerK, ideal.min()));
        return new AirClimate(ideal.min(), need, winter, e.site().warmestC());
    }
}
