package app.islet.web.people.collection;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface MembershipRepository extends JpaRepository<Membership, Membership.Key> {
  @Query(
      "select m from Membership m join fetch m.collection join fetch m.person where m.person.login = :login order by m.collection.name")
  List<Membership> ofPerson(String login);

  @Query(
      "select m from Membership m join fetch m.collection join fetch m.person where m.person.login = :login and m.collection.slug = :slug")
  Optional<Membership> find(String login, String slug);

  @Query(
      "select m from Membership m join fetch m.collection join fetch m.person where m.person.id = :personId and m.collection.id = :collectionId")
  Optional<Membership> find(long personId, long collectionId);

  @Query(
      "select m from Membership m join fetch m.collection join fetch m.person where m.token = :token")
  Optional<Membership> byLink(String token);

  @Query(
      "select m from Membership m where m.collection.id = :collectionId and m.clientId = :clientId")
  Optional<Membership> madeAs(long collectionId, UUID clientId);

  @Query(
      "select m from Membership m join fetch m.person where m.collection.id = :collectionId order by m.person.name")
  List<Membership> ofCollection(long collectionId);

  /** The role as the database has it, whatever was read of it before. */
  @Query(
      nativeQuery = true,
      value =
          "select role from membership where collection_id = :collectionId and person_id = :personId")
  Optional<String> roleNow(long collectionId, long personId);

  @Query(
      "select count(m) from Membership m where m.collection.id = :collectionId and m.role = 'OWNER'")
  long owners(long collectionId);
}
