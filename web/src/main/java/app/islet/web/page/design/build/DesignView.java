package app.islet.web.page.design.build;

import app.islet.core.Assessment;
import app.islet.core.animal.Resident;
import app.islet.core.geometry.Grid;
import app.islet.core.geometry.Reachability;
import app.islet.core.quantity.Quantity;
import app.islet.core.quantity.UnitSystem;
import app.islet.core.situation.HusbandryState;
import app.islet.core.text.English;
import app.islet.core.water.OutletJet;
import app.islet.web.base.drawing.LampOverlay;
import app.islet.web.base.drawing.PlanDrawing;
import app.islet.web.base.drawing.SectionDrawing;
import app.islet.web.base.drawing.UnchangedGroups;
import app.islet.web.base.figure.DesignFigures;
import app.islet.web.base.finding.FindingList;
import app.islet.web.base.support.Units;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * What the core says of a design, worded and rounded for one keeper: the drawing, the figures, the
 * findings.
 *
 * @param reach what the animals shown get to, in words
 * @param jet whether there is a jet to show
 * @param view what is laid over the drawings
 * @param ahead of which day in the future this tells; empty for today
 */
record DesignView(
    String svg,
    String plan,
    String reach,
    boolean jet,
    BoardView view,
    String ahead,
    DesignFigures figures,
    FindingList findings) {

  static DesignView of(Assessment a, UnitSystem system) {
    return of(a, system, BoardView.TODAY);
  }

  static DesignView of(Assessment a, UnitSystem system, BoardView view) {
    Grid grid = a.geometry().grid().orElseGet(() -> Grid.of(a.enclosure()));
    Optional<Resident> whose = whose(a, grid, view);
    Units u = new Units(system);
    double cutCm = view.cutIn(a.enclosure());
    return new DesignView(
        view.lamps()
            ? LampOverlay.working(a, system, cutCm)
            : SectionDrawing.working(a, system, cutCm),
        PlanDrawing.working(
            a, grid, system, whose.map(r -> shown(r, grid)), cutCm, view.depths(), view.current()),
        whose.map(r -> reachWords(r, grid, u)).orElse(""),
        OutletJet.of(a.enclosure()).isPresent(),
        view,
        view.aheadMonths() == 0 ? "" : ahead(a, view, u),
        DesignFigures.of(a, grid, whose, u),
        FindingList.of(a.review(), u));
  }

  /** The one asked for, or the one that has it hardest to get out. */
  private static Optional<Resident> whose(Assessment a, Grid grid, BoardView view) {
    if (view.whose() >= 0 && view.whose() < a.residents().size()) {
      return Optional.of(a.residents().get(view.whose()));
    }
    return a.residents().stream()
        .min(Comparator.comparing(r -> HusbandryState.reach(r, grid).waysOut()));
  }

  private static String ahead(Assessment a, BoardView view, Units u) {
    return "In %s, %s: %s."
        .formatted(
            English.count(view.aheadMonths(), "month"),
            English.month(a.situation().date()),
            English.list(
                a.residents().stream().map(r -> r.words() + " of " + u.cm(r.bodyCm())).toList()));
  }

  /** Who lives in the water is not shown as trapped in it. */
  private static Reachability shown(Resident r, Grid grid) {
    Reachability reach = HusbandryState.reach(r, grid);
    return leavesWater(r) ? reach : reach.untrapped();
  }

  private static boolean leavesWater(Resident r) {
    return r.stage().needs().land().necessary();
  }

  private static String reachWords(Resident r, Grid grid, Units u) {
    Reachability reach = shown(r, grid);
    double farthest = reach.farthestCm(grid);
    List<String> words = new ArrayList<>();
    words.add(
        "For %s: %s out of the water".formatted(r.words(), English.count(reach.waysOut(), "way")));
    if (reach.trappedPercent() > 0) {
      words.add("trapped in %s of it".formatted(u.text(Quantity.percent(reach.trappedPercent()))));
    }
    if (!leavesWater(r)) {
      words.add("it lives in the water and needs none");
    }
    if (!Double.isInfinite(farthest)) {
      words.add(u.cm(farthest) + " at most to a rest or a way out");
    } else if (leavesWater(r)) {
      words.add("no rest and no way out");
    }
    if (reach.farthestAirCm() > 0) {
      words.add(u.cm(reach.farthestAirCm()) + " at most to air from under a roof");
    }
    if (!reach.passages().isEmpty()) {
      words.add(
          English.count(
              reach.passages().size(), "gap it can get stuck in", "gaps it can get stuck in"));
    }
    return String.join(", ", words)
        + "; it gets up to %s above the floor, %s."
            .formatted(
                u.cm(reach.highestCm()),
                reach.leastRimCm() >= 0
                    ? u.cm(reach.leastRimCm()) + " below the rim there"
                    : u.cm(-reach.leastRimCm()) + " over the rim there");
  }

  /** Without those pieces of the drawings that the page shows already. */
  DesignView leftOut(Set<String> says) {
    return new DesignView(
        UnchangedGroups.leftOut(svg, says),
        UnchangedGroups.leftOut(plan, says),
        reach,
        jet,
        view,
        ahead,
        figures,
        findings);
  }
}
