package app.islet.core.document;

import app.islet.core.care.Evidence;
import app.islet.core.care.Food;
import app.islet.core.care.Often;
import app.islet.core.care.Portion;
import app.islet.core.care.Role;
import app.islet.core.care.Turn;
import app.islet.core.text.Fields;
import app.islet.core.text.Node;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import tools.jackson.databind.json.JsonMapper;

/** The foods of a keeper's own menu as JSON, each with its range. */
public final class MenuJson {
  private static final JsonMapper MAPPER = JsonMapper.builder().build();
  private static final int LONGEST_NAME = 80;
  private static final int LONGEST_NOTE = 200;

  private MenuJson() {}

  /** Foods that take turns. */
  public static String write(List<Food> foods) {
    return MAPPER.writeValueAsString(Map.of("foods", foods.stream().map(MenuJson::food).toList()));
  }

  private static Map<String, Object> food(Food food) {
    Map<String, Object> cells = new LinkedHashMap<>();
    cells.put("name", food.name());
    food.portion().pieces().ifPresent(pieces -> cells.put("pieces", pieces));
    food.portion().bodyMassPercent().ifPresent(percent -> cells.put("bodyMassPercent", percent));
    cells.put("unit", food.portion().unit());
    food.portion().gramsPerPiece().ifPresent(grams -> cells.put("gramsPerPiece", grams));
    cells.put("proteinPercent", food.proteinPercent());
    cells.put("role", Fields.written(food.turn().role()));
    cells.put("often", food.turn().words());
    if (!food.note().isEmpty()) {
      cells.put("note", food.note());
    }
    return cells;
  }

  /**
   * @param reason why it is otherwise than the sheet, which every number of it rests on
   * @throws app.islet.core.text.UnreadableException if it is not what {@link #write} wrote
   */
  public static List<Food> read(String json, String reason) {
    Fields root = Fields.of("menu", Node.json("menu", json));
    return root.whole(f -> f.groups("foods", 16, food -> food(food, reason)));
  }

  private static Food food(Fields f, String reason) {
    return new Food(
        f.text("name", LONGEST_NAME),
        new Portion(
            f.optionalNumber("pieces", 0.01, 10_000, "pieces"),
            f.optionalNumber("bodyMassPercent", 0.01, 100, "%"),
            f.text("unit", LONGEST_NAME),
            f.optionalNumber("gramsPerPiece", 0, 1000, "g")),
        f.number("proteinPercent", 0, 100, "%"),
        Turn.of(
            f.choice("role", Role.class),
            Often.of(f.text("often", LONGEST_NAME)).orElse(Often.every(1))),
        f.optionalText("note", LONGEST_NOTE).orElse(""),
        Evidence.keeper(reason));
  }
}
