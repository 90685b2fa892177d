package app.islet.web.store.stock;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import java.time.LocalDate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** Live food that is grown or hatched here. */
@Entity
public class Culture {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  private Long collectionId;
  private String kind;
  private LocalDate startedOn;
  private @Nullable LocalDate endedOn;
  private UUID clientId;

  /** For Hibernate only. */
  protected Culture() {}

  Culture(long collectionId, String kind, LocalDate startedOn, UUID clientId) {
    this.collectionId = collectionId;
    this.kind = kind;
    this.startedOn = startedOn;
    this.clientId = clientId;
  }

  void end(LocalDate day) {
    this.endedOn = day;
  }

  public Long id() {
    return id;
  }

  public String kind() {
    return kind;
  }

  public LocalDate startedOn() {
    return startedOn;
  }
}
