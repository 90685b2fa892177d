package app.islet.web.buildsheet;

import app.islet.core.build.BillLine;
import app.islet.core.build.BuildSheet;
import app.islet.core.build.Offer;
import app.islet.core.quantity.UnitSystem;
import app.islet.web.buildlog.Tariff;
import app.islet.web.snapshot.EnclosureSnapshot;
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

  boolean isOwned(BillLine line) {
    return Optional.ofNullable(prices.get(line.key())).filter(Offer::owned).isPresent();
  }
}
