package app.islet.web.page.animals;

import app.islet.core.livestock.LifeEvent;
import app.islet.core.livestock.Movement;
import app.islet.core.livestock.Place;
import app.islet.core.quantity.Dimension;
import app.islet.core.quantity.Quantity;
import app.islet.core.quantity.UnitSystem;
import app.islet.web.base.support.Messages;
import java.util.Locale;
import java.util.function.Function;

/** What happened to animals, as a line of their life. */
final class LifeWords {
  private LifeWords() {}

  static String way(Place.Kind way) {
    return Messages.text("way." + way.word()).toLowerCase(Locale.ROOT);
  }

  /** As in {@code Fed, 3 pieces}. */
  static String of(LifeEvent event) {
    String what = Messages.text("life." + event.kind().name().toLowerCase(Locale.ROOT));
    if (event.amount().isEmpty()) {
      return what;
    }
    String number =
        new Quantity(Dimension.FIGURE, event.amount().getAsDouble()).text(UnitSystem.METRIC);
    return what + ", " + number + " " + event.kind().unit();
  }

  /** As in {@code 3 moved from Tub 1 to Tub 2}. */
  static String of(Movement m, boolean single, PlaceNames names, Function<String, String> animals) {
    String some = single ? "" : m.count() + " ";
    String from = names.words(m.from(), animals);
    String to = names.words(m.to(), animals);
    String cause = m.cause().isEmpty() ? "" : " (" + m.cause() + ")";
    String words =
        switch (m.to().kind()) {
          case BEGUN -> some + "taken back from " + from;
          case KEPT -> arrived(m, some, from, to);
          case OTHER -> some + "became " + to + ", in " + from;
          default -> some + to.toLowerCase(Locale.ROOT) + cause + ", from " + from;
        };
    return words.substring(0, 1).toUpperCase(Locale.ROOT) + words.substring(1);
  }

  private static String arrived(Movement m, String some, String from, String to) {
    return switch (m.from().kind()) {
      case BEGUN -> some + "came to " + to;
      case KEPT -> some + "moved from " + from + " to " + to;
      case OTHER -> some + "out of " + from + ", in " + to;
      default -> some + "back in " + to + ", was entered as " + from.toLowerCase(Locale.ROOT);
    };
  }
}
