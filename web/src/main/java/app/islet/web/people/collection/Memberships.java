package app.islet.web.people.collection;

import app.islet.web.base.support.Messages;
import app.islet.web.base.support.RefusedException;
import app.islet.web.people.account.Passwords;
import app.islet.web.people.account.People;
import app.islet.web.people.account.Person;
import java.time.Clock;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.springframework.data.domain.Limit;
import org.springframework.security.access.AccessDeniedException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Who looks after a collection, in which role. Every change is written down. */
@Service
public class Memberships {
  private static final int SHOWN = 30;
  private static final int LONGEST_NOTE = 200;

  private final MembershipRepository memberships;
  private final RightsRepository rights;
  private final CollectionStore collections;
  private final People people;
  private final Passwords passwords;
  private final Clock clock;

  Memberships(
      MembershipRepository memberships,
      RightsRepository rights,
      CollectionStore collections,
      People people,
      Passwords passwords,
      Clock clock) {
    this.memberships = memberships;
    this.rights = rights;
    this.collections = collections;
    this.people = people;
    this.passwords = passwords;
    this.clock = clock;
  }

  /** Without those who help by a link. */
  @Transactional(readOnly = true)
  public List<Membership> of(CollectionContext context) {
    return memberships.ofCollection(context.collectionId()).stream()
        .filter(m -> m.role() != Role.LINKED_HELPER)
        .toList();
  }

  /** The collections somebody is a member of; the one they chose first. */
  @Transactional(readOnly = true)
  public List<AnimalCollection> collectionsOf(String login) {
    Optional<Long> home = people.find(login).flatMap(Person::homeCollectionId);
    List<AnimalCollection> all =
        memberships.ofPerson(login).stream().map(Membership::collection).toList();
    return home.map(id -> firstOf(all, id)).orElse(all);
  }

  private static List<AnimalCollection> firstOf(List<AnimalCollection> all, long id) {
    return all.stream().sorted(Comparator.comparing(c -> c.id() == id ? 0 : 1)).toList();
  }

  /** What was changed lately, the newest first. */
  @Transactional(readOnly = true)
  public List<RightsEntry> changes(CollectionContext context) {
    context.require(Role.OWNER);
    return rights.findByCollectionIdOrderByIdDesc(context.collectionId(), Limit.of(SHOWN));
  }

  /** Makes a new person a member at once, for a collection that is put together by the program. */
  @Transactional
  public void enrol(
      CollectionContext context, String login, String name, String password, Role role) {
    enrol(context, people.register(login, name, password), role);
  }

  /** Makes somebody who has an account a member. */
  @Transactional
  public void enrol(CollectionContext context, Person person, Role role) {
    lockAsOwner(context);
    memberships.save(new Membership(context.collection(), person, role));
  }

  /**
   * Gives a member another role.
   *
   * @throws RefusedException if no owner would be left
   */
  @Transactional
  public void change(CollectionContext context, long personId, Role role) {
    lockAsOwner(context);
    find(context, personId)
        .filter(member -> member.role() != Role.LINKED_HELPER && member.role() != role)
        .ifPresent(
            member -> {
              member.become(role);
              memberships.saveAndFlush(member);
              requireOwner(context);
              note(context, "made %s %s".formatted(member.person().name(), role.word()));
            });
  }

  @Transactional
  public void remove(CollectionContext context, long personId) {
    lockAsOwner(context);
    find(context, personId)
        .filter(member -> member.role() != Role.LINKED_HELPER)
        .ifPresent(
            member -> {
              memberships.delete(member);
              memberships.flush();
              requireOwner(context);
              note(context, "removed " + member.person().name());
            });
  }

  /**
   * Somebody leaves; of a helper by link the link ends.
   *
   * @throws RefusedException if they are the last owner
   */
  @Transactional
  public void leave(CollectionContext context) {
    collections.lock(context);
    find(context, context.person().id())
        .ifPresent(
            member -> {
              memberships.delete(member);
              memberships.flush();
              requireOwner(context);
              note(context, "left");
            });
  }

  /**
   * A one-time link to a new password for a member.
   *
   * @return the end of its address
   * @throws RefusedException if the member belongs to another collection too, or is an owner: then
   *     whoever runs the machine makes the link, or one owner could take another's place
   */
  @Transactional
  public String resetLink(CollectionContext context, long personId) {
    lockAsOwner(context);
    Membership member =
        find(context, personId)
            .filter(m -> m.role() != Role.LINKED_HELPER)
            .orElseThrow(() -> new RefusedException(Messages.text("members.nobody")));
    boolean elsewhere =
        member.role() == Role.OWNER
            || memberships.ofPerson(member.person().login()).stream()
                .anyMatch(m -> !m.collection().id().equals(context.collectionId()));
    if (elsewhere) {
      throw new RefusedException(Messages.text("members.elsewhere", member.person().name()));
    }
    note(context, "made a link to a new password for " + member.person().name());
    return passwords.link(personId, context.person().id());
  }

  /**
   * Locks the collection, and looks under the lock whether whoever asks is an owner still: two
   * owners may take the role from each other at once.
   */
  void lockAsOwner(CollectionContext context) {
    context.require(Role.OWNER);
    collections.lock(context);
    boolean owns =
        memberships
            .roleNow(context.collectionId(), context.person().id())
            .filter(Role.OWNER.name()::equals)
            .isPresent();
    if (!owns) {
      throw new AccessDeniedException("no owner any more");
    }
  }

  private void requireOwner(CollectionContext context) {
    if (memberships.owners(context.collectionId()) == 0) {
      throw new RefusedException(Messages.text("members.last-owner"));
    }
  }

  void note(CollectionContext context, String what) {
    note(context.collectionId(), context.person().id(), what);
  }

  void note(long collectionId, long doneBy, String what) {
    rights.save(
        new RightsEntry(
            collectionId,
            clock.instant(),
            doneBy,
            what.substring(0, Math.min(LONGEST_NOTE, what.length()))));
  }

  private Optional<Membership> find(CollectionContext context, long personId) {
    return memberships.findById(new Membership.Key(context.collectionId(), personId));
  }
}
