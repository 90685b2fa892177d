package app.islet.core.health;

import app.islet.core.care.AnimalGroup;
import app.islet.core.care.Habitat;
import app.islet.core.text.English;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalInt;

/**
 * What to make of what was seen, and what to do first. Not a diagnosis: the vet makes that.
 *
 * @param normal rows that say it is normal; none where something is not
 * @param urgent whether the vet is called at once
 * @param steps in the order in which they are done, at least one
 * @param causes the likeliest first
 * @param vet when to see the vet, in sentences, at least one
 */
public record Triage(
    List<Normal> normal,
    boolean urgent,
    List<AidStep> steps,
    List<Likely> causes,
    List<String> vet) {
  private static final int MOST_CAUSES = 4;

  /** Steps are taken from causes that are at least so likely as this share of the first. */
  private static final double WORTH_DOING = 0.6;

  private static final int MOST_DONE_FOR = 2;

  /**
   * A cause, as likely as it looks.
   *
   * @param because signs and records that speak for it
   * @param against what would speak against it, or does
   */
  public record Likely(Cause cause, int score, List<Object> because, String against) {
    public Likely {
      because = List.copyOf(because);
    }
  }

  public Triage {
    normal = List.copyOf(normal);
    steps = List.copyOf(steps);
    causes = List.copyOf(causes);
    vet = List.copyOf(vet);
  }

  public boolean isNormal() {
    return !normal.isEmpty();
  }

  public static Triage of(Observed seen) {
    List<Normal> normal = normal(seen);
    if (!normal.isEmpty()) {
      return new Triage(
          normal,
          false,
          List.of(AidStep.of("watch")),
          List.of(),
          normal.stream()
              .map(row -> "Not needed, unless %s.".formatted(row.words().until()))
              .toList());
    }
    List<Likely> causes = causes(seen);
    boolean urgent = seen.signs().stream().anyMatch(id -> isUrgent(id));
    return new Triage(List.of(), urgent, steps(seen, causes), causes, vet(seen, causes, urgent));
  }

  /** A row for every sign, or none at all: one sign that is not normal is enough. */
  private static List<Normal> normal(Observed seen) {
    if (HealthTables.FACTS.stream().anyMatch(row -> row.bad() && seen.tells(row.kind()))) {
      return List.of();
    }
    List<Normal> rows = new ArrayList<>();
    for (String sign : seen.signs()) {
      HealthTables.NORMAL.stream()
          .filter(row -> row.sign().equals(sign))
          .filter(row -> row.fits(seen.sheet(), seen.stage(), seen.signs()))
          .filter(row -> isStillNormal(row, seen))
          .findFirst()
          .ifPresent(rows::add);
    }
    return rows.size() == seen.signs().size() ? rows : List.of();
  }

  private static boolean isStillNormal(Normal row, Observed seen) {
    OptionalInt last = row.lastDay(seen.sheet(), seen.stage());
    return last.isEmpty() || seen.day() <= last.getAsInt();
  }

  private static boolean isUrgent(String sign) {
    return Sign.find(sign).map(Sign::urgent).orElse(false);
  }

  private static List<Likely> causes(Observed seen) {
    AnimalGroup group = seen.sheet().group();
    return HealthTables.CAUSES.stream()
        .filter(cause -> cause.groups().contains(group))
        .map(cause -> likely(cause, seen))
        .filter(likely -> likely.score() > 0)
        .sorted(Comparator.comparingInt(Likely::score).reversed())
        .limit(MOST_CAUSES)
        .toList();
  }

  /**
   * Without a sign that speaks for it records alone make no cause; and what was measured beats what
   * is thought: a cause that a measurement speaks against comes last.
   */
  private static Likely likely(Cause cause, Observed seen) {
    int score = 0;
    List<Object> because = new ArrayList<>();
    for (Sign sign : HealthTables.SIGNS) {
      Integer weight = cause.weights().signs().get(sign.id());
      if (weight != null && seen.signs().contains(sign.id())) {
        score += weight;
        because.add(sign.words());
      }
    }
    if (score == 0) {
      return new Likely(cause, 0, List.of(), cause.advice().against());
    }
    for (RecordedFact fact : seen.facts()) {
      Integer weight = cause.weights().records().get(fact.kind());
      if (weight != null) {
        score += weight;
        because.add(fact.words());
      }
    }
    boolean contradicted = cause.weights().against().stream().anyMatch(seen::tells);
    return new Likely(cause, contradicted ? 1 : score, because, cause.advice().against());
  }

  private static List<Likely> worthDoing(List<Likely> causes) {
    return causes.stream()
        .filter(likely -> likely.score() >= WORTH_DOING * causes.get(0).score())
        .limit(MOST_DONE_FOR)
        .toList();
  }

  private static List<AidStep> steps(Observed seen, List<Likely> causes) {
    Map<String, AidStep> steps = new LinkedHashMap<>();
    FirstSteps.of(seen).forEach(step -> steps.put(step.id(), step));
    test(seen, causes).forEach(step -> steps.putIfAbsent(step.id(), step));
    steps.put("compare", AidStep.of("compare"));
    for (Likely likely : worthDoing(causes)) {
      for (String id : likely.cause().advice().steps()) {
        AidStep step = AidStep.of(id);
        if (step.isFor(seen.sheet().kind())) {
          steps.putIfAbsent(id, step);
        }
      }
    }
    steps.put("watch", AidStep.of("watch"));
    return steps.values().stream()
        .filter(step -> step.unless().filter(steps::containsKey).isEmpty())
        .sorted(Comparator.comparing(AidStep::order))
        .toList();
  }

  /** What is measured, unless it is known already. */
  private static List<AidStep> test(Observed seen, List<Likely> causes) {
    boolean known =
        seen.kinds().stream()
            .anyMatch(
                kind ->
                    kind == RecordKind.AMMONIA_HIGH
                        || kind == RecordKind.NITRITE_HIGH
                        || kind == RecordKind.AMMONIA_ZERO);
    Cause.Test asked = causes.isEmpty() ? Cause.Test.WATER : causes.get(0).cause().test();
    if (asked == Cause.Test.NONE || known && asked == Cause.Test.WATER) {
      return List.of();
    }
    boolean inWater =
        seen.stage().habitat() != Habitat.LAND
            || HealthTables.SIGNS.stream()
                .anyMatch(
                    sign -> sign.where() == Sign.Where.WATER && seen.signs().contains(sign.id()));
    return List.of(
        AidStep.of(asked == Cause.Test.WATER && inWater ? "test-water" : "read-climate"));
  }

  private static List<String> vet(Observed seen, List<Likely> causes, boolean urgent) {
    List<String> when = new ArrayList<>();
    if (urgent) {
      when.add(
          "At once: %s."
              .formatted(
                  seen.signs().stream()
                      .filter(Triage::isUrgent)
                      .flatMap(id -> Sign.find(id).stream())
                      .map(sign -> English.lower(sign.words()))
                      .sorted()
                      .collect(English.listing())));
    }
    worthDoing(causes).stream().map(likely -> likely.cause().advice().vet()).forEach(when::add);
    if (when.isEmpty()) {
      when.add("If it is no better in two days, or anything else shows.");
    }
    return when.stream().distinct().toList();
  }
}
