package app.islet.core.review;

import app.islet.core.animal.Resident;
import app.islet.core.situation.HusbandryState;
import java.util.Optional;
import java.util.stream.Stream;

/** A rule asked of each resident by itself. */
public interface ResidentRule extends Rule {
  Optional<Finding> judge(HusbandryState situation, Resident resident);

  @Override
  default Stream<Finding> judge(HusbandryState situation) {
    return situation.residents().stream().flatMap(resident -> judge(situation, resident).stream());
  }
}
