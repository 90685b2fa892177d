package app.islet.core.review;

import app.islet.core.animal.Cohort;
import app.islet.core.animal.Resident;
import app.islet.core.situation.HusbandryState;
import java.util.Comparator;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * A rule asked of each cohort by itself, once for each size of its animals: the resident it is
 * given stands for all of them. Of several sizes the gravest finding counts.
 */
public interface ResidentRule extends Rule {
  Optional<Finding> judge(HusbandryState situation, Resident resident);

  @Override
  default Stream<Finding> judge(HusbandryState situation) {
    return situation.cohorts().stream().flatMap(cohort -> judge(situation, cohort).stream());
  }

  /** The gravest finding of any of the sizes there are. */
  default Optional<Finding> judge(HusbandryState situation, Cohort cohort) {
    return cohort.bodies().stream()
        .flatMap(body -> judge(situation, body).stream())
        .min(Comparator.comparing(Finding::severity));
  }
}
