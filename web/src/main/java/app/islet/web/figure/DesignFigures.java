package app.islet.web.figure;

import app.islet.core.Assessment;
import app.islet.core.animal.Resident;
import app.islet.core.geometry.Grid;
import app.islet.core.geometry.StructuralLoad;
import app.islet.core.geometry.SwimmingSpace;
import app.islet.core.quantity.Dimension;
import app.islet.core.quantity.Quantity;
import app.islet.core.quantity.UnitSystem;
import app.islet.core.situation.HusbandryState;
import app.islet.web.support.Units;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * The figures of a design.
 *
 * @param headline the one shown largest
 */
public record DesignFigures(Figure headline, List<Figure> all) {
  private static final int DEPTH_BANDS = 4;

  /**
   * @param grid the enclosure in cells
   * @param hardest whose room to swim is told
   */
  public static DesignFigures of(Assessment a, Grid grid, Optional<Resident> hardest, Units u) {
    List<Figure> figures = new ArrayList<>(space(a, grid, hardest, u));
    figures.addAll(loads(u, a));
    figures.addAll(each(a, u));
    figures.addAll(climate(a, u));
    return new DesignFigures(water(a, u), List.copyOf(figures));
  }

  private static Figure water(Assessment a, Units u) {
    boolean inches = u.system() == UnitSystem.US;
    double perUnit = a.geometry().litresPerCm() * (inches ? 2.54 : 1);
    return Figure.of(
        u,
        "of water",
        Quantity.litres(a.geometry().waterL()),
        u.text(Quantity.litres(perUnit))
            + (inches ? " to each inch of depth" : " to each centimetre of depth"));
  }

  private static List<Figure> space(Assessment a, Grid grid, Optional<Resident> hardest, Units u) {
    List<Figure> figures = new ArrayList<>();
    figures.add(
        Figure.of(
            u,
            "Water share of the floor",
            Quantity.percent(a.geometry().waterSharePercent()),
            depths(u, grid)));
    figures.add(Figure.of(u, "Floor", Quantity.cm2(a.geometry().footprintCm2()), ""));
    figures.add(Figure.of(u, "Dry land", Quantity.cm2(a.geometry().dryLandCm2()), ""));
    figures.add(
        Figure.of(
            u,
            "Freeboard",
            Quantity.cm(a.geometry().freeboardCm()),
            "from the water line to the rim"));
    figures.add(
        Figure.of(
            u,
            "Rim over the highest foothold",
            Quantity.cm(a.situation().rimAboveFootholdCm()),
            a.heads() == 0 ? "" : "of whoever gets nearest to it"));
    figures.add(
        Figure.of(
            u,
            "Floor to walk on",
            Quantity.cm2(grid.figures().walkableCm2()),
            "free of what stands on it"));
    figures.add(
        Figure.of(u, "In shade", Quantity.percent(grid.figures().shadePercent()), "of the water"));
    hardest.ifPresent(r -> figures.addAll(swimming(u, r, HusbandryState.swim(r, grid))));
    a.geometry()
        .grid()
        .ifPresent(
            cells -> {
              figures.add(
                  Figure.of(
                      u,
                      "Taken by the parts",
                      Quantity.litres(cells.figures().displacedL()),
                      "of the water"));
              figures.add(
                  Figure.of(u, "Shoreline", Quantity.cm(cells.figures().shorelineCm()), ""));
            });
    return figures;
  }

  private static List<Figure> each(Assessment a, Units u) {
    List<Figure> figures = new ArrayList<>();
    if (a.heads() > 0) {
      figures.add(
          Figure.of(
              u, "Water for each animal", Quantity.litres(a.geometry().waterL() / a.heads()), ""));
      figures.add(
          Figure.of(
              u,
              "Floor for each animal",
              Quantity.cm2(a.geometry().footprintCm2() / a.heads()),
              ""));
      figures.add(
          Figure.of(
              u,
              "Hides for each animal",
              new Quantity(
                  Dimension.RATIO, (double) a.enclosure().furnishings().hidingPlaces() / a.heads()),
              "caves, bark and dense plants"));
    }
    return figures;
  }

