package app.islet.core.review;

import app.islet.core.enclosure.Change;
import app.islet.core.enclosure.Enclosure;
import app.islet.core.quantity.Phrase;
import app.islet.core.situation.HusbandryState;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/**
 * Remedies, tried on a copy before they are offered: each must end or soften its finding, and must
 * not bring or worsen another that is as grave. One that alone would is offered together with what
 * heals that other, where both go together, and else not at all.
 */
final class Trial {
  /** A new filter is not grown in: that is told with it, and is no reason to do without one. */
  private static final Set<String> FOLLOWS = Set.of("start-up-not-finished");

  private static final Remedy NONE =
      new Remedy(
          Phrase.of(
              "No number of this design mends it without harm elsewhere: look at who lives together, or at another vessel."),
          List.of());

  /**
   * So many judgements are worth a list of remedies, each counted by how much there is to judge:
   * some forty for a tank, none for a hall with two hundred animals and parts.
   */
  private static final int WORTH = 200;

  private final HusbandryState situation;
  private final List<Finding> findings;
  private final Map<String, Severity> before;
  private final Map<List<Change>, List<Finding>> tried = new HashMap<>();
  private final int most;

  Trial(HusbandryState situation, List<Finding> findings) {
    this.situation = situation;
    this.findings = findings;
    this.before = gravest(findings.stream());
    this.most =
        WORTH
            / (1 + situation.cohorts().size() + situation.enclosure().furnishings().parts().size());
  }

  private static Map<String, Severity> gravest(Stream<Finding> findings) {
    Map<String, Severity> gravest = new HashMap<>();
    findings.forEach(f -> gravest.merge(key(f), f.severity(), Margin::graver));
    return gravest;
  }

  private static String key(Finding f) {
    return f.rule() + " " + f.who();
  }

  /** The findings with the remedies that heal. */
  List<Finding> tried() {
    return findings.stream()
        .map(f -> f.severity() == Severity.NOTE ? f : f.with(tried(f)))
        .toList();
  }

  private static Remedy asWords(Remedy remedy) {
    return new Remedy(remedy.text(), List.of());
  }

  private List<Remedy> tried(Finding finding) {
    List<Remedy> offered = new ArrayList<>();
    for (Remedy remedy : finding.remedies()) {
      if (remedy.changes().isEmpty()) {
        offered.add(remedy);
      } else {
        healing(finding, remedy).ifPresent(offered::add);
      }
    }
    return offered.isEmpty() && !finding.remedies().isEmpty() ? List.of(NONE) : offered;
  }

  /** As words alone where it is too much to try. */
  private Optional<Remedy> healing(Finding finding, Remedy remedy) {
    if (!tried.containsKey(remedy.changes()) && tried.size() >= most) {
      return Optional.of(asWords(remedy));
    }
    List<Finding> after = after(remedy.changes());
    if (!softens(finding, after)) {
      return Optional.empty();
    }
    List<Finding> harm = after.stream().filter(f -> harms(finding, f)).toList();
    if (harm.isEmpty()) {
      return Optional.of(remedy);
    }
    return harm.stream()
        .flatMap(f -> f.remedies().stream())
        .filter(other -> !other.changes().isEmpty() && !overlaps(remedy, other))
        .map(other -> both(remedy, other))
        .filter(joined -> tried.containsKey(joined.changes()) || tried.size() < most)
        .filter(joined -> heals(finding, joined))
        .findFirst();
  }

  private static boolean overlaps(Remedy one, Remedy other) {
    List<String> fields = one.changes().stream().map(Change::field).toList();
    return other.changes().stream().map(Change::field).anyMatch(fields::contains);
  }

  private static Remedy both(Remedy one, Remedy other) {
    List<Change> changes = new ArrayList<>(one.changes());
    changes.addAll(other.changes());
    return new Remedy(Phrase.of("{} And: {}", one.text(), other.text()), changes);
  }

  private boolean heals(Finding finding, Remedy remedy) {
    List<Finding> after = after(remedy.changes());
    return softens(finding, after) && after.stream().noneMatch(f -> harms(finding, f));
  }

  /** What would be found; nothing can be where the numbers do not go together. */
  private List<Finding> after(List<Change> changes) {
    return tried.computeIfAbsent(changes, this::judged);
  }

  private List<Finding> judged(List<Change> changes) {
    try {
      Enclosure changed = situation.enclosure().with(changes);
      return Review.judged(situation.with(changed)).toList();
    } catch (IllegalArgumentException doesNotFit) {
      return findings;
    }
  }

  private static boolean softens(Finding finding, List<Finding> after) {
    return after.stream()
        .filter(f -> key(f).equals(key(finding)))
        .allMatch(f -> f.severity().compareTo(finding.severity()) > 0);
  }

  /** Whether that is new or worse, and as grave as what is to be healed. */
  private boolean harms(Finding healed, Finding found) {
    return !key(found).equals(key(healed))
        && !FOLLOWS.contains(found.rule())
        && found.severity() != Severity.NOTE
        && found.severity().compareTo(before.getOrDefault(key(found), Severity.NOTE)) < 0
        && found.severity().compareTo(healed.severity()) <= 0;
  }
}
