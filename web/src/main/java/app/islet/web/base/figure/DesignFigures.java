package app.islet.web.base.figure;

import app.islet.core.Assessment;
import app.islet.core.animal.Resident;
import app.islet.core.geometry.Grid;
import app.islet.core.quantity.Quantity;
import app.islet.core.quantity.UnitSystem;
import app.islet.web.base.support.Units;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * The figures of a design, those first that matter most for who lives in it.
 *
 * @param headline the one shown largest
 */
public record DesignFigures(Figure headline, List<Figure> all) {
  private static final List<FigureKind> FOR_BASKERS =
      List.of(
          FigureKind.SWIMMING,
          FigureKind.BASKING,
          FigureKind.RIM_OVER_FOOTHOLD,
          FigureKind.WATER_EACH);
  private static final List<FigureKind> FOR_LAND =
      List.of(
          FigureKind.DRY_LAND,
          FigureKind.DIGGING_DEPTH,
          FigureKind.WATER_SHARE,
          FigureKind.HIDES_EACH);
  private static final List<FigureKind> FOR_WATER =
      List.of(
          FigureKind.FLOOR, FigureKind.SWIMMING, FigureKind.FREEBOARD, FigureKind.WATER_WARMEST);

  /**
   * @param grid the enclosure in cells
   * @param hardest whose room to swim is told
   */
  public static DesignFigures of(Assessment a, Grid grid, Optional<Resident> hardest, Units u) {
    Inputs inputs = new Inputs(a, u);
    List<Figure> figures = new ArrayList<>(new SpaceFigures(a, grid, u, inputs).list(hardest));
    figures.addAll(new LoadFigures(a, u, inputs).list());
    figures.addAll(new ClimateFigures(a, u, inputs).list());
    List<FigureKind> first = first(a);
    figures.sort(
        Comparator.comparingInt(
            f -> first.contains(f.kind()) ? first.indexOf(f.kind()) : first.size()));
    return new DesignFigures(water(a, u, inputs), List.copyOf(figures));
  }

  private static List<FigureKind> first(Assessment a) {
    if (a.residents().stream().anyMatch(r -> r.stage().needs().basking().isPresent())) {
      return FOR_BASKERS;
    }
    boolean onLand =
        a.residents().stream().anyMatch(r -> r.stage().needs().land().necessary())
            || !a.geometry().hasWater();
    return onLand ? FOR_LAND : FOR_WATER;
  }

  private static Figure water(Assessment a, Units u, Inputs inputs) {
    boolean inches = u.system() == UnitSystem.US;
    double perUnit = a.geometry().litresPerCm() * (inches ? 2.54 : 1);
    return Figure.of(
        u,
        FigureKind.WATER,
        Quantity.litres(a.geometry().waterL()),
        u.text(Quantity.litres(perUnit))
            + (inches ? " to each inch of depth" : " to each centimetre of depth"),
        Inputs.together(inputs.vessel(), inputs.line(), inputs.ground(), inputs.parts()));
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
