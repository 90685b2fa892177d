package app.islet.core.document;

import app.islet.core.Assessment;
import app.islet.core.plan.DayList;
import app.islet.core.plan.DueTask;
import app.islet.core.plan.Helping;
import app.islet.core.plan.Plan;
import app.islet.core.quantity.UnitSystem;
import app.islet.core.text.Fields;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import tools.jackson.databind.json.JsonMapper;

/** The work of the coming days, one JSON object a line, in the order it is done. */
public final class PlanLines {
  private static final JsonMapper MAPPER = JsonMapper.builder().build();

  private PlanLines() {}

  /**
   * Taking it that nothing was done before and everything is done in time.
   *
   * @param from the first day, on which the plan begins
   * @param days how many, 1 or more
   */
  public static List<String> write(Assessment assessment, LocalDate from, int days) {
    Plan plan = assessment.plan();
    List<List<DueTask>> coming = DayList.coming(from, days, plan, from, List.of());
    List<String> lines = new ArrayList<>();
    for (int n = 0; n < days; n++) {
      LocalDate day = from.plusDays(n);
      coming
          .get(n)
          .forEach(
              due ->
                  lines.add(
                      MAPPER.writeValueAsString(
                          line(assessment.enclosure().name(), plan, day, due))));
    }
    return lines;
  }

  private static Map<String, Object> line(String enclosure, Plan plan, LocalDate day, DueTask due) {
    Optional<Helping> meal = plan.helping(due.task());
    Map<String, Object> cells = new LinkedHashMap<>();
    cells.put("date", day.toString());
    cells.put("kind", Fields.written(due.task().kind()));
    cells.put("task", due.task().title().text(UnitSystem.METRIC));
    cells.put("for", meal.map(Helping::who).orElse(enclosure));
    meal.ifPresent(helping -> cells.put("food", helping.food()));
    cells.put("amount", due.amount().text(UnitSystem.METRIC));
    meal.ifPresent(helping -> cells.put("servings", due.share()));
    cells.put("minutes", due.task().minutes());
    return cells;
  }
}
