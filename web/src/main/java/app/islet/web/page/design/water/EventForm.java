package app.islet.web.page.design.water;

import app.islet.core.quantity.Quantity;
import app.islet.core.quantity.UnitSystem;
import app.islet.core.water.WaterEvent;
import app.islet.web.base.support.Field;
import app.islet.web.base.support.Fields;
import app.islet.web.base.support.Form;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** What was done to the water, as it is typed and as it reads. */
final class EventForm {
  private EventForm() {}

  static Optional<WaterEvent> read(Form form, LocalDate today) {
    WaterEvent.Kind kind = form.choice("kind", WaterEvent.Kind.class, WaterEvent.Kind.CHANGE);
    double amount =
        kind.hasAmount() ? form.number("amount", kind.dimension(), kind.least(), kind.most()) : 0;
    LocalDate day = TestForm.day(form, "eventDay", today);
    return form.hasErrors() ? Optional.empty() : Optional.of(new WaterEvent(day, kind, amount));
  }

  static List<Field> fields(Form form) {
    Fields fields = Fields.of(form, "event");
    return List.of(
        fields.select(
            "kind",
            Arrays.stream(WaterEvent.Kind.values())
                .map(k -> new Field.Option(k.name(), label(k, form.units())))
                .toList()),
        fields.number("amount"),
        fields.date("eventDay"));
  }

  private static String label(WaterEvent.Kind kind, UnitSystem units) {
    if (!kind.hasAmount()) {
      return kind.words();
    }
    String unit = kind.dimension().unit(units);
    return "%s (%s)".formatted(kind.words(), kind.of().isEmpty() ? unit : kind.of() + ", " + unit);
  }

  /** As in {@code water change, 25 %}. */
  static String words(WaterEvent event, UnitSystem units) {
    String what = event.kind().words().toLowerCase(Locale.ENGLISH);
    return event.kind().hasAmount()
        ? what + ", " + new Quantity(event.kind().dimension(), event.amount()).text(units)
        : what;
  }
}
