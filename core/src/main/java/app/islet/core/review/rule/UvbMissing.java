package app.islet.core.review.rule;

import app.islet.core.animal.Resident;
import app.islet.core.care.AnimalGroup;
import app.islet.core.care.Needs;
import app.islet.core.enclosure.Equipment;
import app.islet.core.enclosure.Lid;
import app.islet.core.quantity.Dimension;
import app.islet.core.quantity.Quantity;
import app.islet.core.quantity.UnitSystem;
import app.islet.core.review.Finding;
import app.islet.core.review.OneCause;
import app.islet.core.review.Rule;
import app.islet.core.review.Severity;
import app.islet.core.review.Step;
import app.islet.core.situation.HusbandryState;
import app.islet.core.text.English;
import com.google.auto.service.AutoService;
import java.util.List;
import java.util.Optional;

/** An animal of a UV zone without a UVB lamp, or with glass between. */
@AutoService(Rule.class)
public final class UvbMissing implements OneCause {
  private static final ByGroup WHY =
      new ByGroup(
          "Without UVB it cannot make vitamin D and use calcium: soft shell, bent bones, over months unseen.",
          "Without UVB it makes little vitamin D; one that lives in the shade gets most of it from its food.",
          "Without UVB it makes little vitamin D; most comes from its food.");

  @Override
  public String id() {
    return "uvb-missing";
  }

  @Override
  public Optional<Finding> judge(HusbandryState s, Resident r) {
    Optional<Needs.Uv> need = r.stage().needs().uv();
    if (need.isEmpty()) {
      return Optional.empty();
    }
    Needs.Uv uv = need.get();
    List<Lid> between =
        s.enclosure().all(Equipment.UvbLamp.class).map(s.enclosure()::over).toList();
    boolean underTheSky = s.enclosure().site().outdoors() && !s.enclosure().lid().stopsUv();
    if (underTheSky || between.stream().anyMatch(lid -> !lid.stopsUv())) {
      return Optional.empty();
    }
    Finding.Builder finding =
        finding(livesWithout(r) ? Severity.WATCH : Severity.WRONG, Step.LIGHT)
            .who(r)
            .basis(uv.basis())
            .why(WHY.of(r));
    return Optional.of(
        !between.isEmpty()
            ? finding
                .what(
                    "{} between the UVB lamp and {}.",
                    English.capital(between.get(0).words()),
                    r.words())
                .remedy(
                    "Lay mesh there instead, or hang the lamp under it: glass and clear plastic stop nearly all UVB.")
                .build()
            : finding
                .what(
                    "No UVB lamp for {}, of UV zone {} (UV index {} where it basks).",
                    r.words(),
                    Quantity.count(uv.zone().number()),
                    uv.uvi().text(Dimension.RATIO, UnitSystem.METRIC))
                .remedy("A UVB tube over the basking place, no glass or plastic between.")
                .build());
  }

  /** An amphibian or crab, which keepers rear well on dusted food without a lamp too. */
  private static boolean livesWithout(Resident r) {
    return r.sheet().group() != AnimalGroup.TURTLE;
  }
}
