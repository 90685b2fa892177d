package app.islet.web.reading.snapshot;

import app.islet.core.enclosure.Enclosure;
import app.islet.web.people.collection.CollectionContext;
import app.islet.web.store.enclosure.Designs;
import app.islet.web.store.enclosure.StaleDesignException;
import java.util.function.Function;
import org.springframework.stereotype.Service;

/**
 * Changes to a design that must be worked out from it first, as a proposal or a rung of the cooling
 * ladder. What takes long is worked out before the lock; where somebody saved meanwhile, once more
 * from what they saved.
 */
@Service
public class Redesigns {
  private static final int MAX_TRIES = 20;

  private final Snapshots snapshots;
  private final Designs designs;

  Redesigns(Snapshots snapshots, Designs designs) {
    this.snapshots = snapshots;
    this.designs = designs;
  }

  /**
   * @throws StaleDesignException if others kept saving all the while
   */
  public void change(
      CollectionContext context, long id, Function<EnclosureSnapshot, Enclosure> work) {
    for (int left = MAX_TRIES; ; left--) {
      EnclosureSnapshot state = snapshots.get(context, id);
      try {
        designs.save(context, id, state.revision(), work.apply(state));
        return;
      } catch (StaleDesignException somebodySaved) {
        if (left == 0) {
          throw somebodySaved;
        }
      }
    }
  }
}
