package app.islet.web.people.collection;

import app.islet.web.base.support.Messages;
import app.islet.web.base.support.RefusedException;
import app.islet.web.people.account.Passwords;
import app.islet.web.people.account.Person;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Takes a collection with all its {@link Belongings}, or a person, out for good. */
@Service
public class Erasure {
  private static final Logger LOG = LoggerFactory.getLogger(Erasure.class);
  private final JdbcTemplate sql;
  private final Memberships memberships;
  private final Passwords passwords;

  Erasure(JdbcTemplate sql, Memberships memberships, Passwords passwords) {
    this.sql = sql;
    this.memberships = memberships;
    this.passwords = passwords;
  }

  /** All of a collection, its books, designs, photos and members; nobody's account. */
  @Transactional
  public void collection(CollectionContext context) {
    memberships.lockAsOwner(context);
    delete(sql, context.collectionId());
    LOG.warn(
        "Collection {} was deleted by person {}", context.collectionId(), context.person().id());
  }

  static void delete(JdbcTemplate sql, long collectionId) {
    List<Map.Entry<String, String>> tables =
        new ArrayList<>(Belongings.of(sql).of(collectionId).entrySet());
    Collections.reverse(tables);
    tables.forEach(t -> sql.update("delete from %s where %s".formatted(t.getKey(), t.getValue())));
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
