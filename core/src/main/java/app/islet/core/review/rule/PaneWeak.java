package app.islet.core.review.rule;

import app.islet.core.care.Evidence;
import app.islet.core.geometry.PaneStress;
import app.islet.core.quantity.Dimension;
import app.islet.core.quantity.Quantity;
import app.islet.core.review.Finding;
import app.islet.core.review.Rule;
import app.islet.core.review.Severity;
import app.islet.core.review.Step;
import app.islet.core.situation.HusbandryState;
import com.google.auto.service.AutoService;
import java.util.stream.Stream;

/** A front pane too thin for the water behind it. */
@AutoService(Rule.class)
public final class PaneWeak implements Rule {
  @Override
  public String id() {
    return "pane-weak";
  }

  /** Usual safety of glass vessels, and the least anybody builds; common practice, no source. */
  private static final double USUAL = 3.8;

  private static final double MIN = 2.5;

  @Override
  public Stream<Finding> judge(HusbandryState s) {
    return s.enclosure().vessel().walls().paneMm().stream()
        .mapToObj(mm -> PaneStress.of(s.enclosure(), mm))
        .filter(pane -> pane.safetyFactor() < USUAL)
        .map(this::weak);
  }

  private Finding weak(PaneStress pane) {
    return finding(pane.safetyFactor() < MIN ? Severity.WRONG : Severity.WATCH, Step.BUILD)
        .at("vessel")
        .basis(
            Evidence.published(
                "plates under water after Roark's Formulas for Stress and Strain and Timoshenko; typed from memory"))
        .what(
            "A front pane of {} filled to the rim is only {} times as strong as it must be; {} is usual.",
            Quantity.mm(pane.thicknessMm()),
            new Quantity(Dimension.RATIO, pane.safetyFactor()),
            new Quantity(Dimension.RATIO, USUAL))
        .why(
            "Glass breaks at once and late: a scratch, a stone or an uneven stand is enough. An estimate for new float glass on an even stand, nothing more.")
        .remedy("Thicker glass, or a frame or brace along the upper edge.")
        .remedy("Whoever built it or a glazier decides; never fill a doubtful vessel indoors.")
        .build();
  }
}
