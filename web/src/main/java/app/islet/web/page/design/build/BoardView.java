package app.islet.web.page.design.build;

import app.islet.core.enclosure.Enclosure;
import app.islet.core.quantity.Dimension;
import app.islet.web.base.support.Form;
import java.util.OptionalDouble;

/**
 * How the keeper looks at the drawing: nothing of it is part of the design.
 *
 * @param cutCm where the section is cut, from the back; the middle where nobody said
 * @param aheadMonths how far into the future
 * @param whose index of the resident whose reach is shown; -1 for the one that has it hardest
 * @param lamps whether UV index and temperature are laid over the section
 * @param depths whether bands of depth are laid over the plan
 * @param current whether the jet of the filter is
 */
record BoardView(
    OptionalDouble cutCm,
    int aheadMonths,
    int whose,
    boolean lamps,
    boolean depths,
    boolean current) {
  static final BoardView TODAY = new BoardView(OptionalDouble.empty(), 0, -1, false, false, false);
  private static final int MAX_MONTHS = 120;

  /** What the sliders beside the drawing say; what makes no sense is left out. */
  static BoardView read(Form form) {
    Form own = form.again();
    return new BoardView(
        own.optional("cut", Dimension.LENGTH, 0, 2000),
        own.whole("ahead", 0, MAX_MONTHS, 0),
        own.whole("whose", 0, 200, -1),
        own.flag("lamps"),
        own.flag("depths"),
        own.flag("current"));
  }

  double cutIn(Enclosure e) {
    double width = e.vessel().widthCm();
    return Math.min(width, cutCm.orElse(width / 2));
  }
}
