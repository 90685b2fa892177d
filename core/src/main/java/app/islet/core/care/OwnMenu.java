package app.islet.core.care;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.List;
import java.util.Set;

/**
 * What a keeper feeds some animals instead of what their sheet says, while they are in one stage.
 *
 * @param stage its id; in another one the sheet holds again
 * @param fasting days of the week without food
 * @param since the day it began
 * @param reason why it is otherwise than the sheet
 */
public record OwnMenu(
    String stage, List<Food> foods, Set<DayOfWeek> fasting, LocalDate since, String reason) {
  public OwnMenu {
    foods = List.copyOf(foods);
    fasting = Set.copyOf(fasting);
  }
}
