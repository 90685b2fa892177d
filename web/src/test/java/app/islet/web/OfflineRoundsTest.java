package app.islet.web;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import app.islet.web.base.support.CutNetwork;
import app.islet.web.base.support.Hands;
import app.islet.web.base.support.Islet;
import app.islet.web.base.support.OtherServer;
import app.islet.web.base.support.TestClock;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import java.sql.Timestamp;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;
import org.springframework.jdbc.core.JdbcTemplate;

/** The rounds on a phone in a cellar, where the network comes and goes. */
@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class OfflineRoundsTest {
  private final Islet islet = Islet.running();
  private final JdbcTemplate sql = islet.bean(JdbcTemplate.class);
  private final CutNetwork line = islet.line();
  private long enclosure;
  private String rounds;
  private Page phone;

  @BeforeEach
  void a_tank_and_its_walk_on_the_phone() {
    Page desk = islet.owner();
    String base = Hands.enclosure(desk, "Cellar tank", "80", "40", "40");
    desk.selectOption("#species", "axolotl");
    desk.fill("#count", "2");
    desk.fill("#length", "22");
    desk.fill("#name", "Both");
    desk.locator("form[action$='/residents'] > button").click();
    enclosure = Long.parseLong(base.substring(base.lastIndexOf('/') + 1));
    rounds = Hands.collection(base) + "/rounds";
    phone = islet.ownerOver(line);
    phone.navigate(rounds);
    phone.waitForSelector("main[data-kept-here]");
  }

  @AfterEach
  void the_line_is_closed() {
    line.close();
  }

  private static Locator row(Page page, String task) {
    return page.locator("[data-task='" + task + "']");
  }

  private static void tick(Page page, String task) {
    row(page, task).locator("[data-done]").click();
  }

  /** Presses the button once the page has found the network gone, and it is back. */
  private void sendOver(Page page) {
    assertThat(page.locator("[data-waiting-words]")).containsText("No network.");
    line.mend();
    sendNow(page);
  }

  /** As the button does; it may be gone by then, as the page tries by itself now and then. */
  private static void sendNow(Page page) {
    page.evaluate("document.querySelector('[data-send]').click()");
  }

  private int ticks(String task) {
    return sql.queryForObject(
        "select count(*) from round_entry where enclosure_id = ? and task_key = ?",
        Integer.class,
        enclosure,
        task);
  }

  @Test
  void what_is_ticked_without_a_network_outlives_the_tab_and_is_sent_once() {
    line.cut();
    tick(phone, "spot-clean");
    assertThat(row(phone, "spot-clean").locator("[data-kept]")).containsText("kept here");
    assertThat(phone.locator("[data-waiting-words]"))
        .hasText("No network. 1 kept on this device will be sent as soon as there is one.");
    phone.reload();
    assertThat(row(phone, "spot-clean").locator("[data-kept]")).containsText("kept here");
    Page again = phone.context().newPage();
    phone.close();
    again.navigate(rounds);
    assertThat(row(again, "spot-clean").locator("[data-kept]")).containsText("kept here");
    assertThat(ticks("spot-clean")).isZero();

    sendOver(again);
    assertThat(row(again, "spot-clean").locator(".tick.done")).containsText("done");
    assertThat(again.locator("[data-waiting]")).isHidden();
    assertThat(ticks("spot-clean")).isOne();
    again.reload();
    assertThat(row(again, "spot-clean")).hasClass("task settled");
  }

  @Test
  void a_tick_whose_answer_was_lost_is_sent_again_and_added_once() {
    line.loseAnswers();
    tick(phone, "spot-clean");
    assertThat(phone.locator("[data-waiting-words]")).containsText("No network.");
    sendOver(phone);
    assertThat(phone.locator("[data-waiting]")).isHidden();
    assertThat(ticks("spot-clean")).isOne();
  }

  @Test
  void what_was_kept_can_be_undone_before_it_is_sent() {
    line.cut();
    tick(phone, "spot-clean");
    row(phone, "spot-clean").getByText("Undo").click();
    assertThat(row(phone, "spot-clean").locator("[data-done]")).isVisible();
    line.mend();
    phone.reload();
    assertThat(row(phone, "spot-clean").locator("[data-done]")).isVisible();
    assertThat(ticks("spot-clean")).isZero();
  }

  @Test
  void who_signs_out_leaves_no_walk_in_the_browser() {
    phone.context().clearCookies();
    islet.signIn(phone, "mill", "quiet water");
    phone.waitForURL("**/c/**");
    phone.navigate(rounds);
    phone.waitForSelector("main[data-kept-here]");
    assertThat(phone.evaluate("caches.has('islet-pages-1')")).isEqualTo(true);
    phone.navigate("/account");
    phone.locator("form[action$='/logout'] button").click();
    phone.waitForURL("**/login?logout");
    phone.waitForFunction("caches.has('islet-pages-1').then(has => !has)");
  }

  @Test
  void of_two_at_one_enclosure_the_later_is_told_who_was_first() {
    line.cut();
    tick(phone, "spot-clean");
    Page desk = islet.owner();
    desk.navigate(rounds);
    sql.update(
        """
        insert into round_entry (enclosure_id, task_key, title, day, slot, kind, reason, entered_at, entered_by, client_id)
        select ?, 'spot-clean', 'Spot clean', ?, 1, 'DONE', '', ?, p.id, gen_random_uuid()
        from person p where p.login = 'club'""",
        enclosure,
        TestClock.today(),
        Timestamp.from(TestClock.now()));
    sendOver(phone);
    assertThat(phone.locator("[data-told]")).containsText("\"Spot clean\" was already settled at");
    assertThat(phone.locator("[data-told]")).containsText("by School club. Nothing was added.");
    assertThat(row(phone, "spot-clean").locator(".tick.done")).containsText("by School club");
    assertThat(ticks("spot-clean")).isOne();
    phone.getByText("Understood").click();
    assertThat(phone.locator("[data-waiting]")).isHidden();
  }

  @Test
  void a_test_typed_without_a_network_is_logged_and_settles_its_task() {
    line.cut();
    row(phone, "test").locator("[name=ammonia]").fill("0");
    row(phone, "test").locator("[name=nitrate]").fill("12,5");
    row(phone, "test").getByText("Log test").click();
    assertThat(row(phone, "test").locator("[data-kept]")).containsText("kept here");
    sendOver(phone);
    assertThat(row(phone, "test").locator(".tick.done")).hasText("logged");
    assertThat(
            sql.queryForObject(
                "select count(*) from water_test where enclosure_id = ?", Integer.class, enclosure))
        .isOne();
  }

  @Test
  void a_number_that_cannot_be_is_said_beside_its_row_and_stays_typed() {
    row(phone, "test").locator("[name=ph]").fill("99");
    row(phone, "test").getByText("Log test").click();
    assertThat(row(phone, "test").locator("[data-problem]"))
        .hasText("99 is outside what is possible here: 3 to 11.");
    assertThat(row(phone, "test").locator("[name=ph]")).hasValue("99");
    row(phone, "test").locator("[name=ph]").fill("4");
    row(phone, "test").getByText("Log test").click();
    assertThat(row(phone, "test").locator("[data-problem]")).containsText("pH 4: usual is");
    row(phone, "test").getByText("Save anyway").click();
    assertThat(row(phone, "test").locator(".tick.done")).hasText("logged");
  }

  @Test
  void another_page_without_a_network_leads_back_to_the_walk() {
    line.cut();
    phone.navigate("/c/weir-mill/care");
    assertThat(phone.locator("h1")).hasText("Rounds");
  }

  @Test
  void a_server_killed_in_the_middle_of_a_walk_loses_and_doubles_nothing() {
    try (OtherServer other = islet.other()) {
      line.leadTo(other.port());
      phone.reload();
      assertThat(row(phone, "spot-clean").locator("[data-done]")).isVisible();
      line.loseAnswers();
      tick(phone, "spot-clean");
      assertThat(phone.locator("[data-waiting-words]")).containsText("No network.");
      other.kill();
      tick(phone, "measure");
      assertThat(row(phone, "measure").locator("[data-kept]")).containsText("kept here");
      line.leadTo(islet.port());
      line.mend();
      sendNow(phone);
      assertThat(phone.locator("[data-told]")).isEmpty();
      assertThat(phone.locator("[data-waiting-words]")).hasText("");
      assertThat(phone.locator("[data-waiting]")).isHidden();
      assertThat(ticks("spot-clean")).isOne();
      assertThat(ticks("measure")).isOne();
    }
  }
}
