package app.islet.core.calculator;

import app.islet.core.care.Basis;
import app.islet.core.climate.OpenTank;
import app.islet.core.quantity.Dimension;

import com.google.auto.service.AutoService;

import java.util.List;
import java.util.Map;

/** The heater a plain tank needs. */
@AutoService(Calculator.class)
public final class HeaterCalculator extends Defined {
    public HeaterCalculator() {
        super(
                "heater",
                "Heater for a tank",
                "What a box of water at the target loses through panes, floor and surface to the coldest room; the size to buy has a third in reserve. Estimate, within 30 %.",
                Basis.published(
                        "ISO 6946 surfaces, EN 673 glass, ASHRAE pool equation; within 30 %"),
                List.of(
                        Input.length("lengthCm", "Inner length"),
                        Input.length("widthCm", "Inner width"),
                        Input.length("depthCm", "Water depth"),
                        Input.air("roomC", "Room"),
                        Input.optional(
                                "rhPercent", "Relative humidity", Dimension.PERCENT, 0, 100, 50),
                        Input.water("targetC", "Water wanted"),
                        Input.flag("covered", "Glass lid on it")),
                List.of(
                        new Output("needW", "Holds it", Dimension.POWER),
                        new Output("sizeW", "To buy, at least", Dimension.POWER)));
    }

    @Override
    public Map<String, Double> compute(Map<String, Double> in) {
        OpenTank tank =
                new OpenTank(
                        in.get("lengthCm"),
                        in.get("widthCm"),
                        in.get("depthCm"),
                        in.get("roomC"),
                        in.get("rhPercent"),
                        in.get("covered") != 0);
        double need = Math.max(0, tank.holdsW(in.get("targetC")));
        return answer(need, need * 1.3);
    }
}
