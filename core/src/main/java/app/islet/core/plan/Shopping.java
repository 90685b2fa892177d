package app.islet.core.plan;

import app.islet.core.care.Needs;
import app.islet.core.climate.Climate;
import app.islet.core.enclosure.Equipment;
import app.islet.core.enclosure.Lid;
import app.islet.core.geometry.SubstrateVolumes;
import app.islet.core.quantity.Phrase;
import app.islet.core.quantity.Quantity;
import app.islet.core.situation.HusbandryState;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;

/** What equipment and material the enclosure takes, with sizes. */
public final class Shopping {
  private Shopping() {}

  public static List<Purchase> list(HusbandryState s) {
    List<Purchase> list = new ArrayList<>();
    List<Needs> needs = s.residents().stream().map(r -> r.stage().needs()).toList();
    heating(s, needs, list);
    filter(s, needs, list);
    lamps(s, needs, list);
    if (needs.stream().anyMatch(n -> n.escape().lid())) {
      list.add(
          new Purchase(
              "Lid without gaps",
              Phrase.of("{}", Quantity.cm2(s.geometry().footprintCm2())),
              s.enclosure().lid() != Lid.NONE));
    }
    SubstrateVolumes volumes = SubstrateVolumes.of(s.enclosure(), s.geometry());
    Stream.concat(volumes.layers().stream(), volumes.uppermost().stream())
        .filter(volume -> volume.litres() > 0)
        .map(Shopping::substrate)
        .forEach(list::add);
    return list;
  }

  private static void heating(HusbandryState s, List<Needs> needs, List<Purchase> list) {
    s.climate()
        .water()
        .filter(
            w ->
                w.heating() == Climate.WaterClimate.Heating.HEATER
                    && needs.stream().noneMatch(n -> n.heater() == Needs.Heater.NEVER))
        .ifPresent(
            w ->
                list.add(
                    new Purchase(
                        "Heater with guard and thermostat",
                        Phrase.of(
                            "{} in the coldest room hour; buy a third more",
                            Quantity.watts(w.heatingNeedW())),
                        s.enclosure().has(Equipment.Heater.class))));
    s.climate()
        .air()
        .filter(a -> a.heatingNeedW() > 0)
        .ifPresent(
            a ->
                list.add(
                    new Purchase(
                        "Heat mat with thermostat",
                        Phrase.of("{} for the air", Quantity.watts(a.heatingNeedW())),
                        s.enclosure().has(Equipment.HeatMat.class))));
  }

  private static void filter(HusbandryState s, List<Needs> needs, List<Purchase> list) {
    needs.stream()
        .flatMap(n -> n.filtration().stream())
        .mapToDouble(f -> f.turnoverPerHour().min())
        .max()
        .ifPresent(
            turnover ->
                list.add(
                    new Purchase(
                        "Filter",
                        Phrase.of(
                            "{} or more", Quantity.litresPerHour(turnover * s.geometry().waterL())),
                        s.enclosure().has(Equipment.Filter.class))));
  }

  private static void lamps(HusbandryState s, List<Needs> needs, List<Purchase> list) {
    if (needs.stream().anyMatch(n -> n.basking().isPresent())) {
      list.add(
          new Purchase(
              "Basking lamp",
              Phrase.of("set by thermometer on the spot"),
              s.enclosure().has(Equipment.BaskingLamp.class)));
    }
    needs.stream()
        .flatMap(n -> n.uv().stream())
        .findFirst()
        .ifPresent(
            uv ->
                list.add(
                    new Purchase(
                        "UVB tube",
                        Phrase.of(
                            "UV zone {}, nothing of glass between",
                            Quantity.count(uv.zone().number())),
                        s.enclosure().has(Equipment.UvbLamp.class))));
  }

  private static Purchase substrate(SubstrateVolumes.Volume volume) {
    return new Purchase(
        "Substrate: " + volume.material().words(),
        Phrase.of(
            "{}, about {}", Quantity.litres(volume.litres()), Quantity.kilograms(volume.massKg())),
        true);
  }
}
