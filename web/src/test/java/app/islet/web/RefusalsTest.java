package app.islet.web;

import static org.assertj.core.api.Assertions.assertThat;

import app.islet.web.base.support.HttpKeeper;
import app.islet.web.base.support.Islet;
import java.net.http.HttpResponse;
import java.util.HashMap;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** What cannot be read or kept is refused with a sentence; it is never a fault of ours. */
@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class RefusalsTest {
  private static final String MILL = "/c/weir-mill";
  private static final String TANK = MILL + "/enclosures/1";
  private static final HttpKeeper KEEPER = new HttpKeeper(Islet.running().base());

  private static Map<String, String> tick(String field, String value) {
    Map<String, String> fields = new HashMap<>();
    fields.put("enclosure", "1");
    fields.put("task", "spot-clean");
    fields.put("slot", "1");
    fields.put("how", "done");
    fields.put("day", "2026-03-01");
    fields.put("clientId", UUID.randomUUID().toString());
    fields.put(field, value);
    return fields;
  }

  @ParameterizedTest
  @CsvSource({
    "clientId, ''",
    "clientId, nobody",
    "enclosure, ''",
    "enclosure, one",
    "enclosure, 99999999999999999999",
    "day, ''",
    "day, yesterday",
    "day, 1899-12-31",
    "day, +999999999-12-31",
    "day, -999999999-01-01"
  })
  void a_tick_that_makes_no_sense(String field, String value) {
    HttpResponse<String> answer = KEEPER.post(MILL + "/rounds", tick(field, value));
    assertThat(answer.statusCode()).isIn(404, 422);
    assertThat(answer.body()).contains("<h1>");
  }

  @ParameterizedTest
  @ValueSource(strings = {"", "x", "1899-12-31", "+999999999-12-31"})
  void an_undo_of_no_day(String day) {
    assertThat(
            KEEPER
                .post(
                    MILL + "/rounds/undo",
                    Map.of("day", day, "clientId", UUID.randomUUID().toString()))
                .statusCode())
        .isIn(404, 422);
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "/residents/1/measure",
        "/residents",
        "/water/test",
        "/water/event",
        "/accept",
        "/reopen"
      })
  void a_form_with_nothing_in_it(String page) {
    assertThat(KEEPER.post(TANK + page, Map.of()).statusCode()).isIn(302, 422);
  }

  @Test
  void a_form_without_the_id_its_page_gave_it() {
    HttpResponse<String> answer =
        KEEPER.post(TANK + "/residents/1/measure", Map.of("1-length", "20"));
    assertThat(answer.statusCode()).isEqualTo(422);
    assertThat(answer.body()).contains("That page was out of date.");
  }

  @Test
  void characters_that_nobody_can_write() {
    HttpResponse<String> room =
        KEEPER.post(MILL + "/rooms", Map.of("roomName", "a\u0000b", "summerDay", "24"));
    assertThat(room.statusCode()).isEqualTo(422);
    assertThat(room.body()).contains("character in it that cannot be written");
    assertThat(KEEPER.post(MILL + "/care/axolotl/copy", Map.of("name", "a\u0007b")).statusCode())
        .isEqualTo(422);
  }

  @Test
  void a_role_there_is_none() {
    assertThat(KEEPER.post(MILL + "/collection/members/2", Map.of("role", "KING")).statusCode())
        .isEqualTo(302);
    assertThat(KEEPER.get(MILL + "/collection").body()).contains("Helper");
  }

  @Test
  void a_collection_whose_name_has_no_latin_letter_has_an_address_all_the_same() {
    for (int time = 0; time < 2; time++) {
      HttpResponse<String> made =
          KEEPER.post(
              MILL + "/collection/another",
              Map.of("another", "水の庭", "clientId", UUID.randomUUID().toString()));
      assertThat(made.statusCode()).isEqualTo(302);
      String address = made.headers().firstValue("Location").orElseThrow();
      assertThat(KEEPER.get(address.replaceFirst("^https?://[^/]+", "")).statusCode())
          .isEqualTo(200);
    }
  }

  @Test
  void a_layer_more_than_there_is_room_for() {
    HttpResponse<String> answer =
        KEEPER.post(TANK + "/remedy", Map.of("changes", "/ground/depthCm=500", "back", "build"));
    assertThat(answer.statusCode()).isEqualTo(422);
    assertThat(answer.body()).contains("That does not fit");
  }

  @ParameterizedTest
  @ValueSource(strings = {"/enclosures/abc/build", "/enclosures/0/build", "/rooms/x/rack"})
  void an_address_that_names_nothing(String address) {
    assertThat(KEEPER.get(MILL + address).statusCode()).isEqualTo(404);
  }

  @ParameterizedTest
  @ValueSource(
      strings = {"/rounds?day=foo", "/rounds/stops?from=x&day=2026-01-01", "/rounds/stops"})
  void a_question_that_cannot_be_read(String address) {
    assertThat(KEEPER.get(MILL + address).statusCode()).isEqualTo(422);
  }

  @Test
  void a_room_renamed_to_one_there_is() {
    HttpResponse<String> answer =
        KEEPER.post(
            TANK + "/site",
            Map.of(
                "roomName",
                "Loft",
                "summerDay",
                "18",
                "summerNight",
                "17",
                "winterDay",
                "16",
                "winterNight",
                "15",
                "humidity",
                "70"));
    assertThat(answer.statusCode()).isEqualTo(422);
    assertThat(answer.body()).contains("There is another room of that name");
  }
}
