package app.islet.core.climate;

import app.islet.core.quantity.Dimension;
import app.islet.core.quantity.Quantity;
import java.util.List;

/** What an estimate of temperature rests on, number by number, to be looked into. */
public final class Basics {
  private Basics() {}

  /**
   * One number of it.
   *
   * @param unit of a number that is no length, volume or power
   * @param source where it is from
   */
  public record Line(String what, Quantity quantity, String unit, String source) {}

  public static List<Line> of(ClimateModel model) {
    Envelope e = model.envelope();
    HeatSources m = model.machines();
    return List.of(
        perKelvin("Through wet panes and floor", e.paneWPerK(), "ISO 6946 and EN 673"),
        perKelvin("Radiated from the surface", e.glowWPerK(), "ISO 6946"),
        perKelvin(
            "From water to the air over it",
            e.sensibleWPerK(0, m.activity()),
            "Bowen ratio with the pool equation"),
        perKelvin("From the box to the room", e.boxWPerK(), "ISO 6946; open tops from memory"),
        new Line(
            "Evaporation for each kPa of vapour pressure",
            ratio(e.evaporationWPerKpa(0, m.activity())),
            "W/kPa",
            "ASHRAE Handbook, natatoriums; the lid's share from memory"),
        new Line(
            "Heat that warms the water by 1 K",
            ratio(e.waterJPerK() / 1000),
            "kJ/K",
            "water by tables, ground from memory"),
        new Line(
            "Lamps, into the water while lit",
            Quantity.watts(m.lampWaterW()),
            "",
            "from memory, half to twice"),
        new Line(
            "Lamps, into the box while lit",
            Quantity.watts(m.lampBoxW()),
            "",
            "from memory, half to twice"),
        new Line("Pumps, into the water", Quantity.watts(m.pumpW()), "", "common practice"),
        new Line(
            "Sun, into the water at noon in summer",
            Quantity.watts(m.sunW()),
            "",
            "from memory, half to twice"));
  }

  private static Line perKelvin(String what, double wattsPerKelvin, String source) {
    return new Line(what, ratio(wattsPerKelvin), "W/K", source);
  }

  private static Quantity ratio(double value) {
    return new Quantity(Dimension.RATIO, value);
  }
}
