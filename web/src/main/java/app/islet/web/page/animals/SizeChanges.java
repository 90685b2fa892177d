package app.islet.web.page.animals;

import app.islet.core.plan.PlanChange;
import app.islet.web.base.support.Units;
import app.islet.web.people.collection.CollectionContext;
import app.islet.web.reading.snapshot.EnclosureSnapshot;
import app.islet.web.reading.snapshot.Snapshots;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Component;

/** What a measurement changed in the plan of an enclosure. */
@Component
class SizeChanges {
  private final Snapshots snapshots;

  SizeChanges(Snapshots snapshots) {
    this.snapshots = snapshots;
  }

  /** Worded. */
  record SizeChange(String why, List<String> lines) {}

  /**
   * Compares the plan with the one that stood before, for whom was measured.
   *
   * @param entry number of the measurement; nothing is said of one of nobody who lives there
   */
  Optional<SizeChange> of(CollectionContext context, long enclosure, long entry) {
    EnclosureSnapshot now = snapshots.get(context, enclosure);
    EnclosureSnapshot before = snapshots.before(context, enclosure, entry);
    Units u = context.units();
    return now.occupants().stream()
        .filter(o -> o.measurements().stream().anyMatch(m -> m.id() == entry))
        .findFirst()
        .map(
            o -> {
              PlanChange change =
                  PlanChange.between(
                      before.occupants().get(now.occupants().indexOf(o)).resident(),
                      o.resident(),
                      before.assessment().plan(),
                      now.assessment().plan());
              return new SizeChange(
                  u.text(change.why()), change.lines().stream().map(u::text).toList());
            });
  }
}
