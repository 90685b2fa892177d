package app.islet.web;

import static org.assertj.core.api.Assertions.assertThat;

import app.islet.web.base.support.HttpKeeper;
import app.islet.web.base.support.Islet;
import app.islet.web.people.account.People;
import app.islet.web.people.account.Person;
import app.islet.web.people.collection.CollectionContext;
import app.islet.web.people.collection.CollectionContexts;
import app.islet.web.people.collection.HelperLinks;
import app.islet.web.people.collection.Memberships;
import app.islet.web.people.collection.NewCollections;
import app.islet.web.people.collection.Role;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.UUID;
import java.util.stream.Collectors;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;
import org.springframework.web.bind.annotation.RequestMethod;
import org.springframework.web.servlet.mvc.method.RequestMappingInfo;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;

/**
 * Every route there is, made from the mappings themselves, and who is refused: a new route without
 * its row in {@code rights.csv} fails.
 */
@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class RightsMatrixTest {
  private static final Islet ISLET = Islet.running();

  /** Who needs to be whom, the least first. */
  enum Needs {
    PUBLIC,
    SIGNED_IN,
    LINKED,
    HELPER,
    KEEPER,
    OWNER
  }

  record Route(RequestMethod method, String pattern) {
    @Override
    public String toString() {
      return method + " " + pattern;
    }

    /** With the first of everything of the demo's in its places. */
    String address() {
      return pattern
          .replace("{collection}", "weir-mill")
          .replace("{token}", "none")
          .replace("{kind}", "bloodworm")
          .replace("{name}", "steps")
          .replace("{species}", "axolotl")
          .replace("{parameter}", "AMMONIA")
          .replaceAll("\\{[^}]*}", "1");
    }

    boolean isOfCollection() {
      return pattern.contains("{collection}");
    }
  }

  /** What some routes must have to be read at all. */
  private static final Map<String, String> FIELDS =
      Map.of("name", "x", "school", "x", "room", "1", "kind", "FAN");

  private static HttpKeeper stranger;
  private static final Map<Needs, HttpKeeper> MEMBERS = new TreeMap<>();
  private static HttpKeeper other;

  @BeforeAll
  static void one_of_each() {
    String base = ISLET.base();
    People people = ISLET.bean(People.class);
    Person mill = people.find("mill").orElseThrow();
    CollectionContext context =
        ISLET.bean(CollectionContexts.class).find("mill", "weir-mill").orElseThrow();
    assertThat(context.person().id()).isEqualTo(mill.id());
    ISLET
        .bean(Memberships.class)
        .enrol(context, "matrix-keeper", "Matrix keeper", "quiet water", Role.KEEPER);
    Person elsewhere = people.register("matrix-other", "Matrix other", "quiet water");
    ISLET.bean(NewCollections.class).create("Matrix Pond", ZoneId.of("UTC"), elsewhere);
    stranger = HttpKeeper.stranger(base);
    other = new HttpKeeper(base, "matrix-other", "quiet water");
    MEMBERS.put(Needs.HELPER, new HttpKeeper(base, "club", "quiet water"));
    MEMBERS.put(Needs.KEEPER, new HttpKeeper(base, "matrix-keeper", "quiet water"));
    String token =
        Objects.requireNonNull(
            ISLET
                .bean(HelperLinks.class)
                .make(context, "Matrix helper", context.today().plusDays(3), UUID.randomUUID())
                .token());
    HttpKeeper linked = HttpKeeper.stranger(base);
    linked.post("/help/" + token, Map.of());
    MEMBERS.put(Needs.LINKED, linked);
  }

  private static Set<Route> routes() {
    Set<Route> routes = new TreeSet<>(Comparator.comparing(Route::toString));
    ISLET
        .bean(RequestMappingHandlerMapping.class)
        .getHandlerMethods()
        .keySet()
        .forEach(info -> routes.addAll(routes(info)));
    return routes;
  }

  private static List<Route> routes(RequestMappingInfo info) {
    List<Route> all = new ArrayList<>();
    Set<RequestMethod> methods = info.getMethodsCondition().getMethods();
    for (String pattern : info.getPatternValues()) {
      for (RequestMethod method : methods.isEmpty() ? Set.of(RequestMethod.GET) : methods) {
        all.add(new Route(method, pattern));
      }
    }
    return all;
  }

  private static Map<String, Needs> table() throws IOException {
    Map<String, Needs> table = new TreeMap<>();
    try (BufferedReader lines =
        new BufferedReader(
            new InputStreamReader(
                Objects.requireNonNull(RightsMatrixTest.class.getResourceAsStream("rights.csv")),
                StandardCharsets.UTF_8))) {
      lines
          .lines()
          .skip(1)
          .map(line -> line.split(","))
          .forEach(cells -> table.put(cells[0] + " " + cells[1], Needs.valueOf(cells[2])));
    }
    return table;
  }

  private static HttpResponse<String> ask(HttpKeeper who, Route route) {
    return route.method() == RequestMethod.GET
        ? who.get(route.address())
        : who.post(route.address(), FIELDS);
  }

  private static boolean isDoor(HttpResponse<String> answer) {
    return answer.statusCode() == 302
        && answer.headers().firstValue("location").orElse("").contains("/login");
  }

  @Test
  void every_route_has_its_row_and_every_row_its_route() throws IOException {
    assertThat(table().keySet())
        .containsExactlyInAnyOrderElementsOf(
            routes().stream().map(Route::toString).collect(Collectors.toSet()));
  }

  @Test
  void a_stranger_meets_the_door_everywhere_but_where_it_is_open() throws IOException {
    Map<String, Needs> table = table();
    List<String> wrong = new ArrayList<>();
    for (Route route : routes()) {
      boolean door = isDoor(ask(stranger, route));
      if (table.get(route.toString()) != Needs.PUBLIC && !door) {
        wrong.add(route + " is open to strangers");
      }
    }
    assertThat(wrong).isEmpty();
  }

  @Test
  void a_member_of_another_collection_finds_nothing() throws IOException {
    List<String> wrong = new ArrayList<>();
    for (Route route : routes()) {
      if (route.isOfCollection()) {
        int status = ask(other, route).statusCode();
        if (status != 404) {
          wrong.add(route + " answers " + status);
        }
      }
    }
    assertThat(wrong).isEmpty();
  }

  @Test
  void whoever_is_less_than_a_route_needs_is_refused() throws IOException {
    Map<String, Needs> table = table();
    List<String> wrong = new ArrayList<>();
    for (Route route : routes()) {
      Needs needs = table.getOrDefault(route.toString(), Needs.OWNER);
      MEMBERS.forEach(
          (is, who) -> {
            if (route.isOfCollection() && is.compareTo(needs) < 0) {
              int status = ask(who, route).statusCode();
              if (status != 403) {
                wrong.add("%s answers %s: %d".formatted(route, is, status));
              }
            }
          });
    }
    assertThat(wrong).isEmpty();
  }

  @Test
  void whoever_is_enough_may_look() throws IOException {
    Map<String, Needs> table = table();
    List<String> wrong = new ArrayList<>();
    for (Route route : routes()) {
      Needs needs = table.getOrDefault(route.toString(), Needs.OWNER);
      MEMBERS.forEach(
          (is, who) -> {
            if (route.method() == RequestMethod.GET && is.compareTo(needs) >= 0) {
              HttpResponse<String> answer = ask(who, route);
              if (answer.statusCode() == 403 || isDoor(answer)) {
                wrong.add("%s refuses %s".formatted(route, is));
              }
            }
          });
    }
    assertThat(wrong).isEmpty();
  }
}
