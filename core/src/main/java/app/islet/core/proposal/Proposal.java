package app.islet.core.proposal;

import app.islet.core.animal.Resident;
import app.islet.core.enclosure.Enclosure;
import app.islet.core.quantity.Phrase;
import app.islet.core.review.Finding;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;

/**
 * A design made for somebody, complete, and how long it serves.
 *
 * @param residents who moves in on {@code from}
 * @param asBuiltUntil to this day its review finds neither Danger nor Wrong with the design
 *     untouched
 * @param until the same with the steps taken in time
 * @param steps what is changed on the way
 * @param end what is too little or wrong after it; nothing where the whole time asked for is served
 * @param changesForm whether it ends because they need another world then: an egg hatches, a larva
 *     goes on land
 * @param why this size and this depth
 * @param assumed what nobody measured or said
 */
public record Proposal(
    Aim aim,
    Enclosure design,
    List<Resident> residents,
    LocalDate from,
    LocalDate asBuiltUntil,
    LocalDate until,
    List<LaterStep> steps,
    Optional<Finding> end,
    boolean changesForm,
    List<Phrase> why,
    List<Phrase> assumed) {
  public Proposal {
    residents = List.copyOf(residents);
    steps = List.copyOf(steps);
    why = List.copyOf(why);
    assumed = List.copyOf(assumed);
  }
}
