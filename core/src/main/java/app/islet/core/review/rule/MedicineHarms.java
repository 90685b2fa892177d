package app.islet.core.review.rule;

import app.islet.core.animal.Resident;
import app.islet.core.care.Medicine;
import app.islet.core.enclosure.Equipment;
import app.islet.core.review.Finding;
import app.islet.core.review.OneCause;
import app.islet.core.review.Rule;
import app.islet.core.review.Severity;
import app.islet.core.review.Step;
import app.islet.core.situation.HusbandryState;
import com.google.auto.service.AutoService;
import java.util.List;
import java.util.Optional;

/** A cure in the water that harms who lives in it, or the filter that keeps them. */
@AutoService(Rule.class)
public final class MedicineHarms implements OneCause {
  @Override
  public String id() {
    return "medicine-harms";
  }

  @Override
  public Optional<Finding> judge(HusbandryState s, Resident r) {
    List<Medicine> in = s.enclosure().water().additives().medicines();
    if (in.isEmpty() || !s.geometry().hasWater()) {
      return Optional.empty();
    }
    return in.stream()
        .filter(medicine -> harms(medicine, r))
        .findFirst()
        .map(medicine -> harmed(medicine, r))
        .or(
            () ->
                in.stream()
                    .filter(Medicine::filter)
                    .filter(medicine -> s.enclosure().has(Equipment.Filter.class))
                    .findFirst()
                    .map(medicine -> filterHarmed(medicine, r)));
  }

  private static boolean harms(Medicine medicine, Resident r) {
    return medicine.harms().contains(r.sheet().group())
        && (!medicine.gillsOnly() || CopperInWater.hasGills(r));
  }

  private Finding harmed(Medicine medicine, Resident r) {
    return finding(CopperInWater.hasGills(r) ? Severity.DANGER : Severity.WRONG, Step.WATER)
        .who(r)
        .at("water")
        .basis(medicine.basis())
        .what("{} in the water of {}.", medicine.name(), r.words())
        .why("{}", medicine.why())
        .remedy("Move the animal into clean water of the same temperature, and ask the vet.")
        .remedy("Change the water until the cure is out; carbon in the filter helps.")
        .build();
  }

  private Finding filterHarmed(Medicine medicine, Resident r) {
    return finding(Severity.WATCH, Step.WATER)
        .who(r)
        .at("water")
        .basis(medicine.basis())
        .what("{} in the water, with a filter running in it.", medicine.name())
        .why(
            "It kills the bacteria of the filter: ammonia rises in the days after. {}",
            medicine.why())
        .remedy("Test ammonia and nitrite daily; treat in a tub of its own, as the vet says.")
        .build();
  }
}
