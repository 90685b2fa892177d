package app.islet.core.proposal;

import app.islet.core.care.CompanyKind;
import app.islet.core.care.Needs;
import app.islet.core.care.SubstrateMaterial;
import app.islet.core.enclosure.Companion;
import app.islet.core.enclosure.Enclosure;
import java.util.Optional;
import java.util.OptionalDouble;

/** Springtails and woodlice that clean a moist floor, as cultures are sold; common practice. */
final class Company {
  /** They breed for so long before the animals come, weeks; common practice, no source. */
  static final int WEEKS = 3;

  private static final int SPRINGTAILS = 100;
  private static final int WOODLICE = 20;

  private final Course course;

  Company(Course course) {
    this.course = course;
  }

  Enclosure with(Enclosure e) {
    boolean moist = course.needs(Needs::humidity).anyMatch(h -> h.percent().min() >= 70);
    boolean eggs = course.now().stream().allMatch(r -> r.stage().hatch().isPresent());
    boolean soil =
        e.ground().material() == SubstrateMaterial.LEAF_LITTER
            || e.land()
                .filter(l -> l.material().equals(Optional.of(SubstrateMaterial.SOIL)))
                .isPresent();
    return moist && soil && !eggs
        ? e.with(of("springtail", SPRINGTAILS), of("isopod", WOODLICE))
        : e;
  }

  /** Bred there before the animals come. */
  private static Companion of(String kind, int count) {
    return new Companion(CompanyKind.find(kind).orElseThrow(), count, OptionalDouble.empty(), true);
  }
}
