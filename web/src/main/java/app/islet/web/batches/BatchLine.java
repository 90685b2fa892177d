package app.islet.web.batches;

import app.islet.core.text.English;
import app.islet.web.rearing.Batch;
import app.islet.web.support.Messages;

/** A batch in the list of all. */
record BatchLine(long id, String name, String when) {
  static BatchLine of(Batch batch, String name) {
    String from =
        batch
            .beganOn()
            .map(English::day)
            .orElseGet(
                () ->
                    batch.origin().laidOn() == null
                        ? ""
                        : Messages.text("rearing.laid-on", English.day(batch.origin().laidOn())));
    return new BatchLine(
        batch.id(),
        name,
        batch
            .finishedOn()
            .map(day -> Messages.text("rearing.from-to", from, English.day(day)))
            .orElse(from));
  }
}