  /** Under the sky two seasons are estimated, and neither heat nor evaporation. */
  private static List<Figure> pond(Assessment a, Units u) {
    return a.climate().water().stream()
        .flatMap(
            w ->
                Stream.of(
                    Figure.of(
                        u,
                        "At the bottom in winter",
                        Quantity.celsius(w.winterC()),
                        "estimate, within 4 K"),
                    Figure.of(
                        u,
                        "Water in summer",
                        Quantity.celsius(w.summerC()),
                        "estimate, within 4 K")))
        .toList();
  }

  private static List<Figure> climate(Assessment a, Units u) {
    boolean holds = a.climate().model().holds();
    List<Figure> figures = new ArrayList<>(holds ? List.of() : pond(a, u));
    a.climate()
        .water()
        .filter(w -> holds)
        .ifPresent(
            w -> {
              figures.add(
                  Figure.of(
                      u,
                      "Heating, coldest hour",
                      Quantity.watts(w.heatingNeedW()),
                      "estimate, within 30 %; holds " + u.celsius(w.targetC())));
              figures.add(
                  Figure.of(
                      u,
                      "Water in the coldest hour",
                      Quantity.celsius(w.winterC()),
                      "estimate, with this heating"));
              figures.add(
                  Figure.of(
                      u,
                      "Water in a warm spell",
                      Quantity.celsius(w.summerC()),
                      "estimate, with this cooling"));
              figures.add(
                  Figure.of(u, "Top-up a day", Quantity.litres(w.topUpLPerDay()), "estimate"));
            });
    a.climate()
        .air()
        .filter(air -> holds)
        .ifPresent(
            air ->
                figures.add(
                    Figure.of(
                        u,
                        "Heating of the air",
                        Quantity.watts(air.heatingNeedW()),
                        "estimate, within 30 %; holds " + u.celsius(air.targetC()))));
    if (a.heads() > 0) {
      figures.add(
          Figure.of(
              u,
              "Ammonia from food, a day",
              Quantity.grams(a.ammoniaGPerDay()),
              "as nitrogen, estimate"));
    }
    return figures;
  }

  private static String depths(Units u, Grid grid) {
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

  private static List<Figure> swimming(Units u, Resident r, SwimmingSpace swim) {
    return List.of(
        Figure.of(
            u,
            "Room to swim",
            Quantity.cm2(swim.areaCm2()),
            "deep enough for %s, %s at a stretch".formatted(r.words(), u.cm(swim.runCm()))),
        Figure.of(
            u,
            "Room to turn round",
            Quantity.cm(swim.turnCm()),
            "across; it is %s long".formatted(u.cm(r.bodyCm()))));
  }

  private static List<Figure> loads(Units u, Assessment a) {
    StructuralLoad loads = StructuralLoad.of(a.enclosure(), a.geometry());
    List<Figure> figures = new ArrayList<>();
    figures.add(
        Figure.of(
            u,
            "Weight, filled",
            Quantity.kilograms(loads.totalKg()),
            "estimate; under the heaviest corner "
                + u.text(Quantity.kilograms(loads.heaviestFootKg()))));
    loads
        .pane()
        .ifPresent(
            pane ->
                figures.add(
                    Figure.of(
                        u,
                        "Front pane, times its strength",
                        new Quantity(Dimension.RATIO, pane.safetyFactor()),
                        "estimate, filled to the rim; 3.8 is usual")));
    a.residents().stream()
        .filter(r -> r.stage().needs().basking().isPresent())
        .findFirst()
        .flatMap(a.situation()::basking)
        .ifPresent(
            place ->
                figures.add(
                    Figure.of(
                        u, "Bask at once", Quantity.count(place.bodies()), "whole bodies, dry")));
    return figures;
  }

  /** The keys in their order, each on a line. */
  public String order() {
    return all.stream().map(Figure::label).collect(Collectors.joining("\n"));
  }

  /** Those that do not read as a page does already. */
  public List<Figure> but(Set<String> says) {
    return all.stream().filter(f -> !says.contains(f.says())).toList();
  }
}
