package app.islet.web.base.figure;

import app.islet.core.Assessment;
import app.islet.core.animal.Resident;
import app.islet.core.animal.SpaceNeeds;
import app.islet.core.geometry.Geometry;
import app.islet.core.geometry.Grid;
import app.islet.core.geometry.SwimmingSpace;
import app.islet.core.quantity.Dimension;
import app.islet.core.quantity.Quantity;
import app.islet.core.situation.HusbandryState;
import app.islet.web.base.support.Units;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.DoubleFunction;
import java.util.stream.Collectors;

/** How much room there is, of each kind. */
final class SpaceFigures {
  private static final int DEPTH_BANDS = 4;

  private final Assessment a;
  private final Geometry geometry;
  private final Grid grid;
  private final Units u;
  private final Inputs inputs;
  private final List<Figure> figures = new ArrayList<>();

  SpaceFigures(Assessment a, Grid grid, Units u, Inputs inputs) {
    this.a = a;
    this.geometry = a.geometry();
    this.grid = grid;
    this.u = u;
    this.inputs = inputs;
  }

  List<Figure> list(Optional<Resident> hardest) {
    floor();
    heights();
    hardest.ifPresent(this::swimming);
    cells();
    each();
    return figures;
  }

  private void add(FigureKind kind, Quantity quantity, String note, String... from) {
    figures.add(Figure.of(u, kind, quantity, note, Inputs.together(from)));
  }

  private void floor() {
    String cut = inputs.line();
    add(
        FigureKind.WATER_SHARE,
        Quantity.percent(geometry.waterSharePercent()),
        depths(),
        inputs.vessel(),
        cut,
        inputs.land());
    add(FigureKind.FLOOR, Quantity.cm2(geometry.footprintCm2()), "", inputs.vessel());
    add(
        FigureKind.DRY_LAND,
        Quantity.cm2(geometry.dryLandCm2()),
        "",
        inputs.vessel(),
        cut,
        inputs.land());
    add(
        FigureKind.DIGGING_DEPTH,
        Quantity.cm(geometry.digDepthCm(a.enclosure())),
        "over the water line",
        cut,
        inputs.ground(),
        inputs.land());
    add(
        FigureKind.WALKABLE,
        Quantity.cm2(grid.figures().walkableCm2()),
        "free of what stands on it",
        inputs.vessel(),
        inputs.parts());
    add(
        FigureKind.SHADE,
        Quantity.percent(grid.figures().shadePercent()),
        "of the water",
        inputs.parts());
  }

  private void heights() {
    add(
        FigureKind.FREEBOARD,
        Quantity.cm(geometry.freeboardCm()),
        "from the water line to the rim",
        inputs.vessel(),
        inputs.line());
    add(
        FigureKind.RIM_OVER_FOOTHOLD,
        Quantity.cm(a.situation().rimAboveFootholdCm()),
        a.heads() == 0 ? "" : "of whoever gets nearest to it",
        inputs.vessel(),
        inputs.heads(),
        inputs.parts());
  }

  private void swimming(Resident r) {
    SwimmingSpace swim = HusbandryState.swim(r, grid);
    add(
        FigureKind.SWIMMING,
        Quantity.cm2(swim.areaCm2()),
        "deep enough for %s, %s at a stretch".formatted(r.words(), u.cm(swim.runCm())),
        "body of " + u.cm(r.bodyCm()),
        inputs.line(),
        inputs.parts());
    add(
        FigureKind.TURNING,
        Quantity.cm(swim.turnCm()),
        "across; it is %s long".formatted(u.cm(r.bodyCm())),
        "body of " + u.cm(r.bodyCm()),
        inputs.parts());
  }

  private void cells() {
    geometry
        .grid()
        .ifPresent(
            cells -> {
              add(
                  FigureKind.DISPLACED,
                  Quantity.litres(cells.figures().displacedL()),
                  "of the water",
                  inputs.parts(),
                  inputs.line());
              add(
                  FigureKind.SHORELINE,
                  Quantity.cm(cells.figures().shorelineCm()),
                  "",
                  inputs.vessel(),
                  inputs.line());
            });
    a.residents().stream()
        .filter(r -> r.stage().needs().basking().isPresent())
        .findFirst()
        .flatMap(r -> a.situation().basking(r).map(place -> place.bodies()))
        .ifPresent(
            bodies ->
                add(
                    FigureKind.BASKING,
                    Quantity.count(bodies),
                    "whole bodies, dry",
                    inputs.heads(),
                    inputs.line()));
  }

  /** Each animal's part of what all of them should have, and must. */
  private String wanted(double recommended, double least, DoubleFunction<Quantity> quantity) {
    return "%s recommended, at least %s"
        .formatted(
            u.text(quantity.apply(recommended / a.heads())),
            u.text(quantity.apply(least / a.heads())));
  }

  private void each() {
    if (a.heads() == 0) {
      return;
    }
    SpaceNeeds needs = new SpaceNeeds(a.situation().cohorts());
    add(
        FigureKind.WATER_EACH,
        Quantity.litres(geometry.waterL() / a.heads()),
        needs.waterL().isPresent()
            ? wanted(
                needs.waterL().getAsDouble(), needs.leastWaterL().getAsDouble(), Quantity::litres)
            : "",
        u.text(Quantity.litres(geometry.waterL())) + " of water",
        inputs.heads());
    add(
        FigureKind.FLOOR_EACH,
        Quantity.cm2(geometry.footprintCm2() / a.heads()),
        wanted(needs.floorCm2(), needs.leastFloorCm2(), Quantity::cm2),
        u.text(Quantity.cm2(geometry.footprintCm2())) + " of floor",
        inputs.heads());
    add(
        FigureKind.HIDES_EACH,
        new Quantity(
            Dimension.RATIO, (double) a.enclosure().furnishings().hidingPlaces() / a.heads()),
        "caves, bark and dense plants",
        a.enclosure().furnishings().hidingPlaces() + " hides",
        inputs.heads());
  }

  private String depths() {
    return grid.figures().depthBands(DEPTH_BANDS).stream()
        .filter(band -> band.sharePercent() >= 1)
        .map(
            band ->
                "%s to %s deep in %s"
                    .formatted(
                        u.number(Quantity.cm(band.fromCm())),
                        u.cm(band.toCm()),
                        u.text(Quantity.percent(band.sharePercent()))))
        .collect(Collectors.joining(", "));
  }
}
