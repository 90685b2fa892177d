package app.islet.core.health;

import app.islet.core.care.AnimalGroup;
import app.islet.core.care.Habitat;
import app.islet.core.text.English;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * What to make of what was seen, and what to do first. Not a diagnosis: the vet makes that.
 *
 * @param normal rows that say it is normal; none where something is not
 * @param urgent whether the vet is called at once
 * @param steps in the order in which they are done, at least one
 * @param causes the likeliest first
 * @param vet when to see the vet, one sentence
 */
public record Triage(
    List<Normal> normal, boolean urgent, List<AidStep> steps, List<Likely> causes, String vet) {
  private static final int MAX_CAUSES = 4;

  /** Steps are taken from causes that are at least so likely as this share of the first. */
  private static final double WORTH_DOING = 0.6;

  private static final int MAX_DONE_FOR = 2;

  /** What it says of a cause that strikes all of a tank whether one or most show it. */
  private static final int SHARED = 2;

  /**
   * A cause, as likely as it looks.
   *
   * @param because signs and records that speak for it
   * @param against what was tested or entered that speaks against it; empty where nothing was
   */
  public record Likely(Cause cause, int score, List<Object> because, Optional<String> against) {
    public Likely {
      because = List.copyOf(because);
    }
  }

  public Triage {
    normal = List.copyOf(normal);
    steps = List.copyOf(steps);
    causes = List.copyOf(causes);
  }

  public boolean isNormal() {
    return !normal.isEmpty();
  }

  public static Triage of(HealthTables tables, Observed seen) {
    List<Normal> normal = normal(tables, seen);
    if (!normal.isEmpty()) {
      return new Triage(normal, false, meanwhile(tables, normal), List.of(), notNeeded(normal));
    }
    boolean urgent = seen.signs().stream().anyMatch(id -> isUrgent(tables, id));
    if (isOfPeople(tables, seen)) {
      return new Triage(
          List.of(),
          urgent,
          FirstSteps.of(tables, seen),
          List.of(),
          urgent
              ? "For the person a doctor or poison advice at once; the animal needs none."
              : "For the person a doctor where the wound is deep or reddens; the animal needs none.");
    }
    List<Likely> causes = causes(tables, seen);
    return new Triage(
        List.of(), urgent, steps(tables, seen, causes), causes, vet(tables, seen, causes, urgent));
  }

  private static boolean isOfPeople(HealthTables tables, Observed seen) {
    return seen.signs().stream()
        .allMatch(id -> tables.sign(id).filter(s -> s.where() == Sign.Where.PEOPLE).isPresent());
  }

  /** What it needs while it is normal, and a look tomorrow. */
  private static List<AidStep> meanwhile(HealthTables tables, List<Normal> normal) {
    return Stream.concat(normal.stream().flatMap(row -> row.steps().stream()), Stream.of("watch"))
        .distinct()
        .map(tables::step)
        .toList();
  }

  private static String notNeeded(List<Normal> normal) {
    return "Not needed, unless %s."
        .formatted(
            normal.stream()
                .map(row -> row.words().until())
                .distinct()
                .collect(Collectors.joining("; or ")));
  }

  /** A row for every sign, or none at all: one sign that is not normal is enough. */
  private static List<Normal> normal(HealthTables tables, Observed seen) {
    if (tables.facts().stream().anyMatch(row -> row.bad() && seen.tells(row.kind()))) {
      return List.of();
    }
    List<Normal> rows = new ArrayList<>();
    for (String sign : seen.signs()) {
      tables.normal().stream()
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

  private static boolean isUrgent(HealthTables tables, String sign) {
    return tables.sign(sign).map(Sign::urgent).orElse(false);
  }

  private static List<Likely> causes(HealthTables tables, Observed seen) {
    AnimalGroup group = seen.sheet().group();
    return tables.causes().stream()
        .filter(cause -> cause.groups().contains(group))
        .map(cause -> likely(tables, cause, seen))
        .filter(likely -> likely.score() > 0)
        .sorted(Comparator.comparingInt(Likely::score).reversed())
        .limit(MAX_CAUSES)
        .toList();
  }

  /**
   * Without a sign that speaks for it records alone make no cause; and what was measured beats what
   * is thought: a cause that a measurement speaks against comes last.
   */
  private static Likely likely(HealthTables tables, Cause cause, Observed seen) {
    int score = 0;
    List<Object> because = new ArrayList<>();
    for (Sign sign : tables.signs()) {
      Integer weight = cause.weights().signs().get(sign.id());
      if (weight != null && seen.signs().contains(sign.id())) {
        score += weight;
        because.add(sign.words());
      }
    }
    if (score == 0) {
      return new Likely(cause, 0, List.of(), Optional.empty());
    }
    if (cause.ofAll() && seen.of() == Observed.HowMany.MOST) {
      score += SHARED;
      because.add("Most of them show it");
    } else if (cause.ofAll() && seen.of() == Observed.HowMany.ONE) {
      score = Math.max(1, score - SHARED);
    }
    for (RecordedFact fact : seen.facts()) {
      Integer weight = cause.weights().records().get(fact.kind());
      if (weight != null) {
        score += weight;
        because.add(fact.words());
      }
    }
    boolean contradicted = cause.weights().against().stream().anyMatch(seen::tells);
    return new Likely(
        cause,
        contradicted ? 1 : score,
        because,
        contradicted ? Optional.of(cause.advice().against()) : Optional.empty());
  }

  private static List<Likely> worthDoing(List<Likely> causes) {
    return causes.stream()
        .filter(likely -> likely.score() >= WORTH_DOING * causes.get(0).score())
        .limit(MAX_DONE_FOR)
        .toList();
  }

  private static List<AidStep> steps(HealthTables tables, Observed seen, List<Likely> causes) {
    Map<String, AidStep> steps = new LinkedHashMap<>();
    FirstSteps.of(tables, seen).forEach(step -> steps.put(step.id(), step));
    test(tables, seen, causes).forEach(step -> steps.putIfAbsent(step.id(), step));
    steps.put("compare", tables.step("compare"));
    for (Likely likely : worthDoing(causes)) {
      for (String id : likely.cause().advice().steps()) {
        AidStep step = tables.step(id);
        if (step.isFor(seen.sheet())) {
          steps.putIfAbsent(id, step);
        }
      }
    }
    steps.put("watch", tables.step("watch"));
    return steps.values().stream()
        .filter(step -> step.unless().filter(steps::containsKey).isEmpty())
        .sorted(Comparator.comparing(AidStep::order))
        .toList();
  }

  /** What is measured, unless it is known already. */
  private static List<AidStep> test(HealthTables tables, Observed seen, List<Likely> causes) {
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
            || tables.signs().stream()
                .anyMatch(
                    sign -> sign.where() == Sign.Where.WATER && seen.signs().contains(sign.id()));
    return List.of(
        tables.step(asked == Cause.Test.WATER && inWater ? "test-water" : "read-climate"));
  }

  /** One answer: at once where a sign asks for it, else the soonest of what is likely. */
  private static String vet(
      HealthTables tables, Observed seen, List<Likely> causes, boolean urgent) {
    if (urgent) {
      return "At once: %s."
          .formatted(
              seen.signs().stream()
                  .filter(id -> isUrgent(tables, id))
                  .flatMap(id -> tables.sign(id).stream())
                  .map(sign -> English.lower(sign.words()))
                  .sorted()
                  .collect(English.listing()));
    }
    return worthDoing(causes).stream()
        .map(likely -> likely.cause().advice())
        .min(Comparator.comparingInt(Cause.Advice::vetDays))
        .map(Cause.Advice::vet)
        .orElse("If it is no better in two days, or anything else shows.");
  }
}
