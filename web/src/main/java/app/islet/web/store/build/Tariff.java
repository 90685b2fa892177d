package app.islet.web.store.build;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import java.math.BigDecimal;
import java.time.Instant;

/** What a kilowatt-hour costs a collection; the newest counts. */
@Entity
public class Tariff {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  private Long collectionId;
  private BigDecimal perKwh;
  private String currency;
  private Instant setAt;
  private Long setBy;

  /** For Hibernate only. */
  protected Tariff() {}

  public Tariff(long collectionId, BigDecimal perKwh, String currency, Instant setAt, long setBy) {
    this.collectionId = collectionId;
    this.perKwh = perKwh;
    this.currency = currency;
    this.setAt = setAt;
    this.setBy = setBy;
  }

  public BigDecimal perKwh() {
    return perKwh;
  }

  public String currency() {
    return currency;
  }
}
