package app.islet.web.store.animal;

import jakarta.persistence.Embedded;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;

/** Where the length of the animal lies in a photo; the last word counts. */
@Entity
class PhotoMark {
  @Id private Long photoId;
  @Embedded private MarkedLength length;

  /** For Hibernate only. */
  protected PhotoMark() {}

  PhotoMark(Long photoId, MarkedLength length) {
    this.photoId = photoId;
    this.length = length;
  }

  Long photoId() {
    return photoId;
  }

  MarkedLength length() {
    return length;
  }
}
