package app.islet.web.page.design.water;

import app.islet.core.enclosure.Chemistry;
import app.islet.core.enclosure.DesignField;
import app.islet.core.enclosure.Enclosure;
import app.islet.core.enclosure.Handling;
import app.islet.core.enclosure.SourceWater;
import app.islet.core.enclosure.Water;
import app.islet.core.enclosure.WaterSource;
import app.islet.core.quantity.Dimension;
import app.islet.core.water.Parameter;
import app.islet.web.base.support.Field;
import app.islet.web.base.support.Fields;
import app.islet.web.base.support.Form;
import app.islet.web.store.water.KitUnits;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;

/** Where the water comes from and how it is handled, as it is typed. */
final class SourceForm {
  private SourceForm() {}

  static Map<String, String> typed(Enclosure e, KitUnits kit) {
    Water water = e.water();
    Map<String, String> typed = new LinkedHashMap<>();
    typed.put("from", water.chemistry().source().map(Enum::name).orElse(""));
    put(typed, "sourceNitrate", water.source().nitrateMgPerL(), Parameter.NITRATE, kit);
    put(typed, "sourcePh", water.source().ph(), Parameter.PH, kit);
    put(typed, "sourceHardness", water.source().hardnessDh(), Parameter.HARDNESS, kit);
    put(typed, "sourceCarbonate", water.source().carbonateDh(), Parameter.CARBONATE, kit);
    water
        .handling()
        .conditioner()
        .ifPresent(
            c -> {
              typed.put("labelMl", Form.shown(c.ml(), Dimension.DOSE, kit.system()));
              typed.put("labelL", Form.shown(c.litres(), Dimension.VOLUME, kit.system()));
              typed.put("chloramine", c.chloramine() ? "on" : "");
            });
    typed.put("proof", water.handling().proof().name());
    return typed;
  }

  private static void put(
      Map<String, String> typed,
      String id,
      OptionalDouble value,
      Parameter parameter,
      KitUnits kit) {
    value.ifPresent(v -> typed.put(id, kit.written(parameter, v)));
  }

  /** The design with what was typed; nothing where something is refused. */
  static Optional<Enclosure> read(Form form, Enclosure e, KitUnits kit) {
    double factor = kit.asIon() ? Parameter.NITRATE.ionFactor() : 1;
    OptionalDouble nitrate =
        form.optional(
            "sourceNitrate",
            Dimension.CONCENTRATION,
            0,
            DesignField.SOURCE_NITRATE.limit().max() * factor);
    SourceWater source =
        new SourceWater(
            nitrate.isPresent() ? OptionalDouble.of(nitrate.getAsDouble() / factor) : nitrate,
            form.optional("sourcePh", DesignField.SOURCE_PH.limit()),
            form.optional("sourceHardness", DesignField.SOURCE_HARDNESS.limit()),
            form.optional("sourceCarbonate", DesignField.SOURCE_CARBONATE.limit()));
    OptionalDouble ml = form.optional("labelMl", DesignField.CONDITIONER.limit());
    OptionalDouble litres = form.optional("labelL", DesignField.CONDITIONED.limit());
    if (ml.isPresent() != litres.isPresent() && !form.hasErrors()) {
      form.refuse(
          ml.isPresent() ? "labelL" : "labelMl",
          "A label says both: so many mL for so much water.");
    }
    Handling.Proof proof = form.choice("proof", Handling.Proof.class, Handling.USUAL.proof());
    Optional<WaterSource> from =
        form.typed("from").isEmpty()
            ? Optional.empty()
            : Optional.of(form.choice("from", WaterSource.class, WaterSource.TAP));
    if (form.hasErrors()) {
      return Optional.empty();
    }
    Optional<Handling.Conditioner> conditioner =
        ml.isPresent()
            ? Optional.of(
                new Handling.Conditioner(
                    ml.getAsDouble(), litres.getAsDouble(), form.flag("chloramine")))
            : Optional.empty();
    Chemistry before = e.water().chemistry();
    return Optional.of(
        e.with(
            e.water()
                .with(new Chemistry(before.ph(), before.hardnessDh(), from))
                .with(source, new Handling(conditioner, proof))));
  }

  static List<Field> fields(Form form, KitUnits kit) {
    Fields fields = Fields.of(form, "source");
    return List.of(
        fields.select(
            "from",
            Stream.concat(
                    Stream.of(new Field.Option("", "not said")),
                    Arrays.stream(WaterSource.values())
                        .map(s -> new Field.Option(s.name(), s.words())))
                .toList()),
        fields.number("sourceNitrate", kit.unit(Parameter.NITRATE)),
        fields.number("sourcePh"),
        fields.number("sourceHardness", kit.unit(Parameter.HARDNESS)),
        fields.number("sourceCarbonate", kit.unit(Parameter.CARBONATE)),
        fields.number("labelMl", "mL"),
        fields.number("labelL", Dimension.VOLUME),
        fields.check("chloramine"),
        fields.select(
            "proof",
            Arrays.stream(Handling.Proof.values())
                .map(p -> new Field.Option(p.name(), p.words()))
                .toList()));
  }
}
