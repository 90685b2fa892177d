package app.islet.core.review.rule;

import app.islet.core.animal.Resident;
import app.islet.core.care.Evidence;
import app.islet.core.care.Needs;
import app.islet.core.care.SubstrateMaterial;
import app.islet.core.enclosure.Substrate;
import app.islet.core.quantity.Dimension;
import app.islet.core.quantity.Phrase;
import app.islet.core.quantity.Quantity;
import app.islet.core.review.Finding;
import app.islet.core.review.Margin;
import app.islet.core.review.ResidentRule;
import app.islet.core.review.Rule;
import app.islet.core.review.Severity;
import app.islet.core.review.Step;
import app.islet.core.situation.HusbandryState;
import app.islet.core.text.English;
import com.google.auto.service.AutoService;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/** Ground that the animal swallows or that hurts its skin. */
@AutoService(Rule.class)
public final class HarmfulGround implements ResidentRule {
  private static final List<SubstrateMaterial> DIGGABLE =
      List.of(SubstrateMaterial.COCONUT_AND_SAND, SubstrateMaterial.SOIL, SubstrateMaterial.SAND);

  @Override
  public String id() {
    return "harmful-ground";
  }

  @Override
  public Optional<Finding> judge(HusbandryState s, Resident r) {
    Needs.Substrate ground = r.stage().needs().ground();
    SubstrateMaterial material = s.enclosure().ground().asMet(r.headCm());
    if (!ground.never().contains(material)) {
      return Optional.empty();
    }
    return Optional.of(
        finding(grade(s.enclosure().ground(), r, material), Step.BUILD)
            .who(r)
            .basis(ground.basis())
            .what("{} under {}.", named(s.enclosure().ground(), material), r.words())
            .why("{}", ground.why())
            .remedy(remedy(r, ground))
            .build());
  }

  /** Grains near the size at which it is harmless are watched. */
  private static Severity grade(Substrate ground, Resident r, SubstrateMaterial material) {
    Severity worst = disputed(r, material) ? Severity.WRONG : Severity.DANGER;
    return ground.grainMm().isEmpty()
        ? worst
        : Margin.near(
            ground.grainMm().getAsDouble(),
            Margin.of(ground.grainMm().getAsDouble(), Dimension.THICKNESS, Evidence.PRACTICE),
            mm ->
                !r.stage()
                    .needs()
                    .ground()
                    .never()
                    .contains(ground.withGrainMm(mm).asMet(r.headCm())),
            worst);
  }

  /** By its grains, where they make something else of it than it was sold as. */
  private static Phrase named(Substrate ground, SubstrateMaterial met) {
    String sold = English.capital(ground.material().words());
    if (ground.grainMm().isEmpty() || met == ground.asSold()) {
      return Phrase.of(sold);
    }
    Quantity grains = Quantity.mm(ground.grainMm().getAsDouble());
    return ground.asSold() == SubstrateMaterial.LARGE_STONES
        ? Phrase.of("Stones of {}, which fit into the mouth,", grains)
        : Phrase.of("{} with grains of {}, as coarse as gravel,", sold, grains);
  }

  /** Where another school keeps that stage on it well, it is no matter of days. */
  private static boolean disputed(Resident r, SubstrateMaterial material) {
    return r.species().otherSchools().stream()
        .flatMap(school -> school.stage(r.stage().id()).stream())
        .anyMatch(stage -> !stage.needs().ground().never().contains(material));
  }

  private static String remedy(Resident r, Needs.Substrate ground) {
    if (r.stage().needs().land().minDepthCm() == 0) {
      return "Take it out; keep a bare floor until you have chosen.";
    }
    return "Take it out. It must dig: give it "
        + DIGGABLE.stream()
            .filter(m -> !ground.never().contains(m))
            .map(SubstrateMaterial::words)
            .collect(Collectors.joining(" or "))
        + ".";
  }
}
