package app.islet.web.page.design.build;

import app.islet.core.care.CompanyKind;
import app.islet.core.care.Medicine;
import app.islet.core.enclosure.Additives;
import app.islet.core.enclosure.Companion;
import app.islet.core.enclosure.Enclosure;
import app.islet.core.quantity.Dimension;
import app.islet.core.quantity.Quantity;
import app.islet.core.text.English;
import app.islet.web.base.support.Field;
import app.islet.web.base.support.Fields;
import app.islet.web.base.support.Form;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * The part of the design form that says who else lives there without a care sheet, and what was put
 * into the water.
 */
final class CompanyForm {
  private static final String COMPANY = "with-";
  private static final String BRED = "bred-";
  private static final String MEDICINE = "medicine-";

  private CompanyForm() {}

  static Map<String, String> typed(Enclosure e) {
    Map<String, String> typed = new LinkedHashMap<>();
    Additives in = e.water().additives();
    in.salt().ifPresent(salt -> typed.put("saltKind", salt.name()));
    in.medicines().forEach(medicine -> typed.put(MEDICINE + medicine.id(), "on"));
    e.company().stream()
        .filter(Companion::established)
        .forEach(c -> typed.put(BRED + c.kind().id(), "on"));
    return typed;
  }

  static Map<String, Quantity> numbers(Enclosure e) {
    Map<String, Quantity> numbers = new LinkedHashMap<>();
    e.water()
        .additives()
        .copperMgPerL()
        .ifPresent(mg -> numbers.put("copper", new Quantity(Dimension.CONCENTRATION, mg)));
    e.company().forEach(c -> numbers.put(COMPANY + c.kind().id(), Quantity.count(c.count())));
    return numbers;
  }

  static Additives additives(Form form) {
    return new Additives(
        form.typed("saltKind").isEmpty()
            ? Optional.empty()
            : Optional.of(form.choice("saltKind", Additives.Salt.class, Additives.Salt.MARINE)),
        form.optional("copper", Dimension.CONCENTRATION, 0, 100),
        Medicine.all().stream().filter(m -> form.flag(MEDICINE + m.id())).toList());
  }

  /** Company as typed; lengths somebody measured stay. */
  static List<Companion> company(Form form, List<Companion> base) {
    List<Companion> all = new ArrayList<>();
    for (CompanyKind kind : CompanyKind.all()) {
      int count = form.whole(COMPANY + kind.id(), 0, 100_000, 0);
      if (count > 0) {
        OptionalDouble length =
            base.stream()
                .filter(c -> c.kind().equals(kind))
                .map(Companion::lengthCm)
                .findFirst()
                .orElse(OptionalDouble.empty());
        all.add(new Companion(kind, count, length, form.flag(BRED + kind.id())));
      }
    }
    return all;
  }

  static List<DesignForm.Section> sections(Form form) {
    List<Field> company = new ArrayList<>();
    for (CompanyKind kind : CompanyKind.all()) {
      company.add(
          Field.of(form, COMPANY + kind.id(), English.capital(kind.plural()), "number", "", ""));
      if (kind.has(CompanyKind.Trait.CLEANS) && !kind.has(CompanyKind.Trait.SPINES)) {
        company.add(
            Field.of(
                form,
                BRED + kind.id(),
                English.capital(kind.plural()) + " have bred here",
                "checkbox",
                "",
                ""));
      }
    }
    return List.of(
        DesignForm.Section.of(
            "medicines-in-the-water",
            "",
            Medicine.all().stream()
                .map(m -> Field.of(form, MEDICINE + m.id(), m.name(), "checkbox", "", ""))
                .toList()),
        DesignForm.Section.of("animals-without-a-care-sheet", "", company));
  }

  /** What was added to the water, beside what was tested in it. */
  static List<Field> water(Form form) {
    Fields fields = Fields.of(form, "design");
    List<Field.Option> salts = new ArrayList<>(List.of(new Field.Option("", "not said")));
    for (Additives.Salt salt : Additives.Salt.values()) {
      salts.add(new Field.Option(salt.name(), salt.words()));
    }
    return List.of(
        fields.select("saltKind", salts), fields.number("copper", Dimension.CONCENTRATION));
  }
}
