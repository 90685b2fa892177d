package app.islet.web.base.figure;

import app.islet.core.Assessment;
import app.islet.core.climate.Climate;
import app.islet.core.quantity.Quantity;
import app.islet.web.base.support.Units;
import java.util.ArrayList;
import java.util.List;

/**
 * How warm it gets and what that takes. Under the sky two seasons are estimated, and neither heat
 * nor evaporation.
 */
final class ClimateFigures {
  private final Assessment a;
  private final Units u;
  private final Inputs inputs;
  private final List<Figure> figures = new ArrayList<>();

  ClimateFigures(Assessment a, Units u, Inputs inputs) {
    this.a = a;
    this.u = u;
    this.inputs = inputs;
  }

  List<Figure> list() {
    if (a.climate().model().holds()) {
      a.climate().water().ifPresent(this::water);
      a.climate()
          .air()
          .ifPresent(
              air ->
                  add(
                      FigureKind.AIR_HEATING,
                      Quantity.watts(air.heatingNeedW()),
                      "estimate, within 30 %; holds " + u.celsius(air.targetC())));
    } else {
      a.climate().water().ifPresent(this::pond);
    }
    if (a.heads() > 0) {
      figures.add(
          Figure.of(
              u,
              FigureKind.AMMONIA,
              Quantity.grams(a.ammoniaGPerDay()),
              "as nitrogen, estimate",
              Inputs.together(inputs.heads())));
    }
    return figures;
  }

  private void add(FigureKind kind, Quantity quantity, String note) {
    figures.add(
        Figure.of(
            u,
            kind,
            quantity,
            note,
            Inputs.together(inputs.vessel(), inputs.line(), inputs.room(), inputs.lid())));
  }

  private void pond(Climate.WaterClimate water) {
    add(FigureKind.POND_WINTER, Quantity.celsius(water.winterC()), "estimate, within 4 K");
    add(FigureKind.POND_SUMMER, Quantity.celsius(water.summerC()), "estimate, within 4 K");
  }

  private void water(Climate.WaterClimate water) {
    add(
        FigureKind.HEATING,
        Quantity.watts(water.heatingNeedW()),
        "estimate, within 30 %; holds " + u.celsius(water.targetC()));
    add(FigureKind.WATER_COLDEST, Quantity.celsius(water.winterC()), "estimate, with this heating");
    add(FigureKind.WATER_WARMEST, Quantity.celsius(water.summerC()), "estimate, with this cooling");
    add(FigureKind.TOP_UP, Quantity.litres(water.topUpLPerDay()), "estimate");
  }
}
