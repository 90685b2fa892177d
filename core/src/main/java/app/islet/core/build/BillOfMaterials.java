package app.islet.core.build;

import app.islet.core.care.Plant;
import app.islet.core.care.SubstrateMaterial;
import app.islet.core.enclosure.Enclosure;
import app.islet.core.enclosure.Equipment;
import app.islet.core.enclosure.Furnishing;
import app.islet.core.enclosure.FurnishingKind;
import app.islet.core.enclosure.Hides;
import app.islet.core.enclosure.Lid;
import app.islet.core.enclosure.WaterSource;
import app.islet.core.geometry.SubstrateVolumes;
import app.islet.core.plan.FoodAmount;
import app.islet.core.plan.Purchase;
import app.islet.core.plan.Shopping;
import app.islet.core.quantity.Dimension;
import app.islet.core.quantity.Phrase;
import app.islet.core.quantity.Quantity;
import app.islet.core.situation.HusbandryState;
import app.islet.core.text.English;
import app.islet.core.water.SaltMix;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/** Every thing of a design with its amount. */
final class BillOfMaterials {
  private static final String VESSEL = "Vessel";
  private static final String GROUND = "Substrate";
  private static final String PARTS = "Parts";
  private static final String DEVICES = "Devices";
  private static final String WATER = "Water";
  private static final String FOOD = "Food for a month";

  /** As sand and gravel are mostly sold. */
  private static final double BAG_KG = 5;

  /** Cut away of a mesh at walls and corners; common practice, no source. */
  private static final double MESH_SPARE = 1.1;

  private static final double SALT_AT_C = 25;

  private final HusbandryState s;
  private final Enclosure e;
  private final List<BillLine> lines = new ArrayList<>();

  private BillOfMaterials(HusbandryState s) {
    this.s = s;
    this.e = s.enclosure();
  }

  static List<BillLine> of(HusbandryState s) {
    BillOfMaterials list = new BillOfMaterials(s);
    list.vessel();
    list.ground();
    list.parts();
    list.devices();
    list.water();
    list.food();
    list.missing();
    return list.lines;
  }

  private void add(String group, String key, String thing, Phrase note, Quantity... amounts) {
    lines.add(new BillLine(key, group, thing, List.of(amounts), note, true));
  }

  private void vessel() {
    var v = e.vessel();
    add(
        VESSEL,
        "vessel",
        "Vessel, " + v.shape().words(),
        Phrase.of(
            "inside {} by {} by {}",
            Quantity.cm(v.lengthCm()),
            Quantity.cm(v.widthCm()),
            Quantity.cm(v.heightCm())),
        Quantity.count(1));
    if (e.lid() != Lid.NONE) {
      add(
          VESSEL,
          "lid",
          "Top of " + e.lid().words(),
          Phrase.of("over the whole rim"),
          Quantity.cm2(v.lengthCm() * v.widthCm()));
    }
  }

  /** What the menus ask for; bought again each month. */
  private void food() {
    for (FoodAmount amount : MonthOfFood.of(s)) {
      add(
          FOOD,
          MonthOfFood.key(amount),
          amount.food(),
          Phrase.of(amount.counted() ? amount.unit() : "by weight"),
          amount.counted()
              ? Quantity.count(Math.ceil(amount.amount()))
              : Quantity.grams(amount.amount()));
    }
  }

  /** Each layer over the whole floor; what rises over it is of the uppermost material. */
  private void ground() {
    SubstrateVolumes volumes = SubstrateVolumes.of(e, s.geometry());
    int n = 0;
    for (SubstrateVolumes.Volume layer : volumes.layers()) {
      n++;
      String key = "layer-" + n + "-" + written(layer.material());
      if (layer.material() == SubstrateMaterial.MESH) {
        add(
            GROUND,
            key,
            "Separating mesh",
            Phrase.of("a tenth more than the floor, for the edges"),
            Quantity.cm2(s.geometry().footprintCm2() * MESH_SPARE));
      } else {
        bulk(key, layer);
      }
    }
    volumes.uppermost().forEach(volume -> bulk("ground-" + written(volume.material()), volume));
  }

  private void bulk(String key, SubstrateVolumes.Volume volume) {
    SubstrateMaterial material = volume.material();
    add(
        GROUND,
        key,
        capital(material.words()),
        Phrase.of(
            "loose and dry, {} a litre; {} of {}",
            new Quantity(Dimension.MASS_KG, material.kgPerL()),
            English.count(volume.bags(BAG_KG), "bag"),
            Quantity.kilograms(BAG_KG)),
        Quantity.litres(volume.litres()),
        Quantity.kilograms(volume.massKg()));
  }

