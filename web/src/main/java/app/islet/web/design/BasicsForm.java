package app.islet.web.design;

import app.islet.core.enclosure.Lid;
import app.islet.core.enclosure.UvShape;
import app.islet.core.enclosure.Vessel;
import app.islet.core.quantity.Dimension;
import app.islet.web.design.DesignForm.Section;
import app.islet.web.support.Field;
import app.islet.web.support.Form;
import java.util.ArrayList;
import java.util.List;

/** The fields of a design but those of its parts. */
final class BasicsForm {
  private BasicsForm() {}

  static List<Section> sections(Form form) {
    return List.of(
        Section.open("Enclosure", vessel(form)),
        Section.open("Water", water(form)),
        Section.open("Substrate", SubstrateForm.fields(form)),
        Section.open("Land", land(form)),
        Section.open("Equipment", equipment(form)));
  }

  private static List<Field> vessel(Form form) {
    String len = Dimension.LENGTH.unit(form.units());
    return List.of(
        Field.of(form, "name", "Name", "text", "", ""),
        Field.select(
            form, "shape", "Shape", DesignForm.options(Vessel.Shape.values(), Vessel.Shape::words)),
        number(form, "length", "Inner length", len, ""),
        number(form, "width", "Inner width", len, ""),
        number(form, "height", "Inner height", len, ""),
        number(
            form,
            "floorShare",
            "Bottom size as a share of the rim",
            "%",
            "Leave empty for upright walls"),
        Field.select(form, "lid", "Lid", DesignForm.options(Lid.values(), Lid::words)),
        number(
            form,
            "pane",
            "Front glass thickness",
            Dimension.THICKNESS.unit(form.units()),
            "Leave empty if you don't know"),
        Field.of(form, "braced", "Braced rim", "checkbox", "", ""),
        number(form, "lip", "Lip below the front doors", len, "Leave empty if there is none"),
        number(
            form,
            "insulation",
            "Insulation on back and sides",
            Dimension.THICKNESS.unit(form.units()),
            "Leave empty if there is none"));
  }

  private static List<Field> water(Form form) {
    String len = Dimension.LENGTH.unit(form.units());
    return List.of(
        number(form, "depth", "Water depth", len, "above the substrate"),
        number(
            form, "rest", "Resting place below the surface", len, "Leave empty if there is none"),
        number(
            form,
            "salt",
            "Salinity",
            Dimension.SALINITY.unit(form.units()),
            "Leave empty for fresh water"));
  }

  private static List<Field> land(Form form) {
    String len = Dimension.LENGTH.unit(form.units());
    return List.of(
        number(form, "landShare", "Land share of the length", "%", "Leave empty for no land"),
        number(form, "landHeight", "Land height above the floor", len, ""),
        number(form, "ramp", "Length of the slope", len, "0 for an upright bank"),
        Field.of(form, "platform", "Basking platform", "checkbox", "", ""),
        number(form, "platformLength", "Platform length", len, ""),
        number(form, "platformWidth", "Platform width", len, ""));
  }

  private static List<Field> equipment(Form form) {
    String len = Dimension.LENGTH.unit(form.units());
    return List.of(
        number(form, "heater", "Heater", "W", "Leave empty if there is none"),
        Field.of(form, "guarded", "Guarded heater", "checkbox", "", ""),
        number(form, "mat", "Heat mat", "W", ""),
        number(form, "chiller", "Chiller cooling power", "W", ""),
        number(form, "fan", "Fan air speed", "m/s", ""),
        number(form, "filter", "Filter flow", Dimension.FLOW.unit(form.units()), ""),
        Field.of(form, "filterGuarded", "Guarded filter intake", "checkbox", "", ""),
        Field.of(form, "sprayBar", "Spray bar, or outlet to the glass", "checkbox", "", ""),
        Field.of(form, "filterSince", "Filter running since", "date", "", ""),
        number(form, "lamp", "Basking lamp", "W", ""),
        number(
            form,
            "spot",
            "Basking surface temperature",
            Dimension.TEMPERATURE.unit(form.units()),
            "as measured under the lamp"),
        number(form, "lampDistance", "Lamp to the basking surface", len, ""),
        number(form, "beam", "Beam angle", "°", "Leave empty for 60°"),
        Field.of(form, "uvb", "UVB lamp", "checkbox", "", ""),
        Field.select(
            form,
            "uvbShape",
            "UVB lamp type",
            DesignForm.options(UvShape.values(), UvShape::words)),
        Field.select(form, "uvbThrough", "Between UVB lamp and animal", between()),
        Field.of(form, "uvbFitted", "UVB lamp fitted on", "date", "", ""),
        number(form, "uvbDistance", "UVB lamp to the animal's back", len, ""),
        number(form, "uvi30", "UV index at 30 cm", "", "as printed on its box"),
        number(form, "uviRead", "UV index measured", "", "by a meter, at the animal's back"),
        Field.of(form, "airStone", "Air stone", "checkbox", "", ""));
  }

  private static List<Field.Option> between() {
    List<Field.Option> options = new ArrayList<>(List.of(new Field.Option("", "the lid")));
    options.add(new Field.Option(Lid.NONE.name(), "nothing: it hangs under the lid"));
    for (Lid lid : List.of(Lid.MESH, Lid.GLASS, Lid.PLASTIC)) {
      options.add(new Field.Option(lid.name(), lid.words()));
    }
    return options;
  }

  private static Field number(Form form, String id, String label, String unit, String hint) {
    return Field.of(form, id, label, "number", unit, hint);
  }
}
