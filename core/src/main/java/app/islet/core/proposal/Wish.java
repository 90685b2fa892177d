package app.islet.core.proposal;

import app.islet.core.animal.Resident;
import app.islet.core.enclosure.Site;
import java.time.LocalDate;
import java.util.List;

/**
 * What a design is asked for.
 *
 * @param residents who is to live in it, as they are on {@code day}
 * @param day they move in
 */
public record Wish(String name, List<Resident> residents, Site site, LocalDate day, Limits limits) {
  /**
   * What the place and the keeper allow.
   *
   * @param lengthCm and {@code widthCm} it may take
   * @param chiller whether a chiller may be bought
   */
  public record Limits(double lengthCm, double widthCm, boolean chiller) {
    /** Nobody said. */
    public static final Limits NONE =
        new Limits(Double.POSITIVE_INFINITY, Double.POSITIVE_INFINITY, true);
  }

  public Wish {
    residents = List.copyOf(residents);
    if (residents.isEmpty()) {
      throw new IllegalArgumentException("somebody must be meant to live in it");
    }
  }

  public Wish withLimits(Limits other) {
    return new Wish(name, residents, site, day, other);
  }

  /** The same for other animals. */
  public Wish with(List<Resident> others) {
    return new Wish(name, others, site, day, limits);
  }
}
