package app.islet.web.page.design.proposal;

import app.islet.core.Assessment;
import app.islet.core.animal.Resident;
import app.islet.core.build.BuildSheet;
import app.islet.core.enclosure.Change;
import app.islet.core.enclosure.DesignField;
import app.islet.core.enclosure.Enclosure;
import app.islet.core.enclosure.Vessel;
import app.islet.core.proposal.Aim;
import app.islet.core.proposal.LaterStep;
import app.islet.core.proposal.Proposal;
import app.islet.core.quantity.Quantity;
import app.islet.core.text.English;
import app.islet.web.base.drawing.SectionDrawing;
import app.islet.web.base.support.Units;
import java.util.List;
import java.util.stream.Collectors;

/**
 * A proposal as it is shown.
 *
 * @param size of the vessel
 * @param serves for how long, and what ends it
 * @param steps what is changed on the way
 */
record ProposalView(
    String aim,
    String title,
    String picture,
    String size,
    String who,
    String serves,
    List<String> steps,
    List<String> why,
    List<String> assumed,
    String power) {
  /**
   * @param forGood whether what serves until they are grown is the smallest for today too
   * @param pixelsPerCm the same for all that stand side by side
   */
  static ProposalView of(Proposal p, boolean forGood, double pixelsPerCm, Power power, Units u) {
    Assessment a = Assessment.of(p.design(), p.residents(), p.from());
    Vessel v = p.design().vessel();
    BuildSheet build = BuildSheet.of(a.situation());
    return new ProposalView(
        p.aim().name(),
        forGood && p.aim() == Aim.GROWN ? "Now and for good" : p.aim().words(),
        SectionDrawing.picture(a, pixelsPerCm * v.lengthCm()),
        "%s × %s × %s"
            .formatted(
                u.number(Quantity.cm(v.lengthCm())),
                u.number(Quantity.cm(v.widthCm())),
                u.cm(v.heightCm())),
        p.residents().stream().map(Resident::words).collect(English.listing()),
        serves(p, u),
        p.steps().stream().map(step -> step(p, step, u)).toList(),
        p.why().stream().map(u::text).toList(),
        p.assumed().stream().map(u::text).toList(),
        power.aMonth((build.winterKwhPerMonth() + build.summerKwhPerMonth()) / 2));
  }

  private static String serves(Proposal p, Units u) {
    String until = English.month(p.until());
    if (p.changesForm()) {
      return "Until about " + English.day(p.until()) + ", when they need another home.";
    }
    return p.end()
        .map(end -> "Until %s; then: %s".formatted(until, u.text(end.what())))
        .orElse("Until %s and on, as far as they grow as expected.".formatted(until));
  }

  private static String step(Proposal p, LaterStep step, Units u) {
    Enclosure before = p.design();
    String what =
        step.changes().stream()
            .map(change -> change(before, change, u))
            .collect(Collectors.joining("; "));
    return "%s: %s.".formatted(English.month(p.from().plusDays(step.day())), what);
  }

  private static String change(Enclosure before, Change change, Units u) {
    String to = u.cm(change.value());
    return switch (DesignField.of(change.field())) {
      case WATER_DEPTH ->
          (change.value() > before.water().depthCm() ? "raise" : "lower") + " the water to " + to;
      case REST -> "a rest within " + to + " of the surface";
      default -> "hang the lamp " + to + " over the place";
    };
  }
}
