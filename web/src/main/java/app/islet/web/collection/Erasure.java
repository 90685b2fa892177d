package app.islet.web.collection;

import app.islet.web.account.Passwords;
import app.islet.web.account.Person;
import app.islet.web.support.Messages;
import app.islet.web.support.RefusedException;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Takes a collection or a person out for good. What belongs to a collection is whatever the
 * database's own references lead to it, so that no table is forgotten when one is added.
 */
@Service
public class Erasure {
  private static final Logger LOG = LoggerFactory.getLogger(Erasure.class);
  private static final String ROOT = "collection";

  /** People stay, and so does nothing of theirs in other collections. */
  private static final String PEOPLE = "person";

  private static final String REFERENCES =
      """
      select c.conrelid::regclass::text as child, a.attname as field, c.confrelid::regclass::text as parent
      from pg_constraint c join pg_attribute a on a.attrelid = c.conrelid and a.attnum = c.conkey[1]
      where c.contype = 'f' and c.conrelid <> c.confrelid""";

  private final JdbcTemplate sql;
  private final Memberships memberships;
  private final Passwords passwords;

  Erasure(JdbcTemplate sql, Memberships memberships, Passwords passwords) {
    this.sql = sql;
    this.memberships = memberships;
    this.passwords = passwords;
  }

  private record Reference(String child, String field, String parent) {}

  /** All of a collection, its books, designs, photos and members; nobody's account. */
  @Transactional
  public void collection(CollectionContext context) {
    memberships.lockAsOwner(context);
    delete(sql, context.collectionId());
    LOG.warn(
        "Collection {} was deleted by person {}", context.collectionId(), context.person().id());
  }

  static void delete(JdbcTemplate sql, long collectionId) {
    List<Reference> references =
        sql.query(
            REFERENCES,
            (row, n) ->
                new Reference(
                    row.getString("child"), row.getString("field"), row.getString("parent")));
    Map<String, String> belongs = new LinkedHashMap<>();
    belongs.put(ROOT, "id = " + collectionId);
    List<String> order = new ArrayList<>();
    visit(ROOT, references, order);
    for (String table : order) {
      if (!table.equals(ROOT)) {
        belongs.put(table, belongs(table, references, belongs));
      }
    }
    for (int i = order.size() - 1; i >= 0; i--) {
      sql.update("delete from " + order.get(i) + " where " + belongs.get(order.get(i)));
    }
  }

  /** Every table that leads to this one, each behind all that it refers to. */
  private static void visit(String table, List<Reference> references, List<String> order) {
    for (Reference r : references) {
      if (r.parent().equals(table) && !r.child().equals(PEOPLE) && !order.contains(r.child())) {
        visit(r.child(), references, order);
      }
    }
    order.add(0, table);
  }

  private static String belongs(
      String table, List<Reference> references, Map<String, String> belongs) {
    return references.stream()
        .filter(r -> r.child().equals(table) && belongs.containsKey(r.parent()))
        .map(
            r ->
                "%s in (select id from %s where %s)"
                    .formatted(r.field(), r.parent(), belongs.get(r.parent())))
        .collect(Collectors.joining(" or ", "(", ")"));
  }

  /**
   * A person's account, name and memberships. What they entered stays, as entered by somebody who
   * left.
   *
   * @throws RefusedException if a collection would be without an owner
   */
  @Transactional
  public void person(Person person) {
    // Two owners may go at once: the second finds itself alone.
    sql.queryForList(
        "select id from collection where id in (select collection_id from membership where person_id = ?) order by id for update",
        Long.class,
        person.id());
    List<String> alone =
        sql.queryForList(
            """
            select c.name from membership m join collection c on c.id = m.collection_id
            where m.person_id = ? and m.role = 'OWNER' and not exists (select 1 from membership o
              where o.collection_id = m.collection_id and o.role = 'OWNER' and o.person_id <> m.person_id)""",
            String.class,
            person.id());
    if (!alone.isEmpty()) {
      throw new RefusedException(Messages.text("account.owner-alone", String.join(", ", alone)));
    }
    sql.update(
        """
        update rights_entry set what = ? where position(? in what) > 0
        and collection_id in (select collection_id from membership where person_id = ?)""",
        Messages.text("account.about-left"),
        person.name(),
        person.id());
    sql.update("delete from membership where person_id = ?", person.id());
    sql.update("delete from calendar_feed where person_id = ?", person.id());
    sql.update("delete from password_reset where person_id = ?", person.id());
    passwords.forget(person.id(), Messages.text("account.left-name"));
    LOG.warn("The account of person {} was deleted", person.id());
  }
}
