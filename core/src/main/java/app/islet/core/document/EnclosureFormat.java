package app.islet.core.document;

import app.islet.core.care.CompanyKind;
import app.islet.core.care.Medicine;
import app.islet.core.care.Plant;
import app.islet.core.enclosure.Enclosure;
import app.islet.core.enclosure.Furnishing;
import app.islet.core.field.Catalogue;
import app.islet.core.field.RecordFormat;
import app.islet.core.text.Fields;
import app.islet.core.text.Node;
import java.util.HashSet;
import java.util.Map;
import java.util.Set;

/** A design as groups of fields, by their names in an enclosure document. */
public final class EnclosureFormat {
  private static final RecordFormat FORMAT =
      new RecordFormat(
          new Catalogue<>(Plant.class, "plant", Plant::id, Plant::find, () -> Plant.all().stream()),
          new Catalogue<>(
              Medicine.class,
              "medicine",
              Medicine::id,
              Medicine::find,
              () -> Medicine.all().stream()),
          new Catalogue<>(
              CompanyKind.class,
              "company",
              CompanyKind::id,
              CompanyKind::find,
              () -> CompanyKind.all().stream()));

  private EnclosureFormat() {}

  /** Its fields: numbers in SI, choices by their written names. */
  public static Map<String, Object> written(Record part) {
    return FORMAT.written(part);
  }

  /**
   * A design, or a part of one such as its site.
   *
   * @throws app.islet.core.text.UnreadableException with all that is wrong, by its place
   */
  public static <T extends Record> T read(Class<T> part, Map<String, Object> fields) {
    return Fields.of("design", Node.of(fields)).whole(f -> FORMAT.readWhole(f, part));
  }

  static Enclosure read(Fields f) {
    Enclosure e = FORMAT.readWhole(f, Enclosure.class);
    Set<String> ids = new HashSet<>();
    e.furnishings().parts().stream()
        .map(Furnishing::id)
        .filter(id -> !ids.add(id))
        .distinct()
        .forEach(
            id ->
                f.problem(
                    "furnishings/parts",
                    "two parts are called \"%s\"; each needs an id of its own".formatted(id)));
    return e;
  }
}
