package app.islet.web.page.design.build;

import app.islet.core.care.SubstrateMaterial;
import app.islet.core.enclosure.Lid;
import app.islet.core.enclosure.Purpose;
import app.islet.core.enclosure.UvShape;
import app.islet.core.enclosure.Vessel;
import app.islet.core.quantity.Dimension;
import app.islet.web.base.support.Field;
import app.islet.web.base.support.Fields;
import app.islet.web.base.support.Form;
import app.islet.web.page.design.build.DesignForm.Section;
import java.util.ArrayList;
import java.util.List;

/** The fields of a design but those of its parts. */
final class BasicsForm {
  private static final String DEVICES =
      "heater heat-mat chiller fan filter intake basking-lamp uvb-lamp air-stone lamp";

  private BasicsForm() {}

  static List<Section> sections(Form form) {
    Fields fields = Fields.of(form, "design");
    return List.of(
        Section.main("enclosure", "vessel lid conditions", vessel(fields)),
        Section.of("water", "water", water(fields)),
        Section.of("substrate", "ground", SubstrateForm.fields(form)),
        Section.of("land", "land platform", land(fields)),
        Section.of("equipment", DEVICES, equipment(fields)));
  }

  private static List<Field> vessel(Fields fields) {
    return List.of(
        fields.text("name"),
        fields.select("purpose", DesignForm.options(Purpose.values(), Purpose::words)),
        fields.select("shape", DesignForm.options(Vessel.Shape.values(), Vessel.Shape::words)),
        fields.length("length"),
        fields.length("width"),
        fields.length("height"),
        fields.number("floorShare", "%"),
        fields.select("lid", DesignForm.options(Lid.values(), Lid::words)),
        fields.number("pane", Dimension.THICKNESS),
        fields.check("braced"),
        fields.length("lip"),
        fields.number("insulation", Dimension.THICKNESS));
  }

  private static List<Field> water(Fields fields) {
    return List.of(
        fields.length("depth"), fields.length("rest"), fields.number("salt", Dimension.SALINITY));
  }

  private static List<Field> land(Fields fields) {
    return List.of(
        fields.number("landShare", "%"),
        fields.length("landHeight"),
        fields.length("ramp"),
        fields.select("landMaterial", heaped()),
        fields.check("landLitter"),
        fields.check("platform"),
        fields.length("platformLength"),
        fields.length("platformWidth"));
  }

  private static List<Field> equipment(Fields fields) {
    return List.of(
        fields.number("heater", "W"),
        fields.check("guarded"),
        fields.number("mat", "W"),
        fields.number("chiller", "W"),
        fields.number("fan", "m/s"),
        fields.number("filter", Dimension.FLOW),
        fields.check("filterGuarded"),
        fields.check("sprayBar"),
        fields.date("filterSince"),
        fields.number("lamp", "W"),
        fields.number("spot", Dimension.TEMPERATURE),
        fields.length("lampDistance"),
        fields.number("beam", "°"),
        fields.check("uvb"),
        fields.select("uvbShape", DesignForm.options(UvShape.values(), UvShape::words)),
        fields.select("uvbThrough", between()),
        fields.date("uvbFitted"),
        fields.length("uvbDistance"),
        fields.number("uvi30"),
        fields.number("uviRead"),
        fields.check("airStone"));
  }

  private static List<Field.Option> heaped() {
    List<Field.Option> options = new ArrayList<>(List.of(new Field.Option("", "the substrate")));
    for (SubstrateMaterial material :
        List.of(
            SubstrateMaterial.SOIL,
            SubstrateMaterial.COCONUT_AND_SAND,
            SubstrateMaterial.SAND,
            SubstrateMaterial.MOSS,
            SubstrateMaterial.GRAVEL,
            SubstrateMaterial.LARGE_STONES)) {
      options.add(new Field.Option(material.name(), material.words()));
    }
    return options;
  }

  private static List<Field.Option> between() {
    List<Field.Option> options = new ArrayList<>(List.of(new Field.Option("", "the lid")));
    options.add(new Field.Option(Lid.NONE.name(), "nothing: it hangs under the lid"));
    for (Lid lid : List.of(Lid.MESH, Lid.GLASS, Lid.PLASTIC)) {
      options.add(new Field.Option(lid.name(), lid.words()));
    }
    return options;
  }
}
