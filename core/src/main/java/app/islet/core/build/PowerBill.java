package app.islet.core.build;

import app.islet.core.animal.BaskingHours;
import app.islet.core.climate.Climate;
import app.islet.core.climate.UsualPower;
import app.islet.core.enclosure.Enclosure;
import app.islet.core.enclosure.Equipment;
import app.islet.core.enclosure.Site;
import app.islet.core.light.Photoperiod;
import app.islet.core.quantity.Phrase;
import app.islet.core.quantity.Quantity;
import app.islet.core.situation.HusbandryState;
import java.util.ArrayList;
import java.util.List;

/**
 * What the devices of a design draw in a month. Estimates: what holds a temperature runs as much as
 * the difference to the room asks for; what has no rated power here is estimated as usual.
 */
final class PowerBill {
  private static final double HOURS = 30.44 * 24;

  private final HusbandryState s;
  private final Enclosure e;
  private final List<PowerLine> lines = new ArrayList<>();

  private PowerBill(HusbandryState s) {
    this.s = s;
    this.e = s.enclosure();
  }

  static List<PowerLine> of(HusbandryState s) {
    PowerBill bill = new PowerBill(s);
    s.enclosure().equipment().forEach(bill::add);
    return bill.lines;
  }

  private void add(Equipment device) {
    if (device instanceof Equipment.Heater heater) {
      holding(heater.words(), heater.powerW(), waterShare(true), waterShare(false));
    } else if (device instanceof Equipment.HeatMat mat) {
      holding(mat.words(), mat.powerW(), airShare(true), airShare(false));
    } else if (device instanceof Equipment.Chiller chiller) {
      chiller(chiller);
    } else if (device instanceof Equipment.BaskingLamp lamp) {
      lit(lamp.words(), lamp.powerW(), BaskingHours.of(s.residents(), lightHours()), "");
    } else if (device instanceof Equipment.UvbLamp) {
      lit(device.words(), UsualPower.TUBE_W, lightHours(), "power as usual for a tube; ");
    } else if (device instanceof Equipment.Filter filter) {
      steady(
          filter.words(),
          filter.flowLph() * UsualPower.PUMP_W_PER_LPH,
          "day and night; power as usual for its flow");
    } else if (device instanceof Equipment.AirStone) {
      steady("air pump", UsualPower.AIR_PUMP_W, "day and night; power as usual");
    } else if (device instanceof Equipment.Fan fan) {
      lines.add(
          new PowerLine(
              fan.words(),
              UsualPower.FAN_W,
              0,
              UsualPower.FAN_W * HOURS / 1000,
              Phrase.of("in summer only; power as usual")));
    }
  }

  private void steady(String device, double watts, String basis) {
    double kwh = watts * HOURS / 1000;
    lines.add(new PowerLine(device, watts, kwh, kwh, Phrase.of(basis)));
  }

  private double lightHours() {
    return Photoperiod.of(e).hoursOn(s.date());
  }

  private void lit(String device, double watts, double hours, String basis) {
    double kwh = watts * hours / 24 * HOURS / 1000;
    lines.add(
        new PowerLine(
            device, watts, kwh, kwh, Phrase.of(basis + "{} hours a day", Quantity.count(hours))));
  }

  private void holding(String device, double watts, double winterW, double summerW) {
    lines.add(
        new PowerLine(
            device,
            watts,
            Math.min(watts, winterW) * HOURS / 1000,
            Math.min(watts, summerW) * HOURS / 1000,
            Phrase.of(
                "{} on average in winter, {} in summer; within 30 %",
                Quantity.watts(Math.min(watts, winterW)),
                Quantity.watts(Math.min(watts, summerW)))));
  }

  /** Mean power that holds the water, W: the loss goes with the difference to the room. */
  private double waterShare(boolean winter) {
    return s.climate().water().map(w -> mean(w.heatingNeedW(), w.targetC(), winter)).orElse(0.0);
  }

  private double airShare(boolean winter) {
    return s.climate().air().map(a -> mean(a.heatingNeedW(), a.targetC(), winter)).orElse(0.0);
  }

  private double mean(double coldestW, double targetC, boolean winter) {
    Site site = e.site();
    double room =
        winter
            ? (site.winterDayC() + site.winterNightC()) / 2
            : (site.summerDayC() + site.summerNightC()) / 2;
    double most = targetC - site.coldestC();
    return most <= 0 ? 0 : coldestW * Math.max(0, targetC - room) / most;
  }

  /** Takes out in the summer what the room and the devices put in, by the warm spell's excess. */
  private void chiller(Equipment.Chiller chiller) {
    double drawn = chiller.coolingW() / UsualPower.CHILLER_COP;
    double share =
        s.climate()
            .water()
            .map(Climate.WaterClimate::summerUncooledC)
            .map(warm -> Math.max(0, Math.min(1, (warm - e.site().summerNightC()) / 8)))
            .orElse(0.0);
    lines.add(
        new PowerLine(
            chiller.words(),
            drawn,
            0,
            drawn * (0.2 + 0.3 * share) * HOURS / 1000,
            Phrase.of("draws half of what it cools; runs a fifth to half of a summer's hours")));
  }
}
