package app.islet.core.review.rule;

import app.islet.core.animal.Resident;
import app.islet.core.care.AnimalGroup;
import app.islet.core.care.Evidence;
import app.islet.core.care.Habitat;
import app.islet.core.enclosure.Equipment;
import app.islet.core.quantity.Dimension;
import app.islet.core.quantity.Quantity;
import app.islet.core.review.Finding;
import app.islet.core.review.Margin;
import app.islet.core.review.OneCause;
import app.islet.core.review.Rule;
import app.islet.core.review.Severity;
import app.islet.core.review.Step;
import app.islet.core.situation.HusbandryState;
import com.google.auto.service.AutoService;
import java.util.Optional;

/** A filter whose bare intake can hold a small animal. */
@AutoService(Rule.class)
public final class IntakeUnguarded implements OneCause {
  private static final ByGroup HELD =
      new ByGroup(
          "An intake holds a leg or a tail, and what is held under drowns.",
          "An intake holds a leg, a gill or a tail, and small ones whole.",
          "An intake holds a leg, and a soft one is torn.");

  @Override
  public String id() {
    return "intake-unguarded";
  }

  /** Bodies narrower than this are held or swallowed by an intake; common practice, no source. */
  private static final double SMALL_CM = 4;

  @Override
  public Optional<Finding> judge(HusbandryState s, Resident r) {
    boolean bare = s.enclosure().all(Equipment.Filter.class).anyMatch(f -> !f.guarded());
    if (!bare || !s.geometry().hasWater() || r.widthCm() >= SMALL_CM - 1e-6) {
      return Optional.empty();
    }
    boolean drowns = r.sheet().group() == AnimalGroup.TURTLE || hasTender(r);
    return Optional.of(
        finding(
                Margin.below(
                        r.widthCm(),
                        SMALL_CM,
                        Dimension.LENGTH,
                        Evidence.PRACTICE,
                        drowns ? Severity.WRONG : Severity.WATCH)
                    .orElseThrow(),
                Step.BUILD)
            .who(r)
            .what(
                "The filter's intake has no guard against {}, {} wide.",
                r.words(),
                Quantity.cm(r.widthCm()))
            .why(HELD.of(r))
            .remedy("Pull a coarse sponge over the intake and tick it here.")
            .remedy("A sponge filter instead: nothing to be held by; weak on dirt.")
            .build());
  }

  /** Larvae and tadpoles have not the strength to come free, and gills that tear. */
  private static boolean hasTender(Resident r) {
    return r.stage().endsInChange() && r.stage().habitat() == Habitat.WATER;
  }
}
