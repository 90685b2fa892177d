package app.islet.web;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static java.nio.charset.StandardCharsets.UTF_8;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.islet.web.base.support.HttpKeeper;
import app.islet.web.base.support.Islet;
import app.islet.web.base.support.RefusedException;
import app.islet.web.people.account.People;
import app.islet.web.people.account.Person;
import app.islet.web.people.collection.AnimalCollection;
import app.islet.web.people.collection.CollectionContext;
import app.islet.web.people.collection.CollectionContexts;
import app.islet.web.people.collection.Memberships;
import app.islet.web.people.collection.NewCollections;
import app.islet.web.people.collection.Role;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.Cookie;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.util.Base64;
import java.util.List;
import java.util.Map;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;
import org.springframework.jdbc.core.JdbcTemplate;

/** Signing in, passwords, visits, and who may take whose rights. */
@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class SignInTest {
  private static final Islet ISLET = Islet.running();
  private static final String PASSWORD = "nine damp mossy stones";
  private static final AtomicInteger MADE = new AtomicInteger();

  private final People people = ISLET.bean(People.class);
  private final Memberships memberships = ISLET.bean(Memberships.class);

  private Person somebody() {
    int n = MADE.incrementAndGet();
    return people.register("somebody-" + n, "Somebody " + n, PASSWORD);
  }

  private AnimalCollection collectionOf(Person owner) {
    return ISLET
        .bean(NewCollections.class)
        .create("Pond of " + owner.login(), ZoneId.of("UTC"), owner);
  }

  private CollectionContext context(Person person, AnimalCollection collection) {
    return ISLET.bean(CollectionContexts.class).find(person.id(), collection.id()).orElseThrow();
  }

  /** Where a try leads. */
  private static String tried(String login, String password) {
    return HttpKeeper.stranger(ISLET.base())
        .post("/login", Map.of("username", login, "password", password))
        .headers()
        .firstValue("location")
        .orElse("");
  }

  @Test
  void after_ten_wrong_guesses_not_even_the_right_one_is_looked_at_but_others_sign_in() {
    Person victim = somebody();
    Person other = somebody();
    for (int i = 0; i < 10; i++) {
      assertThat(tried(victim.login(), "wrong guess " + i)).isEqualTo("/login?error");
    }
    assertThat(tried(victim.login(), PASSWORD)).isEqualTo("/login?wait=3");
    assertThat(tried(other.login(), PASSWORD)).isEqualTo("/");
    Page page = ISLET.stranger();
    page.navigate("/login?wait=3");
    assertThat(page.locator(".flash.refused")).containsText("Too many wrong tries. Wait 3 min");
  }

  @Test
  void a_right_password_gives_all_guesses_back() {
    Person person = somebody();
    for (int round = 0; round < 2; round++) {
      for (int i = 0; i < 7; i++) {
        assertThat(tried(person.login(), "wrong")).isEqualTo("/login?error");
      }
      assertThat(tried(person.login(), PASSWORD)).isEqualTo("/");
    }
  }

  @Test
  void blanks_at_the_ends_belong_to_a_password_and_what_is_over_72_bytes_is_none() {
    String spaced = "  two reeds and a heron  ";
    Person person = people.register("spaced-" + MADE.incrementAndGet(), "Spaced", spaced);
    String hashed = ("x".repeat(60) + " end of reeds").substring(0, 72);
    Person other = people.register("long-" + MADE.incrementAndGet(), "Long", hashed);
    assertThat(tried(other.login(), hashed + "anything")).isEqualTo("/login?error");
    assertThat(tried(other.login(), hashed)).isEqualTo("/");
    assertThat(tried(person.login(), spaced.strip())).isEqualTo("/login?error");
    assertThat(tried(person.login(), spaced)).isEqualTo("/");
  }

  @Test
  void a_stranger_leaves_nothing_behind_and_is_led_to_what_they_asked_for()
      throws IOException, InterruptedException {
    JdbcTemplate sql = ISLET.bean(JdbcTemplate.class);
    Integer before = sql.queryForObject("select count(*) from spring_session", Integer.class);
    Once http = new Once();
    for (String path : List.of("/login", "/c/weir-mill/rounds", "/setup", "/join/x", "/reset/x")) {
      HttpResponse<String> answer = http.get(path);
      assertThat(answer.headers().allValues("set-cookie"))
          .as(path)
          .noneMatch(c -> c.startsWith("SESSION"));
      assertThat(answer.headers().firstValue("location").orElse("/"))
          .as("no host of a request in where it leads")
          .startsWith("/");
    }
    assertThat(sql.queryForObject("select count(*) from spring_session", Integer.class))
        .isLessThanOrEqualTo(before);
  }

  @Test
  void every_answer_says_what_a_browser_may_do_with_it() throws IOException, InterruptedException {
    Once http = new Once();
    HttpResponse<String> answer = http.get("/login");
    assertThat(answer.headers().firstValue("content-security-policy").orElse(""))
        .contains("default-src 'self'")
        .doesNotContain("unsafe");
    assertThat(answer.headers().firstValue("referrer-policy")).contains("same-origin");
    assertThat(answer.headers().firstValue("permissions-policy").orElse(""))
        .contains("geolocation=()");
    assertThat(answer.headers().firstValue("x-content-type-options")).contains("nosniff");
    assertThat(answer.headers().firstValue("content-type")).contains("text/html;charset=UTF-8");
    assertThat(answer.headers().firstValue("cache-control").orElse("")).contains("no-store");
  }

  @Test
  void a_visit_has_a_long_secret_and_ends_after_180_days_however_often_one_comes() {
    Person person = somebody();
    collectionOf(person);
    Page page = ISLET.signedIn(person.login(), PASSWORD);
    page.navigate("/account");
    assertThat(page.locator("h1")).not().hasText("Sign in");
    JdbcTemplate sql = ISLET.bean(JdbcTemplate.class);
    String visit =
        sql.queryForObject(
            "select session_id from spring_session where principal_name = ?",
            String.class,
            person.login());
    assertThat(Base64.getUrlDecoder().decode(visit)).as("random bytes").hasSize(27);
    began(visit, 179);
    page.navigate("/account");
    assertThat(page.locator("h1")).not().hasText("Sign in");
    began(visit, 181);
    page.navigate("/account");
    assertThat(page.locator("h1")).hasText("Sign in");
  }

  private static void began(String visit, int daysAgo) {
    ISLET
        .bean(JdbcTemplate.class)
        .update(
            "update spring_session set creation_time = ? where session_id = ?",
            Instant.now().minus(Duration.ofDays(daysAgo)).toEpochMilli(),
            visit);
  }

  @Test
  void a_request_that_only_echoes_is_refused() throws IOException, InterruptedException {
    assertThat(new Once().send("TRACE", "/login").statusCode()).isIn(400, 405);
  }

  @Test
  void a_forged_cookie_of_where_to_go_leads_nobody_to_another_host() {
    Person person = somebody();
    collectionOf(person);
    Page page = ISLET.stranger();
    page.context()
        .addCookies(
            List.of(
                new Cookie(
                        "REDIRECT_URI",
                        Base64.getEncoder()
                            .encodeToString("https://elsewhere.example/account".getBytes(UTF_8)))
                    .setUrl(ISLET.base())));
    ISLET.signIn(page, person.login(), PASSWORD);
    page.waitForURL(ISLET.base() + "/c/**");
  }

  @Test
  void a_new_password_signs_out_everywhere_else() {
    Person person = somebody();
    AnimalCollection home = collectionOf(person);
    Page phone = ISLET.signedIn(person.login(), PASSWORD);
    Page page = ISLET.signedIn(person.login(), PASSWORD);
    page.navigate("/account");
    assertThat(page.locator(".chip", new Page.LocatorOptions().setHasText("here"))).hasCount(1);
    page.fill("#old", "not this one");
    page.fill("#password", "a kettle full of newts");
    page.locator("form[action$='/password'] button").click();
    assertThat(page.locator("#old-note")).hasText("That is not your password.");
    page.fill("#old", PASSWORD);
    page.fill("#password", "a kettle full of newts");
    page.locator("form[action$='/password'] button").click();
    assertThat(page.locator(".flash")).hasText("Your password is changed.");
    page.navigate("/c/" + home.slug());
    assertThat(page.locator("h1")).not().hasText("Sign in");
    phone.navigate("/c/" + home.slug());
    assertThat(phone.locator("h1")).hasText("Sign in");
  }

  @Test
  void a_link_to_a_new_password_works_once_and_only_where_the_owner_alone_is_concerned() {
    Person owner = somebody();
    Person member = somebody();
    AnimalCollection pond = collectionOf(owner);
    ISLET
        .bean(JdbcTemplate.class)
        .update("insert into membership values (?, ?, 'KEEPER')", pond.id(), member.id());
    Page page = ISLET.signedIn(owner.login(), PASSWORD);
    page.navigate("/c/" + pond.slug() + "/collection");
    page.getByText("Forgotten password").click();
    String link = page.locator(".wide-link").inputValue();
    Page phone = ISLET.stranger();
    phone.navigate(link);
    phone.fill("#password", "owls over the weir");
    phone.click("text=Set password");
    assertThat(phone.locator(".flash")).containsText("Your new password is set");
    assertThat(phone.navigate(link).status()).isEqualTo(404);
    ISLET.signIn(phone, member.login(), "owls over the weir");

    collectionOf(member);
    assertThatThrownBy(() -> memberships.resetLink(context(owner, pond), member.id()))
        .isInstanceOf(RefusedException.class)
        .hasMessageContaining("belongs to another collection too");
    Person second = somebody();
    ISLET
        .bean(JdbcTemplate.class)
        .update("insert into membership values (?, ?, 'OWNER')", pond.id(), second.id());
    assertThatThrownBy(() -> memberships.resetLink(context(owner, pond), second.id()))
        .as("one owner does not take another's place")
        .isInstanceOf(RefusedException.class);
  }

  @Test
  void of_two_owners_who_take_the_role_from_each_other_at_once_one_stays()
      throws InterruptedException, ExecutionException {
    for (int round = 0; round < 5; round++) {
      Person one = somebody();
      Person other = somebody();
      AnimalCollection pond = collectionOf(one);
      ISLET
          .bean(JdbcTemplate.class)
          .update("insert into membership values (?, ?, 'OWNER')", pond.id(), other.id());
      CollectionContext mine = context(one, pond);
      CollectionContext theirs = context(other, pond);
      ExecutorService both = Executors.newFixedThreadPool(2);
      List<Callable<Void>> acts =
          List.of(
              () -> {
                memberships.change(mine, other.id(), Role.HELPER);
                return null;
              },
              () -> {
                memberships.remove(theirs, one.id());
                return null;
              });
      for (Future<Void> done : both.invokeAll(acts)) {
        try {
          done.get();
        } catch (ExecutionException e) {
          assertThat(e.getCause()).hasMessageContaining("owner");
        }
      }
      both.shutdown();
      assertThat(
              ISLET
                  .bean(JdbcTemplate.class)
                  .queryForObject(
                      "select count(*) from membership where collection_id = ? and role = 'OWNER'",
                      Integer.class,
                      pond.id()))
          .isEqualTo(1);
    }
  }

  @Test
  void the_last_owner_does_not_leave_and_others_do() {
    Person owner = somebody();
    AnimalCollection pond = collectionOf(owner);
    assertThatThrownBy(() -> memberships.leave(context(owner, pond)))
        .hasMessageContaining("needs an owner");
    Person member = somebody();
    ISLET
        .bean(JdbcTemplate.class)
        .update("insert into membership values (?, ?, 'KEEPER')", pond.id(), member.id());
    Page page = ISLET.signedIn(member.login(), PASSWORD);
    page.navigate("/c/" + pond.slug() + "/collection");
    page.getByText("Leave this collection").click();
    page.locator("form[action$='/leave'] button").click();
    assertThat(page.locator("h1")).hasText("No collection");
    assertThat(page.navigate("/c/" + pond.slug()).status()).isEqualTo(404);
  }

  @Test
  void a_closed_account_is_as_unknown() {
    Person person = somebody();
    ISLET
        .bean(JdbcTemplate.class)
        .update("update person set disabled_at = now() where id = ?", person.id());
    assertThat(tried(person.login(), PASSWORD)).isEqualTo("/login?error");
  }

  /** A browser that keeps nothing. */
  private static final class Once {
    private final HttpClient http =
        HttpClient.newBuilder().followRedirects(HttpClient.Redirect.NEVER).build();

    HttpResponse<String> get(String path) throws IOException, InterruptedException {
      return send("GET", path);
    }

    HttpResponse<String> send(String method, String path) throws IOException, InterruptedException {
      return http.send(
          HttpRequest.newBuilder(URI.create(ISLET.base() + path))
              .header("Accept", "text/html")
              .method(method, HttpRequest.BodyPublishers.noBody())
              .build(),
          HttpResponse.BodyHandlers.ofString());
    }
  }
}
