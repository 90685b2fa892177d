package app.islet.web.people.collection;

import app.islet.core.quantity.UnitSystem;
import app.islet.web.base.log.Stamp;
import app.islet.web.base.support.Units;
import app.islet.web.people.account.Person;
import java.time.Clock;
import java.time.LocalDate;
import java.util.UUID;
import org.springframework.security.access.AccessDeniedException;

/**
 * Where a request stands: who asks, in which collection, with what right, on which day there.
 *
 * <p>A controller that takes a {@code CollectionContext} cannot be reached from outside the
 * collection in its address.
 */
public record CollectionContext(
    Person person, AnimalCollection collection, Role role, LocalDate today) {
  /**
   * @throws AccessDeniedException (403) if the member's role does not include {@code needed}
   */
  public void require(Role needed) {
    if (!role.includes(needed)) {
      throw new AccessDeniedException("this needs the role " + needed.word());
    }
  }

  public boolean may(Role needed) {
    return role.includes(needed);
  }

  public boolean mayDesign() {
    return may(Role.KEEPER);
  }

  /** Whether they may look at every page; who helps by a link sees the rounds alone. */
  public boolean isMember() {
    return may(Role.HELPER);
  }

  public boolean owns() {
    return may(Role.OWNER);
  }

  public long collectionId() {
    return collection.id();
  }

  /** That this person enters something now. */
  public Stamp stamp(Clock clock, UUID clientId) {
    return new Stamp(clientId, clock.instant(), person.id());
  }

  public UnitSystem system() {
    return person.units();
  }

  public Units units() {
    return new Units(person.units());
  }

  /** Address of a page inside this collection. */
  public String path(String rest) {
    return "/c/" + collection.slug() + rest;
  }
}
