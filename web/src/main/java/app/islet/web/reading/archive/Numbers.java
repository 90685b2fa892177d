package app.islet.web.reading.archive;

import java.util.Arrays;
import java.util.OptionalLong;

/**
 * The numbers of a table's rows on one side, in rising order, and what they are on the other.
 *
 * @param here in rising order
 * @param there as many
 */
record Numbers(long[] here, long[] there) {
  /** Counted from 1. */
  static Numbers counted(long[] here) {
    long[] there = new long[here.length];
    Arrays.setAll(there, i -> i + 1L);
    return new Numbers(here, there);
  }

  OptionalLong of(long number) {
    int at = Arrays.binarySearch(here, number);
    return at < 0 ? OptionalLong.empty() : OptionalLong.of(there[at]);
  }
}
