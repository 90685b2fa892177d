package app.islet.web.people.collection;

import app.islet.web.people.account.Person;
import app.islet.web.people.account.Tokens;
import java.time.Clock;
import java.time.Duration;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Nobody becomes a member without saying so: a link is made, and whoever opens it accepts. */
@Service
public class Invitations {
  private static final Duration LASTS = Duration.ofDays(14);

  private final InvitationRepository invitations;
  private final MembershipRepository memberships;
  private final CollectionRepository collections;
  private final Memberships members;
  private final Clock clock;

  Invitations(
      InvitationRepository invitations,
      MembershipRepository memberships,
      CollectionRepository collections,
      Memberships members,
      Clock clock) {
    this.invitations = invitations;
    this.memberships = memberships;
    this.collections = collections;
    this.members = members;
    this.clock = clock;
  }

  /**
   * What an invitation leads to.
   *
   * @param collection its name
   */
  public record Door(String collection, String name, Role role) {}

  /**
   * Makes a link for whom the owner means; answers the end of its address. Asked for twice under
   * one id it is one invitation, and the link shown last is the one that leads in.
   */
  @Transactional
  public String make(CollectionContext context, String name, Role role, UUID clientId) {
    members.lockAsOwner(context);
    String token = Tokens.make();
    invitations
        .findByCollectionIdAndClientId(context.collectionId(), clientId)
        .ifPresentOrElse(
            made -> made.hasLink(Tokens.hash(token)),
            () -> add(context, token, name, role, clientId));
    return token;
  }

  private void add(CollectionContext context, String token, String name, Role role, UUID clientId) {
    invitations.saveAndFlush(
        new Invitation(
            clientId,
            context.collectionId(),
            Tokens.hash(token),
            name,
            role,
            context.person().id(),
            clock.instant().plus(LASTS)));
    members.note(context, "invited %s as %s".formatted(name, role.word()));
  }

  /** Those nobody has answered yet. */
  @Transactional(readOnly = true)
  public List<Invitation> open(CollectionContext context) {
    return invitations.open(context.collectionId()).stream()
        .filter(i -> i.isOpen(clock.instant()))
        .toList();
  }

  /** Takes an invitation back; twice is harmless. */
  @Transactional
  public void end(CollectionContext context, long id) {
    members.lockAsOwner(context);
    invitations
        .findById(id)
        .filter(i -> i.collectionId().equals(context.collectionId()))
        .filter(i -> i.isOpen(clock.instant()))
        .ifPresent(
            i -> {
              i.end(clock.instant());
              members.note(context, "took the invitation of %s back".formatted(i.name()));
            });
  }

  /** Where a link leads; empty once it was answered, taken back, or is too old. */
  @Transactional(readOnly = true)
  public Optional<Door> door(String token) {
    return invitations
        .findByTokenHash(Tokens.hash(token))
        .filter(i -> i.isOpen(clock.instant()))
        .flatMap(
            i ->
                collections
                    .findById(i.collectionId())
                    .map(c -> new Door(c.name(), i.name(), i.role())));
  }

  /**
   * Makes somebody a member by the link, once. Who is a member already keeps the role.
   *
   * @return the collection; empty if the link is of no use any more
   */
  @Transactional
  public Optional<AnimalCollection> accept(String token, Person person) {
    String hash = Tokens.hash(token);
    // The collection first, as whoever takes the invitation back does.
    Optional<AnimalCollection> locked = invitations.collectionOf(hash).map(collections::lock);
    Optional<Invitation> invitation =
        locked.flatMap(c -> invitations.lock(hash)).filter(i -> i.isOpen(clock.instant()));
    return invitation.map(
        i -> {
          AnimalCollection collection = locked.orElseThrow();
          i.accept(person.id(), clock.instant());
          if (!memberships.existsById(new Membership.Key(collection.id(), person.id()))) {
            memberships.saveAndFlush(new Membership(collection, person, i.role()));
            members.note(collection.id(), person.id(), "became a member as " + i.role().word());
          }
          return collection;
        });
  }
}
