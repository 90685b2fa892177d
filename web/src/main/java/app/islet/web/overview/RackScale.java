package app.islet.web.overview;

import app.islet.web.summary.EnclosureSummary;
import java.util.Collection;
import java.util.List;

/** The one scale at which all sections of the overview stand side by side. */
record RackScale(double pixelsPerCm) {
  private static final double RACK_PIXELS = 860;
  private static final double GAP_CM = 14;
  private static final double MOST_PIXELS_PER_CM = 2.2;

  /** Smaller than this one cannot see what is what. */
  private static final double LEAST_PIXELS_PER_CM = 0.9;

  static final RackScale OF_MANY = new RackScale(1.2);

  /** So that the fullest room just fits, where that leaves something to see. */
  static RackScale fitting(Collection<List<EnclosureSummary>> rooms) {
    double widestCm =
        rooms.stream()
            .mapToDouble(room -> room.stream().mapToDouble(s -> s.lengthCm() + GAP_CM).sum())
            .max()
            .orElse(RACK_PIXELS / MOST_PIXELS_PER_CM);
    return new RackScale(
        Math.max(LEAST_PIXELS_PER_CM, Math.min(MOST_PIXELS_PER_CM, RACK_PIXELS / widestCm)));
  }

  /** How much larger its glyph is shown than it was drawn. */
  double of(EnclosureSummary s) {
    return s.lengthCm() * pixelsPerCm / s.glyph().width();
  }
}
