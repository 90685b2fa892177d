package app.islet.core.plan;

import app.islet.core.animal.Resident;
import app.islet.core.care.Food;
import app.islet.core.care.Portion;
import app.islet.core.quantity.Phrase;
import app.islet.core.quantity.Quantity;

/**
 * A food as it is put before some animals: so much for each, so much in all.
 *
 * @param who the animals, as they are called
 * @param portion a whole one, for each
 * @param bodyG mass of each
 */
public record Helping(String who, String food, Portion portion, int count, double bodyG) {
  private static final double MIN_G = 0.1;

  /** Nobody deals out less of a piece to each. */
  private static final double MIN_PIECE = 0.5;

  static Helping of(Resident r, Food food) {
    return new Helping(r.name(), food.name(), food.portion(), r.count(), r.bodyG());
  }

  /**
   * The same as a number, for all of them.
   *
   * @param share of the portion
   */
  public FoodAmount amount(double share) {
    Portion part = share == 1 ? portion : portion.times(share);
    boolean counted = part.pieces().isPresent();
    double each = counted ? part.pieces().getAsDouble() : part.gramsFor(bodyG).orElseThrow();
    return new FoodAmount(food, counted, counted ? portion.unit() : "", each * count);
  }

  /** How much that is, where it is so much of the portion: as a kitchen can measure it. */
  public Phrase words(double share) {
    Portion part = share == 1 ? portion : portion.times(share);
    return part.pieces().isPresent()
        ? pieces(part.pieces().getAsDouble())
        : grams(part.gramsFor(bodyG).orElseThrow());
  }

  private Phrase pieces(double each) {
    if (each < MIN_PIECE) {
      return shared(each * count);
    }
    return count == 1
        ? Phrase.of("{} {}", Quantity.count(each), portion.unit())
        : Phrase.of(
            "{} {} each, {} in all",
            Quantity.count(each),
            portion.unit(),
            Quantity.count(each * count));
  }

  /** One piece is for several of them: said for all, in halves, as a hand can break it. */
  private Phrase shared(double all) {
    double halves = Math.round(all / MIN_PIECE) * MIN_PIECE;
    return halves < MIN_PIECE
        ? Phrase.of("a crumb of one {}", portion.unit())
        : Phrase.of("{} {} for all {} together", Quantity.count(halves), portion.unit(), count);
  }

  /**
   * No scale in a kitchen tells less than a tenth of a gram: so little is weighed for all together.
   */
  private Phrase grams(double each) {
    double all = each * count;
    if (all < MIN_G) {
      return Phrase.of("a few crumbs {}, less than {}", portion.unit(), Quantity.grams(MIN_G));
    }
    if (count == 1) {
      return Phrase.of("{} {}", Quantity.grams(weighed(all)), portion.unit());
    }
    return each < MIN_G
        ? Phrase.of(
            "{} {} for all {} together", Quantity.grams(weighed(all)), portion.unit(), count)
        : Phrase.of(
            "{} {} each, {} in all",
            Quantity.grams(weighed(each)),
            portion.unit(),
            Quantity.grams(weighed(weighed(each) * count)));
  }

  private static double weighed(double grams) {
    return Math.round(grams / MIN_G) * MIN_G;
  }
}
