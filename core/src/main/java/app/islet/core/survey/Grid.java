package app.islet.core.survey;

import app.islet.core.care.Surface;
import app.islet.core.enclosure.Enclosure;
import app.islet.core.enclosure.Land;
import app.islet.core.enclosure.Part;
import app.islet.core.enclosure.PartKind;
import app.islet.core.enclosure.Platform;
import app.islet.core.enclosure.Vessel;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;

/**
 * An enclosure laid out in square cells, seen from above: the height of the ground in each, the
 * highest thing an animal can stand on, and how much of the column below the water line is solid.
 *
 * <p>Cells are about 1 cm, coarser only in large ponds, and fit the vessel exactly, so that upright
 * walls along the axes are exact and everything else is as good as the cells. Index {@code i + j *
 * columns}, i along the length from the left, j along the width from the back. Outside the rim the
 * ground is NaN.
 */
public final class Grid {
    private static final int MOST_CELLS = 40_000;

    /** The ramp of a basking platform: its run, and how deep it begins; common practice. */
    private static final double RAMP_CM = 12;

    private static final double RAMP_BELOW_CM = 3;

    private final int columns;
    private final int rows;
    private final double stepX;
    private final double stepY;
    private final double lineCm;
    private final double[] groundCm;
    private final double[] topCm;
    private final double[] solidCm;
    private final Surface[] surface;
    private final boolean[] rest;
    private final boolean[] platform;
    private final Map<Reach.Body, Reach> reached = new ConcurrentHashMap<>();

    private Grid(Enclosure e) {
        Vessel vessel = e.vessel();
        double area = vessel.lengthCm() * vessel.widthCm();
        double cell = Math.max(1, Math.sqrt(area / MOST_CELLS));
        columns = (int) Math.max(1, Math.ceil(vessel.lengthCm() / cell));
        rows = (int) Math.max(1, Math.ceil(vessel.widthCm() / cell));
        stepX = vessel.lengthCm() / columns;
        stepY = vessel.widthCm() / rows;
        lineCm = e.waterLineCm();
        int cells = columns * rows;
        groundCm = new double[cells];
        topCm = new double[cells];
        solidCm = new double[cells];
        surface = new Surface[cells];
        rest = new boolean[cells];
        platform = new boolean[cells];
        layGround(e);
        platformParts(e).forEach(this::lay);
        for (int at = 0; at < cells; at++) {
            platform[at] = topCm[at] > groundCm[at];
        }
        e.furnishings().parts().forEach(this::lay);
    }

    public static Grid of(Enclosure e) {
        return new Grid(e);
    }

    /** Where a body gets to; asked again for the same body, the same answer. */
    public Reach reach(Reach.Body body) {
        return reached.computeIfAbsent(body, b -> Reach.of(this, b));
    }

    private void layGround(Enclosure e) {
        for (int i = 0; i < columns; i++) {
            double x = x(i);
            double profile = profileAt(e, x);
            for (int j = 0; j < rows; j++) {
                int at = at(i, j);
                double wall = e.vessel().wallCm(x, y(j));
                groundCm[at] = Double.isNaN(wall) ? wall : Math.max(wall, profile);
                topCm[at] = groundCm[at];
                surface[at] = wall > profile ? Surface.SMOOTH : Surface.LOOSE;
            }
        }
    }

    /** Height of the ground at x, the slope of the land included. */
    private static double profileAt(Enclosure e, double x) {
        double ground = e.ground().depthCm();
        if (e.land().isEmpty()) {
            return ground;
        }
        Land land = e.land().get();
        double foot = e.vessel().lengthCm() * (1 - land.sharePercent() / 100);
        if (x < foot) {
            return ground;
        }
        double along = land.rampCm() == 0 ? 1 : Math.min(1, (x - foot) / land.rampCm());
        return ground + (land.heightCm() - ground) * along;
    }

