package app.islet.web.people.collection;

import app.islet.web.people.account.People;
import app.islet.web.people.account.Person;
import java.security.SecureRandom;
import java.time.LocalDate;
import java.util.Base64;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Secret addresses for those who help for a time. Each is a person of its own in the logs. */
@Service
public class HelperLinks {
  private static final int TOKEN_BYTES = 24;

  private final MembershipRepository memberships;
  private final CollectionStore collections;
  private final People people;
  private final SecureRandom random = new SecureRandom();

  HelperLinks(MembershipRepository memberships, CollectionStore collections, People people) {
    this.memberships = memberships;
    this.collections = collections;
    this.people = people;
  }

  /** Those of a collection that have not ended, by name. */
  @Transactional(readOnly = true)
  public List<Membership> of(CollectionContext context) {
    return memberships.ofCollection(context.collectionId()).stream()
        .filter(m -> m.role() == Role.LINKED_HELPER && m.isOn(context.today()))
        .toList();
  }

  /**
   * Makes an address for somebody of that name, of use until the end of a day; one, however often
   * it is asked for under one id.
   */
  @Transactional
  public Membership make(CollectionContext context, String name, LocalDate lastDay, UUID clientId) {
    context.require(Role.KEEPER);
    collections.lock(context);
    return memberships
        .madeAs(context.collectionId(), clientId)
        .orElseGet(() -> add(context, name, lastDay, clientId));
  }

  private Membership add(CollectionContext context, String name, LocalDate lastDay, UUID clientId) {
    String token = token();
    // Nobody can sign in with it: the password is thrown away.
    Person person = people.register("link-" + token().substring(0, 20), name, token());
    return memberships.saveAndFlush(
        Membership.byLink(context.collection(), person, lastDay, token, clientId));
  }

  /** Ends an address at once. */
  @Transactional
  public void end(CollectionContext context, long personId) {
    context.require(Role.KEEPER);
    collections.lock(context);
    memberships
        .findById(new Membership.Key(context.collectionId(), personId))
        .filter(m -> m.role() == Role.LINKED_HELPER)
        .ifPresent(m -> m.endOn(context.today().minusDays(1)));
  }

  /** Whose address it is; they may have ended. */
  @Transactional(readOnly = true)
  public Optional<Membership> find(String token) {
    return memberships.byLink(token);
  }

  private String token() {
    byte[] bytes = new byte[TOKEN_BYTES];
    random.nextBytes(bytes);
    return Base64.getUrlEncoder().withoutPadding().encodeToString(bytes);
  }
}
