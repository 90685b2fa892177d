package app.islet.web.collection;

import app.islet.web.account.Person;
import java.text.Normalizer;
import java.time.ZoneId;
import java.util.Locale;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Makes collections. */
@Service
public class NewCollections {
  private final CollectionRepository collections;
  private final MembershipRepository memberships;

  NewCollections(CollectionRepository collections, MembershipRepository memberships) {
    this.collections = collections;
    this.memberships = memberships;
  }

  /** A collection with its owner; its address is made of its name. */
  @Transactional
  public AnimalCollection create(String name, ZoneId zone, Person owner) {
    String base =
        Normalizer.normalize(name, Normalizer.Form.NFKD)
            .toLowerCase(Locale.ROOT)
            .replaceAll("[^a-z0-9 -]", "")
            .strip()
            .replaceAll("[ -]+", "-")
            .replaceAll("^-|-$", "");
    String slug = base.isEmpty() ? "collection" : base;
    for (int n = 2; collections.existsBySlug(slug); n++) {
      slug = base + "-" + n;
    }
    AnimalCollection collection = collections.saveAndFlush(new AnimalCollection(slug, name, zone));
    memberships.save(new Membership(collection, owner, Role.OWNER));
    return collection;
  }
}
