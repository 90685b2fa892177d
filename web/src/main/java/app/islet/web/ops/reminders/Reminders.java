package app.islet.web.ops.reminders;

import app.islet.web.people.collection.CollectionContext;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

/** Who wants to be reminded of what, and what they were told already. */
@Repository
class Reminders {
  private final JdbcTemplate sql;

  Reminders(JdbcTemplate sql) {
    this.sql = sql;
  }

  /** One that somebody set. */
  record Kept(long id, long collectionId, long personId, Reminder reminder) {}

  Reminder get(CollectionContext context) {
    return sql
        .query(
            "select * from reminder where collection_id = ? and person_id = ?",
            Reminders::kept,
            context.collectionId(),
            context.person().id())
        .stream()
        .map(Kept::reminder)
        .findFirst()
        .orElse(Reminder.NONE);
  }

  List<Kept> all() {
    return sql.query("select * from reminder order by id", Reminders::kept);
  }

  private static Kept kept(ResultSet row, int n) throws SQLException {
    Optional<Integer> from = hour(row, "quiet_from");
    Optional<Integer> until = hour(row, "quiet_until");
    return new Kept(
        row.getLong("id"),
        row.getLong("collection_id"),
        row.getLong("person_id"),
        new Reminder(
            row.getString("mail"),
            row.getBoolean("webhook"),
            row.getBoolean("urgent"),
            hour(row, "digest_hour"),
            from.flatMap(begin -> until.map(end -> new Reminder.Quiet(begin, end)))));
  }

  private static Optional<Integer> hour(ResultSet row, String column) throws SQLException {
    return Optional.ofNullable(row.getObject(column, Integer.class));
  }

  @Transactional
  void save(CollectionContext context, Reminder r) {
    sql.update(
        """
        insert into reminder
          (collection_id, person_id, mail, webhook, urgent, digest_hour, quiet_from, quiet_until)
        values (?, ?, ?, ?, ?, ?, ?, ?)
        on conflict (collection_id, person_id) do update set mail = excluded.mail,
          webhook = excluded.webhook, urgent = excluded.urgent, digest_hour = excluded.digest_hour,
          quiet_from = excluded.quiet_from, quiet_until = excluded.quiet_until""",
        context.collectionId(),
        context.person().id(),
        r.mail(),
        r.webhook(),
        r.urgent(),
        orNull(r.digestHour()),
        orNull(r.quiet().map(Reminder.Quiet::from)),
        orNull(r.quiet().map(Reminder.Quiet::until)));
  }

  private static @Nullable Integer orNull(Optional<Integer> hour) {
    return hour.orElse(null);
  }

  /** What they were told of and is not over. */
  List<String> told(long reminder) {
    return sql.queryForList(
        "select cause from reminder_sent where reminder_id = ?", String.class, reminder);
  }

  /** Notes that they are told now; what is sent in the same transaction is sent once. */
  void tell(long reminder, Collection<String> causes) {
    causes.forEach(
        cause ->
            sql.update(
                "insert into reminder_sent (reminder_id, cause) values (?, ?)", reminder, cause));
  }

  /** What is over is told anew when it comes back. */
  void forget(long reminder, Collection<String> causes) {
    causes.forEach(
        cause ->
            sql.update(
                "delete from reminder_sent where reminder_id = ? and cause = ?", reminder, cause));
  }
}
