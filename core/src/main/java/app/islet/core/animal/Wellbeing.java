package app.islet.core.animal;

import java.util.List;
import java.util.Optional;

/**
 * How some animals are, beside how they are kept.
 *
 * @param rest through winter or drought, the last there was or the one planned
 * @param resting whether they rest today
 * @param notes what their health asks for today
 */
public record Wellbeing(Optional<Resting> rest, boolean resting, List<HealthNote> notes) {
  /** Awake and well, as far as anybody said. */
  public static final Wellbeing WELL = new Wellbeing(Optional.empty(), false, List.of());

  /** Whether their health spares them that for now. */
  public boolean spares(HealthNote.Spared what) {
    return notes.stream().anyMatch(note -> note.spares().contains(what));
  }

  /** Whether somebody looks for them. */
  public boolean isMissing() {
    return notes.stream().anyMatch(HealthNote::isMissing);
  }

  public Wellbeing {
    notes = List.copyOf(notes);
  }
}
