package app.islet.web.people.collection;

import app.islet.web.people.account.People;
import app.islet.web.people.account.Person;
import java.text.Normalizer;
import java.time.ZoneId;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Supplier;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** Makes collections. */
@Service
public class NewCollections {
  /** Any numbers of ours, the same on every server: of what is locked by name. */
  private static final int FIRST = 0x151e_0001;

  private static final int ASKED = 0x151e_0002;
  private static final int ADDRESS = 0x151e_0003;

  private final CollectionRepository collections;
  private final MembershipRepository memberships;
  private final People people;

  NewCollections(
      CollectionRepository collections, MembershipRepository memberships, People people) {
    this.collections = collections;
    this.memberships = memberships;
    this.people = people;
  }

  /** A collection with its owner; its address is made of its name. */
  @Transactional
  public AnimalCollection create(String name, ZoneId zone, Person owner) {
    return create(name, zone, owner, UUID.randomUUID());
  }

  /** The same, once however often it is asked for under the same id. */
  @Transactional
  public AnimalCollection create(String name, ZoneId zone, Person owner, UUID clientId) {
    hold(clientId);
    return made(owner, clientId).orElseGet(() -> make(name, zone, owner, clientId));
  }

  /** Whoever asks under the same id waits until this transaction ends. */
  @Transactional(propagation = Propagation.MANDATORY)
  public void hold(UUID clientId) {
    collections.waitFor(ASKED, clientId.toString());
  }

  /** What somebody has made under an id already. */
  @Transactional(readOnly = true)
  public Optional<AnimalCollection> made(Person owner, UUID clientId) {
    return collections.ownedBy(owner.id(), clientId);
  }

  private AnimalCollection make(String name, ZoneId zone, Person owner, UUID clientId) {
    String stem = stem(name);
    // Pond, its second and one that is called Pond 2 may want the same address.
    collections.waitFor(ADDRESS, stem.replaceAll("(-\\d+)+$", ""));
    String slug = stem;
    for (int n = 2; collections.existsBySlug(slug); n++) {
      slug = stem + "-" + n;
    }
    AnimalCollection collection =
        collections.saveAndFlush(new AnimalCollection(slug, name, zone, clientId));
    memberships.saveAndFlush(new Membership(collection, owner, Role.OWNER));
    return collection;
  }

  /**
   * The first collection of all; of two first visits, or two servers that load the demo, at the
   * same moment one makes it.
   *
   * @param make makes it, and whoever owns it
   * @return empty if there is somebody already; then nothing is made
   */
  @Transactional
  public Optional<AnimalCollection> first(Supplier<AnimalCollection> make) {
    collections.waitFor(FIRST, "");
    return people.any() ? Optional.empty() : Optional.of(make.get());
  }

  /** Small Latin letters and digits; a name that has none is still a collection. */
  private static String stem(String name) {
    String plain =
        Normalizer.normalize(name, Normalizer.Form.NFKD)
            .toLowerCase(Locale.ROOT)
            .replaceAll("[^a-z0-9 -]", "")
            .strip()
            .replaceAll("[ -]+", "-")
            .replaceAll("^-|-$", "");
    return plain.isEmpty() ? "collection" : plain;
  }
}
