package app.islet.core.enclosure;

/**
 * One thing in its place, by the block around it.
 *
 * <p>x runs along the length from the left end, y along the width from the back, heights from the
 * vessel's floor; all in cm.
 *
 * @param id names it within its enclosure, as {@code stone-1}
 * @param bottomCm its underside; of a floating platform the water decides
 * @param topCm its upper side, or the high end of a ramp
 * @param round whether its outline is an ellipse
 * @param risesLeft of a ramp: whether the high end is at the left
 * @param locked whether the drawing leaves it where it is
 */
public record Part(
        String id,
        PartKind kind,
        double xCm,
        double yCm,
        double lengthCm,
        double widthCm,
        double bottomCm,
        double topCm,
        boolean round,
        boolean risesLeft,
        boolean locked) {
    public Part {
        if (!(topCm > bottomCm)) {
            throw new IllegalArgumentException(
                    "the top of \"%s\" must be above its bottom".formatted(id));
        }
        if (!(lengthCm > 0 && widthCm > 0)) {
            throw new IllegalArgumentException(
                    "\"%s\" must have a length and a width".formatted(id));
        }
    }

    /** Whether its outline covers the point. */
    public boolean covers(double x, double y) {
        double u = (x - xCm) / lengthCm;
        double v = (y - yCm) / widthCm;
        if (!(u >= 0 && u <= 1 && v >= 0 && v <= 1)) {
            return false;
        }
        return !round || (2 * u - 1) * (2 * u - 1) + (2 * v - 1) * (2 * v - 1) <= 1;
    }

    /** Height of its upper side at x; the line decides for what floats. */
    public double topAt(double x, double lineCm) {
        if (kind.floats()) {
            return lineCm + (topCm - bottomCm);
        }
        if (kind != PartKind.RAMP) {
            return topCm;
        }
        double along = Math.max(0, Math.min(1, (x - xCm) / lengthCm));
        return bottomCm + (topCm - bottomCm) * (risesLeft ? 1 - along : along);
    }

    /** The same thing somewhere else. */
    public Part at(double x, double y) {
        return new Part(
                id, kind, x, y, lengthCm, widthCm, bottomCm, topCm, round, risesLeft, locked);
    }

    /** The same thing under another id. */
    public Part named(String newId) {
        return new Part(
                newId, kind, xCm, yCm, lengthCm, widthCm, bottomCm, topCm, round, risesLeft,
                locked);
    }

    /** Outline of it on the floor, cm². */
    public double areaCm2() {
        return lengthCm * widthCm * (round ? Math.PI / 4 : 1);
    }

    /** What it weighs, kg. */
    public double massKg() {
        double ramp = kind == PartKind.RAMP ? 0.5 : 1;
        return areaCm2()
                * (topCm - bottomCm)
                / 1000
                * Math.max(kind.fill(), 0.05)
                * ramp
                * kind.kgPerL();
    }
}
