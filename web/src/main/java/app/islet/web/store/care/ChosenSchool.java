package app.islet.web.store.care;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import java.time.Instant;

/** A school a collection chose for a species; the newest choice counts. */
@Entity
public class ChosenSchool {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  private Long collectionId;
  private String species;
  private String school;
  private Instant chosenAt;
  private Long chosenBy;

  /** For Hibernate only. */
  protected ChosenSchool() {}

  ChosenSchool(long collectionId, String species, String school, Instant chosenAt, long chosenBy) {
    this.collectionId = collectionId;
    this.species = species;
    this.school = school;
    this.chosenAt = chosenAt;
    this.chosenBy = chosenBy;
  }

  public String species() {
    return species;
  }

  public String school() {
    return school;
  }
}
