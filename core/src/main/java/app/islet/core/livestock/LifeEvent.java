package app.islet.core.livestock;

import app.islet.core.animal.Resting;
import app.islet.core.care.AnimalGroup;
import app.islet.core.care.CareSheet;
import java.time.LocalDate;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;

/**
 * Something that happened to an animal, besides being moved and measured.
 *
 * @param amount of it, in the unit of its kind
 * @param note may be empty
 */
public record LifeEvent(LocalDate day, Kind kind, OptionalDouble amount, String note) {
  private static final Set<Kind> OF_CRABS_ONLY = EnumSet.of(Kind.MOULTED, Kind.BURIED);
  private static final Set<Kind> ASKED_ELSEWHERE = EnumSet.of(Kind.BELLY, Kind.RAISED, Kind.STAGE);
  private static final Set<Kind> NOT_OF_CRABS = EnumSet.of(Kind.SHED, Kind.BATHED);

  /** What can happen. */
  public enum Kind {
    FED("pieces", Proof.SEEN),
    REFUSED("", Proof.SEEN),
    SEEN("", Proof.SEEN),
    /** Looked for, and not found; of a group so many. */
    MISSED("", Proof.NONE),
    /** Sand on the slate, an empty dish, a burrow: somebody was here. */
    TRACE("", Proof.TRACE),
    SHED("", Proof.TRACE),
    MOULTED("", Proof.TRACE),
    BATHED("min", Proof.SEEN),
    /** Dug in or hidden to change its skin: left alone. */
    BURIED("", Proof.TRACE),
    /** Limbs, or parts of them, found missing. */
    LIMB("limbs", Proof.SEEN),
    TREATED("", Proof.SEEN),
    MATED("", Proof.SEEN),
    EGGS("eggs", Proof.TRACE),
    /** A crab carries eggs under her tail, a midwife toad round his legs. */
    BERRIED("", Proof.SEEN),
    /** Seen on its place under the lamp. */
    BASKING("", Proof.SEEN),
    /** Width of the belly in per cent of that of the head. */
    BELLY("% of the head", Proof.SEEN),
    /** Laid down, or found, to rest through winter or drought. */
    RESTS("", Proof.SEEN),
    /** Woken, or awake by itself. */
    WOKE("", Proof.SEEN),
    /** Scutes piled up, or rings between them raised. */
    RAISED("", Proof.SEEN),
    /** Seen in its next stage, which the note names. */
    STAGE("", Proof.SEEN),
    NOTE("", Proof.NONE);

    private final String unit;
    private final Proof proof;

    Kind(String unit, Proof proof) {
      this.unit = unit;
      this.proof = proof;
    }

    /** Of its amount; empty where it has none. */
    public String unit() {
      return unit;
    }

    public Proof proof() {
      return proof;
    }

    /**
     * What a keeper enters of such an animal with one tap, in the order in which it is asked most.
     * A width, raised scutes and a stage are asked where they are judged.
     */
    public static List<Kind> of(CareSheet sheet) {
      Set<Kind> some = EnumSet.allOf(Kind.class);
      some.removeAll(ASKED_ELSEWHERE);
      some.removeAll(sheet.group() == AnimalGroup.CRAB ? NOT_OF_CRABS : OF_CRABS_ONLY);
      if (sheet.breeding().carrying().isEmpty()) {
        some.remove(BERRIED);
      }
      if (sheet.stages().stream().allMatch(stage -> stage.needs().basking().isEmpty())) {
        some.remove(BASKING);
      }
      if (sheet.stages().stream().allMatch(stage -> stage.needs().rest().isEmpty())) {
        some.removeAll(EnumSet.of(RESTS, WOKE));
      }
      return List.copyOf(some);
    }
  }

  /**
   * The rest they tell of, the last one.
   *
   * @param events the oldest first
   */
  public static Optional<Resting> lastRest(List<LifeEvent> events) {
    return events.stream()
        .filter(e -> e.kind() == Kind.RESTS)
        .map(LifeEvent::day)
        .reduce((earlier, later) -> later)
        .map(
            from ->
                new Resting(
                    from,
                    events.stream()
                        .filter(e -> e.kind() == Kind.WOKE && !e.day().isBefore(from))
                        .map(LifeEvent::day)
                        .findFirst()));
  }

  /** What it says of whether the animal is there. */
  public enum Proof {
    SEEN,
    TRACE,
    NONE
  }
}
