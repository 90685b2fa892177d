package app.islet.web.page.animals;

import app.islet.core.animal.Measure;
import app.islet.core.animal.OwnGrowth;
import app.islet.core.text.English;
import app.islet.web.base.support.Messages;
import app.islet.web.base.support.Units;
import app.islet.web.store.animal.MarkedLength;
import app.islet.web.store.animal.Photo;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * The photos of an animal, the newest first, and two of them side by side.
 *
 * @param pair the earlier and the later; empty where there are fewer than two
 * @param height of both together, of which the width is {@link #ROOM}
 * @param oneScale whether both are shown so that a centimetre is as long in both
 */
record PhotosView(List<One> photos, List<Beside> pair, double height, boolean oneScale) {
  /** A length measured so many days from a photo is that of the animal in it. */
  private static final int NEAR_DAYS = 30;

  /** Width of both pictures together, in the units of their drawing. */
  static final double ROOM = 1000;

  private static final double GAP = 20;

  record One(
      long id, String day, String shows, String note, boolean marked, int width, int height) {}

  /**
   * One of two side by side.
   *
   * @param left and {@code width}, {@code height} of its picture in the drawing of both
   */
  record Beside(long id, String day, String words, double left, double width, double height) {}

  /** What a photo shows and how large that is. */
  private record Scaled(Photo photo, String length, OptionalDouble cmWide) {}

  /**
   * @param photos the oldest first
   * @param then and {@code now} the ids of those to compare, where somebody chose
   */
  static PhotosView of(
      Subject s,
      List<Photo> photos,
      Map<Long, MarkedLength> marks,
      Optional<Long> then,
      Optional<Long> now,
      Units u) {
    List<One> all =
        photos.stream()
            .sorted(Comparator.comparing(Photo::day).thenComparing(Photo::id).reversed())
            .map(p -> one(p, marks))
            .toList();
    if (photos.size() < 2) {
      return new PhotosView(all, List.of(), 0, false);
    }
    Photo later = chosen(photos, now).orElse(photos.get(photos.size() - 1));
    Photo earlier = chosen(photos, then).orElseGet(() -> before(photos, later));
    List<Scaled> pair = List.of(scaled(s, earlier, marks, u), scaled(s, later, marks, u));
    boolean scale = pair.stream().allMatch(p -> p.cmWide().isPresent());
    List<Beside> beside = beside(pair, scale);
    double height = beside.stream().mapToDouble(Beside::height).max().orElse(0);
    return new PhotosView(all, beside, height, scale);
  }

  private static Optional<Photo> chosen(List<Photo> photos, Optional<Long> id) {
    return photos.stream().filter(p -> id.isPresent() && p.id().equals(id.get())).findFirst();
  }

  /** The oldest that shows the same, else the oldest. */
  private static Photo before(List<Photo> photos, Photo later) {
    return photos.stream()
        .filter(p -> !p.id().equals(later.id()) && p.shows() == later.shows())
        .findFirst()
        .orElseGet(() -> photos.get(0).id().equals(later.id()) ? photos.get(1) : photos.get(0));
  }

  private static One one(Photo p, Map<Long, MarkedLength> marks) {
    return new One(
        p.id(),
        English.day(p.day()),
        words(p.shows()),
        p.note(),
        marks.containsKey(p.id()),
        p.width(),
        p.height());
  }

  static String words(Photo.Shows shows) {
    return Messages.text("photo." + shows.name().toLowerCase(Locale.ROOT));
  }

  private static Scaled scaled(Subject s, Photo p, Map<Long, MarkedLength> marks, Units u) {
    OptionalDouble length = lengthCm(s, p.day());
    MarkedLength mark = marks.get(p.id());
    double pixels = mark == null ? 0 : mark.pixels(p.width(), p.height());
    return new Scaled(
        p,
        length.isPresent() ? u.cm(length.getAsDouble()) : "",
        length.isPresent() && pixels > 0
            ? OptionalDouble.of(length.getAsDouble() * p.width() / pixels)
            : OptionalDouble.empty());
  }

  /** As measured about that day, or by its own growth. */
  private static OptionalDouble lengthCm(Subject s, LocalDate day) {
    Optional<Measure> near =
        s.facts().lengths().stream()
            .min(Comparator.comparingLong(m -> apart(m, day)))
            .filter(m -> apart(m, day) <= NEAR_DAYS);
    if (near.isPresent()) {
      return OptionalDouble.of(near.get().lengthCm());
    }
    return s.facts()
        .growth()
        .filter(g -> !day.isBefore(g.measures().get(0).day()))
        .map((OwnGrowth g) -> OptionalDouble.of(g.lengthCm(day)))
        .orElse(OptionalDouble.empty());
  }

  private static long apart(Measure m, LocalDate day) {
    return Math.abs(ChronoUnit.DAYS.between(m.day(), day));
  }

  /** As wide as they are in the world where that is known of both; else equally wide. */
  private static List<Beside> beside(List<Scaled> pair, boolean scale) {
    double all = scale ? pair.stream().mapToDouble(p -> p.cmWide().orElse(0)).sum() : pair.size();
    List<Beside> beside = new ArrayList<>();
    double left = 0;
    for (Scaled p : pair) {
      double width = (scale ? p.cmWide().orElse(0) : 1) / all * (ROOM - GAP);
      double height = width * p.photo().height() / p.photo().width();
      beside.add(
          new Beside(
              p.photo().id(), English.day(p.photo().day()), p.length(), left, width, height));
      left += width + GAP;
    }
    return beside;
  }
}
