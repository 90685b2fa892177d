package app.islet.web.page.animals;

import app.islet.core.animal.Size;
import app.islet.core.quantity.Dimension;
import app.islet.core.text.English;
import app.islet.web.base.support.Field;
import app.islet.web.base.support.Fields;
import app.islet.web.base.support.Form;
import app.islet.web.base.support.Messages;
import app.islet.web.people.collection.CollectionContext;
import app.islet.web.store.animal.Residents.Measured;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * The fields an animal is measured in: its length where the eye is, the rest beside it.
 *
 * @param more what is not measured each time
 * @param amiss whether one of those was refused
 */
record MeasureForm(Field length, List<Field> more, boolean amiss) {
  private static final String LENGTH = "length";
  private static final String SMALLEST = "smallest";
  private static final String MASS = "mass";
  private static final String DAY = "day";

  /**
   * @param sent what was typed; another form than this where it has no length
   * @param at what the names of the fields begin with
   */
  static MeasureForm of(Form sent, String at, Subject s) {
    Form form =
        sent.has(at + LENGTH)
            ? sent
            : new Form(Map.of(at + DAY, s.today().toString()), sent.units());
    Fields fields = Fields.of(form, "records").row(at);
    List<Field> more = new ArrayList<>();
    if (!s.animal().single()) {
      more.add(fields.length(SMALLEST));
    }
    more.add(fields.number(MASS, Dimension.MASS));
    more.add(fields.date(DAY));
    return new MeasureForm(
        Field.of(
            form,
            at + LENGTH,
            English.capital(s.resident().sheet().group().measure()),
            "number",
            Dimension.LENGTH.unit(form.units()),
            ""),
        more,
        more.stream().anyMatch(field -> field.error() != null));
  }

  /** What was measured; empty where something of it was refused. */
  static Optional<Measured> read(CollectionContext context, Form form, String at) {
    OptionalDouble length = form.optional(at + LENGTH, Size.LENGTH);
    OptionalDouble smallest = form.optional(at + SMALLEST, Size.LENGTH);
    OptionalDouble mass = form.optional(at + MASS, Size.MASS);
    LocalDate day = form.date(at + DAY).orElse(context.today());
    if (day.isAfter(context.today())) {
      form.refuse(at + DAY, Messages.text("animals.until-today"));
    }
    if (smallest.isPresent() && smallest.getAsDouble() > length.orElse(0)) {
      form.refuse(at + SMALLEST, Messages.text("growth.smallest"));
    }
    if (length.isEmpty() && mass.isEmpty()) {
      form.refuse(at + LENGTH, Messages.text("growth.nothing"));
    }
    return form.hasErrors()
        ? Optional.empty()
        : Optional.of(new Measured(day, length, smallest, mass));
  }
}
