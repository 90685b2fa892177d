package app.islet.core.care;

import app.islet.core.text.Fields;
import app.islet.core.text.Node;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Comparator;
import java.util.List;
import java.util.Set;
import java.util.function.Function;

/**
 * The small tables that all sheets share: plants, foods, company and medicines, each a YAML file.
 */
final class Catalogue {
  static final List<Plant> PLANTS =
      read("plants.yaml", "plants", Catalogue::plant).stream()
          .sorted(Comparator.comparing(Plant::name))
          .toList();
  static final List<FoodItem> FODDER =
      read("foods.yaml", "foods", Catalogue::food).stream()
          .sorted(Comparator.comparing(FoodItem::name))
          .toList();

  static final List<CompanyKind> COMPANY =
      read("company.yaml", "company", Catalogue::company).stream()
          .sorted(Comparator.comparing(CompanyKind::name))
          .toList();

  static final List<Medicine> MEDICINES =
      read("medicines.yaml", "medicines", Catalogue::medicine).stream()
          .sorted(Comparator.comparing(Medicine::name))
          .toList();

  static final List<FoodKeeping> KEEPING = read("keeping.yaml", "keeping", Catalogue::keeping);

  static final List<CultureKind> CULTURES = read("cultures.yaml", "cultures", Catalogue::culture);

  private Catalogue() {}

  private static FoodKeeping keeping(Fields f) {
    return new FoodKeeping(
        f.text("word", 40),
        f.choice("form", FoodKeeping.Form.class),
        f.whole("keepsDays", 1, 730, "days"),
        f.whole("leftoverMinutes", 0, 1440, "minutes"),
        f.optionalText("dayBefore", 200),
        f.optionalText("before", 200),
        f.optionalText("season", 200),
        f.flag("cut", false),
        CareSheetReader.basis(f));
  }

  private static CultureKind culture(Fields f) {
    return new CultureKind(
        f.text("id", 40),
        f.text("name", 60),
        f.whole("everyDays", 1, 60, "days"),
        f.text("care", 200),
        CareSheetReader.basis(f));
  }

  private static Plant plant(Fields f) {
    return new Plant(
        f.text("id", 40),
        f.text("name", 60),
        f.choice("habit", Plant.Habit.class),
        f.choice("light", Plant.Light.class),
        f.range("waterC", 0, 40, "°C"),
        f.flag("salt", false),
        Set.copyOf(f.choices("harms", AnimalGroup.class)),
        f.optionalText("why", 200),
        CareSheetReader.basis(f));
  }

  private static CompanyKind company(Fields f) {
    return new CompanyKind(
        f.text("id", 40),
        f.text("name", 60),
        f.text("plural", 60),
        f.number("lengthCm", 0.05, 100, "cm"),
        f.number("widthShare", 0.05, 2, ""),
        f.optionalNumber("mouthShare", 0, 1, "").orElse(0),
        Set.copyOf(f.choices("traits", CompanyKind.Trait.class)),
        CareSheetReader.basis(f));
  }

  private static Medicine medicine(Fields f) {
    return new Medicine(
        f.text("id", 40),
        f.text("name", 60),
        Set.copyOf(f.choices("harms", AnimalGroup.class)),
        f.flag("gillsOnly", false),
        f.text("why", 200),
        f.flag("filter", false),
        CareSheetReader.basis(f));
  }

  private static FoodItem food(Fields f) {
    return new FoodItem(
        f.text("id", 40), f.text("name", 60), f.text("kind", 60), f.optionalText("seldom", 200));
  }

  private static <T> List<T> read(String file, String list, Function<Fields, T> reader) {
    try (InputStream in = Catalogue.class.getResourceAsStream("/app/islet/core/larder/" + file)) {
      if (in == null) {
        throw new IllegalStateException(file + " is missing from the application");
      }
      String text = new String(in.readAllBytes(), StandardCharsets.UTF_8);
      return Fields.of(file, Node.yaml(file, text)).whole(f -> f.groups(list, 500, reader));
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
