package app.islet.web;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.islet.core.enclosure.Site;
import app.islet.web.base.support.HttpKeeper;
import app.islet.web.base.support.Islet;
import app.islet.web.people.account.People;
import app.islet.web.people.account.Person;
import app.islet.web.people.collection.CollectionContext;
import app.islet.web.people.collection.CollectionContexts;
import app.islet.web.people.collection.NewCollections;
import app.islet.web.store.enclosure.Room;
import app.islet.web.store.enclosure.Rooms;
import java.time.ZoneId;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;

/** An enclosure for a newcomer makes its room too: both or neither. */
@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class NewRoomTest {
  private static final Map<String, String> QUICK =
      Map.of(
          "species",
          "axolotl",
          "tank",
          "own",
          "ownLength",
          "100",
          "ownWidth",
          "40",
          "ownHeight",
          "40");

  private final HttpKeeper keeper = new HttpKeeper(Islet.running().base());

  private static CollectionContext empty(String zone) {
    Islet islet = Islet.running();
    Person owner = islet.bean(People.class).find("mill").orElseThrow();
    String slug =
        islet
            .bean(NewCollections.class)
            .create("Yy " + UUID.randomUUID(), ZoneId.of(zone), owner)
            .slug();
    return islet.bean(CollectionContexts.class).find("mill", slug).orElseThrow();
  }

  private static List<Room> rooms(CollectionContext context) {
    return Islet.running().bean(Rooms.class).all(context);
  }

  private int send(CollectionContext context, String to, Map<String, String> fields, String id) {
    Map<String, String> all = new HashMap<>(fields);
    all.put("clientId", id);
    return keeper.post(context.path(to), all).statusCode();
  }

  @Test
  void a_proposal_that_is_refused_leaves_no_room_behind() {
    CollectionContext context = empty("Europe/Vienna");
    Map<String, String> asked =
        Map.of("aim", "NOW", "asked", "1", "warmest", "24", "coldest", "18");
    assertThat(send(context, "/new/axolotl", asked, "no id")).isEqualTo(422);
    assertThat(rooms(context)).isEmpty();
    String id = UUID.randomUUID().toString();
    for (int time = 0; time < 2; time++) {
      assertThat(send(context, "/new/axolotl", asked, id)).isEqualTo(302);
    }
    assertThat(rooms(context)).extracting(Room::name).containsExactly("Living room");
    assertThat(rooms(context).get(0).site().latitude()).hasValueCloseTo(48.2, within(0.1));
  }

  @Test
  void a_tank_checked_in_an_ordinary_room_does_not_land_in_another() {
    CollectionContext context = empty("UTC");
    Islet.running().bean(Rooms.class).add(context, "Living room", new Site(33, 12, 30, 10, 50));
    assertThat(send(context, "/new/check", QUICK, UUID.randomUUID().toString())).isEqualTo(302);
    assertThat(rooms(context))
        .extracting(Room::name)
        .containsExactly("Living room", "Living room 2");
  }
}
