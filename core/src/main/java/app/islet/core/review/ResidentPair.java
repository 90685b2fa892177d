package app.islet.core.review;

import app.islet.core.animal.Resident;
import app.islet.core.care.Habitat;
import app.islet.core.care.Hazard;
import app.islet.core.care.Temperament;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/** Two residents of one enclosure, and what can be asked of any two. */
public record ResidentPair(Resident one, Resident other) {
  /** A resident with each of the others, in the order they are listed. */
  public static Stream<ResidentPair> with(Resident resident, List<Resident> all) {
    int at = indexOf(resident, all);
    return IntStream.range(0, all.size())
        .filter(i -> i != at)
        .mapToObj(
            i ->
                i < at
                    ? new ResidentPair(all.get(i), resident)
                    : new ResidentPair(resident, all.get(i)));
  }

  private static int indexOf(Resident resident, List<Resident> all) {
    int at = 0;
    while (all.get(at) != resident) {
      at++;
    }
    return at;
  }

  public boolean sameKind() {
    return one.species().kind().equals(other.species().kind());
  }

  public Resident otherThan(Resident resident) {
    return resident == one ? other : one;
  }

  /** The fiercer of the two, where it bites or kills its company. */
  public Optional<Resident> fierce() {
    Resident fiercer = temperament(one).compareTo(temperament(other)) >= 0 ? one : other;
    return temperament(fiercer).compareTo(Temperament.BITES) >= 0
        ? Optional.of(fiercer)
        : Optional.empty();
  }

  /**
   * Those whose skin poisons the other: of another kind, and both in the same water or biting. A
   * poison of its own protects from no other.
   */
  public List<Resident> poisonous() {
    if (sameKind()) {
      return List.of();
    }
    return Stream.of(one, other)
        .filter(r -> r.sheet().hasHazard(Hazard.SKIN_TOXIN))
        .filter(
            r ->
                r.stage().habitat() != Habitat.LAND
                    || temperament(otherThan(r)) != Temperament.CALM)
        .toList();
  }

  private static Temperament temperament(Resident r) {
    return r.stage().needs().group().temperament();
  }
}
