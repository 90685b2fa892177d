package app.islet.web.people.collection;

import java.time.Clock;
import java.time.LocalDate;
import java.util.Optional;
import org.springframework.stereotype.Service;

/** Finds where somebody stands in a collection. */
@Service
public class CollectionContexts {
  private final MembershipRepository memberships;
  private final Clock clock;

  CollectionContexts(MembershipRepository memberships, Clock clock) {
    this.memberships = memberships;
    this.clock = clock;
  }

  /**
   * @param login who is signed in
   * @param slug the collection's name in addresses
   * @return empty for whoever is not a member, or no longer, and where there is no such collection
   */
  public Optional<CollectionContext> find(String login, String slug) {
    return memberships.find(login, slug).flatMap(this::context);
  }

  /**
   * @return empty once the person is no member any more
   */
  public Optional<CollectionContext> find(long personId, long collectionId) {
    return memberships.find(personId, collectionId).flatMap(this::context);
  }

  /** Whoever came by a link is a member until its last day. */
  private Optional<CollectionContext> context(Membership member) {
    LocalDate today = LocalDate.now(clock.withZone(member.collection().zone()));
    return member.isOn(today)
        ? Optional.of(
            new CollectionContext(member.person(), member.collection(), member.role(), today))
        : Optional.empty();
  }
}
