package app.islet.web.reading.archive;

import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.QuoteMode;

/** How the tables are written: nothing is an empty cell, empty words are a pair of quotes. */
final class Cells {
  static final CSVFormat FORMAT =
      CSVFormat.RFC4180.builder().setQuoteMode(QuoteMode.ALL_NON_NULL).setNullString("").get();

  private Cells() {}
}
