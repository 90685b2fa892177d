package app.islet.web.store.stock;

import app.islet.core.plan.FoodAmount;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.UUID;

/** A food in stock, as it was counted or weighed on a day. */
@Entity
public class StockItem {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  private Long collectionId;
  private String food;
  private boolean counted;
  private double amount;
  private LocalDate countedOn;
  private LocalDate goodUntil;
  private boolean ended;
  private UUID clientId;

  /** For Hibernate only. */
  protected StockItem() {}

  StockItem(
      long collectionId,
      FoodAmount.Key food,
      double amount,
      LocalDate countedOn,
      LocalDate goodUntil,
      UUID clientId) {
    this.collectionId = collectionId;
    this.food = food.food();
    this.counted = food.counted();
    this.amount = amount;
    this.countedOn = countedOn;
    this.goodUntil = goodUntil;
    this.clientId = clientId;
  }

  /** Counted or weighed anew: from here it is estimated on. */
  void count(double now, LocalDate day) {
    this.amount = now;
    this.countedOn = day;
  }

  void end() {
    this.ended = true;
  }

  /**
   * What is left by now, if the animals ate as planned; an estimate until it is counted again.
   *
   * @param aDay eaten on an average day
   */
  public double left(LocalDate today, double aDay) {
    return Math.max(0, amount - aDay * ChronoUnit.DAYS.between(countedOn, today));
  }

  public Long id() {
    return id;
  }

  public FoodAmount.Key food() {
    return new FoodAmount.Key(food, counted);
  }

  public LocalDate goodUntil() {
    return goodUntil;
  }
}
