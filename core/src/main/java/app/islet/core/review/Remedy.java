package app.islet.core.review;

import app.islet.core.enclosure.Change;
import app.islet.core.quantity.Phrase;
import java.util.List;

/**
 * What fixes a finding.
 *
 * @param changes the numbers to set, where the remedy is one of numbers; applying all of them
 *     clears the finding. None where hands must do it
 */
public record Remedy(Phrase text, List<Change> changes) {
  public Remedy {
    changes = List.copyOf(changes);
  }
}
