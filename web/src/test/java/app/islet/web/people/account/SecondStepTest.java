package app.islet.web.people.account;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import app.islet.web.base.support.HttpKeeper;
import app.islet.web.base.support.Islet;
import app.islet.web.base.support.TestClock;
import app.islet.web.people.collection.NewCollections;
import com.microsoft.playwright.Page;
import java.net.http.HttpResponse;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;
import org.springframework.jdbc.core.JdbcTemplate;

/** Signing in with a code besides the password. */
@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class SecondStepTest {
  private static final Islet ISLET = Islet.running();
  private static final String PASSWORD = "nine damp mossy stones";
  private static final AtomicInteger MADE = new AtomicInteger();

  private final SecondStep steps = ISLET.bean(SecondStep.class);
  private final SecondStep.Offer offer = SecondStep.Offer.make();
  private final Person person = somebody();

  private static Person somebody() {
    String login = "careful-" + MADE.incrementAndGet();
    Person person = ISLET.bean(People.class).register(login, "Careful", PASSWORD);
    ISLET.bean(NewCollections.class).create("Pond of " + login, ZoneId.of("UTC"), person);
    return person;
  }

  /** All tests sign in from one address, which has only so many guesses. */
  @BeforeEach
  void guess_anew() {
    ISLET.bean(JdbcTemplate.class).update("delete from bucket where id like 'address %'");
  }

  /** As if it had been set up a minute ago. */
  private void on() {
    String code = AppCodes.at(offer.secret(), TestClock.now().minusSeconds(30));
    assertThat(steps.begin(person.login(), offer, code, "")).isTrue();
  }

  private String codeNow() {
    return AppCodes.at(offer.secret(), TestClock.now());
  }

  private HttpKeeper afterPassword() {
    HttpKeeper half = HttpKeeper.stranger(ISLET.base());
    HttpResponse<String> answer =
        half.post("/login", Map.of("username", person.login(), "password", PASSWORD));
    assertThat(leadsTo(answer)).isEqualTo("/login/code");
    return half;
  }

  private static String leadsTo(HttpResponse<String> answer) {
    return answer.headers().firstValue("location").orElse("");
  }

  private static HttpResponse<String> typed(HttpKeeper half, String code) {
    return half.post("/login/code", Map.of("code", code));
  }

  @Test
  void is_set_up_with_an_app_and_then_asked_for() {
    Page phone = ISLET.signedIn(person.login(), PASSWORD);
    Page page = ISLET.signedIn(person.login(), PASSWORD);
    page.navigate("/account");
    page.getByText("Set it up").click();
    String key = page.locator("p.secret").innerText().replace(" ", "");
    List<String> recovery = page.locator("ol.secret li").allInnerTexts();
    page.fill("#code", "12345");
    page.getByText("Turn on").click();
    assertThat(page.locator("#code-note")).containsText("not what the app shows for this key");
    assertThat(page.locator("p.secret").innerText().replace(" ", "")).isEqualTo(key);
    assertThat(page.locator("ol.secret li").allInnerTexts()).isEqualTo(recovery);
    String code = AppCodes.at(key, TestClock.now());
    page.fill("#code", code);
    page.getByText("Turn on").click();
    assertThat(page.locator(".flash")).containsText("your password and a code");
    assertThat(page.locator("main")).containsText("You have 10 recovery codes left.");

    phone.navigate("/account");
    assertThat(phone.locator("h1")).hasText("Sign in");
    ISLET.signIn(phone, person.login(), PASSWORD);
    assertThat(phone.locator("h1")).hasText("Second step at sign-in");
    phone.fill("#code", code);
    phone.locator("main form button").click();
    assertThat(phone.locator("#code-note")).containsText("or was used before");
    phone.fill("#code", AppCodes.at(key, TestClock.now().plusSeconds(30)));
    phone.locator("main form button").click();
    assertThat(phone).hasURL(ISLET.base() + "/account");
  }

  @Test
  void nothing_is_shown_and_nobody_is_signed_in_before_the_code() {
    on();
    HttpKeeper half = afterPassword();
    for (String path : List.of("/account", "/c/pond-of-" + person.login(), "/")) {
      assertThat(leadsTo(half.get(path))).as(path).isEqualTo("/login");
    }
    assertThat(ISLET.bean(Visits.class).of(person.login())).isEmpty();
    assertThat(leadsTo(typed(half, codeNow()))).as("the page asked for").endsWith("/");
    assertThat(half.get("/account").statusCode()).isEqualTo(200);
    assertThat(ISLET.bean(Visits.class).of(person.login())).hasSize(1);
    assertThat(leadsTo(HttpKeeper.stranger(ISLET.base()).get("/login/code"))).isEqualTo("/");
  }

  @Test
  void what_no_page_of_ours_sends_is_refused_and_nothing_is_on() {
    HttpKeeper keeper = new HttpKeeper(ISLET.base(), person.login(), PASSWORD);
    String recovery = String.join(" ", offer.recovery());
    for (Map<String, String> sent :
        List.of(
            Map.of("code", "123456"),
            Map.of("secret", "", "recovery", recovery, "code", "123456"),
            Map.of("secret", offer.secret(), "recovery", "one two", "code", codeNow()))) {
      assertThat(keeper.post("/account/second-step", sent).statusCode()).isEqualTo(422);
    }
    assertThat(steps.isOn(person.login())).isFalse();
  }

  @Test
  void a_code_of_the_app_lets_in_once() {
    on();
    String code = codeNow();
    assertThat(leadsTo(typed(afterPassword(), code))).isEqualTo("/");
    assertThat(typed(afterPassword(), code).statusCode()).isEqualTo(422);
  }

  @Test
  void a_code_that_was_written_down_lets_in_once_however_it_is_typed() {
    on();
    String code = offer.recovery().get(3);
    String typed = code.replace("-", " ").toUpperCase(Locale.ROOT);
    assertThat(leadsTo(typed(afterPassword(), typed))).isEqualTo("/");
    assertThat(steps.recoveryLeft(person)).isEqualTo(9);
    assertThat(typed(afterPassword(), code).statusCode()).isEqualTo(422);
    assertThat(typed(afterPassword(), SecondStep.Offer.make().recovery().get(0)).statusCode())
        .as("nobody's")
        .isEqualTo(422);
  }

  @Test
  void after_ten_wrong_codes_not_even_the_right_one_is_looked_at() {
    on();
    HttpKeeper half = afterPassword();
    for (int i = 1; i < 10; i++) {
      assertThat(typed(half, "wrong").statusCode()).isEqualTo(422);
    }
    assertThat(leadsTo(typed(half, codeNow()))).isEqualTo("/login?wait=3");
  }

  @Test
  void a_new_password_does_not_turn_it_off() {
    on();
    Passwords passwords = ISLET.bean(Passwords.class);
    String link = passwords.link(person.id(), person.id());
    assertThat(passwords.set(link, PASSWORD)).isPresent();
    afterPassword();
  }

  @Test
  void who_was_half_way_in_is_not_let_in_with_a_new_password_or_a_closed_account() {
    on();
    HttpKeeper half = afterPassword();
    Passwords passwords = ISLET.bean(Passwords.class);
    passwords.set(passwords.link(person.id(), person.id()), "a kettle full of newts");
    assertThat(typed(half, codeNow()).statusCode()).isEqualTo(422);
    passwords.set(passwords.link(person.id(), person.id()), PASSWORD);
    half = afterPassword();
    ISLET
        .bean(JdbcTemplate.class)
        .update("update person set disabled_at = now() where id = ?", person.id());
    assertThat(typed(half, codeNow()).statusCode()).isEqualTo(422);
  }

  @Test
  void ten_minutes_after_the_password_it_is_asked_for_again() {
    on();
    HttpKeeper half = afterPassword();
    String visit = newestVisit();
    began(visit, Duration.ofMinutes(10).minusSeconds(20));
    assertThat(half.get("/login/code").statusCode()).isEqualTo(200);
    began(visit, Duration.ofMinutes(10).plusSeconds(5));
    assertThat(leadsTo(half.get("/login/code"))).isEqualTo("/");
  }

  private static String newestVisit() {
    return ISLET
        .bean(JdbcTemplate.class)
        .queryForObject(
            "select session_id from spring_session order by creation_time desc limit 1",
            String.class);
  }

  private static void began(String visit, Duration ago) {
    ISLET
        .bean(JdbcTemplate.class)
        .update(
            "update spring_session set creation_time = ? where session_id = ?",
            Instant.now().minus(ago).toEpochMilli(),
            visit);
  }

  @Test
  void whoever_knows_the_password_turns_it_off() {
    on();
    HttpKeeper keeper = afterPassword();
    typed(keeper, codeNow());
    keeper.post("/account/second-step/end", Map.of("confirm", "a guess of mine"));
    assertThat(steps.isOn(person.login())).isTrue();
    keeper.post("/account/second-step/end", Map.of("confirm", PASSWORD));
    assertThat(steps.isOn(person.login())).isFalse();
    assertThat(steps.recoveryLeft(person)).isZero();
    assertThat(new HttpKeeper(ISLET.base(), person.login(), PASSWORD).get("/account").statusCode())
        .isEqualTo(200);
  }
}
