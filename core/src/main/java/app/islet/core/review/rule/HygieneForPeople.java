package app.islet.core.review.rule;

import app.islet.core.care.AnimalGroup;
import app.islet.core.review.Finding;
import app.islet.core.review.Rule;
import app.islet.core.review.Severity;
import app.islet.core.review.Step;
import app.islet.core.situation.HusbandryState;
import com.google.auto.service.AutoService;
import java.util.stream.Stream;

/** What handling these animals asks of people. */
@AutoService(Rule.class)
public final class HygieneForPeople implements Rule {
  @Override
  public String id() {
    return "hygiene-for-people";
  }

  @Override
  public Stream<Finding> judge(HusbandryState s) {
    boolean reptiles =
        s.residents().stream().anyMatch(r -> r.sheet().group() == AnimalGroup.TURTLE);
    boolean any = !s.residents().isEmpty();
    Stream.Builder<Finding> found = Stream.builder();
    if (any) {
      found.add(
          finding(Severity.NOTE, Step.PEOPLE)
              .what(
                  "Hands, buckets and tank water carry germs{}.",
                  reptiles ? ", Salmonella above all" : "")
              .why("Small children, the old and the ill are harmed most.")
              .remedy("Wash hands after every contact; buckets of their own; never a kitchen sink.")
              .build());
    }
    return found.build();
  }
}