  private void parts() {
    Map<FurnishingKind, List<Furnishing>> byKind = new EnumMap<>(FurnishingKind.class);
    e.furnishings().parts().stream()
        .filter(p -> !p.kind().isDevice() && !SubstrateVolumes.isOfSubstrate(p))
        .forEach(p -> byKind.computeIfAbsent(p.kind(), k -> new ArrayList<>()).add(p));
    byKind.forEach(
        (kind, parts) ->
            add(
                PARTS,
                "part-" + written(kind),
                capital(kind.words()),
                sizes(parts),
                Quantity.count(parts.size()),
                amount(kind, parts)));
    e.platform()
        .ifPresent(
            p ->
                add(
                    PARTS,
                    "platform",
                    "Basking platform with a rough ramp",
                    Phrase.of("{} by {}", Quantity.cm(p.lengthCm()), Quantity.cm(p.widthCm())),
                    Quantity.count(1)));
    e.furnishings()
        .hides()
        .map(Hides::count)
        .ifPresent(count -> add(PARTS, "hides", "Hides", Phrase.of(""), Quantity.count(count)));
    for (Plant plant : e.furnishings().plants()) {
      add(
          PARTS,
          "plant-" + plant.id(),
          capital(plant.name()),
          Phrase.of("one bunch or pot"),
          Quantity.count(1));
    }
  }

  /** Plants, floats and walls by their area, everything else by what it weighs. */
  private static Quantity amount(FurnishingKind kind, List<Furnishing> parts) {
    return switch (kind) {
      case PLANTS, FLOATING_PLANTS, FLOAT, NET ->
          Quantity.cm2(parts.stream().mapToDouble(Furnishing::areaCm2).sum());
      case BACK_WALL, PARTITION ->
          Quantity.cm2(
              parts.stream()
                  .mapToDouble(
                      p -> Math.max(p.lengthCm(), p.widthCm()) * (p.topCm() - p.bottomCm()))
                  .sum());
      default -> Quantity.kilograms(parts.stream().mapToDouble(Furnishing::massKg).sum());
    };
  }

  private static Phrase sizes(List<Furnishing> parts) {
    Furnishing first = parts.get(0);
    return Phrase.of(
        parts.size() == 1 ? "{} by {}, {} high" : "the first {} by {}, {} high",
        Quantity.cm(first.lengthCm()),
        Quantity.cm(first.widthCm()),
        Quantity.cm(first.topCm() - first.bottomCm()));
  }

  private void devices() {
    int n = 0;
    for (Equipment device : e.equipment()) {
      n++;
      add(DEVICES, deviceKey(device, n), capital(device.words()), Phrase.of(""), rating(device));
    }
  }

  /**
   * @param n of the device among all, from 1
   */
  static String deviceKey(Equipment device, int n) {
    return "device-" + device.words().replace(' ', '-').toLowerCase(Locale.ROOT) + "-" + n;
  }

  private static Quantity rating(Equipment device) {
    if (device instanceof Equipment.Heater heater) {
      return Quantity.watts(heater.powerW());
    }
    if (device instanceof Equipment.HeatMat mat) {
      return Quantity.watts(mat.powerW());
    }
    if (device instanceof Equipment.Chiller chiller) {
      return Quantity.watts(chiller.coolingW());
    }
    if (device instanceof Equipment.Filter filter) {
      return Quantity.litresPerHour(filter.flowLph());
    }
    if (device instanceof Equipment.BaskingLamp lamp) {
      return Quantity.watts(lamp.powerW());
    }
    return Quantity.count(1);
  }

  private void water() {
    double litres = s.geometry().waterL();
    if (litres <= 0) {
      return;
    }
    add(
        WATER,
        "water",
        "Water to fill",
        Phrase.of("what stands in it taken off"),
        Quantity.litres(litres));
    WaterSource source = e.water().chemistry().source().orElse(WaterSource.TAP);
    if (source == WaterSource.TAP) {
      add(
          WATER,
          "conditioner",
          "Water conditioner against chlorine and chloramine",
          s.waterState()
              .conditioner(litres)
              .map(
                  d ->
                      Phrase.of(
                          "{} by its label for the first filling, never above it",
                          new Quantity(Dimension.DOSE, d.ml())))
              .orElse(
                  Phrase.of("enough for so much water; the dose is on its label, never above it")),
          Quantity.litres(litres));
    }
    double ppt = e.water().salinityPpt();
    if (ppt > 0) {
      add(
          WATER,
          "salt",
          "Sea salt for aquaria",
          Phrase.of("dry, to {}; never table salt", new Quantity(Dimension.SALINITY, ppt)),
          Quantity.grams(SaltMix.saltG(litres, 0, ppt, SALT_AT_C)));
    }
  }

  /** What the residents need and the design has not. */
  private void missing() {
    for (Purchase purchase : Shopping.list(s)) {
      if (!purchase.present()) {
        lines.add(
            new BillLine(
                "missing-"
                    + purchase.thing().toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]+", "-"),
                "Still missing in the design",
                purchase.thing(),
                List.of(),
                purchase.size(),
                false));
      }
    }
  }

  private static String written(Enum<?> value) {
    return value.name().toLowerCase(Locale.ROOT).replace('_', '-');
  }

  private static String capital(String words) {
    return words.substring(0, 1).toUpperCase(Locale.ROOT) + words.substring(1);
  }
}
