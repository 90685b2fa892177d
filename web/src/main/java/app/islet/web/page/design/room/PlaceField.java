package app.islet.web.page.design.room;

import app.islet.core.enclosure.Site;
import app.islet.core.light.Place;
import app.islet.web.base.support.Field;
import app.islet.web.base.support.Fields;
import app.islet.web.base.support.Form;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;

/** Where on earth a room is: a town of a list, or where the browser says it is. */
final class PlaceField {
  private static final String ID = "place";

  private PlaceField() {}

  static String typed(double latitude, double longitude) {
    return plain(latitude) + "," + plain(longitude);
  }

  private static String plain(double degrees) {
    return BigDecimal.valueOf(degrees).stripTrailingZeros().toPlainString();
  }

  /** The list; a place that is not of it stands there too where it is the room's. */
  static Field field(Form form) {
    List<Field.Option> options = new ArrayList<>(List.of(new Field.Option("", "not said")));
    String typed = form.typed(ID);
    boolean known =
        Place.all().stream().anyMatch(p -> typed(p.latitude(), p.longitude()).equals(typed));
    double[] own = known ? new double[0] : degrees(typed);
    if (own.length == 2) {
      options.add(new Field.Option(typed, Place.words(own[0], own[1])));
    }
    Place.all()
        .forEach(p -> options.add(new Field.Option(typed(p.latitude(), p.longitude()), p.name())));
    return Fields.of(form, "room").select(ID, options);
  }

  /** The site at the place chosen. */
  static Site at(Site site, Form form) {
    String typed = form.typed(ID);
    if (typed.isEmpty()) {
      return site;
    }
    double[] degrees = degrees(typed);
    if (degrees.length != 2) {
      form.refuse(ID, "Please choose a place of the list.");
      return site;
    }
    return site.at(degrees[0], degrees[1]);
  }

  private static double[] degrees(String typed) {
    String[] words = typed.split(",", -1);
    if (words.length != 2) {
      return new double[0];
    }
    OptionalDouble latitude = degrees(words[0], 90);
    OptionalDouble longitude = degrees(words[1], 180);
    return latitude.isPresent() && longitude.isPresent()
        ? new double[] {latitude.getAsDouble(), longitude.getAsDouble()}
        : new double[0];
  }

  private static OptionalDouble degrees(String word, double most) {
    if (!word.matches("-?\\d{1,3}(\\.\\d{1,6})?")) {
      return OptionalDouble.empty();
    }
    double degrees = Double.parseDouble(word);
    return Math.abs(degrees) <= most ? OptionalDouble.of(degrees) : OptionalDouble.empty();
  }
}
