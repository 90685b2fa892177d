package app.islet.core.proposal;

import app.islet.core.enclosure.Change;
import app.islet.core.review.Finding;
import java.util.List;

/**
 * What is changed in a design on the way, as the animals grow: the water raised.
 *
 * @param day days after they moved in by which it is done
 * @param because what the review would say then
 */
public record LaterStep(int day, List<Change> changes, Finding because) {
  public LaterStep {
    changes = List.copyOf(changes);
  }
}
