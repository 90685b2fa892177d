package app.islet.core.livestock;

import app.islet.core.care.AnimalGroup;
import java.time.LocalDate;
import java.util.EnumSet;
import java.util.List;
import java.util.OptionalDouble;
import java.util.Set;

/**
 * Something that happened to an animal, besides being moved and measured.
 *
 * @param amount of it, in the unit of its kind
 * @param note may be empty
 */
public record LifeEvent(LocalDate day, Kind kind, OptionalDouble amount, String note) {
  private static final Set<Kind> OF_CRABS_ONLY = EnumSet.of(Kind.MOULTED);
  private static final Set<Kind> NOT_OF_CRABS = EnumSet.of(Kind.SHED, Kind.BATHED);

  /** What can happen. */
  public enum Kind {
    FED("pieces", Proof.SEEN),
    REFUSED("", Proof.SEEN),
    SEEN("", Proof.SEEN),
    /** Sand on the slate, an empty dish, a burrow: somebody was here. */
    TRACE("", Proof.TRACE),
    SHED("", Proof.TRACE),
    MOULTED("", Proof.TRACE),
    BATHED("min", Proof.SEEN),
    TREATED("", Proof.SEEN),
    MATED("", Proof.SEEN),
    EGGS("eggs", Proof.TRACE),
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

    /** What happens to animals of a group, in the order in which it is asked most. */
    public static List<Kind> of(AnimalGroup group) {
      Set<Kind> never = group == AnimalGroup.CRAB ? NOT_OF_CRABS : OF_CRABS_ONLY;
      return List.of(values()).stream().filter(kind -> !never.contains(kind)).toList();
    }
  }

  /** What it says of whether the animal is there. */
  public enum Proof {
    SEEN,
    TRACE,
    NONE
  }
}
