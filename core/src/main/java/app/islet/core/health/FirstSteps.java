package app.islet.core.health;

import java.util.ArrayList;
import java.util.List;

/** What signs and records ask for before anything is thought about: people, then its life. */
final class FirstSteps {
  private FirstSteps() {}

  static List<AidStep> of(HealthTables tables, Observed seen) {
    List<String> ids = new ArrayList<>();
    tables.signs().stream()
        .filter(sign -> seen.signs().contains(sign.id()))
        .forEach(sign -> ids.addAll(sign.first()));
    tables.facts().stream()
        .filter(row -> seen.tells(row.kind()))
        .forEach(row -> ids.addAll(row.first()));
    return ids.stream()
        .distinct()
        .map(tables::step)
        .filter(step -> step.isFor(seen.sheet()))
        .toList();
  }
}
