package app.islet.core.plan;

import app.islet.core.quantity.Phrase;
import app.islet.core.quantity.Quantity;

/**
 * So much of a food.
 *
 * @param counted whether it is counted; else it is weighed
 * @param unit what one piece is; empty where it is weighed
 * @param amount pieces, or grams
 */
public record FoodAmount(String food, boolean counted, String unit, double amount) {
  FoodAmount of(double other) {
    return new FoodAmount(food, counted, unit, other);
  }

  /** Both of the same food together. */
  public FoodAmount plus(FoodAmount other) {
    return of(amount + other.amount);
  }

  /** What it is of, whatever the amount. */
  public Key key() {
    return new Key(food, counted);
  }

  /** A food, and how it is measured. */
  public record Key(String food, boolean counted) {}

  /** As a kitchen measures it. */
  public Phrase words() {
    return counted
        ? Phrase.of("{} {}", Math.round(Math.ceil(amount - 1e-9)), unit)
        : Phrase.of("{}", Quantity.grams(Math.ceil(amount * 10 - 1e-9) / 10));
  }
}
