package app.islet.core.health;

import app.islet.core.animal.Resident;
import app.islet.core.care.Habitat;
import app.islet.core.enclosure.Enclosure;
import app.islet.core.enclosure.Furnishings;
import app.islet.core.enclosure.Handling;
import app.islet.core.enclosure.Hides;
import app.islet.core.enclosure.Lid;
import app.islet.core.enclosure.Purpose;
import app.islet.core.enclosure.Vessel;
import app.islet.core.water.Dose;
import java.util.Optional;

/**
 * A shallow tub for a sick animal of the water, all of it changed each day. From memory: twice its
 * length by one and a half, and its back just under water.
 *
 * @param depthCm of the water
 * @param litres of it, to be made anew each day
 * @param conditioner by its label; empty where nobody said which
 */
public record HoldingTub(double depthCm, double litres, Optional<Dose> conditioner) {
  private static final double LENGTHS_LONG = 2;
  private static final double LENGTHS_WIDE = 1.5;
  private static final double OVER_THE_BACK = 1.2;
  private static final double MIN_CM = 2;
  private static final double CM3_PER_L = 1000;

  /** Dry wall over the water, cm: nobody jumps or climbs that far, and a lid is on it. */
  private static final double WALL_CM = 15;

  private static final double MIN_WALL_CM = 20;

  /**
   * @param label of the conditioner that is used at home
   */
  public static HoldingTub of(Resident r, Optional<Handling.Conditioner> label) {
    double length = r.bodyCm();
    double depth = Math.max(MIN_CM, OVER_THE_BACK * r.sheet().body().heightShare() * length);
    double litres = LENGTHS_LONG * length * LENGTHS_WIDE * length * depth / CM3_PER_L;
    return new HoldingTub(
        depth, litres, label.map(c -> Dose.of(litres, c.ml(), c.litres(), 1, Dose.DROPS_PER_ML)));
  }

  /**
   * A tub of its own for an animal as an enclosure that can be judged: bare, with a lid and a hide;
   * dry for one of the land.
   */
  public static Enclosure enclosure(Resident r, String name, Purpose purpose) {
    double length = Math.max(MIN_CM, r.bodyCm());
    boolean water = r.stage().habitat() == Habitat.WATER;
    double depth = water ? of(r, Optional.empty()).depthCm() : 0;
    return Enclosure.bare(
            name,
            new Vessel(
                Math.ceil(LENGTHS_LONG * length),
                Math.ceil(LENGTHS_WIDE * length),
                Math.ceil(Math.max(MIN_WALL_CM, depth + WALL_CM))),
            depth)
        .with(Lid.MESH)
        .with(Furnishings.NONE.with(new Hides(1, 0)))
        .with(purpose);
  }
}
