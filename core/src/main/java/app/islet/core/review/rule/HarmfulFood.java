package app.islet.core.review.rule;

import app.islet.core.animal.Resident;
import app.islet.core.review.Finding;
import app.islet.core.review.ResidentRule;
import app.islet.core.review.Rule;
import app.islet.core.review.Severity;
import app.islet.core.review.Step;
import app.islet.core.situation.HusbandryState;
import app.islet.core.text.English;
import com.google.auto.service.AutoService;
import java.util.Optional;

/** A food on the animal's list of never. */
@AutoService(Rule.class)
public final class HarmfulFood implements ResidentRule {
  @Override
  public String id() {
    return "harmful-food";
  }

  @Override
  public Optional<Finding> judge(HusbandryState s, Resident r) {
    return r.alsoFed().stream()
        .filter(food -> r.stage().neverFoods().contains(food.kind()))
        .findFirst()
        .map(
            food ->
                finding(Severity.WRONG, Step.RESIDENTS)
                    .who(r)
                    .what("{} for {}: {} is never fed.", food.name(), r.words(), food.kind())
                    .why("It cannot digest it, is hurt by it, or falls ill of it over months.")
                    .remedy(
                        "Feed instead: {}.",
                        r.stage().foods().stream().map(f -> f.name()).collect(English.listing()))
                    .build());
  }
}
