package app.islet.core.review.rule;

import app.islet.core.care.Needs;
import app.islet.core.enclosure.Equipment;
import app.islet.core.enclosure.FurnishingKind;
import app.islet.core.situation.HusbandryState;

/**
 * What the filters move together, beside what the animals' sheet asks of this water, L/h.
 *
 * @param least by the least turnover of the sheet, {@code most} by the most
 * @param spread whether a bar or the glass breaks its jet
 */
record FilterFlow(double lph, double least, double most, boolean spread) {
  /** Half a litre an hour is within what a label says; common practice, no source. */
  private static final double LABEL_LPH = 0.5;

  /** A jet that is spread may be so many times as strong; common practice, no source. */
  private static final double SPREAD = 2;

  static FilterFlow of(HusbandryState s, Needs.Filtration need) {
    double water = s.geometry().waterL();
    return new FilterFlow(
        s.enclosure().all(Equipment.Filter.class).mapToDouble(Equipment.Filter::flowLph).sum(),
        need.turnoverPerHour().min() * water,
        need.turnoverPerHour().max() * water,
        s.enclosure().all(Equipment.Filter.class).allMatch(Equipment.Filter::sprayBar)
            || s.enclosure().furnishings().parts().stream()
                .anyMatch(part -> part.kind() == FurnishingKind.SPRAY_BAR));
  }

  boolean isWeak() {
    return lph < least - LABEL_LPH;
  }

  boolean isStrong() {
    return lph > (spread ? SPREAD : 1) * most + LABEL_LPH;
  }
}
