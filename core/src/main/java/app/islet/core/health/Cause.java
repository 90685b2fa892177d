package app.islet.core.health;

import app.islet.core.care.AnimalGroup;
import app.islet.core.care.Evidence;
import app.islet.core.text.Fields;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * A likely cause.
 *
 * @param test what is measured before anything else is thought
 * @param ofAll whether it strikes all who share the water or the air, not one
 */
public record Cause(
    String id,
    String words,
    Set<AnimalGroup> groups,
    Weights weights,
    Test test,
    Advice advice,
    boolean ofAll,
    Evidence basis) {
  private static final int USUAL_VET_DAYS = 7;

  private static final int MAX = 6;

  /** What tells more of it. */
  public enum Test {
    /** A test of the water, for whoever lives in it; else thermometer and hygrometer. */
    WATER,
    CLIMATE,
    NONE
  }

  /**
   * How much speaks for it.
   *
   * @param signs 1 to 5, by the id of the sign
   * @param records 1 to 6
   * @param against what speaks against it
   */
  public record Weights(
      Map<String, Integer> signs, Map<RecordKind, Integer> records, Set<RecordKind> against) {}

  /**
   * What to do.
   *
   * @param against in words, what would speak against it
   * @param steps ids of steps
   * @param vet when to see the vet
   * @param vetDays within how many days that is, so that the soonest can be said
   */
  public record Advice(String against, List<String> steps, String vet, int vetDays) {}

  static Cause read(Fields f, List<Sign> signs) {
    return new Cause(
        f.text("id", 40),
        f.text("words", 80),
        Set.copyOf(f.choices("groups", AnimalGroup.class)),
        new Weights(
            f.optionalGroup("signs", g -> signs(g, signs)).orElse(Map.of()),
            f.optionalGroup("records", Cause::records).orElse(Map.of()),
            Set.copyOf(f.choices("against", RecordKind.class))),
        f.optionalChoice("test", Test.class).orElse(Test.WATER),
        new Advice(
            f.text("against-words", 120),
            f.texts("steps", 40),
            f.text("vet", 120),
            f.whole("vetDays", 0, 365, "days", USUAL_VET_DAYS)),
        f.flag("ofAll", false),
        Evidence.of(f.text("basis", 200)));
  }

  private static Map<String, Integer> signs(Fields f, List<Sign> signs) {
    Map<String, Integer> weights = new HashMap<>();
    for (Sign sign : signs) {
      if (f.has(sign.id())) {
        weights.put(sign.id(), f.whole(sign.id(), 1, MAX, ""));
      }
    }
    return Map.copyOf(weights);
  }

  private static Map<RecordKind, Integer> records(Fields f) {
    Map<RecordKind, Integer> weights = new HashMap<>();
    for (RecordKind kind : RecordKind.values()) {
      if (f.has(kind.id())) {
        weights.put(kind, f.whole(kind.id(), 1, MAX, ""));
      }
    }
    return Map.copyOf(weights);
  }
}
