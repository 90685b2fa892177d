package app.islet.core.light;

import app.islet.core.text.English;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.time.ZoneId;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A place on earth that gives its name to a time zone, from the time zone database of the IANA
 * (file zone1970.tab, in the public domain): near enough for seasons and the length of days.
 *
 * @param zone its time zone
 * @param latitude north positive, {@code longitude} east positive, degrees to a tenth
 */
public record Place(String zone, double latitude, double longitude) {
  private static final String FILE = "zone1970.tab";
  private static final Pattern ISO_6709 =
      Pattern.compile("([+-])(\\d{2})(\\d{2})(\\d{2})?([+-])(\\d{3})(\\d{2})(\\d{2})?");

  private static final List<Place> ALL = read();

  /** All of them, by name. */
  public static List<Place> all() {
    return ALL;
  }

  /** That of a time zone; none for a zone that is only a name of another or no place. */
  public static Optional<Place> of(ZoneId zone) {
    return ALL.stream().filter(p -> p.zone.equals(zone.getId())).findFirst();
  }

  /** As in {@code Vienna, Europe}. */
  public String name() {
    String[] words = zone.replace('_', ' ').split("/");
    return words[words.length - 1] + ", " + words[0];
  }

  /** As in {@code 48.2° north, 16.3° east}. */
  public static String words(double latitude, double longitude) {
    return English.list(
        List.of(degrees(latitude, "north", "south"), degrees(longitude, "east", "west")));
  }

  private static String degrees(double deg, String positive, String negative) {
    double tenths = Math.round(Math.abs(deg) * 10) / 10.0;
    return tenths + "° " + (deg < 0 ? negative : positive);
  }

  private static List<Place> read() {
    try (InputStream in = Place.class.getResourceAsStream(FILE)) {
      if (in == null) {
        throw new IllegalStateException(FILE + " is missing");
      }
      return new String(in.readAllBytes(), StandardCharsets.UTF_8)
          .lines()
          .filter(line -> !line.startsWith("#"))
          .map(line -> line.split("\t"))
          .map(cells -> place(cells[2], cells[1]))
          .sorted(Comparator.comparing(Place::name))
          .toList();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private static Place place(String zone, String coordinates) {
    Matcher m = ISO_6709.matcher(coordinates);
    if (!m.matches()) {
      throw new IllegalStateException(FILE + ": \"%s\" is no place".formatted(coordinates));
    }
    return new Place(
        zone,
        degrees(m.group(1), m.group(2), m.group(3)),
        degrees(m.group(5), m.group(6), m.group(7)));
  }

  private static double degrees(String sign, String degrees, String minutes) {
    double value = Integer.parseInt(degrees) + Integer.parseInt(minutes) / 60.0;
    return Math.round((sign.equals("-") ? -value : value) * 10) / 10.0;
  }
}
