package app.islet.web.store.rearing;

import jakarta.persistence.Embeddable;
import jakarta.persistence.Embedded;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;

/** A tub or box of a batch. */
@Entity
@Table(name = "tub")
public class TubRecord {
  private static final double CM3_PER_L = 1000;

  @Id private Long placeId;
  private Long batchId;
  private Long collectionId;
  private int number;
  @Embedded private TubSize size;
  private boolean closed;
  private long version;

  /**
   * Inside.
   *
   * @param waterCm how deep the water stands in it
   */
  @Embeddable
  public record TubSize(double lengthCm, double widthCm, double waterCm) {
    public double litres() {
      return lengthCm * widthCm * waterCm / CM3_PER_L;
    }
  }

  /** For Hibernate only. */
  protected TubRecord() {}

  TubRecord(long placeId, Batch batch, int number, TubSize size) {
    this.placeId = placeId;
    this.batchId = batch.id();
    this.collectionId = batch.collectionId();
    this.number = number;
    this.size = size;
  }

  /** Something was logged of it. */
  TubRecord touched() {
    this.version++;
    return this;
  }

  TubRecord close() {
    this.closed = true;
    return this;
  }

  public Long placeId() {
    return placeId;
  }

  /** Key of the place on the books. */
  public String key() {
    return String.valueOf(placeId);
  }

  public Long batchId() {
    return batchId;
  }

  /** As it stands on its label. */
  public int number() {
    return number;
  }

  public TubSize size() {
    return size;
  }

  public boolean closed() {
    return closed;
  }

  long version() {
    return version;
  }
}
