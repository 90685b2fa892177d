package app.islet.core.care;

import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * A kind of animal that is kept beside the animals and has no care sheet of its own.
 *
 * @param lengthCm of a grown one
 * @param widthShare its width as a share of its length
 * @param mouthShare widest prey as a share of its length
 */
public record CompanyKind(
    String id,
    String name,
    String plural,
    double lengthCm,
    double widthShare,
    double mouthShare,
    Set<Trait> traits,
    Evidence basis) {
  /** What it does to others, or suffers from them. */
  public enum Trait {
    /** Picks at gills, fins and skin. */
    NIPS,
    /** Rasps the slime off a skin. */
    RASPS,
    /** Has spines that lodge in the throat that swallows it. */
    SPINES,
    /** Has long fins others bite. */
    FINS,
    /** Eats leavings and mould, and lasts where it breeds. */
    CLEANS,
    /** Lives on land. */
    LAND,
    /** Destroys a vitamin in whoever lives on it. */
    THIAMINASE,
    /** Carries what kills frogs and salamanders. */
    CHYTRID
  }

  public CompanyKind {
    traits = Set.copyOf(traits);
  }

  public boolean has(Trait trait) {
    return traits.contains(trait);
  }

  /** All that ship with Islet, by name. */
  public static List<CompanyKind> all() {
    return Catalogue.COMPANY;
  }

  public static Optional<CompanyKind> find(String id) {
    return all().stream().filter(kind -> kind.id().equals(id)).findFirst();
  }
}