    /**
     * The basking platform as parts: it floats at the right end of the water, in the middle of the
     * width, a ramp before it. Nothing where there is none.
     */
    public static List<Part> platformParts(Enclosure e) {
        if (e.platform().isEmpty()) {
            return List.of();
        }
        Platform platform = e.platform().get();
        double line = e.waterLineCm();
        double length = Math.min(platform.lengthCm(), e.vessel().lengthCm());
        double x = Math.max(0, shoreX(e, line) - length);
        double y = Math.max(0, (e.vessel().widthCm() - platform.widthCm()) / 2);
        Part top =
                new Part(
                        "platform",
                        PartKind.FLOAT,
                        x,
                        y,
                        length,
                        platform.widthCm(),
                        0,
                        Survey.PLATFORM_ABOVE_LINE_CM,
                        false,
                        false,
                        true);
        if (x < 1) {
            return List.of(top);
        }
        double run = Math.min(RAMP_CM, x);
        Part ramp =
                new Part(
                        "platform-ramp",
                        PartKind.RAMP,
                        x - run,
                        y,
                        run,
                        platform.widthCm(),
                        Math.max(0, line - RAMP_BELOW_CM),
                        line + Survey.PLATFORM_ABOVE_LINE_CM,
                        false,
                        false,
                        true);
        return List.of(top, ramp);
    }

    /** Where the ground leaves the water, cm from the left. */
    private static double shoreX(Enclosure e, double lineCm) {
        double step = e.vessel().lengthCm() / 400;
        for (double x = step / 2; x < e.vessel().lengthCm(); x += step) {
            if (profileAt(e, x) >= lineCm) {
                return x;
            }
        }
        return e.vessel().lengthCm();
    }

    private void lay(Part part) {
        int fromI = Math.max(0, (int) Math.floor(part.xCm() / stepX));
        int toI = Math.min(columns - 1, (int) ((part.xCm() + part.lengthCm()) / stepX));
        int fromJ = Math.max(0, (int) Math.floor(part.yCm() / stepY));
        int toJ = Math.min(rows - 1, (int) ((part.yCm() + part.widthCm()) / stepY));
        for (int i = fromI; i <= toI; i++) {
            for (int j = fromJ; j <= toJ; j++) {
                int at = at(i, j);
                if (!Double.isNaN(groundCm[at]) && part.covers(x(i), y(j))) {
                    layCell(part, at, part.topAt(x(i), lineCm));
                }
            }
        }
    }

    private void layCell(Part part, int at, double top) {
        if (part.kind().floats()) {
            if (lineCm > groundCm[at]) {
                raise(part, at, top);
            }
            return;
        }
        double from = Math.max(part.bottomCm(), groundCm[at]);
        double under = Math.min(top, lineCm) - from;
        if (under > 0) {
            // Two things in one place share the column: together they cannot be more than it.
            double column = Math.max(0, lineCm - groundCm[at]);
            solidCm[at] = Math.min(column, solidCm[at] + under * part.kind().fill());
        }
        if (part.kind().carries()) {
            raise(part, at, top);
        } else if (top >= lineCm) {
            rest[at] = true;
        }
    }

    private void raise(Part part, int at, double top) {
        if (top > topCm[at]) {
            topCm[at] = top;
            surface[at] = part.kind().surface();
        }
    }

    int columns() {
        return columns;
    }

    int rows() {
        return rows;
    }

    int cells() {
        return columns * rows;
    }

    int at(int i, int j) {
        return i + j * columns;
    }

    double x(int i) {
        return (i + 0.5) * stepX;
    }

    double y(int j) {
        return (j + 0.5) * stepY;
    }

    /** Length of a cell along the length, cm. */
    public double stepX() {
        return stepX;
    }

    /** Length of a cell along the width, cm. */
    public double stepY() {
        return stepY;
    }

    double lineCm() {
        return lineCm;
    }

    boolean inside(int at) {
        return !Double.isNaN(groundCm[at]);
    }

    double groundCm(int at) {
        return groundCm[at];
    }

    double topCm(int at) {
        return topCm[at];
    }

    Surface surface(int at) {
        return surface[at];
    }

