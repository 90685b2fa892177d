package app.islet.web.page.work.today;

import app.islet.web.reading.summary.EnclosureSummary;
import java.util.Collection;
import java.util.List;

/** The one scale at which all sections of the overview stand side by side. */
record RackScale(double pixelsPerCm) {
  private static final double RACK_PIXELS = 860;
  private static final double GAP_CM = 14;
  private static final double MAX_PIXELS_PER_CM = 2.2;

  /** Smaller than this one cannot see what is what. */
  private static final double MIN_PIXELS_PER_CM = 0.9;

  /** From so many times as large on a room has its own scale. */
  private static final double WORTH_IT = 1.5;

  static final RackScale OF_MANY = new RackScale(1.2);

  /** So that the fullest room just fits, where that leaves something to see. */
  static RackScale fitting(Collection<List<EnclosureSummary>> rooms) {
    double widestCm =
        rooms.stream()
            .mapToDouble(room -> room.stream().mapToDouble(s -> s.lengthCm() + GAP_CM).sum())
            .max()
            .orElse(RACK_PIXELS / MAX_PIXELS_PER_CM);
    return new RackScale(
        Math.max(MIN_PIXELS_PER_CM, Math.min(MAX_PIXELS_PER_CM, RACK_PIXELS / widestCm)));
  }

  /** How much larger its glyph is shown than it was drawn. */
  double of(EnclosureSummary s) {
    return s.lengthCm() * pixelsPerCm / s.glyph().width();
  }

  /** A room of its own scale, where one large pond elsewhere would shrink it to little. */
  RackScale orOf(List<EnclosureSummary> room) {
    RackScale own = fitting(List.of(room));
    return !room.isEmpty() && own.pixelsPerCm >= WORTH_IT * pixelsPerCm ? own : this;
  }

  /** As in {@code 2.2}. */
  String timesOf(RackScale other) {
    return String.valueOf(Math.round(10 * pixelsPerCm / other.pixelsPerCm) / 10.0);
  }
}
