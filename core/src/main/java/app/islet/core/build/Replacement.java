package app.islet.core.build;

import app.islet.core.enclosure.Equipment;
import app.islet.core.plan.FoodAmount;
import app.islet.core.quantity.Phrase;
import app.islet.core.quantity.Quantity;
import app.islet.core.situation.HusbandryState;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalInt;

/**
 * Something that has to be bought again in the twelve months to come.
 *
 * @param key of its line among the parts
 * @param times how often
 * @param why how long it serves
 */
public record Replacement(String key, String thing, int times, Phrase why) {
  private static final int MONTHS_AHEAD = 12;

  /** UVB tubes fade long before they go dark; by the shortest life among the residents' sheets. */
  static List<Replacement> of(HusbandryState s) {
    OptionalInt serves =
        s.residents().stream()
            .flatMap(r -> r.stage().needs().uv().stream())
            .mapToInt(uv -> uv.tube().months())
            .min();
    List<Replacement> due = new ArrayList<>();
    int n = 0;
    for (Equipment device : s.enclosure().equipment()) {
      n++;
      if (device instanceof Equipment.UvbLamp lamp && serves.isPresent()) {
        int times = times(lamp.fittedOn().orElse(s.date()), s.date(), serves.getAsInt());
        if (times > 0) {
          due.add(
              new Replacement(
                  BillOfMaterials.deviceKey(device, n),
                  "New UVB lamp",
                  times,
                  Phrase.of("each serves {}", Quantity.months(serves.getAsInt()))));
        }
      }
    }
    for (FoodAmount food : MonthOfFood.of(s)) {
      due.add(
          new Replacement(
              MonthOfFood.key(food),
              food.food(),
              MONTHS_AHEAD - 1,
              Phrase.of("each lasts a month")));
    }
    return List.copyOf(due);
  }

  /** One that is late is bought today; the next ones count from then. */
  private static int times(LocalDate fitted, LocalDate today, int serves) {
    LocalDate first = fitted.plusMonths(serves);
    LocalDate next = first.isBefore(today) ? today : first;
    long months = ChronoUnit.MONTHS.between(next, today.plusMonths(MONTHS_AHEAD));
    return next.isAfter(today.plusMonths(MONTHS_AHEAD)) ? 0 : 1 + (int) (months / serves);
  }
}
