package app.islet.web.page.animals;

import app.islet.core.animal.Resident;
import app.islet.core.plan.PlanChange;
import app.islet.web.base.support.Units;
import app.islet.web.reading.snapshot.EnclosureSnapshot;
import java.util.List;
import java.util.Optional;

/** What a measurement changed in the plan of an enclosure, worded. */
record SizeChange(String why, List<String> lines) {
  /**
   * Compares the plan with the one that stood before, for whom was measured.
   *
   * @param entry number of the measurement; empty where it is of nobody who lives here
   */
  static Optional<SizeChange> of(
      EnclosureSnapshot before, EnclosureSnapshot now, long entry, Units u) {
    return now.occupants().stream()
        .filter(o -> o.measurements().stream().anyMatch(m -> m.id() == entry))
        .findFirst()
        .map(
            o -> {
              Resident was = before.occupants().get(now.occupants().indexOf(o)).resident();
              PlanChange change =
                  PlanChange.between(
                      was, o.resident(), before.assessment().plan(), now.assessment().plan());
              return new SizeChange(
                  u.text(change.why()), change.lines().stream().map(u::text).toList());
            });
  }
}