    /** Whether plants reach the surface there, dense enough to rest on. */
    boolean planted(int at) {
        return rest[at];
    }

    /** Whether open water stands over whatever is highest there. */
    boolean wet(int at) {
        return inside(at) && topCm[at] < lineCm - 1e-9;
    }

    private double cellCm2() {
        return stepX * stepY;
    }

    /** Water, what stands in it taken off, L. */
    public double waterL() {
        double column = 0;
        for (int at = 0; at < cells(); at++) {
            if (inside(at)) {
                column += Math.max(0, lineCm - groundCm[at]) - solidCm[at];
            }
        }
        return column * cellCm2() / 1000;
    }

    /** What the parts under the line take of the water, L. */
    public double displacedL() {
        double column = 0;
        for (double solid : solidCm) {
            column += solid;
        }
        return column * cellCm2() / 1000;
    }

    /** Floor inside the rim, cm². */
    public double insideCm2() {
        int count = 0;
        for (int at = 0; at < cells(); at++) {
            count += inside(at) ? 1 : 0;
        }
        return count * cellCm2();
    }

    /** Share of the cells inside the rim with water in them, under a float too, %. */
    public double wetPercent() {
        int wet = 0;
        int all = 0;
        for (int at = 0; at < cells(); at++) {
            all += inside(at) ? 1 : 0;
            wet += holdsWater(at) ? 1 : 0;
        }
        return all == 0 ? 0 : 100.0 * wet / all;
    }

    /** Ground and tops above the line, the basking platform not counted, cm². */
    public double dryCm2() {
        int count = 0;
        for (int at = 0; at < cells(); at++) {
            count += inside(at) && !wet(at) && !isWall(at) && !platform[at] ? 1 : 0;
        }
        return count * cellCm2();
    }

    /** A sloping side above the line is wall, not land. */
    private boolean isWall(int at) {
        return surface[at] == Surface.SMOOTH && topCm[at] == groundCm[at];
    }

    /** Water gained by raising the line 1 cm, L. */
    public double litresPerCm() {
        int count = 0;
        for (int at = 0; at < cells(); at++) {
            count += holdsWater(at) ? 1 : 0;
        }
        return count * cellCm2() / 1000;
    }

    private boolean holdsWater(int at) {
        return inside(at) && groundCm[at] + solidCm[at] < lineCm;
    }

    /** Where water meets what stands out of it, walls not counted, cm. */
    public double shorelineCm() {
        double length = 0;
        for (int j = 0; j < rows; j++) {
            for (int i = 0; i < columns; i++) {
                if (i + 1 < columns && shore(at(i, j), at(i + 1, j))) {
                    length += stepY;
                }
                if (j + 1 < rows && shore(at(i, j), at(i, j + 1))) {
                    length += stepX;
                }
            }
        }
        return length;
    }

    private boolean shore(int a, int b) {
        return inside(a) && inside(b) && wet(a) != wet(b) && !isWall(a) && !isWall(b);
    }

    /**
     * A band of depth.
     *
     * @param sharePercent of the wet floor
     */
    public record Band(double fromCm, double toCm, double sharePercent) {}

    /** The wet floor by depth, in so many equal bands; none where there is no water. */
    public List<Band> depthBands(int bands) {
        double deepest = 0;
        int wet = 0;
        for (int at = 0; at < cells(); at++) {
            if (wet(at)) {
                deepest = Math.max(deepest, lineCm - topCm[at]);
                wet++;
            }
        }
        if (wet == 0) {
            return List.of();
        }
        int[] counts = new int[bands];
        for (int at = 0; at < cells(); at++) {
            if (wet(at)) {
                int band = (int) ((lineCm - topCm[at]) / deepest * bands);
                counts[Math.min(bands - 1, band)]++;
            }
        }
        List<Band> found = new ArrayList<>();
        for (int band = 0; band < bands; band++) {
            found.add(
                    new Band(
                            deepest * band / bands,
                            deepest * (band + 1) / bands,
                            100.0 * counts[band] / wet));
        }
        return List.copyOf(found);
    }
}
