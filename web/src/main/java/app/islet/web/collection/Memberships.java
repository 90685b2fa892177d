package app.islet.web.collection;

import app.islet.web.account.People;
import app.islet.web.account.Person;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Who looks after a collection, in which role. */
@Service
public class Memberships {
  private final MembershipRepository memberships;
  private final CollectionStore collections;
  private final People people;

  Memberships(MembershipRepository memberships, CollectionStore collections, People people) {
    this.memberships = memberships;
    this.collections = collections;
    this.people = people;
  }

  /** Without those who help by a link. */
  @Transactional(readOnly = true)
  public List<Membership> of(CollectionContext context) {
    return memberships.ofCollection(context.collectionId()).stream()
        .filter(m -> m.role() != Role.LINKED_HELPER)
        .toList();
  }

  /** The collections somebody is a member of. */
  @Transactional(readOnly = true)
  public List<AnimalCollection> collectionsOf(String login) {
    return memberships.ofPerson(login).stream().map(Membership::collection).toList();
  }

  /** How an invitation went. */
  public enum Invitation {
    /** A new person may sign in now. */
    REGISTERED,
    /** Somebody with a sign-in already is a member now. */
    INVITED,
    /** They were a member before, and keep their role. */
    MEMBER_ALREADY
  }

  /** Whether somebody has that sign-in already, so that only the membership will be new. */
  @Transactional(readOnly = true)
  public Optional<Person> known(String login) {
    return people.find(login);
  }

  /**
   * Makes somebody a member; of two clicks at once the second finds them a member already.
   *
   * @param name and {@code password} are for somebody new only
   */
  @Transactional
  public Invitation invite(
      CollectionContext context, String login, String name, String password, Role role) {
    context.require(Role.OWNER);
    collections.lock(context);
    Optional<Person> known = people.find(login);
    Person person = known.orElseGet(() -> people.register(login, name, password));
    if (memberships.existsById(new Membership.Key(context.collectionId(), person.id()))) {
      return Invitation.MEMBER_ALREADY;
    }
    memberships.save(new Membership(context.collection(), person, role));
    return known.isPresent() ? Invitation.INVITED : Invitation.REGISTERED;
  }

  @Transactional
  public void change(CollectionContext context, long personId, Role role) {
    context.require(Role.OWNER);
    collections.lock(context);
    find(context, personId)
        .filter(member -> member.role() != Role.LINKED_HELPER)
        .ifPresent(member -> member.become(role));
  }

  @Transactional
  public void remove(CollectionContext context, long personId) {
    context.require(Role.OWNER);
    collections.lock(context);
    find(context, personId).ifPresent(memberships::delete);
  }

  private Optional<Membership> find(CollectionContext context, long personId) {
    return memberships.findById(new Membership.Key(context.collectionId(), personId));
  }
}
