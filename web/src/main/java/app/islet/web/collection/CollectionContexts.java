package app.islet.web.collection;

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
   * @return empty for whoever is not a member, and where there is no such collection
   */
  public Optional<CollectionContext> find(String login, String slug) {
    return memberships.find(login, slug).map(this::context);
  }

  /**
   * @return empty once the person is no member any more
   */
  public Optional<CollectionContext> find(long personId, long collectionId) {
    return memberships.find(personId, collectionId).map(this::context);
  }

  private CollectionContext context(Membership member) {
    return new CollectionContext(
        member.person(),
        member.collection(),
        member.role(),
        LocalDate.now(clock.withZone(member.collection().zone())));
  }
}
