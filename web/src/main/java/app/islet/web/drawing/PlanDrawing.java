package app.islet.web.drawing;

import app.islet.core.Assessment;
import app.islet.core.enclosure.Enclosure;
import app.islet.core.enclosure.Part;
import app.islet.core.enclosure.Vessel;
import app.islet.core.quantity.Quantity;
import app.islet.core.quantity.UnitSystem;
import app.islet.core.survey.Grid;
import app.islet.core.survey.Reach;
import app.islet.core.survey.Survey;

import java.util.Comparator;
import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * The enclosure from above, under the section and on the same x axis: outline, water, land, parts,
 * and what the water is to one of the residents.
 */
public final class PlanDrawing {
    private static final double TOP = 10;
    private static final double BOTTOM = 34;
    private static final Map<Reach.Mark, String> SHOWN =
            new EnumMap<>(
                    Map.of(
                            Reach.Mark.REST,
                            "r-rest",
                            Reach.Mark.TRAPPED,
                            "r-trapped",
                            Reach.Mark.EXIT,
                            "r-exit",
                            Reach.Mark.REACHED,
                            "r-reached"));

    private final Enclosure enclosure;
    private final Survey survey;
    private final double scale;
    private final double left;
    private final Svg svg = new Svg();

    private PlanDrawing(Assessment assessment) {
        this.enclosure = assessment.enclosure();
        this.survey = assessment.survey();
        this.scale = SectionDrawing.workingScale(enclosure);
        this.left = SectionDrawing.workingLeft(enclosure);
    }

    /**
     * @param reach where a resident gets to, to be laid over the drawing
     */
    public static String working(Assessment assessment, UnitSystem units, Optional<Reach> reach) {
        return new PlanDrawing(assessment).draw(units, reach);
    }

    private String draw(UnitSystem units, Optional<Reach> reach) {
        Vessel vessel = enclosure.vessel();
        double tall = TOP + vessel.widthCm() * scale + BOTTOM;
        svg.open(
                "svg",
                "xmlns",
                "http://www.w3.org/2000/svg",
                "viewBox",
                "0 0 %s %s".formatted(Svg.number(SectionDrawing.WORKING_WIDTH), Svg.number(tall)),
                "class",
                "section working plan",
                "role",
                "img",
                "data-scale",
                scale);
        svg.element("title", "Plan of %s, seen from above".formatted(enclosure.name()));
        outline(survey.hasWater() ? "s-water" : "s-ground");
        if (survey.hasWater() && vessel.isBox() && survey.shoreX() < vessel.lengthCm()) {
            svg.empty(
                    "rect",
                    "class",
                    "s-ground",
                    "x",
                    x(survey.shoreX()),
                    "y",
                    y(0),
                    "width",
                    (vessel.lengthCm() - survey.shoreX()) * scale,
                    "height",
                    vessel.widthCm() * scale);
        }
        reach.ifPresent(this::overlay);
        Stream.concat(
                        Grid.platformParts(enclosure).stream(),
                        enclosure.furnishings().parts().stream())
                .sorted(Comparator.comparing(Part::topCm))
                .forEach(part -> Parts.plan(svg, part, this::x, this::y));
        outline("s-outline");
        svg.text(
                Quantity.cm(vessel.widthCm()).text(units) + " wide, the front below",
                "class",
                "s-dim",
                "x",
                x(0),
                "y",
                y(vessel.widthCm()) + 24);
        return svg.close("svg").toString();
    }

    private double x(double cm) {
        return left + cm * scale;
    }

    private double y(double cm) {
        return TOP + cm * scale;
    }

    private void outline(String css) {
        Vessel v = enclosure.vessel();
        double l = v.lengthCm() * scale;
        double w = v.widthCm() * scale;
        switch (v.shape()) {
            case BOX -> {
                svg.empty("rect", "class", css, "x", x(0), "y", y(0), "width", l, "height", w);
                slopes(v);
            }
            case OVAL -> {
                svg.empty(
                        "ellipse",
                        "class",
                        css,
                        "cx",
                        x(0) + l / 2,
                        "cy",
                        y(0) + w / 2,
                        "rx",
                        l / 2,
                        "ry",
                        w / 2);
                slopes(v);
            }
            case CORNER ->
                    svg.empty(
                            "path",
                            "class",
                            css,
                            "d",
                            "M%s %sH%sA%s %s 0 0 1 %s %sZ"
                                    .formatted(
                                            Svg.number(x(0)),
                                            Svg.number(y(0)),
                                            Svg.number(x(v.lengthCm())),
                                            Svg.number(l),
                                            Svg.number(w),
                                            Svg.number(x(0)),
                                            Svg.number(y(v.widthCm()))));
            case BOW ->
                    svg.empty(
                            "path",
                            "class",
                            css,
                            "d",
                            "M%s %sH%sV%sQ%s %s %s %sZ"
                                    .formatted(
                                            Svg.number(x(0)),
                                            Svg.number(y(0)),
                                            Svg.number(x(v.lengthCm())),
                                            Svg.number(y(0.8 * v.widthCm())),
                                            Svg.number(x(v.lengthCm() / 2)),
                                            Svg.number(y(1.2 * v.widthCm())),
                                            Svg.number(x(0)),
                                            Svg.number(y(0.8 * v.widthCm()))));
        }
    }

    /** The floor inside sloping sides. */
    private void slopes(Vessel v) {
        if (v.floorShare() == 1) {
            return;
        }
        double l = v.lengthCm() * scale * v.floorShare();
        double w = v.widthCm() * scale * v.floorShare();
        double midX = x(v.lengthCm() / 2);
        double midY = y(v.widthCm() / 2);
        if (v.shape() == Vessel.Shape.OVAL) {
            svg.empty(
                    "ellipse", "class", "s-floor", "cx", midX, "cy", midY, "rx", l / 2, "ry",
                    w / 2);
        } else {
            svg.empty(
                    "rect",
                    "class",
                    "s-floor",
                    "x",
                    midX - l / 2,
                    "y",
                    midY - w / 2,
                    "width",
                    l,
                    "height",
                    w);
        }
    }

    /** All cells of one kind are one path of strips, so that the drawing stays small. */
    private void overlay(Reach reach) {
        int columns = reach.columns();
        double cellX = enclosure.vessel().lengthCm() / columns * scale;
        double cellY = enclosure.vessel().widthCm() / (reach.marks().size() / columns) * scale;
        Map<Reach.Mark, StringBuilder> paths = new EnumMap<>(Reach.Mark.class);
        for (int row = 0; row < reach.marks().size(); row += columns) {
            int from = 0;
            for (int i = 1; i <= columns; i++) {
                Reach.Mark mark = reach.marks().get(row + from);
                if (i == columns || reach.marks().get(row + i) != mark) {
                    paths.computeIfAbsent(mark, m -> new StringBuilder())
                            .append(
                                    "M%s %sh%sv%sh%sz"
                                            .formatted(
                                                    Svg.number(x(0) + from * cellX),
                                                    Svg.number(y(0) + row / columns * cellY),
                                                    Svg.number((i - from) * cellX),
                                                    Svg.number(cellY),
                                                    Svg.number(-(i - from) * cellX)));
                    from = i;
                }
            }
        }
        SHOWN.forEach(
                (mark, css) -> {
                    if (paths.containsKey(mark)) {
                        svg.empty("path", "class", css, "d", paths.get(mark).toString());
                    }
                });
    }
}
