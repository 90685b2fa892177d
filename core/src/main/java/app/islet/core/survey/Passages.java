package app.islet.core.survey;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.Deque;
import java.util.IdentityHashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * Gaps that hold a body: its head goes in, its widest part does not.
 *
 * <p>Looked for along the length and across it, between two things or a thing and a wall, and under
 * things that stand clear of the ground. A gap is as wide as its cells, so within about one of
 * them.
 */
final class Passages {
    /** A body needs this much more than its width to turn round; common practice, no source. */
    private static final double EASY = 1.3;

    private final Grid grid;
    private final Reach.Body body;
    private final List<Reach.Passage> found = new ArrayList<>();

    Passages(Grid grid, Reach.Body body) {
        this.grid = grid;
        this.body = body;
    }

    List<Reach.Passage> found() {
        if (body.headCm() <= 0) {
            return List.of();
        }
        between(grid.columns(), grid.rows(), grid.stepX(), true);
        between(grid.rows(), grid.columns(), grid.stepY(), false);
        under();
        return narrowest();
    }

    /** Free cells of one line between two things, or a thing and a wall. */
    private record Run(int from, int to, boolean byThing) {
        boolean meets(Run other) {
            return from < other.to && other.from < to;
        }

        int cells() {
            return to - from;
        }
    }

    /** A gap is where a run is no longer than those beside it: elsewhere it opens to one side. */
    private void between(int length, int lines, double step, boolean alongX) {
        List<List<Run>> all = new ArrayList<>();
        for (int line = 0; line < lines; line++) {
            all.add(runs(length, line, alongX));
        }
        Set<Run> opening = Collections.newSetFromMap(new IdentityHashMap<>());
        for (int line = 1; line < lines; line++) {
            widen(all.get(line), all.get(line - 1), opening);
        }
        for (int line = lines - 2; line >= 0; line--) {
            widen(all.get(line), all.get(line + 1), opening);
        }
        for (int line = 0; line < lines; line++) {
            for (Run run : all.get(line)) {
                double gap = run.cells() * step;
                if (run.byThing && holds(gap) && !opening.contains(run)) {
                    double along = (run.from + run.to) / 2.0 * step;
                    found.add(
                            alongX
                                    ? new Reach.Passage(along, grid.y(line), gap, false)
                                    : new Reach.Passage(grid.x(line), along, gap, false));
                }
            }
        }
    }

    /** Runs longer than one beside them, or as long as one that is, open to one side. */
    private static void widen(List<Run> runs, List<Run> beside, Set<Run> opening) {
        for (Run run : runs) {
            for (Run other : beside) {
                boolean opens =
                        other.cells() < run.cells()
                                || other.cells() == run.cells() && opening.contains(other);
                if (opens && other.meets(run)) {
                    opening.add(run);
                }
            }
        }
    }

    private List<Run> runs(int length, int line, boolean alongX) {
        List<Run> runs = new ArrayList<>();
        int from = 0;
        boolean thingBefore = false;
        for (int along = 0; along <= length; along++) {
            int at = along == length ? -1 : alongX ? grid.at(along, line) : grid.at(line, along);
            boolean wall = at < 0 || !grid.inside(at);
            boolean thing = !wall && bars(at);
            if (wall || thing) {
                if (along > from) {
                    runs.add(new Run(from, along, thingBefore || thing));
                }
                from = along + 1;
                thingBefore = thing;
            }
        }
        return runs;
    }

    private void under() {
        for (int at = 0; at < grid.cells(); at++) {
            if (!grid.inside(at) || bars(at) || grid.isSloped(at)) {
                continue;
            }
            double gap = grid.undersideCm(at) - grid.groundCm(at);
            if (gap > body.headCm() && gap < body.heightCm()) {
                found.add(new Reach.Passage(x(at), y(at), gap, true));
            }
        }
    }

    /** What is lower than half its height it goes over. */
    private boolean bars(int at) {
        return grid.barCm(at) > body.heightCm() / 2;
    }

    private boolean holds(double gap) {
        return gap > body.headCm() && gap < EASY * body.widthCm();
    }

    private double x(int at) {
        return grid.x(at % grid.columns());
    }

    private double y(int at) {
        return grid.y(at / grid.columns());
    }

    /** Of gaps side by side, the narrowest; of several equal ones that in their middle. */
    private List<Reach.Passage> narrowest() {
        Map<Integer, Reach.Passage> open = new LinkedHashMap<>();
        found.forEach(p -> open.putIfAbsent(cellOf(p), p));
        List<Reach.Passage> kept = new ArrayList<>();
        while (!open.isEmpty()) {
            List<Reach.Passage> together = together(open, open.keySet().iterator().next());
            double least = together.stream().mapToDouble(Reach.Passage::gapCm).min().orElseThrow();
            List<Reach.Passage> equal = together.stream().filter(p -> p.gapCm() == least).toList();
            kept.add(equal.get(equal.size() / 2));
        }
        kept.sort(Comparator.comparingDouble(Reach.Passage::gapCm));
        return List.copyOf(kept);
    }

    /** Takes out what touches the gap in that cell, and what touches that. */
    private List<Reach.Passage> together(Map<Integer, Reach.Passage> open, int cell) {
        List<Reach.Passage> together = new ArrayList<>();
        Deque<Integer> queue = new ArrayDeque<>(List.of(cell));
        while (!queue.isEmpty()) {
            int at = queue.poll();
            Reach.Passage passage = open.remove(at);
            if (passage != null) {
                together.add(passage);
                for (int beside : List.of(-1, 0, 1)) {
                    queue.add(at - grid.columns() + beside);
                    queue.add(at + beside);
                    queue.add(at + grid.columns() + beside);
                }
            }
        }
        return together;
    }

    private int cellOf(Reach.Passage p) {
        return grid.at((int) (p.xCm() / grid.stepX()), (int) (p.yCm() / grid.stepY()));
    }
}
