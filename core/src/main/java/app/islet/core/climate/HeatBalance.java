package app.islet.core.climate;

import app.islet.core.enclosure.Enclosure;
import app.islet.core.enclosure.Lid;
import app.islet.core.survey.Survey;

/**
 * Steady heat balance of the water: what it loses to a room at one temperature.
 *
 * <p>Panes: surface resistances of ISO 6946 (0.13 m²K/W sideways, 0.17 downward), glass of 6 mm at
 * 1.0 W/mK (EN 673), the side towards the water taken as none. The bottom stands on an 18 mm board
 * of wood. Open surface: evaporation with the lid's factor, the sensible share with the same
 * transfer (Bowen), radiation at 5.7 W/m²K (ISO 6946, black surface at 20 °C). Lamps, pumps and sun
 * are left out, so a real tank is rather warmer. Expect the answer within about 30 %.
 */
final class HeatBalance {
    private static final double SIDE_U = 1 / (0.13 + 0.006 / 1.0);
    private static final double BASE_U = 1 / (0.17 + 0.006 / 1.0 + 0.018 / 0.13);
    private static final double RADIATION_W_PER_M2K = 5.7;
    private static final double COLDEST_ANSWER_C = -5;
    private static final double WARMEST_ANSWER_C = 60;
    private static final double TOLERANCE_K = 1e-4;

    private final double paneWPerK;
    private final double surfaceM2;
    private final Lid lid;
    private final double rhPercent;

    HeatBalance(Enclosure e, Survey s) {
        double waterLengthM = s.shoreX() / 100;
        double widthM = e.vessel().widthCm() / 100;
        double lineM = s.lineCm() / 100;
        int wetEnds = s.shoreX() < e.vessel().lengthCm() ? 1 : 2;
        double sidesM2 = lineM * (2 * waterLengthM + wetEnds * widthM);
        this.surfaceM2 = waterLengthM * widthM;
        this.paneWPerK = SIDE_U * sidesM2 + BASE_U * surfaceM2;
        this.lid = e.lid();
        this.rhPercent = e.site().humidityPercent();
    }

    /**
     * Heat lost by water at {@code waterC} to a room at {@code roomC}, W; negative where the water
     * gains.
     */
    double lossW(double waterC, double roomC, double airSpeedMs) {
        double evaporation =
                evaporationKgPerS(waterC, roomC, airSpeedMs)
                        * MoistAir.latentKjPerKg(waterC)
                        * 1000;
        double sensible =
                Evaporation.QUIET
                        * surfaceM2
                        * Evaporation.transfer(airSpeedMs)
                        * 1000
                        * MoistAir.PSYCHROMETRIC_KPA_PER_K
                        * (waterC - roomC)
                        * lid.evaporation();
        double radiation =
                RADIATION_W_PER_M2K * surfaceM2 * (waterC - roomC) * (lid == Lid.GLASS ? 0.5 : 1);
        return paneWPerK * (waterC - roomC) + evaporation + sensible + radiation;
    }

    double evaporationKgPerS(double waterC, double roomC, double airSpeedMs) {
        return lid.evaporation()
                * Evaporation.kgPerS(
                        waterC, roomC, rhPercent, surfaceM2, airSpeedMs, Evaporation.QUIET);
    }

    /**
     * Temperature at which the water loses just what it is given, °C, found by bisection (loss
     * rises with temperature).
     */
    double settlesAtC(double roomC, double gainW, double airSpeedMs) {
        double low = COLDEST_ANSWER_C;
        double high = WARMEST_ANSWER_C;
        while (high - low > TOLERANCE_K) {
            double middle = (low + high) / 2;
            if (lossW(middle, roomC, airSpeedMs) < gainW) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return (low + high) / 2;
    }
}
