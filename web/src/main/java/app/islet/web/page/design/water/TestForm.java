package app.islet.web.page.design.water;

import app.islet.core.water.Parameter;
import app.islet.core.water.WaterTest;
import app.islet.web.base.support.Field;
import app.islet.web.base.support.Form;
import app.islet.web.store.water.KitUnits;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * The one row of numbers a test is typed into.
 *
 * @param unusual values that can be but hardly are, asked about before they are kept
 */
record TestForm(Optional<WaterTest> test, List<String> unusual) {
  static final String SURE = "sure";
  static final String COUNTS_AS = "countsAs";
  static final String ION = "ION";

  static boolean asIon(Form form) {
    return form.typed(COUNTS_AS).equals(ION);
  }

  /** Nothing where something is refused; it then stands beside its field. */
  static TestForm read(Form form, LocalDate today) {
    KitUnits kit = new KitUnits(form.units(), asIon(form));
    Map<Parameter, Double> values = new EnumMap<>(Parameter.class);
    List<String> unusual = new ArrayList<>();
    for (Parameter parameter : Parameter.values()) {
      kit.read(form, parameter)
          .ifPresent(
              value -> {
                values.put(parameter, value);
                if (!parameter.usual().contains(value)) {
                  unusual.add(
                      "%s %s: usual is %s"
                          .formatted(
                              parameter.words(),
                              kit.text(parameter, value),
                              kit.text(parameter, parameter.usual())));
                }
              });
    }
    LocalDate day = day(form, "day", today);
    if (!form.hasErrors() && values.isEmpty()) {
      form.refuse(KitUnits.id(Parameter.AMMONIA), "Please give at least one value.");
    }
    return form.hasErrors()
        ? new TestForm(Optional.empty(), List.of())
        : new TestForm(
            Optional.of(new WaterTest(day, values)), form.flag(SURE) ? List.of() : unusual);
  }

  static LocalDate day(Form form, String id, LocalDate today) {
    LocalDate day = form.date(id).orElse(today);
    if (day.isAfter(today)) {
      form.refuse(id, "%s is still to come; a log is of today or before.".formatted(day));
    }
    return day;
  }

  static List<Field> fields(Form form) {
    KitUnits kit = new KitUnits(form.units(), asIon(form));
    List<Field> fields = new ArrayList<>();
    for (Parameter parameter : Parameter.values()) {
      fields.add(
          Field.of(
              form,
              KitUnits.id(parameter),
              parameter.brief(),
              "number",
              parameter.isNitrogen()
                  ? parameter.dimension().unit(form.units())
                  : kit.unit(parameter),
              ""));
    }
    return fields;
  }
}
