package app.islet.web.base.figure;

import app.islet.core.livestock.Incidents;
import app.islet.web.base.support.Messages;
import app.islet.web.base.support.Units;

/**
 * How often something happened in one place or group, as a line of a table.
 *
 * @param months animals times months
 * @param rate cases a month and animal with their limits; empty where nobody was there
 */
public record RateRow(String group, int cases, String months, String rate) {
  /**
   * @param name of the place or group
   */
  public static RateRow of(String name, Incidents i, Units u) {
    return new RateRow(
        name,
        i.cases(),
        u.figure(i.animalMonths()),
        i.rate()
            .map(
                r ->
                    Messages.text(
                        "animals.rate",
                        u.figure(r.perAnimalMonth()),
                        u.figure(r.low()),
                        u.figure(r.high())))
            .orElse(""));
  }
}
