package app.islet.web.page.design.build;

import app.islet.core.document.DocumentDiff;
import app.islet.core.enclosure.DesignField;
import app.islet.core.field.Slot;
import app.islet.core.quantity.Dimension;
import app.islet.core.quantity.Quantity;
import app.islet.core.quantity.UnitSystem;
import app.islet.core.text.Worded;
import app.islet.web.base.support.Inputs;
import app.islet.web.base.support.Messages;
import java.util.Arrays;
import java.util.Optional;
import java.util.regex.Pattern;

/**
 * What changed between two versions of a design, in the words of its form and the keeper's units.
 *
 * @param label of the field; its place in the document where the form has none
 * @param before empty where it was not there
 * @param after empty where it is no more
 */
record ChangeWords(String label, String before, String after) {
  private static final Pattern NUMBER = Pattern.compile("-?\\d+(\\.\\d+)?([Ee]-?\\d+)?");

  static ChangeWords of(DocumentDiff.Difference d, UnitSystem units) {
    Optional<Slot> slot = slot(d.path());
    return new ChangeWords(
        label(d.path()),
        slot.map(s -> value(s, d.before(), units)).orElse(d.before()),
        slot.map(s -> value(s, d.after(), units)).orElse(d.after()));
  }

  /** Of lists the entry is named before the field, by its number or id. */
  private static Optional<Slot> slot(String path) {
    return FormRows.at(path)
        .map(FormRows.Entry::slot)
        .or(() -> DesignField.find(path).map(DesignField::slot));
  }

  private static String label(String path) {
    return DesignField.find(path)
        .flatMap(f -> Messages.find("field." + f.form() + "." + f.key()))
        .or(() -> FormRows.at(path).map(FormRows.Entry::label))
        .orElse(path);
  }

  private static String value(Slot slot, String said, UnitSystem units) {
    if (said.isEmpty()) {
      return said;
    }
    if (slot.type().isEnum()) {
      return Arrays.stream(slot.type().getEnumConstants())
          .filter(c -> app.islet.core.text.Fields.written((Enum<?>) c).equals(said))
          .map(c -> c instanceof Worded worded ? worded.words() : said)
          .findFirst()
          .orElse(said);
    }
    if (slot.limit().isPresent() && NUMBER.matcher(said).matches()) {
      return Inputs.exact(slot, Double.valueOf(said)).map(q -> text(q, slot, units)).orElse(said);
    }
    return switch (said) {
      case "true" -> Messages.text("common.yes");
      case "false" -> Messages.text("common.no");
      default -> said;
    };
  }

  /** With the unit a document gives it where its dimension has none. */
  private static String text(Quantity q, Slot slot, UnitSystem units) {
    boolean named = q.dimension() != Dimension.RATIO;
    String unit = slot.limit().orElseThrow().unit();
    return named || unit.isEmpty() ? q.text(units) : q.text(units) + " " + unit;
  }
}
