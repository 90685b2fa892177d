package app.islet.web.page.rearing;

import app.islet.core.rearing.Milestone;
import app.islet.core.rearing.RearingGuide;
import app.islet.core.rearing.TubEvent;
import app.islet.core.text.English;
import app.islet.web.base.support.Units;
import java.util.ArrayList;
import java.util.List;

/** One line of what was done to a tub. */
record LogLine(String when, String what) {
  static LogLine of(TubEvent e, RearingGuide guide, Units u) {
    List<String> words = new ArrayList<>();
    words.add(TubCard.did(e.kind()));
    guide.milestone(e.milestone()).map(Milestone::name).ifPresent(words::add);
    e.sizes().ifPresent(s -> words.add(LengthWords.of(s, u)));
    if (!e.note().isEmpty()) {
      words.add(e.note());
    }
    return new LogLine(
        English.shortDay(e.at().toLocalDate()) + ", " + TubCard.TIME.format(e.at()),
        String.join(": ", words));
  }
}
