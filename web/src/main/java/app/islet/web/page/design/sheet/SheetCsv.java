package app.islet.web.page.design.sheet;

import app.islet.core.build.BillLine;
import app.islet.core.quantity.Quantity;
import app.islet.core.text.CsvCell;
import app.islet.web.base.support.Units;
import app.islet.web.store.build.Tariff;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;

/**
 * The parts list as comma-separated values (RFC 4180), a number and its unit in columns of their
 * own.
 */
final class SheetCsv {
  private static final List<String> HEAD =
      List.of(
          "group",
          "thing",
          "amount",
          "unit",
          "amount 2",
          "unit 2",
          "note",
          "in the design",
          "price",
          "currency");
  private static final int AMOUNTS = 2;

  private SheetCsv() {}

  static String write(KeptSheet kept, Units u) {
    StringBuilder out = new StringBuilder();
    try (CSVPrinter csv = new CSVPrinter(out, CSVFormat.RFC4180)) {
      csv.printRecord(HEAD);
      for (BillLine line : kept.sheet().lines()) {
        csv.printRecord(row(line, kept, u));
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return out.toString();
  }

  private static List<Object> row(BillLine line, KeptSheet kept, Units u) {
    List<Object> row =
        new ArrayList<>(List.of(CsvCell.written(line.group()), CsvCell.written(line.thing())));
    for (int n = 0; n < AMOUNTS; n++) {
      boolean there = n < line.amounts().size();
      Quantity amount = there ? line.amounts().get(n) : Quantity.count(0);
      row.add(there ? u.number(amount) : "");
      row.add(there ? u.unit(amount) : "");
    }
    row.add(CsvCell.written(u.text(line.note())));
    row.add(line.present() ? "yes" : "no");
    row.add(kept.cost(line, u.system()).map(cost -> cost.sum().toPlainString()).orElse(""));
    row.add(kept.tariff().map(Tariff::currency).map(CsvCell::written).orElse(""));
    return row;
  }
}
