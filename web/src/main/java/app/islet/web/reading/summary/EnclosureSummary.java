package app.islet.web.reading.summary;

import app.islet.core.enclosure.Purpose;
import app.islet.core.plan.Plan;
import app.islet.core.plan.WalkGroup;
import app.islet.core.review.Finding;
import app.islet.core.review.Severity;
import app.islet.web.base.drawing.Glyph;
import app.islet.web.base.drawing.SectionDrawing;
import app.islet.web.reading.snapshot.EnclosureSnapshot;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;

/**
 * An enclosure in a list.
 *
 * @param who who lives there, in a line
 * @param glyph its section
 * @param open findings that ask for something, the worst first
 * @param plan what is to be done again and again
 * @param group young, grown or apart; that one at home is ill stands in its record
 */
public record EnclosureSummary(
    long id,
    String name,
    long roomId,
    String room,
    String who,
    LocalDate startedOn,
    double lengthCm,
    Glyph glyph,
    List<Finding> open,
    Plan plan,
    Purpose purpose,
    WalkGroup group,
    List<Named> animals) {
  /**
   * Who lives there, by the number of their page.
   *
   * @param rests whether somebody said so or its water is cold enough
   */
  public record Named(long id, String name, boolean rests) {}

  static EnclosureSummary of(EnclosureSnapshot snapshot) {
    return new EnclosureSummary(
        snapshot.id(),
        snapshot.name(),
        snapshot.room().id(),
        snapshot.room().name(),
        snapshot.who(),
        snapshot.record().startedOn(),
        snapshot.design().vessel().lengthCm(),
        SectionDrawing.glyph(snapshot.assessment()),
        snapshot.assessment().review().findings().stream().filter(Finding::isOpen).toList(),
        snapshot.assessment().plan(),
        snapshot.design().purpose(),
        WalkGroup.of(snapshot.design().purpose(), snapshot.residents()),
        snapshot.occupants().stream()
            .map(o -> new Named(o.record().id(), o.record().name(), o.resident().isResting()))
            .toList());
  }

  public Optional<Severity> worst() {
    return open.stream().findFirst().map(Finding::severity);
  }

  /** How many findings are as bad as the worst. */
  public long ofTheWorst() {
    return worst().map(w -> open.stream().filter(f -> f.severity() == w).count()).orElse(0L);
  }
}
