package app.islet.web.page.design.build;

import app.islet.core.enclosure.DesignLimits;
import app.islet.core.enclosure.Enclosure;
import app.islet.core.enclosure.Furnishing;
import app.islet.core.enclosure.FurnishingKind;
import app.islet.core.quantity.Dimension;
import app.islet.core.quantity.Quantity;
import app.islet.web.base.support.Field;
import app.islet.web.base.support.Fields;
import app.islet.web.base.support.Form;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/**
 * The parts of a design as rows of a form: each can be typed as well as dragged. Row n has fields
 * {@code p0-x}, {@code p0-y} and so on; the field {@code parts} says how many rows there are.
 */
final class PlacedFurnishingForm {
  private static final String COUNT = "parts";
  private static final int MAX = 200;

  private PlacedFurnishingForm() {}

  static Map<String, String> typed(Enclosure e) {
    Map<String, String> typed = new LinkedHashMap<>();
    List<Furnishing> parts = e.furnishings().parts();
    typed.put(COUNT, String.valueOf(parts.size()));
    for (int n = 0; n < parts.size(); n++) {
      Furnishing part = parts.get(n);
      String key = key(n);
      typed.put(key + "id", part.id());
      typed.put(key + "kind", part.kind().name());
      typed.put(key + "round", part.round() ? "on" : "");
      typed.put(key + "risesLeft", part.risesLeft() ? "on" : "");
      typed.put(key + "locked", part.locked() ? "on" : "");
    }
    return typed;
  }

  static Map<String, Quantity> numbers(Enclosure e) {
    Map<String, Quantity> numbers = new LinkedHashMap<>();
    List<Furnishing> parts = e.furnishings().parts();
    for (int n = 0; n < parts.size(); n++) {
      Furnishing part = parts.get(n);
      String key = key(n);
      numbers.put(key + "x", Quantity.cm(part.xCm()));
      numbers.put(key + "y", Quantity.cm(part.yCm()));
      numbers.put(key + "length", Quantity.cm(part.lengthCm()));
      numbers.put(key + "width", Quantity.cm(part.widthCm()));
      numbers.put(key + "bottom", Quantity.cm(part.bottomCm()));
      numbers.put(key + "top", Quantity.cm(part.topCm()));
      numbers.put(key + "turn", Quantity.degrees(part.turnDeg()));
    }
    return numbers;
  }

  private static String key(int n) {
    return "p" + n + "-";
  }

  private static int rows(Form form) {
    return form.whole(COUNT, 0, MAX, 0);
  }

  static List<Furnishing> read(Form form) {
    List<Furnishing> parts = new ArrayList<>();
    for (int n = 0; n < rows(form); n++) {
      part(form, key(n)).ifPresent(parts::add);
    }
    return parts;
  }

  private static Optional<Furnishing> part(Form form, String key) {
    double x = place(form, key + "x");
    double y = place(form, key + "y");
    double length = size(form, key + "length");
    double width = size(form, key + "width");
    double bottom = form.number(key + "bottom", DesignLimits.PART_HEIGHT);
    double top = form.number(key + "top", DesignLimits.PART_HEIGHT);
    double turn = form.optional(key + "turn", DesignLimits.PART_TURN).orElse(0);
    FurnishingKind kind = form.choice(key + "kind", FurnishingKind.class, FurnishingKind.STONE);
    if (!form.hasErrors() && top <= bottom) {
      form.refuse(
          key + "top",
          "Its top must be above its bottom at %s."
              .formatted(Quantity.cm(bottom).text(form.units())));
    }
    return form.hasErrors()
        ? Optional.empty()
        : Optional.of(
            new Furnishing(
                form.typed(key + "id"),
                kind,
                x,
                y,
                length,
                width,
                bottom,
                top,
                turn,
                form.flag(key + "round"),
                form.flag(key + "risesLeft"),
                form.flag(key + "locked")));
  }

  private static double place(Form form, String id) {
    return form.number(id, DesignLimits.PART_PLACE);
  }

  private static double size(Form form, String id) {
    return form.number(id, DesignLimits.PART_SIDE);
  }

  static List<FormRow> view(Form form) {
    List<FormRow> rows = new ArrayList<>();
    for (int n = 0; n < rows(form); n++) {
      rows.add(row(form, key(n)));
    }
    return rows;
  }

  private static FormRow row(Form form, String key) {
    FurnishingKind kind = form.choice(key + "kind", FurnishingKind.class, FurnishingKind.STONE);
    String id = form.typed(key + "id");
    Fields of = Fields.of(form, "part").row(key);
    List<Field> fields = new ArrayList<>();
    fields.add(
        of.select("kind", DesignForm.options(FurnishingKind.values(), FurnishingKind::words)));
    fields.add(of.length("x"));
    fields.add(of.length("y"));
    fields.add(of.length("length"));
    fields.add(of.length("width"));
    fields.add(of.length("bottom"));
    fields.add(of.length("top"));
    fields.add(of.number("turn", Dimension.ANGLE));
    fields.add(of.check("round"));
    if (kind.form().slopes()) {
      fields.add(of.check("risesLeft"));
    }
    fields.add(of.check("locked"));
    return FormRow.of(key, id, title(id, kind), fields);
  }

  private static String title(String id, FurnishingKind kind) {
    String words = kind.words();
    return words.substring(0, 1).toUpperCase(Locale.ROOT)
        + words.substring(1)
        + id.replaceAll("^.*-(\\d+)$", " $1");
  }
}
