package app.islet.web.page.rearing;

import app.islet.core.text.English;
import app.islet.web.base.support.Messages;
import app.islet.web.store.rearing.Batch;

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
