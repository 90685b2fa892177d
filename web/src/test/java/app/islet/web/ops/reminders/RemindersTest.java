package app.islet.web.ops.reminders;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import app.islet.web.base.support.Addresses;
import app.islet.web.base.support.Hands;
import app.islet.web.base.support.Islet;
import app.islet.web.base.support.TestClock;
import app.islet.web.people.collection.CollectionContexts;
import app.islet.web.reading.summary.DayRounds;
import app.islet.web.store.enclosure.EnclosureStore;
import com.icegreen.greenmail.util.GreenMail;
import com.icegreen.greenmail.util.GreenMailUtil;
import com.icegreen.greenmail.util.ServerSetupTest;
import com.microsoft.playwright.Page;
import com.sun.net.httpserver.HttpServer;
import jakarta.mail.internet.MimeMessage;
import java.net.InetSocketAddress;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.LocalTime;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CopyOnWriteArrayList;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.mail.javamail.JavaMailSenderImpl;
import org.springframework.transaction.support.TransactionTemplate;

/** Through a mail server and a webhook of the test's own: each cause once, and never at night. */
@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class RemindersTest {
  private final Islet islet = Islet.running();
  private final GreenMail server = new GreenMail(ServerSetupTest.SMTP.dynamicPort());
  private final List<String> posted = new CopyOnWriteArrayList<>();
  private HttpServer hook;

  @BeforeEach
  void outside() throws Exception {
    server.start();
    hook = HttpServer.create(new InetSocketAddress("127.0.0.1", 0), 0);
    hook.createContext(
        "/",
        exchange -> {
          posted.add(new String(exchange.getRequestBody().readAllBytes(), StandardCharsets.UTF_8));
          exchange.sendResponseHeaders(204, -1);
          exchange.close();
        });
    hook.start();
  }

  @AfterEach
  void stop() {
    server.stop();
    hook.stop(0);
    TestClock.right();
  }

  private ReminderRun run(int port) {
    JavaMailSenderImpl mail = new JavaMailSenderImpl();
    mail.setHost("127.0.0.1");
    mail.setPort(port);
    return new ReminderRun(
        islet.bean(Reminders.class),
        new Messenger(
            Optional.of(mail),
            "islet@example.org",
            "http://127.0.0.1:" + hook.getAddress().getPort() + "/"),
        islet.bean(CollectionContexts.class),
        islet.bean(EnclosureStore.class),
        islet.bean(DayRounds.class),
        islet.bean(Addresses.class),
        islet.bean(TransactionTemplate.class),
        islet.bean(Clock.class));
  }

  private List<String> subjects() throws Exception {
    List<String> all = new CopyOnWriteArrayList<>();
    for (MimeMessage message : server.getReceivedMessages()) {
      all.add(message.getSubject());
    }
    return all;
  }

  /** A turtle that cannot get out of the water; the morning's list at seven. */
  private Page asked() {
    Page page = islet.owner();
    String base = Hands.made("Reminder tank", "76", "30", "30");
    Hands.settle(base, "common-musk", "Nib", 1, 3.2);
    page.navigate(Hands.collection(base) + "/reminders");
    page.fill("#mail", "keeper");
    Hands.press(page, "Save");
    assertThat(page.locator("#mail-note")).containsText("An e-mail address");
    assertThat(page.locator("#mail")).hasValue("keeper");
    page.fill("#mail", "keeper@example.org");
    page.selectOption("#digestHour", "7");
    Hands.press(page, "Save");
    assertThat(page.locator(".flash")).hasText("Reminders saved.");
    assertThat(page.locator("#digestHour")).hasValue("7");
    return page;
  }

  @Test
  void each_cause_is_told_once_and_the_list_once_a_morning() throws Exception {
    asked();
    ReminderRun run = run(server.getSmtp().getPort());
    run.run();
    run.run();
    assertThat(subjects()).hasSize(2);
    assertThat(subjects().get(0)).contains("to do today");
    assertThat(subjects().get(1)).contains("danger");
    String dangers = GreenMailUtil.getBody(server.getReceivedMessages()[1]);
    assertThat(dangers).contains("Reminder tank: ").contains("No way out of the water");
    assertThat(posted).as("the webhook was not wished for").isEmpty();
    TestClock.set(
        TestClock.today().plusDays(1).atTime(LocalTime.of(9, 0)).toInstant(ZoneOffset.UTC));
    hook.stop(0);
    islet.bean(JdbcTemplate.class).update("update reminder set webhook = true");
    run.run();
    run.run();
    assertThat(subjects())
        .as("the next morning its list alone, though the webhook is down")
        .hasSize(3);
    assertThat(subjects().get(2)).contains("to do today");
  }

  @Test
  void at_night_nothing_is_sent_and_what_could_not_be_sent_is_sent_later() throws Exception {
    asked();
    TestClock.set(
        TestClock.today().plusDays(3).atTime(LocalTime.of(23, 0)).toInstant(ZoneOffset.UTC));
    run(server.getSmtp().getPort()).run();
    assertThat(subjects()).isEmpty();
    TestClock.set(
        TestClock.today().plusDays(1).atTime(LocalTime.of(9, 0)).toInstant(ZoneOffset.UTC));
    run(1).run();
    assertThat(subjects()).as("no server there").isEmpty();
    run(server.getSmtp().getPort()).run();
    assertThat(subjects()).isNotEmpty();
  }

  @Test
  void hours_without_a_message_go_over_midnight() {
    Reminder.Quiet night = new Reminder.Quiet(22, 7);
    assertThat(night.holds(LocalTime.of(22, 0))).isTrue();
    assertThat(night.holds(LocalTime.of(6, 59))).isTrue();
    assertThat(night.holds(LocalTime.of(7, 0))).isFalse();
    Reminder.Quiet noon = new Reminder.Quiet(12, 14);
    assertThat(noon.holds(LocalTime.of(13, 0))).isTrue();
    assertThat(noon.holds(LocalTime.of(14, 0))).isFalse();
  }

  @Test
  void the_webhook_is_told_in_json() {
    new Messenger(Optional.empty(), "", "http://127.0.0.1:" + hook.getAddress().getPort() + "/")
        .send(
            Messenger.Way.WEBHOOK,
            new Reminder("", true, true, Optional.empty(), Optional.empty()),
            "Weir Mill: a danger",
            List.of("Long pool: a gap"));
    assertThat(posted).singleElement().asString().contains("\"lines\":[\"Long pool: a gap\"]");
  }
}
