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

/** A food on the animal's list of never. */
@AutoService(Rule.class)
public final class HarmfulFood implements ResidentRule {
  @Override
  public String id() {
    return "harmful-food";
  }

  @Override
  public Optional<Finding> judge(HusbandryState s, Resident r) {
    List<FoodItem> never =
        r.alsoFed().stream().filter(food -> r.stage().neverFoods().contains(food.kind())).toList();
    if (never.isEmpty()) {
      return Optional.empty();
    }
    return Optional.of(
        finding(Severity.WRONG, Step.RESIDENTS)
            .who(r)
            .what(
                "{} for {}: never feed {}.",
                English.capital(
                    never.stream().map(f -> English.lower(f.name())).collect(English.listing())),
                r.words(),
                never.stream().map(FoodItem::kind).distinct().collect(English.listing()))
            .why("It cannot digest it, is hurt by it, or falls ill of it over months.")
            .remedy(
                "Feed instead: {}.",
                r.foods().stream().map(f -> f.name()).collect(English.listing()))
            .build());
  }
}
