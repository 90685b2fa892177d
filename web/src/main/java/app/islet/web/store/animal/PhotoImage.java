package app.islet.web.store.animal;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;

/** The picture of a photo, as JPEG: as large as a page shows it, and small for a list. */
@Entity
class PhotoImage {
  @Id private Long photoId;
  private byte[] large;
  private byte[] small;

  /** For Hibernate only. */
  protected PhotoImage() {}

  PhotoImage(Long photoId, UprightPhoto taken) {
    this.photoId = photoId;
    this.large = taken.large();
    this.small = taken.small();
  }

  byte[] bytes(boolean asSmall) {
    return asSmall ? small : large;
  }
}
