package app.islet.web.page.design.build;

import app.islet.core.enclosure.Furnishing;
import app.islet.core.enclosure.FurnishingKind;
import app.islet.core.enclosure.Furnishings;
import app.islet.core.enclosure.Substrate;
import app.islet.core.field.RecordShape;
import app.islet.core.field.Slot;
import app.islet.core.quantity.Quantity;
import app.islet.core.quantity.UnitSystem;
import app.islet.core.text.English;
import app.islet.web.base.support.Field;
import app.islet.web.base.support.Fields;
import app.islet.web.base.support.Form;
import app.islet.web.base.support.Inputs;
import app.islet.web.base.support.Messages;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Several like things of a design as rows of a form: row n has fields such as {@code p0-x}, and one
 * field says how many rows there are.
 */
enum FormRows {
  PARTS("/furnishings", "parts", "p", "part", Furnishing.class, Furnishings.MAX_PARTS) {
    @Override
    String title(Form form, String key, int n) {
      return English.capital(kind(form, key).words())
          + form.typed(key + "id").replaceAll("^.*-(\\d+)$", " $1");
    }

    @Override
    boolean isShown(Slot slot, Form form, String key) {
      return !slot.name().equals("id")
          && (!slot.name().equals("risesLeft") || kind(form, key).form().slopes());
    }

    private static FurnishingKind kind(Form form, String key) {
      return form.choice(key + "kind", FurnishingKind.class, FurnishingKind.STONE);
    }
  },
  LAYERS("/ground", "below", "l", "layer", Substrate.Layer.class, Substrate.MAX_LAYERS) {
    @Override
    String title(Form form, String key, int n) {
      String material =
          Inputs.options(slot("material")).stream()
              .filter(o -> o.value().equals(form.typed(key + "material")))
              .map(Field.Option::words)
              .findFirst()
              .orElse("");
      return Messages.text("field.layer.title", n + 1, material);
    }
  },
  POINTS("/ground", "points", "g", "point", Substrate.Point.class, Substrate.MAX_POINTS) {
    @Override
    String title(Form form, String key, int n) {
      return Messages.text("field.point.title", n + 1);
    }
  };

  private static final Pattern ROW = Pattern.compile("([plg])(\\d+)-(.*)");

  private final String place;
  private final String list;
  private final String prefix;
  private final String label;
  private final RecordShape shape;
  private final int max;

  FormRows(String place, String list, String prefix, String label, Class<?> type, int max) {
    this.place = place;
    this.list = list;
    this.prefix = prefix;
    this.label = label;
    this.shape = RecordShape.of(type);
    this.max = max;
  }

  abstract String title(Form form, String key, int n);

  boolean isShown(Slot slot, Form form, String key) {
    return true;
  }

  /** The things of a design, as its document says them. */
  @SuppressWarnings("unchecked")
  List<Map<String, Object>> of(DesignTree design) {
    return (List<Map<String, Object>>) design.list(place, list);
  }

  private int rows(Form form) {
    return form.whole(label + "s", 0, max, 0);
  }

  /** What the names of the fields of a row begin with. */
  String key(int n) {
    return prefix + n + "-";
  }

  /** A component by the name of its field, which has no unit in it. */
  private static String name(Slot slot) {
    return slot.name().replaceAll("(Cm|Deg)$", "");
  }

  Slot slot(String name) {
    return shape.slots().stream().filter(s -> name(s).equals(name)).findFirst().orElseThrow();
  }

  /**
   * @param things as a document says them
   */
  Map<String, String> typed(List<Map<String, Object>> things, UnitSystem units) {
    Map<String, String> typed = new LinkedHashMap<>();
    typed.put(label + "s", String.valueOf(things.size()));
    for (int n = 0; n < things.size(); n++) {
      for (Slot slot : shape.slots()) {
        Inputs.show(typed, key(n) + name(slot), slot, value(things.get(n), slot), units);
      }
    }
    return typed;
  }

  /** The numbers of the rows by the field they stand in, exact. */
  Map<String, Quantity> numbers(List<Map<String, Object>> things) {
    Map<String, Quantity> numbers = new LinkedHashMap<>();
    for (int n = 0; n < things.size(); n++) {
      for (Slot slot : shape.slots()) {
        String id = key(n) + name(slot);
        Inputs.exact(slot, value(things.get(n), slot)).ifPresent(q -> numbers.put(id, q));
      }
    }
    return numbers;
  }

  private static Object value(Map<String, Object> thing, Slot slot) {
    return thing.getOrDefault(slot.name(), slot.usual().orElse(""));
  }

  /** Puts what was typed into a design; what is wrong is noted in the form. */
  void read(Form form, DesignTree design) {
    List<Map<String, Object>> things = new ArrayList<>();
    for (int n = 0; n < rows(form); n++) {
      Map<String, Object> thing = new LinkedHashMap<>();
      for (Slot slot : shape.slots()) {
        Object value = Inputs.read(form, key(n) + name(slot), slot, slot.isRequired());
        if (value != null) {
          thing.put(slot.name(), value);
        }
      }
      things.add(thing);
    }
    design.open(place).put(list, things);
  }

  List<FormRow> view(Form form) {
    List<FormRow> rows = new ArrayList<>();
    for (int n = 0; n < rows(form); n++) {
      String key = key(n);
      Fields fields = Fields.of(form, label).row(key);
      rows.add(
          FormRow.of(
              key,
              this == PARTS ? form.typed(key + "id") : String.valueOf(n),
              title(form, key, n),
              shape.slots().stream()
                  .filter(slot -> isShown(slot, form, key))
                  .map(slot -> Inputs.field(fields, name(slot), slot))
                  .toList()));
    }
    return rows;
  }

  /** A field of an entry, by its place in a document. */
  static Optional<Entry> at(String path) {
    String[] names = path.split("/");
    return Arrays.stream(values())
        .filter(rows -> names.length == 5 && path.startsWith(rows.place + "/" + rows.list + "/"))
        .flatMap(rows -> rows.shape.at("/" + names[4]).map(s -> rows.entry(names[3], s)).stream())
        .findFirst();
  }

  private Entry entry(String which, Slot slot) {
    String whose =
        this == PARTS
            ? English.capital(which.replace('-', ' '))
            : numbered(Integer.parseInt(which));
    return new Entry(slot, Messages.text("design.of-an-entry", whose, word(name(slot))));
  }

  private String numbered(int n) {
    return switch (this) {
      case PARTS -> Messages.text("design.part-of", n + 1);
      case LAYERS -> Messages.text("design.layer-of", n + 1);
      case POINTS -> Messages.text("field.point.title", n + 1);
    };
  }

  private String word(String name) {
    return Messages.find("field." + label + "." + name).orElse(name);
  }

  /** The label of a field of a row, by its name in the form: {@code l0-thickness}. */
  static Optional<String> label(String field) {
    Matcher row = ROW.matcher(field);
    return row.matches()
        ? Arrays.stream(values())
            .filter(rows -> rows.prefix.equals(row.group(1)))
            .map(
                rows ->
                    Messages.text(
                        "design.of-an-entry",
                        rows.numbered(Integer.parseInt(row.group(2))),
                        rows.word(row.group(3))))
            .findFirst()
        : Optional.empty();
  }

  /**
   * A field of one entry.
   *
   * @param label with which entry it is
   */
  record Entry(Slot slot, String label) {}
}
