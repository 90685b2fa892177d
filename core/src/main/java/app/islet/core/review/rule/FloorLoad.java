package app.islet.core.review.rule;

import app.islet.core.care.Evidence;
import app.islet.core.geometry.StructuralLoad;
import app.islet.core.quantity.Quantity;
import app.islet.core.review.Finding;
import app.islet.core.review.Rule;
import app.islet.core.review.Severity;
import app.islet.core.review.Step;
import app.islet.core.situation.HusbandryState;
import com.google.auto.service.AutoService;
import java.util.stream.Stream;

/** The weight on the floor of the room. */
@AutoService(Rule.class)
public final class FloorLoad implements Rule {
  @Override
  public String id() {
    return "floor-load";
  }

  /** Spread load a room's floor is designed for, kN/m². */
  private static final double DESIGN_KN_M2 = 2.0;

  private static final double G = 9.81;

  /** From this mass on somebody should look at the floor; common practice, no source. */
  private static final double HEAVY_KG = 400;

  @Override
  public Stream<Finding> judge(HusbandryState s) {
    StructuralLoad loads = StructuralLoad.of(s.enclosure(), s.geometry());
    double kg = loads.totalKg();
    double areaM2 = s.geometry().footprintCm2() / 10_000;
    double load = kg * G / 1000 / areaM2;
    // The garden carries a pond.
    if (s.enclosure().site().outdoors() || load <= DESIGN_KN_M2 || kg < HEAVY_KG / 4) {
      return Stream.empty();
    }
    return Stream.of(
        finding(kg >= HEAVY_KG ? Severity.WATCH : Severity.NOTE, Step.SITE)
            .basis(
                Evidence.published(
                    "EN 1991-1-1, table 6.2, category A: 1.5 to 2.0 kN/m², spread, typed from memory; the mass is an estimate"))
            .what(
                "About {} when filled, {} on each square metre under it, {} under its heaviest corner.",
                Quantity.kilograms(kg),
                Quantity.kilograms(kg / areaM2),
                Quantity.kilograms(loads.heaviestFootKg()))
            .why(
                "A floor carries that where it stands along a wall and over the beams, not everywhere.")
            .remedy(
                "Along a load-bearing wall, across the beams, on a stand that spreads the load.")
            .remedy("When in doubt ask a structural engineer; in a rented flat the landlord.")
            .build());
  }
}
