package app.islet.web.people.collection;

import app.islet.web.people.account.Person;
import jakarta.persistence.Embeddable;
import jakarta.persistence.EmbeddedId;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.ManyToOne;
import jakarta.persistence.MapsId;
import java.io.Serializable;
import java.time.LocalDate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

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

  /** The last day of a helper by link; null for everybody else. */
  private @Nullable LocalDate lastDay;

  /** The end of a helper's secret address; null for everybody else. */
  private @Nullable String token;

  /** Under which a helper by link was asked for; null for everybody else. */
  private @Nullable UUID clientId;

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

  /** A helper who comes by a secret address until the end of a day. */
  static Membership byLink(
      AnimalCollection collection, Person person, LocalDate lastDay, String token, UUID clientId) {
    Membership membership = new Membership(collection, person, Role.LINKED_HELPER);
    membership.lastDay = lastDay;
    membership.token = token;
    membership.clientId = clientId;
    return membership;
  }

  /** Whether it counts on a day. */
  boolean isOn(LocalDate day) {
    return lastDay == null || !day.isAfter(lastDay);
  }

  public @Nullable LocalDate lastDay() {
    return lastDay;
  }

  public @Nullable String token() {
    return token;
  }

  void endOn(LocalDate day) {
    this.lastDay = day;
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
