package app.islet.web.page.design.proposal;

import app.islet.web.store.build.Tariff;
import java.math.BigDecimal;
import java.math.MathContext;
import java.math.RoundingMode;
import java.util.Optional;

/** What electricity comes to, in money where the collection has a tariff. */
record Power(Optional<Tariff> tariff) {
  String aMonth(double kwh) {
    if (kwh < 0.5) {
      return "no electricity";
    }
    return "about " + said(kwh) + " a month";
  }

  String said(double kwh) {
    String amount = rounded(kwh) + " kWh";
    return tariff.map(t -> amount + " (" + money(kwh, t) + ")").orElse(amount);
  }

  /** To three figures: no estimate is finer. */
  private static String rounded(double kwh) {
    return BigDecimal.valueOf(kwh)
        .round(new MathContext(3))
        .setScale(0, RoundingMode.HALF_UP)
        .toPlainString();
  }

  private static String money(double kwh, Tariff t) {
    return rounded(t.perKwh().doubleValue() * kwh) + " " + t.currency();
  }
}
