package app.islet.web.buildsheet;

import app.islet.core.build.BuildSheet;
import app.islet.web.buildlog.Tariff;
import app.islet.web.snapshot.EnclosureSnapshot;
import java.math.BigDecimal;
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
    Map<String, BigDecimal> prices,
    Map<String, LocalDate> done) {}
