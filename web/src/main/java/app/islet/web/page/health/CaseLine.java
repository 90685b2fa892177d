package app.islet.web.page.health;

import app.islet.core.health.HealthTables;
import app.islet.core.health.Sign;
import app.islet.core.text.English;
import app.islet.web.base.support.Messages;
import app.islet.web.people.collection.CollectionContext;
import app.islet.web.store.health.HealthCase;
import java.time.temporal.ChronoUnit;
import java.util.Map;

/** A case, worded. */
record CaseLine(long id, String who, String signs, String since, String ended) {
  /**
   * @param names of the animals, by their numbers
   */
  static CaseLine of(
      CollectionContext context, HealthTables tables, HealthCase c, Map<Long, String> names) {
    return new CaseLine(
        c.id(),
        names.getOrDefault(c.animalId(), ""),
        signs(tables, c),
        Messages.text(
            "health.since",
            English.shortDay(c.beganOn()),
            ChronoUnit.DAYS.between(c.beganOn(), c.endedOn().orElse(context.today())) + 1),
        c.outcome().map(CaseLine::outcome).orElse(""));
  }

  private static String outcome(HealthCase.Outcome outcome) {
    String key = "health.outcome." + outcome.name();
    return Messages.text(key);
  }

  private static String signs(HealthTables tables, HealthCase c) {
    return c.signs().stream()
        .map(id -> tables.sign(id).map(Sign::words).orElse(id))
        .collect(English.listing());
  }
}
