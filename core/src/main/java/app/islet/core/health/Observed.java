package app.islet.core.health;

import app.islet.core.care.CareSheet;
import app.islet.core.care.Stage;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * What a keeper saw of an animal, and what the records tell.
 *
 * @param signs one or more
 * @param of how many of a group show it
 * @param day since when it goes on, 1 for the first day
 */
public record Observed(
    CareSheet sheet,
    Stage stage,
    Set<String> signs,
    HowMany of,
    int day,
    List<RecordedFact> facts) {
  /** How many of those who live together. */
  public enum HowMany {
    /** It lives alone, or nobody said. */
    UNKNOWN,
    ONE,
    MOST
  }

  public Observed(
      CareSheet sheet, Stage stage, Set<String> signs, int day, List<RecordedFact> facts) {
    this(sheet, stage, signs, HowMany.UNKNOWN, day, facts);
  }

  public Observed {
    signs = Set.copyOf(signs);
    facts = List.copyOf(facts);
    if (signs.isEmpty()) {
      throw new IllegalArgumentException("it is not said what was seen");
    }
    if (day < 1) {
      throw new IllegalArgumentException("the first day is day 1, not " + day);
    }
  }

  boolean tells(RecordKind kind) {
    return facts.stream().anyMatch(fact -> fact.kind() == kind);
  }

  Set<RecordKind> kinds() {
    return facts.stream().map(RecordedFact::kind).collect(Collectors.toSet());
  }
}
