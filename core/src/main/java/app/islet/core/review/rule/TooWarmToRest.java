package app.islet.core.review.rule;

import app.islet.core.animal.Resident;
import app.islet.core.care.Needs;
import app.islet.core.quantity.Dimension;
import app.islet.core.quantity.Phrase;
import app.islet.core.quantity.Quantity;
import app.islet.core.review.Finding;

/** What is said of an animal that rests where it cannot, in water and on land alike. */
final class TooWarmToRest {
  private TooWarmToRest() {}

  static Finding finding(Finding.Builder found, Resident r, Needs.Temperature need, double nowC) {
    return found
        .who(r)
        .basis(need.basis())
        .what(
            "About {} at this time of year; {} should have {}.",
            Quantity.celsius(nowC),
            r.words(),
            Phrase.range(need.idealC(), Dimension.TEMPERATURE))
        .why("Too warm to sleep and too cool to digest, it lives on what it has stored.")
        .remedy("Rest it where it is cooler, or wake it over some days and feed it again.")
        .build();
  }
}
