package app.islet.core.review.rule;

import app.islet.core.animal.Resident;
import app.islet.core.care.FoodItem;
import app.islet.core.review.Finding;
import app.islet.core.review.ResidentRule;
import app.islet.core.review.Rule;
import app.islet.core.review.Severity;
import app.islet.core.review.Step;
import app.islet.core.situation.HusbandryState;
import app.islet.core.text.English;
import com.google.auto.service.AutoService;
import java.util.List;
import java.util.Optional;

/** A food that does no harm now and then, and does as a habit. */
@AutoService(Rule.class)
public final class FoodSeldom implements ResidentRule {
  @Override
  public String id() {
    return "food-seldom";
  }

  @Override
  public Optional<Finding> judge(HusbandryState s, Resident r) {
    List<FoodItem> seldom =
        r.alsoFed().stream()
            .filter(food -> food.seldom().isPresent())
            .filter(food -> !r.stage().neverFoods().contains(food.kind()))
            .toList();
    if (seldom.isEmpty()) {
      return Optional.empty();
    }
    return Optional.of(
        finding(Severity.NOTE, Step.RESIDENTS)
            .who(r)
            .what(
                "{} for {}: now and then, not as a staple.",
                English.capital(
                    seldom.stream().map(f -> English.lower(f.name())).collect(English.listing())),
                r.words())
            .why("{}", String.join(" ", seldom.stream().flatMap(f -> f.seldom().stream()).toList()))
            .remedy(
                "Feed instead: {}.",
                r.foods().stream().map(food -> food.name()).collect(English.listing()))
            .build());
  }
}
