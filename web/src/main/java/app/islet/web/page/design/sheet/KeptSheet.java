package app.islet.web.page.design.sheet;

import app.islet.core.build.BillLine;
import app.islet.core.build.BuildSheet;
import app.islet.core.build.Offer;
import app.islet.core.build.Replacement;
import app.islet.core.quantity.UnitSystem;
import app.islet.web.reading.snapshot.EnclosureSnapshot;
import app.islet.web.store.build.Tariff;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.LocalDate;
import java.util.Map;
import java.util.Optional;

/**
 * The build sheet of an enclosure with what its keeper added.
 *
 * @param prices by the key of their line
 * @param done days the steps were ticked on, by their key
 */
record KeptSheet(
    EnclosureSnapshot state,
    BuildSheet sheet,
    Optional<Tariff> tariff,
    Map<String, Offer> prices,
    Map<String, LocalDate> done) {
  /** What a line comes to; empty without a price, or where it is sold by another measure. */
  Optional<Offer.Cost> cost(BillLine line, UnitSystem units) {
    return Optional.ofNullable(prices.get(line.key())).flatMap(offer -> offer.of(line, units));
  }

  /** What buying it again comes to, so many pieces of its line; empty without a price. */
  Optional<BigDecimal> cost(Replacement again, UnitSystem units) {
    return sheet.lines().stream()
        .filter(line -> line.key().equals(again.key()) && !isOwned(line))
        .findFirst()
        .flatMap(line -> cost(line, units))
        .map(cost -> cost.sum().multiply(BigDecimal.valueOf(again.times())));
  }

  /** What a year of power costs; empty without a tariff. */
  Optional<BigDecimal> powerOfAYear() {
    return tariff.map(
        t ->
            BigDecimal.valueOf(sheet.kwhPerYear())
                .multiply(t.perKwh())
                .setScale(2, RoundingMode.HALF_UP));
  }

  boolean isOwned(BillLine line) {
    return Optional.ofNullable(prices.get(line.key())).filter(Offer::owned).isPresent();
  }
}
