package app.islet.core.enclosure;

import app.islet.core.quantity.Check;

/** A rectangular tank by its inner dimensions, cm, each above 0 to 2000. */
public record Vessel(double lengthCm, double widthCm, double heightCm) {
    public static final double MAX_CM = 2000;

    public Vessel {
        Check.positive("lengthCm", Check.inRange("lengthCm", lengthCm, 0, MAX_CM));
        Check.positive("widthCm", Check.inRange("widthCm", widthCm, 0, MAX_CM));
        Check.positive("heightCm", Check.inRange("heightCm", heightCm, 0, MAX_CM));
    }

    public double footprintCm2() {
        return lengthCm * widthCm;
    }
}
