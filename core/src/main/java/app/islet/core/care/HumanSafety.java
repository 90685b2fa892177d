package app.islet.core.care;

import java.util.Set;

/**
 * What people must know who live with the animal.
 *
 * @param handling how and when it may be touched
 * @param hazards what it carries or does
 */
public record HumanSafety(String handling, Set<Hazard> hazards, Evidence basis) {
  public HumanSafety {
    hazards = Set.copyOf(hazards);
  }
}
