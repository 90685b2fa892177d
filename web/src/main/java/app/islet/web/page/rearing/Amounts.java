package app.islet.web.page.rearing;

import app.islet.core.quantity.Dimension;
import app.islet.core.quantity.Quantity;
import app.islet.core.rearing.TubBundle;
import app.islet.core.rearing.TubWater;
import app.islet.web.base.support.Messages;
import app.islet.web.base.support.Units;
import app.islet.web.store.rearing.BatchState;
import java.util.ArrayList;
import java.util.List;

/** What a tub gets today, with its amounts. */
final class Amounts {
  private Amounts() {}

  static List<String> of(BatchState state, BatchState.TubNow now, Units u) {
    List<String> lines = new ArrayList<>();
    for (TubBundle.Job job : now.bundle().jobs()) {
      switch (job.kind()) {
        case CHANGE -> lines.add(water(state, now, u));
        case FLUSH -> lines.add(Messages.text("rearing.round.flush"));
        case FEED -> state.meals(now).forEach(meal -> lines.add(u.text(meal)));
      }
    }
    return lines;
  }

  private static String water(BatchState state, BatchState.TubNow now, Units u) {
    TubWater water = TubWater.of(state.kind().sheet(), state.kind().housing(), now.tub());
    String litres = u.text(new Quantity(Dimension.VOLUME, water.changeL()));
    String depth = u.cm(water.depthCm());
    return state.kind().housing().wipe()
        ? Messages.text("rearing.round.wipe", litres, depth)
        : Messages.text("rearing.round.change", litres, depth);
  }
}
