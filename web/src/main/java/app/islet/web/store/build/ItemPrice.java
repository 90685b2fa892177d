package app.islet.web.store.build;

import app.islet.core.build.Offer;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import java.math.BigDecimal;
import java.time.Instant;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** A keeper's price for a line of a build sheet; the newest of an item counts. */
@Entity
public class ItemPrice {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  private Long enclosureId;
  private String item;
  private @Nullable BigDecimal price;
  private @Nullable String offer;
  private Instant setAt;
  private Long setBy;

  /** For Hibernate only. */
  protected ItemPrice() {}

  public ItemPrice(
      long enclosureId, String item, @Nullable Offer offer, Instant setAt, long setBy) {
    this.enclosureId = enclosureId;
    this.item = item;
    this.offer = offer == null ? null : offer.words();
    this.setAt = setAt;
    this.setBy = setBy;
  }

  public String item() {
    return item;
  }

  /** Empty where it was taken back. */
  public Optional<Offer> offer() {
    return Optional.ofNullable(offer)
        .flatMap(Offer::read)
        .or(() -> Optional.ofNullable(price).map(p -> new Offer("", p, false)));
  }
}
