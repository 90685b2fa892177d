package app.islet.web.base.support;

import org.springframework.jdbc.core.JdbcTemplate;

/** A collection of many enclosures with a year of history, which the demo's owner owns. */
public final class LargeCollection {
  private static final int TICKS_EACH = 800;
  private static final int WATER_LINES_EACH = 100;

  private LargeCollection() {}

  /**
   * Copies of the demo's enclosures and those who live in them, with a year of ticks and tests.
   *
   * @return its slug
   */
  public static String of(int enclosures) {
    String slug = "scale-" + enclosures;
    JdbcTemplate sql = Islet.running().bean(JdbcTemplate.class);
    sql.update(
        "insert into collection (slug, name, zone) values (?, ?, 'UTC')", slug, "Scale " + slug);
    sql.update(
        "insert into membership select c.id, p.id, 'OWNER' from collection c, person p"
            + " where c.slug = ? and p.login = 'mill'",
        slug);
    sql.update(
        "insert into room (collection_id, name, summer_day_c, summer_night_c, winter_day_c,"
            + " winter_night_c, humidity_percent) select c.id, 'Room ' || n, 25, 20, 20, 17, 50"
            + " from collection c, generate_series(1, 10) n where c.slug = ?",
        slug);
    sql.execute(
        """
        do $$ declare
          c bigint; source record; made bigint; who bigint; n int := 0; rooms bigint[];
          sources bigint[]; person bigint; home bigint; born bigint; kin record;
        begin
          set local session_replication_role = replica;
          select id into c from collection where slug = '%s';
          select array_agg(id) into rooms from room where collection_id = c;
          select array_agg(e.id order by e.id) into sources from enclosure e
            join collection d on d.id = e.collection_id where d.slug = 'weir-mill' and e.id <= 10;
          select id into person from person where login = 'mill';
          while n < %d loop
            select * into source from enclosure where id = sources[1 + n %% array_length(sources, 1)];
            insert into enclosure (collection_id, room_id, name, started_on, client_id, version)
              values (c, rooms[1 + n %% 10], source.name || ' ' || n, source.started_on,
                gen_random_uuid(), 1) returning id into made;
            insert into enclosure_revision (enclosure_id, number, document, saved_at, saved_by)
              select made, 1, document, now(), person from enclosure_revision
              where enclosure_id = source.id order by number desc limit 1;
            insert into place (collection_id, enclosure_id, kind, name) values (c, made, 'ENCLOSURE', '') returning id into home;
            for kin in select a.*, m.head_count, m.day from animal a join movement m on m.animal_id = a.id
                join place p on p.id = m.to_place where p.enclosure_id = source.id and m.from_kind = 'BEGUN' loop
              insert into animal (collection_id, species, name, single, males, females, stated_stage, client_id)
                values (c, kin.species, kin.name, kin.single, kin.males, kin.females, 'adult', gen_random_uuid())
                returning id into born;
              insert into movement (animal_id, day, head_count, from_kind, to_kind, to_place, cause, note, act,
                  client_id, entered_at, entered_by)
                values (born, kin.day, kin.head_count, 'BEGUN', 'KEPT', home, '', '', gen_random_uuid(),
                  gen_random_uuid(), now(), person);
            end loop;
            insert into round_entry (enclosure_id, task_key, title, day, slot, kind, client_id,
                entered_at, entered_by)
              select made, t.task_key, t.task_key, date '%s' - d, 1, 'DONE', gen_random_uuid(),
                now(), person
              from (select distinct task_key from round_entry where enclosure_id = source.id
                limit 4) t, generate_series(1, %d / 4) d;
            insert into water_test (enclosure_id, day, nitrate, ph, as_ion, client_id, entered_at,
                entered_by)
              select made, date '%s' - 3 * d, 5 + d %% 7, 7.4, true, gen_random_uuid(), now(),
                person from generate_series(1, %d) d;
            n := n + 1;
          end loop;
        end $$"""
            .formatted(
                slug,
                enclosures,
                TestClock.today(),
                TICKS_EACH,
                TestClock.today(),
                WATER_LINES_EACH));
    sql.execute("analyze");
    return slug;
  }
}
