package app.islet.web.page.design.build;

import static app.islet.core.enclosure.DesignField.*;

import app.islet.core.care.CompanyKind;
import app.islet.core.care.Medicine;
import app.islet.core.care.Plant;
import app.islet.core.care.SubstrateMaterial;
import app.islet.core.enclosure.DesignField;
import app.islet.core.enclosure.Lid;
import app.islet.core.quantity.Dimension;
import app.islet.core.text.English;
import app.islet.web.base.support.Field;
import app.islet.web.base.support.Fields;
import app.islet.web.base.support.Form;
import app.islet.web.base.support.Inputs;
import app.islet.web.base.support.Messages;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;

/** Which fields of a design stand under which heading of its form. */
final class DesignSections {
  private static final String DEVICES =
      "heater heat-mat chiller fan filter intake basking-lamp uvb-lamp air-stone lamp";

  private final Form form;
  private final Fields fields;

  private DesignSections(Form form) {
    this.form = form;
    this.fields = Fields.of(form, "design");
  }

  /**
   * A group of fields under a heading: {@code section.<name>} in the catalogue.
   *
   * @param things what in the drawing it is about, apart by blanks
   * @param main whether it is shown while nothing is chosen in the drawing
   */
  record Section(String title, String things, boolean main, List<Field> fields) {
    static Section of(String name, String things, List<Field> fields) {
      return new Section(
          Messages.text("section." + name), things, name.equals("enclosure"), fields);
    }

    /** Folded away, but where something in it is wrong. */
    public boolean isOpen() {
      return main || fields.stream().anyMatch(f -> f.error() != null);
    }
  }

  static List<Section> of(Form form) {
    DesignSections sections = new DesignSections(form);
    return Stream.concat(sections.vessel().stream(), sections.inside().stream()).toList();
  }

  private List<Section> vessel() {
    return List.of(
        Section.of(
            "enclosure",
            "vessel lid conditions",
            of(
                NAME,
                PURPOSE,
                SHAPE,
                LENGTH,
                WIDTH,
                HEIGHT,
                FLOOR_SHARE,
                LID,
                PANE,
                BRACED,
                LIP,
                INSULATION)),
        Section.of("water", "water", of(WATER_DEPTH, REST, SALINITY)),
        Section.of("substrate", "ground", of(SUBSTRATE, SUBSTRATE_DEPTH, GRAIN, MAGNET_TESTED)),
        Section.of(
            "land",
            "land platform",
            joined(
                of(LAND_SHARE, LAND_HEIGHT, LAND_RAMP, LAND_MATERIAL, LAND_LITTER),
                List.of(fields.check("platform")),
                of(PLATFORM_LENGTH, PLATFORM_WIDTH))),
        Section.of(
            "equipment",
            DEVICES,
            joined(
                of(
                    HEATER,
                    HEATER_GUARDED,
                    HEAT_MAT,
                    CHILLER,
                    FAN,
                    FILTER,
                    FILTER_GUARDED,
                    SPRAY_BAR,
                    FILTER_SINCE,
                    BASKING_LAMP,
                    BASKING_SPOT,
                    BASKING_LAMP_DISTANCE,
                    BASKING_BEAM),
                List.of(fields.check("uvb")),
                of(
                    UVB_SHAPE,
                    UVB_THROUGH,
                    UVB_FITTED,
                    UVB_DISTANCE,
                    UV_INDEX_STATED,
                    UV_INDEX_READ),
                List.of(fields.check("airStone")))));
  }

  private List<Section> inside() {
    return List.of(
        Section.of(
            "hides-stones-ways-out",
            "hides stones ways-out",
            of(
                HIDES,
                HIDE_OPENING,
                STONES_TOP,
                STONES_GAP,
                STONES_FOOTING,
                FURTHER_WAYS_OUT,
                SPARE_SHELLS)),
        Section.of("pools-beside-the-water", "dish", pools()),
        Section.of("water-as-tested", "", of(SALT, COPPER, SOURCE, PH, HARDNESS)),
        Section.of("measured-inside", "", of(HUMIDITY, LIGHT_HOURS, LID_GAP)),
        Section.of(
            "plants",
            "plants",
            Plant.all().stream().map(p -> check(DesignForm.PLANT + p.id(), p.name())).toList()),
        Section.of(
            "medicines-in-the-water",
            "",
            Medicine.all().stream()
                .map(m -> check(DesignForm.MEDICINE + m.id(), m.name()))
                .toList()),
        Section.of("animals-without-a-care-sheet", "", company()));
  }

  private List<Field> of(DesignField... some) {
    return Arrays.stream(some).map(this::field).toList();
  }

  @SafeVarargs
  private static List<Field> joined(List<Field>... lists) {
    return Stream.of(lists).flatMap(List::stream).toList();
  }

  private Field field(DesignField f) {
    Field field = Inputs.field(fields, f.key(), f.slot());
    return switch (f) {
      case LAND_MATERIAL -> field.withOptions(heaped());
      case UVB_THROUGH -> field.withOptions(between());
      default -> field;
    };
  }

  private Field check(String id, String label) {
    return Field.of(form, id, label, "checkbox", "", "");
  }

  private List<Field> pools() {
    return List.of(
        fields.length("freshPool"),
        fields.number("freshPoolArea", Dimension.AREA),
        fields.check("freshPoolSlope"),
        fields.length("saltPool"),
        fields.number("saltPoolArea", Dimension.AREA),
        fields.number("saltPoolSalt", Dimension.SALINITY),
        fields.check("saltPoolSlope"));
  }

  private List<Field> company() {
    List<Field> company = new ArrayList<>();
    for (CompanyKind kind : CompanyKind.all()) {
      String many = English.capital(kind.plural());
      company.add(Field.of(form, DesignInput.COMPANY + kind.id(), many, "number", "", ""));
      if (kind.has(CompanyKind.Trait.CLEANS) && !kind.has(CompanyKind.Trait.SPINES)) {
        company.add(
            check(DesignInput.BRED + kind.id(), Messages.text("design.have-bred-here", many)));
      }
    }
    return company;
  }

  private static List<Field.Option> heaped() {
    return Stream.concat(
            Stream.of(new Field.Option("", Messages.text("design.land-as-the-substrate"))),
            Stream.of(
                    SubstrateMaterial.SOIL,
                    SubstrateMaterial.COCONUT_AND_SAND,
                    SubstrateMaterial.SAND,
                    SubstrateMaterial.MOSS,
                    SubstrateMaterial.GRAVEL,
                    SubstrateMaterial.LARGE_STONES)
                .map(Inputs::option))
        .toList();
  }

  private static List<Field.Option> between() {
    return Stream.concat(
            Stream.of(
                new Field.Option("", Messages.text("design.through-the-lid")),
                new Field.Option(Lid.NONE.name(), Messages.text("design.through-nothing"))),
            Stream.of(Lid.MESH, Lid.GLASS, Lid.PLASTIC).map(Inputs::option))
        .toList();
  }
}
