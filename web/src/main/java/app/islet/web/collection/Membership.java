package app.islet.web.collection;

import app.islet.web.account.Person;
import jakarta.persistence.Embeddable;
import jakarta.persistence.EmbeddedId;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.ManyToOne;
import jakarta.persistence.MapsId;
import java.io.Serializable;

/** A person's part in a collection. */
@Entity
public class Membership {
  @EmbeddedId private Key key;

  @ManyToOne
  @MapsId("collectionId")
  @JoinColumn(name = "collection_id")
  private AnimalCollection collection;

  @ManyToOne
  @MapsId("personId")
  @JoinColumn(name = "person_id")
  private Person person;

  @Enumerated(EnumType.STRING)
  private Role role;

  /** Collection and person together. */
  @Embeddable
  public record Key(Long collectionId, Long personId) implements Serializable {}

  /** For Hibernate only. */
  protected Membership() {}

  public Membership(AnimalCollection collection, Person person, Role role) {
    this.key = new Key(collection.id(), person.id());
    this.collection = collection;
    this.person = person;
    this.role = role;
  }

  public AnimalCollection collection() {
    return collection;
  }

  public Person person() {
    return person;
  }

  public Role role() {
    return role;
  }

  public void become(Role newRole) {
    this.role = newRole;
  }
}
