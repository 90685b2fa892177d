package app.islet.web;

import static org.assertj.core.api.Assertions.assertThat;

import app.islet.web.base.support.HttpKeeper;
import app.islet.web.base.support.Islet;
import app.islet.web.people.account.People;
import ch.qos.logback.classic.Level;
import ch.qos.logback.classic.Logger;
import ch.qos.logback.classic.PatternLayout;
import ch.qos.logback.classic.spi.ILoggingEvent;
import ch.qos.logback.classic.spi.LoggingEvent;
import ch.qos.logback.core.read.ListAppender;
import java.util.List;
import java.util.Map;
import java.util.function.Predicate;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;
import org.slf4j.LoggerFactory;
import org.springframework.core.env.Environment;
import org.springframework.jdbc.core.JdbcTemplate;

/** What stands in the log of who came in, who did not, and who asked for what is not theirs. */
@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class SecurityLogTest {
  private static final Islet ISLET = Islet.running();
  private static final String LOGIN = "lantern";
  private static final String PASSWORD = "slow carp under ice";
  private static final ListAppender<ILoggingEvent> LOG = new ListAppender<>();

  @BeforeAll
  static void somebody_who_helps_elsewhere() {
    long id = ISLET.bean(People.class).register(LOGIN, "A lantern", PASSWORD).id();
    ISLET
        .bean(JdbcTemplate.class)
        .update(
            "insert into membership select id, ?, 'HELPER' from collection where slug = 'weir-mill'",
            id);
    LOG.start();
    islet().addAppender(LOG);
  }

  @AfterAll
  static void gone() {
    islet().detachAppender(LOG);
    ISLET
        .bean(JdbcTemplate.class)
        .update(
            "delete from membership where person_id = (select id from person where login = ?)",
            LOGIN);
  }

  private static Logger islet() {
    return (Logger) LoggerFactory.getLogger("app.islet");
  }

  private static List<String> lines(Predicate<String> which) {
    return List.copyOf(LOG.list).stream()
        .map(ILoggingEvent::getFormattedMessage)
        .filter(which)
        .toList();
  }

  @Test
  void who_signed_in_from_where_and_that_somebody_did_not() {
    new HttpKeeper(ISLET.base(), LOGIN, PASSWORD);
    assertThat(lines(line -> line.contains(LOGIN))).contains("lantern signed in, from 127.0.0.1");
    HttpKeeper.stranger(ISLET.base())
        .post("/login", Map.of("username", "my secret typed as a name", "password", "x"));
    assertThat(lines(line -> line.startsWith("Sign-in refused")))
        .contains("Sign-in refused, from 127.0.0.1");
    assertThat(lines(line -> line.contains("my secret"))).isEmpty();
  }

  @Test
  void what_was_refused_to_whom() {
    HttpKeeper helper = new HttpKeeper(ISLET.base(), LOGIN, PASSWORD);
    assertThat(helper.get("/c/weir-mill/enclosures/new").statusCode()).isEqualTo(403);
    assertThat(lines(line -> line.contains("refused to lantern")))
        .anyMatch(line -> line.startsWith("GET /c/weir-mill/enclosures/new refused to lantern"));
    assertThat(helper.get("/c/somebody-elses/rounds").statusCode()).isEqualTo(404);
    assertThat(lines(line -> line.contains("that lantern is not in"))).hasSize(1);
  }

  @Test
  void the_secret_of_a_link_is_in_no_line() {
    HttpKeeper stranger = HttpKeeper.stranger(ISLET.base());
    stranger.get("/join/a-secret-of-a-link");
    stranger.forged("/join/a-secret-of-a-link/new", "a-token-that-was-typed");
    assertThat(lines(line -> line.contains("outside any collection"))).isNotEmpty();
    assertThat(lines(line -> line.contains("a-secret-of-a-link"))).isEmpty();
    assertThat(lines(line -> line.contains("a-token-that-was-typed"))).isEmpty();
  }

  @Test
  void nobody_writes_a_line_of_their_own_into_it() {
    PatternLayout lines = new PatternLayout();
    lines.setContext(islet().getLoggerContext());
    lines.setPattern(ISLET.bean(Environment.class).getProperty("logging.pattern.file"));
    lines.start();
    String forged = "a file that cannot be read\r\n2027-03-01 INFO lantern signed in";
    String written =
        lines.doLayout(new LoggingEvent("", islet(), Level.INFO, forged, null, new Object[0]));
    assertThat(written.lines().findFirst().orElseThrow())
        .contains("cannot be read / 2027-03-01 INFO lantern");
  }
}
