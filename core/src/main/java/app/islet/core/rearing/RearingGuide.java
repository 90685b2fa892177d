package app.islet.core.rearing;

import app.islet.core.care.CareSheet;
import app.islet.core.care.Evidence;
import app.islet.core.quantity.Range;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * How the young of some species are raised.
 *
 * @param species ids of the care sheets
 * @param milestones in order of days, the first on day 0
 * @param housing the ways keepers house them, the usual one first
 */
public record RearingGuide(
    String id,
    Set<String> species,
    Young young,
    List<Milestone> milestones,
    List<Housing> housing,
    Changes changes,
    Outcome outcome) {
  /** From when the days are counted. */
  public enum Beginning {
    BIRTH,
    HATCHING
  }

  /** What they are called, one and many. */
  public record Young(Beginning begins, String one, String many) {}

  /**
   * What changes on the way.
   *
   * @param water which water, one sentence
   * @param regroup who may go back together
   */
  public record Changes(
      String water, String regroup, Optional<Weaning> weaning, Optional<FoodChange> food) {}

  /**
   * What keepers come to.
   *
   * @param percent of those begun that stand on their own in the end
   */
  public record Outcome(
      List<Loss> losses, Range percent, Evidence basis, Optional<ReadyWhen> ready) {}

  /** A usual cause, and what saves the next. */
  public record Loss(String cause, String remedy) {}

  /**
   * When they are handed on by those who know.
   *
   * @param takes what it must eat by then
   */
  public record ReadyWhen(int weeks, String takes, double lengthCm, Evidence basis) {}

  public RearingGuide {
    species = Set.copyOf(species);
    milestones = List.copyOf(milestones);
    housing = List.copyOf(housing);
    if (milestones.isEmpty() || milestones.get(0).timing().days().max() != 0) {
      throw new IllegalArgumentException(id + ": the first stage is on day 0");
    }
  }

  /** The guide for a species, or for the one a keeper's sheet was copied from. */
  public static Optional<RearingGuide> of(CareSheet sheet) {
    return GuideReader.ALL.stream().filter(g -> g.species.contains(sheet.kind())).findFirst();
  }

  public static List<RearingGuide> all() {
    return GuideReader.ALL;
  }

  public Optional<Milestone> milestone(String milestoneId) {
    return milestones.stream().filter(m -> m.id().equals(milestoneId)).findFirst();
  }

  public Milestone first() {
    return milestones.get(0);
  }

  public Milestone last() {
    return milestones.get(milestones.size() - 1);
  }

  /** Where in the row it stands, from 0; -1 where the guide has no such stage. */
  public int at(String milestoneId) {
    for (int i = 0; i < milestones.size(); i++) {
      if (milestones.get(i).id().equals(milestoneId)) {
        return i;
      }
    }
    return -1;
  }

  public Optional<Milestone> next(Milestone milestone) {
    int at = at(milestone.id()) + 1;
    return at > 0 && at < milestones.size() ? Optional.of(milestones.get(at)) : Optional.empty();
  }

  public Optional<Housing> housing(Housing.Kind kind) {
    return housing.stream().filter(h -> h.kind() == kind).findFirst();
  }

  /** What a keeper who follows a sheet does: who keeps one to an enclosure keeps them singly. */
  public Housing usual(CareSheet sheet) {
    int most = sheet.row().get(0).needs().group().most();
    Housing.Kind kind =
        most == 1 ? Housing.Kind.SINGLY : most <= 8 ? Housing.Kind.BOXES : Housing.Kind.TOGETHER;
    return housing(kind).orElse(housing.get(0));
  }

  /** Causes a keeper picks from, the usual ones of this guide first. */
  public List<String> causes() {
    return outcome.losses().stream().map(Loss::cause).toList();
  }

  public Optional<String> remedy(String cause) {
    return outcome.losses().stream()
        .filter(loss -> loss.cause().equals(cause))
        .map(Loss::remedy)
        .findFirst();
  }
}
