package app.islet.core.survey;

import app.islet.core.care.Surface;
import app.islet.core.enclosure.Enclosure;
import app.islet.core.enclosure.Land;
import app.islet.core.enclosure.Part;
import app.islet.core.enclosure.PartKind;
import app.islet.core.enclosure.Platform;
import app.islet.core.enclosure.Vessel;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Deque;
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

    /** Thickness of a ramp, and how deep a float lies in the water; common practice, no source. */
    private static final double PLANK_CM = 1.5;

    private static final double DRAUGHT_CM = 1;

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
    private final double[] barCm;
    private final boolean[] tight;
    private final boolean[] dry;
    private final double[] undersideCm;
    private final boolean[] sloped;
    private final double[] rimCm;
    private final boolean partlyDry;
    private final boolean[] wet;
    private final double[] standCm;
    private final double[] swimCm;
    private final boolean[] roofed;
    private final boolean roofs;
    private final int[] shore;
    private final int[] beside;
    private final Basins basins;
    private final Map<Reach.Body, Reach> reached = new ConcurrentHashMap<>();
    private final Map<Lying, Basking> lain = new ConcurrentHashMap<>();
    private final Map<Double, Swim> swum = new ConcurrentHashMap<>();

    private record Lying(Reach.Body body, List<Part> lamps, double widthCm) {}

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
        barCm = new double[cells];
        tight = new boolean[cells];
        dry = new boolean[cells];
        undersideCm = new double[cells];
        sloped = new boolean[cells];
        rimCm = new double[cells];
        Arrays.fill(undersideCm, Double.POSITIVE_INFINITY);
        Arrays.fill(rimCm, vessel.heightCm());
        layGround(e);
        platformParts(e).forEach(this::lay);
        for (int at = 0; at < cells; at++) {
            platform[at] = topCm[at] > groundCm[at];
        }
        e.furnishings().parts().forEach(this::lay);
        partlyDry = keepDry();
        wet = new boolean[cells];
        standCm = new double[cells];
        swimCm = new double[cells];
        roofed = new boolean[cells];
        boolean anyRoof = false;
        for (int at = 0; at < cells; at++) {
            wet[at] = inside(at) && !dry[at] && topCm[at] < lineCm - 1e-9;
            standCm[at] = wet[at] ? lineCm : topCm[at];
            swimCm[at] = wet[at] && barCm[at] == 0 ? lineCm - topCm[at] : -1;
            roofed[at] = inside(at) && undersideCm[at] < lineCm && groundCm[at] < undersideCm[at];
            anyRoof |= roofed[at];
        }
        roofs = anyRoof;
        beside = neighbours();
        shore = shoreCells();
        basins = Basins.of(this);
    }

    /** The four cells beside each: right, left, in front and behind; -1 where there is none. */
    private int[] neighbours() {
        int[] all = new int[4 * cells()];
        for (int j = 0; j < rows; j++) {
            for (int i = 0; i < columns; i++) {
                int at = at(i, j);
                all[4 * at] = i + 1 < columns ? at + 1 : -1;
                all[4 * at + 1] = i > 0 ? at - 1 : -1;
                all[4 * at + 2] = j + 1 < rows ? at + columns : -1;
                all[4 * at + 3] = j > 0 ? at - columns : -1;
            }
        }
        return all;
    }

    /** The cell beside another, in direction 0 to 3: right, left, in front, behind. */
    int beside(int at, int direction) {
        return beside[4 * at + direction];
    }

    private int[] shoreCells() {
        int[] found = new int[cells()];
        int count = 0;
        for (int at = 0; at < found.length; at++) {
            if (wet[at] && meetsDry(at)) {
                found[count++] = at;
            }
        }
        return Arrays.copyOf(found, count);
    }

    private boolean meetsDry(int at) {
        for (int d = 0; d < 4; d++) {
            int next = beside(at, d);
            if (next >= 0 && inside(next) && !wet[next]) {
                return true;
            }
        }
        return false;
    }

    Basins basins() {
        return basins;
    }

    public static Grid of(Enclosure e) {
        return new Grid(e);
    }

    /** Where a body gets to; asked again for the same body, the same answer. */
    public Reach reach(Reach.Body body) {
        return reached.computeIfAbsent(body, b -> Reach.of(this, b));
    }

    /** Where a body so wide lies dry, of that under the lamps where some are given. */
    public Basking basking(Reach.Body body, List<Part> lamps, double widthCm) {
        return lain.computeIfAbsent(
                new Lying(body, lamps, widthCm),
                key -> Basking.of(this, reach(body), lamps, body.lengthCm(), widthCm));
    }

    /** Room for a body so high to swim and turn in. */
    public Swim swim(double bodyHeightCm) {
        return swum.computeIfAbsent(bodyHeightCm, height -> Swim.of(this, height));
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

    /** Height of the ground at x, its points and the slope of the land included. */
    static double profileAt(Enclosure e, double x) {
        double length = e.vessel().lengthCm();
        double plain = e.ground().depthCm();
        double ground = plain + e.ground().riseAt(x, length);
        if (e.land().isEmpty()) {
            return ground;
        }
        Land land = e.land().get();
        double foot = length * (1 - land.sharePercent() / 100);
        if (x < foot) {
            return ground;
        }
        double along = land.rampCm() == 0 ? 1 : Math.min(1, (x - foot) / land.rampCm());
        return Math.max(ground, plain + (land.heightCm() - plain) * along);
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
        if (part.kind().form() == PartKind.Form.LAMP) {
            return;
        }
        double wider = Math.max(stepX, stepY);
        int fromI = (int) Math.floor((part.leftCm() - wider) / stepX);
        int toI = (int) ((part.leftCm() + part.spanX() + wider) / stepX);
        int fromJ = (int) Math.floor((part.backCm() - wider) / stepY);
        int toJ = (int) ((part.backCm() + part.spanY() + wider) / stepY);
        // What is thinner than a cell is drawn a cell wide.
        double least = Math.min(part.lengthCm(), part.widthCm()) < wider ? wider : 0;
        Part.Outline outline = part.outline(least);
        int[] covered = new int[Math.max(0, (toI - fromI + 1) * (toJ - fromJ + 1))];
        int within = 0;
        int all = 0;
        for (int i = fromI; i <= toI; i++) {
            for (int j = fromJ; j <= toJ; j++) {
                if (outline.covers(x(i), y(j))) {
                    all++;
                    if (i >= 0 && j >= 0 && i < columns && j < rows && inside(at(i, j))) {
                        covered[within++] = at(i, j);
                    }
                }
            }
        }
        // Cells cover a round or turned outline only nearly: its volume is set right by its area.
        double fill = part.kind().fill() * part.areaCm2() / Math.max(1, all) / cellCm2();
        for (int n = 0; n < within; n++) {
            int at = covered[n];
            layCell(part, fill, at, part.topAt(x(at % columns), y(at / columns), lineCm));
        }
    }

    private void layCell(Part part, double fill, int at, double top) {
        switch (part.kind().form()) {
            case FLOAT -> {
                if (lineCm > groundCm[at]) {
                    raise(part, at, top);
                    undersideCm[at] = Math.min(undersideCm[at], lineCm - DRAUGHT_CM);
                }
            }
            case FLOATING_PLANTS -> rest[at] |= lineCm > groundCm[at];
            case TRAY -> {
                if (part.bottomCm() > topCm[at]) {
                    rimCm[at] = part.topCm();
                    raise(part, at, part.bottomCm());
                    undersideCm[at] = Math.min(undersideCm[at], part.bottomCm());
                }
            }
            default -> stand(part, fill, at, top);
        }
    }

    private void stand(Part part, double fill, int at, double top) {
        double from = Math.max(part.bottomCm(), groundCm[at]);
        double under = Math.min(top, lineCm) - from;
        if (under > 0) {
            // Two things in one place share the column: together they cannot be more than it.
            double column = Math.max(0, lineCm - groundCm[at]);
            solidCm[at] = Math.min(column, solidCm[at] + under * fill);
        }
        double underside =
                part.kind().form() == PartKind.Form.PLANK ? top - PLANK_CM : part.bottomCm();
        boolean raised = underside > groundCm[at];
        if (part.kind().bars() && !raised) {
            barCm[at] = Math.max(barCm[at], top - groundCm[at]);
        }
        tight[at] |= part.kind().form() == PartKind.Form.WALL && !raised && top >= lineCm;
        if (part.kind().carries()) {
            if (raised) {
                undersideCm[at] = Math.min(undersideCm[at], underside);
                sloped[at] |= part.kind().form().slopes();
            }
            raise(part, at, top);
        } else if (part.kind().form() == PartKind.Form.PLANTS && top >= lineCm) {
            rest[at] = true;
        }
    }

    private void raise(Part part, int at, double top) {
        if (top > topCm[at]) {
            topCm[at] = top;
            surface[at] = part.kind().surface();
        }
    }

    /**
     * Water is poured in where the ground is deepest and seeps through ground, but not through a
     * partition that stands out of it: what lies behind stays dry.
     *
     * @return whether anything does
     */
    private boolean keepDry() {
        int source = -1;
        boolean walled = false;
        for (int at = 0; at < cells(); at++) {
            walled |= tight[at];
            if (inside(at)
                    && !tight[at]
                    && (source < 0 || groundCm[at] < groundCm[source] - 1e-9)) {
                source = at;
            }
        }
        if (!walled || source < 0) {
            return false;
        }
        Arrays.fill(dry, true);
        Deque<Integer> queue = new ArrayDeque<>();
        dry[source] = false;
        queue.add(source);
        while (!queue.isEmpty()) {
            int at = queue.poll();
            int i = at % columns;
            soak(queue, i > 0 ? at - 1 : -1);
            soak(queue, i < columns - 1 ? at + 1 : -1);
            soak(queue, at - columns);
            soak(queue, at + columns);
        }
        boolean any = false;
        for (int at = 0; at < cells(); at++) {
            // The partition itself is not floor that was kept dry.
            any |= dry[at] && inside(at) && !tight[at];
        }
        return any;
    }

    private void soak(Deque<Integer> queue, int at) {
        if (at >= 0 && at < cells() && inside(at) && dry[at] && !tight[at]) {
            dry[at] = false;
            queue.add(at);
        }
    }

    /** Cells along the length; cell {@code at} stands in column {@code at % columns}. */
    public int columns() {
        return columns;
    }

    int rows() {
        return rows;
    }

    public int cells() {
        return columns * rows;
    }

    /** Open water over a cell, cm; 0 where there is none. */
    public double depthCm(int at) {
        return wet(at) ? lineCm - topCm[at] : 0;
    }

    /** A stretch along the length, from the left. */
    public record Stretch(double fromCm, double toCm) {}

    /** Where a cut along the length, {@code yCm} from the back, meets water. */
    public List<Stretch> waterAlong(double yCm) {
        int j = (int) Math.max(0, Math.min(rows - 1, Math.floor(yCm / stepY)));
        List<Stretch> found = new ArrayList<>();
        int from = -1;
        for (int i = 0; i <= columns; i++) {
            boolean water =
                    i < columns
                            && inside(at(i, j))
                            && !dry[at(i, j)]
                            && groundCm[at(i, j)] < lineCm;
            if (water && from < 0) {
                from = i;
            } else if (!water && from >= 0) {
                found.add(new Stretch(from * stepX, i * stepX));
                from = -1;
            }
        }
        return found;
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
        return wet[at];
    }

    /**
     * Height at which a body is there: on the line where there is water, else on what is highest.
     */
    double standCm(int at) {
        return standCm[at];
    }

    /** Open water over a cell in which nothing stands, cm; negative where there is none. */
    double swimCm(int at) {
        return swimCm[at];
    }

    /** Water with something over it, so that there is no air straight above. */
    boolean roofed(int at) {
        return roofed[at];
    }

    /** Whether any water is roofed. */
    boolean roofs() {
        return roofs;
    }

    /** Wet cells beside one that is not: only from these a way leads out of the water. */
    int[] shore() {
        return shore;
    }

    /** How high something stands there that a swimmer has to go round; 0 where nothing does. */
    double barCm(int at) {
        return barCm[at];
    }

    /** Underside of the lowest thing over free water there; infinite where there is none. */
    double undersideCm(int at) {
        return undersideCm[at];
    }

    /** Whether what hangs over it slopes, so that a body is not held but turned back. */
    boolean isSloped(int at) {
        return sloped[at];
    }

    /** The wall's upper edge that holds what stands there: the rim, or that of a box over it. */
    double rimCm(int at) {
        return rimCm[at];
    }

    /** Height of the ground without what lies or stands on it. */
    double groundCm(int at) {
        return groundCm[at];
    }

    /** Whether a partition keeps part of the floor dry. */
    public boolean partlyDry() {
        return partlyDry;
    }

    private double cellCm2() {
        return stepX * stepY;
    }

    /** Water, what stands in it taken off, L. */
    public double waterL() {
        double column = 0;
        for (int at = 0; at < cells(); at++) {
            if (inside(at) && !dry[at]) {
                column += Math.max(0, lineCm - groundCm[at]) - solidCm[at];
            }
        }
        return column * cellCm2() / 1000;
    }

    /** What the parts under the line take of the water, L. */
    public double displacedL() {
        double column = 0;
        for (int at = 0; at < cells(); at++) {
            column += dry[at] && !tight[at] ? 0 : solidCm[at];
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

    /** Ground out of the water, walls and what stands on it not counted. */
    public boolean isDryGround(int at) {
        boolean dryFloor = dry[at] && !tight[at];
        return inside(at) && !isWall(at) && (dryFloor || groundCm[at] >= lineCm - 1e-9);
    }

    /** A sloping side above the line is wall, not land. */
    private boolean isWall(int at) {
        return surface[at] == Surface.SMOOTH && topCm[at] == groundCm[at];
    }

    /** Floor and ground free of what stands on it, walls not counted, cm². */
    public double walkableCm2() {
        int count = 0;
        for (int at = 0; at < cells(); at++) {
            count += inside(at) && barCm[at] == 0 && !isWall(at) ? 1 : 0;
        }
        return count * cellCm2();
    }

    /** Share of the water with something over or in it that shades the floor, %. */
    public double shadePercent() {
        int shaded = 0;
        int all = 0;
        for (int at = 0; at < cells(); at++) {
            boolean water = inside(at) && !dry[at] && groundCm[at] < lineCm - 1e-9;
            boolean under = rest[at] || !Double.isInfinite(undersideCm[at]);
            all += water ? 1 : 0;
            shaded += water && under ? 1 : 0;
        }
        return all == 0 ? 0 : 100.0 * shaded / all;
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
        return inside(at) && !dry[at] && groundCm[at] + solidCm[at] < lineCm;
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
