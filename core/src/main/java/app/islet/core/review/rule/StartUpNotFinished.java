package app.islet.core.review.rule;

import app.islet.core.animal.Resident;
import app.islet.core.care.Needs;
import app.islet.core.enclosure.Equipment;
import app.islet.core.quantity.Quantity;
import app.islet.core.review.Finding;
import app.islet.core.review.OneCause;
import app.islet.core.review.Rule;
import app.islet.core.review.Severity;
import app.islet.core.review.Step;
import app.islet.core.situation.HusbandryState;
import app.islet.core.text.English;
import app.islet.core.water.FilterCycle;
import com.google.auto.service.AutoService;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Optional;

/** Animals in water whose filter has not run long enough to carry them. */
@AutoService(Rule.class)
public final class StartUpNotFinished implements OneCause {
  @Override
  public String id() {
    return "start-up-not-finished";
  }

  @Override
  public Optional<Finding> judge(HusbandryState s, Resident r) {
    Optional<Needs.FilterCycle> filterCycle =
        r.stage().needs().filtration().map(Needs.Filtration::filterCycle);
    if (filterCycle.isEmpty()) {
      return Optional.empty();
    }
    FilterCycle tested = s.waterState().filterCycle(s.date());
    if (tested.phase() != FilterCycle.Phase.UNTESTED) {
      return judge(r, filterCycle.get(), tested);
    }
    int needed = filterCycle.get().days();
    Optional<LocalDate> since =
        s.enclosure()
            .all(Equipment.Filter.class)
            .flatMap(filter -> filter.runningSince().stream())
            .min(LocalDate::compareTo);
    if (since.isEmpty()) {
      return s.enclosure().has(Equipment.Filter.class)
          ? Optional.of(unknown(r, filterCycle.get()))
          : Optional.empty();
    }
    long days = ChronoUnit.DAYS.between(since.get(), s.date());
    if (days >= needed) {
      return Optional.empty();
    }
    return Optional.of(
        finding(Severity.WRONG, Step.WATER)
            .who(r)
            .basis(filterCycle.get().basis())
            .what(
                "The filter has run for {}; it needs weeks, commonly {}, before it carries {}.",
                Quantity.days(Math.max(0, days)),
                Quantity.days(needed),
                r.words())
            .why(
                "Until then ammonia and nitrite rise unseen in clear water; skipping this is the most frequent cause of sickness.")
            .remedy(
                "Mature media from a running tank, and tests until ammonia and nitrite stay at zero.")
            .remedy(
                "If the animal is already in: test daily, and change water at every reading above zero.")
            .build());
  }

  private Finding unknown(Resident r, Needs.FilterCycle filterCycle) {
    return finding(Severity.WATCH, Step.WATER)
        .who(r)
        .basis(filterCycle.basis())
        .what("Nobody knows whether the filter is cycled: no date it runs since, and no test.")
        .why("Clear water can still contain ammonia and nitrite.")
        .remedy("Test ammonia and nitrite today, and log both.")
        .remedy("Enter since when the filter runs.")
        .build();
  }

  /** The keeper's own tests are believed before any number of weeks. */
  private Optional<Finding> judge(Resident r, Needs.FilterCycle filterCycle, FilterCycle tested) {
    return switch (tested.phase()) {
      case AMMONIA, NITRITE, PROVING ->
          Optional.of(
              finding(
                      tested.phase() == FilterCycle.Phase.PROVING ? Severity.WATCH : Severity.WRONG,
                      Step.WATER)
                  .who(r)
                  .basis(filterCycle.basis())
                  .what(
                      "The filter is not cycled, by its tests: {}. {} commonly wait {}.",
                      English.lower(tested.phase().words()),
                      r.words(),
                      Quantity.days(filterCycle.days()))
                  .why(
                      "Until then ammonia and nitrite rise unseen in clear water; skipping this is the most frequent cause of sickness.")
                  .remedy("{}", tested.why())
                  .remedy(
                      "If the animal is already in: test daily, and change water at every reading above zero.")
                  .build());
      default -> Optional.empty();
    };
  }
}
