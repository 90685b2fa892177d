package app.islet.web.enclosure;

import app.islet.core.Assessment;
import app.islet.core.animal.Resident;
import app.islet.core.geometry.Grid;
import app.islet.core.geometry.Reachability;
import app.islet.core.geometry.StructuralLoad;
import app.islet.core.geometry.SwimmingSpace;
import app.islet.core.quantity.Dimension;
import app.islet.core.quantity.Quantity;
import app.islet.core.quantity.UnitSystem;
import app.islet.core.review.Finding;
import app.islet.core.situation.HusbandryState;
import app.islet.web.drawing.LampOverlay;
import app.islet.web.drawing.PlanDrawing;
import app.islet.web.drawing.SectionDrawing;
import app.islet.web.drawing.UnchangedGroups;
import app.islet.web.support.Units;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * What the core says of a design, worded and rounded for one keeper: the drawing, the figures, the
 * findings.
 *
 * @param reach what the animals shown get to, in words
 * @param ahead of which day in the future this tells; empty for today
 * @param headline the figure shown largest
 */
public record DesignView(
    String svg,
    String plan,
    String reach,
    String ahead,
    Figure headline,
    List<Figure> figures,
    List<FindingView> findings,
    List<Buy> shopping) {
  private static final DateTimeFormatter MONTH =
      DateTimeFormatter.ofPattern("MMMM yyyy", Locale.ENGLISH);
  private static final DateTimeFormatter DAY =
      DateTimeFormatter.ofPattern("d MMMM yyyy", Locale.ENGLISH);

  private static final int DEPTH_BANDS = 4;

  /**
   * @param note what the figure rests on, or empty
   */
  public record Figure(String label, String number, String unit, String note) {
    /** Tells how it reads: a page on which it reads so need not be sent it again. */
    public String says() {
      return Integer.toHexString(hashCode());
    }
  }

  /**
   * @param key names it among the findings, however it reads
   * @param css class that goes with the severity's word
   * @param things what in the drawing it is about, apart by blanks
   * @param link words and page of the enclosure where what it concerns can be changed; empty for
   *     what concerns people
   * @param accepted until when and why the keeper lives with it; empty while nobody said so
   */
  public record FindingView(
      String key,
      String rule,
      String severity,
      String css,
      String step,
      String who,
      String what,
      String why,
      List<RemedyView> remedies,
      String things,
      Link link,
      String school,
      String otherwise,
      String source,
      String accepted) {
    /** Tells how it reads: a page on which it reads so need not be sent it again. */
    public String says() {
      return Integer.toHexString(hashCode());
    }

    /** What a keeper may put off: not a Danger, and a Note asks for nothing. */
    public boolean acceptable() {
      return severity.equals("Wrong") || severity.equals("Watch");
    }

    public boolean isAccepted() {
      return !accepted.isEmpty();
    }
  }

  /**
   * @param page of the enclosure, with the field on it where there is one
   */
  public record Link(String words, String page) {}

  /**
   * @param changes the numbers it sets, as {@link RemedyText} writes them; empty where it is a
   *     thing of hands
   */
  public record RemedyView(String text, String changes) {
    public boolean applies() {
      return !changes.isEmpty();
    }
  }

  /**
   * @param state words for whether it is there
   */
  public record Buy(String thing, String size, String state, boolean present) {}

  public static DesignView of(Assessment a, UnitSystem system) {
    return of(a, system, BoardView.TODAY);
  }

  static DesignView of(Assessment a, UnitSystem system, BoardView view) {
    Grid grid = a.geometry().grid().orElseGet(() -> Grid.of(a.enclosure()));
    Optional<Resident> whose = whose(a, grid, view);
    Units u = new Units(system);
    List<Figure> figures = new ArrayList<>();
    figures.add(
        figure(
            u,
            "Water, of the floor",
            Quantity.percent(a.geometry().waterSharePercent()),
            depths(u, grid)));
    figures.add(figure(u, "Floor", Quantity.cm2(a.geometry().footprintCm2()), ""));
    figures.add(figure(u, "Dry land", Quantity.cm2(a.geometry().dryLandCm2()), ""));
    figures.add(
        figure(
            u,
            "Freeboard",
            Quantity.cm(a.geometry().freeboardCm()),
            "from the water line to the rim"));
    figures.add(
        figure(
            u,
            "Rim over the highest foothold",
            Quantity.cm(a.situation().rimAboveFootholdCm()),
            a.heads() == 0 ? "" : "of whoever gets nearest to it"));
    figures.add(
        figure(
            u,
            "Floor to walk on",
            Quantity.cm2(grid.figures().walkableCm2()),
            "free of what stands on it"));
    figures.add(
        figure(u, "In shade", Quantity.percent(grid.figures().shadePercent()), "of the water"));
    whose.ifPresent(r -> figures.addAll(swimming(u, r, HusbandryState.swim(r, grid))));
    a.geometry()
        .grid()
        .ifPresent(
            cells -> {
              figures.add(
                  figure(
                      u,
                      "Taken by the parts",
                      Quantity.litres(cells.figures().displacedL()),
                      "of the water"));
              figures.add(figure(u, "Shoreline", Quantity.cm(cells.figures().shorelineCm()), ""));
            });
    figures.addAll(loads(u, a));
    if (a.heads() > 0) {
      figures.add(
          figure(
              u, "Water for each animal", Quantity.litres(a.geometry().waterL() / a.heads()), ""));
      figures.add(
          figure(
              u,
              "Floor for each animal",
              Quantity.cm2(a.geometry().footprintCm2() / a.heads()),
              ""));
      figures.add(
          figure(
              u,
              "Hides for each animal",
              new Quantity(
                  Dimension.RATIO, (double) a.enclosure().furnishings().hidingPlaces() / a.heads()),
              "caves, bark and dense plants"));
    }
    a.climate()
        .water()
        .ifPresent(
            w -> {
              figures.add(
                  figure(
                      u,
                      "Heating, coldest hour",
                      Quantity.watts(w.heatingNeedW()),
                      "estimate, within 30 %; holds " + u.celsius(w.targetC())));
              figures.add(
                  figure(
                      u,
                      "Water in the coldest hour",
                      Quantity.celsius(w.winterC()),
                      "estimate, with this heating"));
              figures.add(
                  figure(
                      u,
                      "Water in a warm spell",
                      Quantity.celsius(w.summerC()),
                      "estimate, with this cooling"));
              figures.add(figure(u, "Top-up a day", Quantity.litres(w.topUpLPerDay()), "estimate"));
            });
    a.climate()
        .air()
        .ifPresent(
            air ->
                figures.add(
                    figure(
                        u,
                        "Heating of the air",
                        Quantity.watts(air.heatingNeedW()),
                        "estimate, within 30 %; holds " + u.celsius(air.targetC()))));
    if (a.heads() > 0) {
      figures.add(
          figure(
              u,
              "Ammonia from food, a day",
              Quantity.grams(a.ammoniaGPerDay()),
              "as nitrogen, estimate"));
    }
    Figure headline =
        new Figure(
            "of water",
            u.number(Quantity.litres(a.geometry().waterL())),
            u.unit(Quantity.litres(0)),
            u.text(
                    Quantity.litres(
                        a.geometry().litresPerCm() * (system == UnitSystem.US ? 2.54 : 1)))
                + (system == UnitSystem.US
                    ? " to each inch of depth"
                    : " to each centimetre of depth"));
    return new DesignView(
        view.lamps()
            ? LampOverlay.working(a, system, view.cutIn(a.enclosure()))
            : SectionDrawing.working(a, system, view.cutIn(a.enclosure())),
        PlanDrawing.working(
            a,
            grid,
            system,
            whose.map(r -> shown(r, grid)),
            view.cutIn(a.enclosure()),
            view.depths()),
        whose.map(r -> reachWords(r, grid, u)).orElse(""),
        view.aheadMonths() == 0 ? "" : ahead(a, view, u),
        headline,
        figures,
        findings(u, a),
        a.shopping().stream()
            .map(
                p ->
                    new Buy(
                        p.thing(),
                        u.text(p.size()),
                        p.present() ? "in the design" : "still to buy",
                        p.present()))
            .toList());
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
        figure(
            u,
            "Room to swim",
            Quantity.cm2(swim.areaCm2()),
            "deep enough for %s, %s at a stretch".formatted(r.words(), u.cm(swim.runCm()))),
        figure(
            u,
            "Room to turn round",
            Quantity.cm(swim.turnCm()),
            "across; it is %s long".formatted(u.cm(r.bodyCm()))));
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
            view.aheadMonths() == 1 ? "1 month" : view.aheadMonths() + " months",
            a.situation().date().format(MONTH),
            a.residents().stream()
                .map(r -> r.words() + " of " + u.cm(r.bodyCm()))
                .collect(Collectors.joining(", ")));
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
        "For %s: %s out of the water"
            .formatted(r.words(), reach.waysOut() == 1 ? "1 way" : reach.waysOut() + " ways"));
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
          reach.passages().size() == 1
              ? "a gap that would hold it"
              : reach.passages().size() + " gaps that would hold it");
    }
    return String.join(", ", words)
        + "; it gets up to %s above the floor, %s."
            .formatted(
                u.cm(reach.highestCm()),
                reach.leastRimCm() >= 0
                    ? u.cm(reach.leastRimCm()) + " below the rim there"
                    : u.cm(-reach.leastRimCm()) + " over the rim there");
  }

  private static List<Figure> loads(Units u, Assessment a) {
    StructuralLoad loads = StructuralLoad.of(a.enclosure(), a.geometry());
    List<Figure> figures = new ArrayList<>();
    figures.add(
        figure(
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
                    figure(
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
                    figure(
                        u, "Bask at once", Quantity.count(place.bodies()), "whole bodies, dry")));
    return figures;
  }

  private static Figure figure(Units u, String label, Quantity quantity, String note) {
    return new Figure(label, u.number(quantity), u.unit(quantity), note);
  }

  /** A rule may find the same twice of one animal: then they are counted. */
  private static List<FindingView> findings(Units u, Assessment a) {
    Map<String, Integer> met = new HashMap<>();
    List<FindingView> views = new ArrayList<>();
    for (Finding f : a.review().findings()) {
      String of = f.rule() + " " + f.who();
      views.add(view(u, f, of + " " + met.merge(of, 1, Integer::sum)));
    }
    return views;
  }

  private static FindingView view(Units u, Finding f, String key) {
    return new FindingView(
        key,
        f.rule(),
        f.severity().word(),
        f.severity().word().toLowerCase(Locale.ROOT),
        f.step().word(),
        f.who(),
        u.text(f.what()),
        u.text(f.why()),
        f.remedies().stream()
            .map(r -> new RemedyView(u.text(r.text()), RemedyText.write(r.changes())))
            .toList(),
        String.join(" ", f.things()),
        link(f),
        f.school().map(s -> s.name()).orElse(""),
        String.join(", ", f.otherwise()),
        f.basis().words(),
        f.accepted().map(a -> "until " + a.askAgain().format(DAY) + ": " + a.reason()).orElse(""));
  }

  /** Where it can be mended: the field of its first number, or the page of its step. */
  private static Link link(Finding f) {
    return f.remedies().stream()
        .flatMap(r -> r.changes().stream())
        .flatMap(change -> DesignForm.fieldOf(change).stream())
        .findFirst()
        .map(field -> new Link("Show it in the design", "build#" + field))
        .orElseGet(
            () ->
                switch (f.step()) {
                  case RESIDENTS -> new Link("Go to the residents", "residents");
                  case SITE -> new Link("Go to the room", "site");
                  case PEOPLE -> new Link("", "");
                  default -> new Link("Go to the design", "build");
                });
  }

  /** The keys of the figures in their order, each on a line. */
  public String figureOrder() {
    return figures.stream().map(Figure::label).collect(Collectors.joining("\n"));
  }

  /** The keys of the findings in their order, each on a line. */
  public String findingOrder() {
    return findings.stream().map(FindingView::key).collect(Collectors.joining("\n"));
  }

  /** The figures without those that read as the page does already. */
  public List<Figure> figuresBut(Set<String> says) {
    return figures.stream().filter(f -> !says.contains(f.says())).toList();
  }

  /** The findings without those that read as the page does already. */
  public List<FindingView> findingsBut(Set<String> says) {
    return findings.stream().filter(f -> !says.contains(f.says())).toList();
  }

  /** Without those pieces of the drawings that the page shows already. */
  DesignView leftOut(Set<String> says) {
    return new DesignView(
        UnchangedGroups.leftOut(svg, says),
        UnchangedGroups.leftOut(plan, says),
        reach,
        ahead,
        headline,
        figures,
        findings,
        shopping);
  }

  /** Findings that ask for an act: no notes, and none the keeper lives with for now. */
  public long open() {
    return openOnes().count();
  }

  private Stream<FindingView> openOnes() {
    return findings.stream().filter(f -> !f.severity.equals("Note") && !f.isAccepted());
  }

  /** Word of the worst open finding, or "Well". */
  public String worst() {
    return openOnes().findFirst().map(FindingView::severity).orElse("Well");
  }
}
