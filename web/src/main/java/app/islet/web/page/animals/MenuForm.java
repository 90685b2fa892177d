package app.islet.web.page.animals;

import app.islet.core.care.Evidence;
import app.islet.core.care.Food;
import app.islet.core.care.Often;
import app.islet.core.care.OwnMenu;
import app.islet.core.care.Portion;
import app.islet.core.care.Role;
import app.islet.core.care.Turn;
import app.islet.core.quantity.Dimension;
import app.islet.web.base.support.Field;
import app.islet.web.base.support.Form;
import app.islet.web.base.support.Messages;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.stream.Collectors;

/** A menu as it is typed, a row a food. */
final class MenuForm {
  static final int ROWS = 8;
  private static final int SPARE_ROWS = 2;
  private static final int LONGEST_NAME = 80;
  private static final int LONGEST_NOTE = 200;
  private static final int LONGEST_REASON = 300;
  private static final double USUAL_PROTEIN = 10;

  private MenuForm() {}

  /** What of a row there are fields for, beside its name. */
  record Row(int n, Map<String, String> typed, Map<String, String> errors) {
    public String value(String id) {
      return typed.getOrDefault(id, "");
    }

    public String error(String id) {
      return errors.getOrDefault(id, "");
    }
  }

  /** The foods there are, and rows for some more. */
  static Map<String, String> typed(List<Food> foods, Set<DayOfWeek> fasting) {
    Map<String, String> typed = new LinkedHashMap<>();
    for (int n = 0; n < Math.min(ROWS, foods.size()); n++) {
      Food food = foods.get(n);
      typed.put("name" + n, food.name());
      typed.put("role" + n, food.turn().role().name());
      typed.put("often" + n, ranged(food));
      boolean pieces = food.portion().pieces().isPresent();
      typed.put("kind" + n, pieces ? "PIECES" : "MASS");
      typed.put(
          "amount" + n, plain(pieces ? food.portion().pieces() : food.portion().bodyMassPercent()));
      typed.put("unit" + n, food.portion().unit());
      typed.put("grams" + n, plain(food.portion().gramsPerPiece()));
      typed.put("protein" + n, plain(OptionalDouble.of(food.proteinPercent())));
      typed.put("note" + n, food.note());
    }
    fasting.forEach(day -> typed.put("fast" + day.name(), "on"));
    return typed;
  }

  /** Days of its own become the range that is nearest to them. */
  private static String ranged(Food food) {
    if (food.turn().often().isPresent()) {
      return food.turn().words();
    }
    int weekdays = food.turn().recurrence().weekdays().size();
    if (weekdays > 0) {
      return weekdays == 1 ? "weekly" : weekdays + " a week";
    }
    return Often.every(food.turn().recurrence().everyDays()).words();
  }

  private static String plain(OptionalDouble number) {
    if (number.isEmpty()) {
      return "";
    }
    double value = number.getAsDouble();
    return value == Math.rint(value) ? String.valueOf((long) value) : String.valueOf(value);
  }

  static List<Row> rows(Form form) {
    List<Row> rows = new ArrayList<>();
    int filled = 0;
    for (int n = 0; n < ROWS; n++) {
      filled = form.typed("name" + n).isEmpty() ? filled : n + 1;
    }
    for (int n = 0; n < Math.min(ROWS, filled + SPARE_ROWS); n++) {
      Map<String, String> typed = new LinkedHashMap<>();
      Map<String, String> errors = new LinkedHashMap<>();
      for (String id :
          List.of("name", "role", "often", "kind", "amount", "unit", "grams", "protein", "note")) {
        typed.put(id, form.typed(id + n));
        errors.put(id, form.error(id + n) == null ? "" : String.valueOf(form.error(id + n)));
      }
      rows.add(new Row(n, typed, errors));
    }
    return rows;
  }

  static List<Field.Option> roles() {
    return Arrays.stream(Role.values())
        .filter(role -> role != Role.ALWAYS && role != Role.SUPPLEMENT)
        .map(role -> new Field.Option(role.name(), role.word()))
        .toList();
  }

  /** What is wrong stands beside its field. */
  static OwnMenu read(Form form, String stage, LocalDate today) {
    String reason = form.text("reason", LONGEST_REASON, Messages.text("menu.a-reason"));
    Evidence basis = Evidence.keeper(reason.isEmpty() ? "?" : reason);
    List<Food> foods = new ArrayList<>();
    for (int n = 0; n < ROWS; n++) {
      if (!form.typed("name" + n).isEmpty()) {
        foods.add(food(form, n, basis));
      }
    }
    if (foods.isEmpty()) {
      form.refuse("name0", Messages.text("menu.some-food"));
    }
    if (foods.stream().map(MenuForm::plainName).distinct().count() < foods.size()) {
      form.refuse("name0", Messages.text("menu.twice"));
    }
    Set<DayOfWeek> fasting =
        Arrays.stream(DayOfWeek.values())
            .filter(day -> form.flag("fast" + day.name()))
            .collect(Collectors.toSet());
    if (fasting.size() == DayOfWeek.values().length) {
      form.refuse("name0", Messages.text("menu.some-day"));
      fasting = Set.of();
    }
    return new OwnMenu(stage, foods, fasting, today, reason);
  }

  private static Food food(Form form, int n, Evidence basis) {
    String name = form.text("name" + n, LONGEST_NAME, Messages.text("menu.a-name"));
    Role role = form.choice("role" + n, Role.class, Role.SECOND);
    Optional<Often> often = Often.of(form.typed("often" + n));
    if (often.isEmpty()) {
      form.refuse("often" + n, Messages.text("menu.often-as"));
    }
    boolean pieces = form.typed("kind" + n).equals("PIECES");
    double amount =
        pieces
            ? form.number("amount" + n, Dimension.FIGURE, 0.1, 10_000)
            : form.number("amount" + n, Dimension.PERCENT, 0.01, 100);
    String unit = shortEnough(form, "unit" + n, LONGEST_NAME);
    return new Food(
        name,
        new Portion(
            pieces ? OptionalDouble.of(amount) : OptionalDouble.empty(),
            pieces ? OptionalDouble.empty() : OptionalDouble.of(amount),
            unit.isEmpty() ? "of it" : unit,
            form.optional("grams" + n, Dimension.FIGURE, 0, 1000)),
        form.optional("protein" + n, Dimension.PERCENT, 0, 100).orElse(USUAL_PROTEIN),
        Turn.of(role, often.orElse(Often.every(1))),
        shortEnough(form, "note" + n, LONGEST_NOTE),
        basis);
  }

  private static String shortEnough(Form form, String id, int longest) {
    String text = form.typed(id);
    if (text.length() > longest) {
      form.refuse(id, Messages.text("about.too-long", longest));
    }
    return text;
  }

  /** As the plan tells foods apart: without regard to capitals and signs. */
  private static String plainName(Food food) {
    return food.name().toLowerCase(Locale.ROOT).replaceAll("[^\\p{L}\\p{N}]+", "-");
  }
}
