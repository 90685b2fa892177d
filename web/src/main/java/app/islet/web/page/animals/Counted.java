package app.islet.web.page.animals;

import app.islet.core.livestock.Census;
import app.islet.core.livestock.Ledger;
import app.islet.core.livestock.LifeEvent;
import app.islet.core.livestock.Tally;
import app.islet.web.store.animal.LifeEntry;
import java.util.Collection;

/** The books with what was counted: of five on the books, three were seen. */
final class Counted {
  private Counted() {}

  /**
   * @param entries of any animals; a sighting with a number is a count, where all of them were in
   *     one place that day
   */
  static Ledger by(Ledger ledger, Collection<LifeEntry> entries) {
    Ledger counted = ledger;
    for (LifeEntry entry : entries) {
      LifeEvent e = entry.event();
      if (e.kind() != LifeEvent.Kind.SEEN || e.amount().isEmpty()) {
        continue;
      }
      String animals = String.valueOf(entry.animalId());
      Census then = ledger.census(animals, e.day());
      int seen = (int) Math.round(e.amount().getAsDouble());
      if (then.lines().size() == 1 && seen <= then.heads()) {
        counted = counted.counted(new Tally(e.day(), animals, then.lines().get(0).place(), seen));
      }
    }
    return counted;
  }

  /** As in {@code 3 to 5}, where not all were seen. */
  static String words(Census here) {
    int sure = here.lines().stream().mapToInt(Census.Line::atLeast).sum();
    return sure < here.heads() ? sure + " to " + here.heads() : String.valueOf(here.heads());
  }
}
