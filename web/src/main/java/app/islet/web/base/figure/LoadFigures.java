package app.islet.web.base.figure;

import app.islet.core.Assessment;
import app.islet.core.geometry.StructuralLoad;
import app.islet.core.quantity.Dimension;
import app.islet.core.quantity.Quantity;
import app.islet.web.base.support.Units;
import java.util.ArrayList;
import java.util.List;

/** What the floor and the front pane bear. */
final class LoadFigures {
  private final Assessment a;
  private final Units u;
  private final Inputs inputs;

  LoadFigures(Assessment a, Units u, Inputs inputs) {
    this.a = a;
    this.u = u;
    this.inputs = inputs;
  }

  List<Figure> list() {
    StructuralLoad loads = StructuralLoad.of(a.enclosure(), a.geometry());
    List<Figure> figures = new ArrayList<>();
    figures.add(
        Figure.of(
            u,
            FigureKind.WEIGHT,
            Quantity.kilograms(loads.totalKg()),
            "estimate; under the heaviest corner "
                + u.text(Quantity.kilograms(loads.heaviestFootKg())),
            Inputs.together(
                u.text(Quantity.litres(a.geometry().waterL())) + " of water",
                inputs.ground(),
                inputs.land(),
                inputs.parts())));
    loads
        .pane()
        .ifPresent(
            pane ->
                figures.add(
                    Figure.of(
                        u,
                        FigureKind.PANE,
                        new Quantity(Dimension.RATIO, pane.safetyFactor()),
                        "estimate, filled to the rim; 3.8 is usual",
                        Inputs.together(inputs.vessel()))));
    return figures;
  }
}
