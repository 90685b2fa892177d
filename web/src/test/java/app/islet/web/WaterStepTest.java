package app.islet.web;

import static app.islet.web.base.support.Hands.send;
import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import app.islet.core.enclosure.Equipment;
import app.islet.core.enclosure.Water;
import app.islet.web.base.support.Hands;
import app.islet.web.base.support.Islet;
import app.islet.web.base.support.TestClock;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.FilePayload;
import com.microsoft.playwright.options.FormData;
import com.microsoft.playwright.options.RequestOptions;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.UUID;
import java.util.regex.Pattern;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;
import org.springframework.jdbc.core.JdbcTemplate;

/** The Water step as keepers and helpers go through it. */
@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class WaterStepTest {
  private static final Islet ISLET = Islet.running();
  private static final LocalDate TODAY = TestClock.today();

  /** A tank with a filter and one axolotl, filled. */
  private static String tank(Page page, String name) {
    String enclosure = Hands.made(name, "80", "40", "40");
    Hands.settle(enclosure, "axolotl", "One of " + name, 1, 22);
    Hands.design(
        enclosure,
        tank ->
            tank.with(new Water(30, OptionalDouble.empty()))
                .with(new Equipment.Filter(200, Optional.empty(), false)));
    page.navigate(enclosure + "/water");
    return enclosure;
  }

  private static Locator log(Page page) {
    return page.locator(".log-lines li");
  }

  @Test
  void a_test_is_logged_by_keys_alone_and_taken_back() {
    Page page = ISLET.owner();
    tank(page, "Keys water");
    assertThat(page.locator(".now")).containsText("Test the water today");
    page.keyboard().press("t");
    page.keyboard().type("0");
    page.keyboard().press("Tab");
    page.keyboard().type("0,05");
    page.keyboard().press("Tab");
    page.keyboard().type("22");
    page.keyboard().press("Tab");
    page.keyboard().type("7.4");
    page.keyboard().press("Enter");
    assertThat(page.locator(".logged"))
        .containsText("ammonia 0 mg/L NH₄, nitrite 0.05 mg/L NO₂, nitrate 22 mg/L NO₃, pH 7.4");
    assertThat(log(page)).hasCount(1);
    send(page, "Undo");
    assertThat(page.locator(".flash")).containsText("Deleted.");
    assertThat(log(page)).hasCount(0);
  }

  @Test
  void what_cannot_be_is_refused_and_what_hardly_is_is_asked_about() {
    Page page = ISLET.owner();
    tank(page, "Odd water");
    page.fill("#nitrate", "12");
    page.fill("#ph", "72");
    send(page, "Log test");
    assertThat(page.locator("#ph-note"))
        .containsText("72 is outside what is possible here: 3 to 11");
    assertThat(page.locator("#nitrate")).hasValue("12");
    page.fill("#ph", "4.9");
    send(page, "Log test");
    assertThat(page.locator("#test [role=alert]")).containsText("pH 4.9: usual is 5.5 to 9");
    assertThat(log(page)).hasCount(0);
    send(page, "Save anyway");
    assertThat(log(page)).hasCount(1);
    assertThat(log(page)).containsText("pH 4.9");
  }

  @Test
  void a_file_with_four_readings_an_hour_is_four_readings_with_their_times() {
    Page page = ISLET.owner();
    String enclosure = tank(page, "Probe water");
    StringBuilder table = new StringBuilder("day,temperature [°C]\n");
    for (int quarter = 0; quarter < 96; quarter++) {
      int hour = quarter / 4;
      table.append(
          "%s %02d:%02d,%s\n"
              .formatted(TODAY.minusDays(1), hour, quarter % 4 * 15, hour == 15 ? "22.0" : "17.0"));
    }
    page.setInputFiles(
        "#water-file",
        new FilePayload(
            "probe.csv", "text/csv", table.toString().getBytes(StandardCharsets.UTF_8)));
    send(page, "Preview import");
    assertThat(page.locator("main")).containsText(TODAY.minusDays(1) + " 00:15: temperature 17 °C");
    send(page, "Add to log");
    assertThat(page.locator(".flash")).containsText("96 lines read, 96 of them new.");
    assertThat(log(page)).hasCount(1);
    assertThat(log(page)).containsText("96 readings, temperature 17 to 22 °C");
    String outside = "4 of 96 readings above 20 °C, 57 min at a stretch";
    page.navigate(enclosure + "/water?curve=temperature");
    assertThat(page.locator("#curve")).containsText(outside);
    page.navigate(enclosure + "/climate");
    assertThat(page.locator("main")).containsText(outside);
    page.navigate(enclosure + "/review");
    assertThat(page.locator("[data-rule=measured-temperature]")).containsText("4 of 96 readings");
    page.navigate(enclosure + "/water");
    assertThat(page.locator(".now")).containsText("Test the water today");
    log(page).locator("button").click();
    assertThat(page.locator(".flash")).containsText("Deleted.");
    assertThat(log(page)).hasCount(0);
  }

  @Test
  void a_day_to_come_and_an_empty_row_are_refused() {
    Page page = ISLET.owner();
    tank(page, "Empty water");
    send(page, "Log test");
    assertThat(page.locator("#ammonia-note")).containsText("at least one value");
    page.fill("#ph", "7");
    page.fill("#day", TODAY.plusDays(2).toString());
    send(page, "Log test");
    assertThat(page.locator("#test")).containsText("is still to come");
  }

  @Test
  void poison_is_the_first_thing_said_with_its_litres_and_drops() {
    Page page = ISLET.owner();
    String enclosure = tank(page, "Poison water");
    page.locator("#source summary").click();
    page.fill("#labelMl", "5");
    page.fill("#labelL", "38");
    page.selectOption("#from", "TAP");
    page.locator("#source button").click();
    assertThat(page.locator(".flash")).containsText("Saved.");
    assertThat(page.locator("#source")).containsText("does not say chloramine");
    page.fill("#ammonia", "2");
    page.fill("#nitrite", "1");
    page.fill("#ph", "8");
    page.fill("#temperature", "18");
    send(page, "Log test");
    Locator now = page.locator(".now");
    assertThat(now).containsText("Now");
    assertThat(now.locator(".what b"))
        .hasText(
            Pattern.compile(
                "Change [\\d.]+ L \\([\\d.]+ % of it\\) now and as much again tomorrow, at the tank's temperature, with [\\d.]+ mL of conditioner; feed nothing, test before each\\."));
    page.navigate(enclosure + "/review");
    assertThat(page.locator("[data-rule=water-poisoned]")).containsText("free ammonia");
  }

  /** Worked example: 4 L in two days carry off about 57 W. */
  @Test
  void what_is_topped_up_tells_how_much_really_evaporates() {
    Page page = ISLET.owner();
    String enclosure = Hands.enclosure(page, "Topped up", "60", "40", "40");
    page.navigate(enclosure + "/build");
    page.fill("#depth", "30");
    send(page, "Save design");
    for (int daysAgo : new int[] {4, 2}) {
      page.navigate(enclosure + "/water");
      page.locator("#log summary").click();
      page.selectOption("#kind", "TOPPED_UP");
      page.fill("#amount", "4");
      page.fill("#eventDay", TODAY.minusDays(daysAgo).toString());
      send(page, "Log it");
    }
    assertThat(log(page).first()).containsText("topped up, 4 L");
    page.navigate(enclosure + "/climate");
    assertThat(page.locator("main")).containsText("2 L a day");
    assertThat(page.locator("main")).containsText("carries off about 57 W; 1 time since");
  }

  @Test
  void a_start_up_is_followed_to_its_proof() {
    Page page = ISLET.owner();
    String enclosure = Hands.enclosure(page, "Start water", "60", "40", "40");
    page.navigate(enclosure + "/build");
    page.fill("#depth", "30");
    page.fill("#filter", "300");
    send(page, "Save design");
    page.navigate(enclosure + "/water");
    assertThat(page.locator("#start-up")).containsText("Not tested yet");
    page.locator("#log summary").click();
    page.selectOption("#kind", "AMMONIA_DOSE");
    page.fill("#amount", "2");
    page.fill("#eventDay", TODAY.minusDays(30).toString());
    send(page, "Log it");
    assertThat(log(page)).containsText("ammonia dosed, 2 mg/L");
    logged(page, 29, "2.5", "0", "0");
    assertThat(page.locator("#start-up"))
        .containsText("Ammonia is waiting for ammonia-oxidising bacteria");
    logged(page, 20, "1", "2", "1");
    assertThat(page.locator("#start-up")).containsText("Nitrite is waiting");
    assertThat(page.locator("#start-up")).containsText("days still");
    assertThat(page.locator("#start-up")).containsText("No, no animal yet.");
    logged(page, 8, "0", "0", "20");
    assertThat(page.locator("#start-up")).containsText("Neither shows");
    logged(page, 4, "0", "0", "25");
    logged(page, 1, "0", "0", "28");
    assertThat(page.locator("#start-up")).containsText("Yes, an animal may move in.");
    assertThat(page.locator("#start-up"))
        .containsText("Not yet by the school that asks for a dose");
    page.locator("#source summary").click();
    page.selectOption("#proof", "DOSE");
    page.locator("#source button").click();
    assertThat(page.locator("#start-up")).containsText("Yes by the school that asks for a week");
  }

  private static void logged(
      Page page, int daysAgo, String ammonia, String nitrite, String nitrate) {
    page.fill("#day", TODAY.minusDays(daysAgo).toString());
    page.fill("#ammonia", ammonia);
    page.fill("#nitrite", nitrite);
    page.fill("#nitrate", nitrate);
    send(page, "Log test");
    assertThat(page.locator(".logged")).isVisible();
  }

  @Test
  void the_demo_has_a_start_up_a_creep_a_crash_that_healed_and_brackish_water() {
    Page page = ISLET.owner();
    page.navigate("/c/weir-mill/enclosures/9/water");
    assertThat(page.locator("#start-up")).containsText("Nitrite is waiting");
    assertThat(page.locator("#start-up")).containsText("days still");
    page.navigate("/c/weir-mill/enclosures/4/review");
    assertThat(page.locator("[data-rule=nitrate-high]")).containsText("Nitrate creeps up");
    page.navigate("/c/weir-mill/enclosures/7/water?curve=nitrite&span=year");
    assertThat(page.locator("#start-up")).containsText("Cycled");
    Locator words = page.locator("#curve figcaption");
    page.locator("#curve input").focus();
    page.keyboard().press("End");
    assertThat(words).containsText("nitrite 0 mg/L NO₂");
    page.navigate("/c/weir-mill/enclosures/10/water");
    assertThat(page.locator("#salt")).containsText("Salinity: ");
    assertThat(page.locator("#salt")).containsText("never table salt");
    assertThat(page.locator("#curve a[aria-current=step]").first()).hasText("Salinity");
  }

  @Test
  void a_helper_may_log_and_not_change_the_source() {
    Page page = ISLET.helper();
    page.navigate("/c/weir-mill/enclosures/2/water");
    page.fill("#nitrate", "5");
    send(page, "Log test");
    assertThat(page.locator(".logged")).containsText("nitrate 5 mg/L NO₃");
    assertThat(page.locator("#source form")).hasCount(0);
  }

  @Test
  void the_kit_may_count_nitrogen_and_the_keeper_gallons() {
    Page page = ISLET.owner();
    String enclosure = tank(page, "Unit water");
    page.selectOption("#countsAs", "");
    page.fill("#nitrate", "5");
    page.fill("#temperature", "17");
    send(page, "Log test");
    assertThat(log(page)).containsText("nitrate 5 mg/L N, temperature 17 °C");
    page.navigate("/c/weir-mill/collection");
    page.selectOption("#units", "US");
    page.click("main form >> text=Save");
    page.navigate(enclosure + "/water");
    assertThat(log(page)).containsText("nitrate 5 mg/L N, temperature 62.6 °F");
    page.selectOption("#countsAs", "ION");
    page.fill("#nitrate", "22");
    send(page, "Log test");
    String csv = page.request().get(enclosure + "/water/log.csv").text();
    page.navigate("/c/weir-mill/collection");
    page.selectOption("#units", "METRIC");
    page.click("main form >> text=Save");
    assertThat(csv.lines().findFirst().orElseThrow())
        .contains("nitrate [mg/L NO₃]")
        .contains("temperature [°F]");
    assertThat(csv).contains(",22.133576").contains(",62.6");
  }

  private static void file(Page page, String text) {
    page.setInputFiles(
        "#water-file",
        new FilePayload("log.csv", "text/csv", text.getBytes(StandardCharsets.UTF_8)));
    send(page, "Preview import");
  }

  @Test
  void a_file_shows_what_it_brings_before_it_brings_it() {
    Page page = ISLET.owner();
    String enclosure = tank(page, "File water");
    file(
        page,
        """
                day;what;amount;ammonia [mg/L N];nitrate [mg/L N];ph;gh [ppm]
                2026-01-03;test;;0,1;4,5;7,2;178,48
                2026-01-04;change;25;;;;
                2026-01-05;test;;lots;;;
                2026-13-01;test;;0;;;
                2026-01-06;test;;;;72;
                2026-01-07;cleaned;;;;;
                2026-01-08;test;;;120;;
                """);
    assertThat(page.locator("main")).containsText("3 lines can be read");
    assertThat(page.locator("main")).containsText("GH 10 °dH");
    Locator refused = page.locator(".refused li");
    assertThat(refused).hasCount(4);
    assertThat(refused.nth(0)).containsText("line 4: ammonia \"lots\" is not a number");
    assertThat(refused.nth(1)).containsText("line 5: \"2026-13-01\" is not a day");
    assertThat(refused.nth(2)).containsText("line 6: pH 72 cannot be; it should be 3 to 11");
    assertThat(refused.nth(3)).containsText("line 7: \"cleaned\" is nothing known here");
    assertThat(page.locator("main")).containsText("line 8: nitrate 120 mg/L N");
    page.navigate(enclosure + "/water");
    assertThat(log(page)).hasCount(0);
  }

  @Test
  void what_was_written_is_read_again_and_twice_adds_nothing() {
    Page page = ISLET.owner();
    String written = page.request().get("/c/weir-mill/enclosures/7/water/log.csv").text();
    String enclosure = tank(page, "Copy water");
    file(page, written);
    send(page, "Add to log");
    long lines = written.lines().count() - 1;
    assertThat(page.locator(".flash"))
        .containsText("%d lines read, %d of them new.".formatted(lines, lines));
    assertThat(page.request().get(enclosure + "/water/log.csv").text()).isEqualTo(written);
    file(page, written);
    send(page, "Add to log");
    assertThat(page.locator(".flash")).containsText("0 of them new");
    assertThat(page.request().get(enclosure + "/water/log.csv").text()).isEqualTo(written);
  }

  @Test
  void a_line_whose_id_somebody_took_elsewhere_is_read_all_the_same() {
    Page page = ISLET.owner();
    String elsewhere = tank(page, "Elsewhere water");
    String enclosure = tank(page, "Taken water");
    String id = enclosure.replaceAll(".*/enclosures/(\\d+).*", "$1");
    UUID guessed =
        UUID.nameUUIDFromBytes((id + " 2026-03-01 CHANGE 20.0 1").getBytes(StandardCharsets.UTF_8));
    page.navigate(elsewhere + "/water");
    String csrf = page.locator("input[name=_csrf]").first().inputValue();
    FormData fields =
        FormData.create()
            .set("_csrf", csrf)
            .set("clientId", guessed.toString())
            .set("kind", "RINSED")
            .set("eventDay", "2026-03-01");
    page.request().post(elsewhere + "/water/event", RequestOptions.create().setForm(fields));
    assertThat(
            ISLET
                .bean(JdbcTemplate.class)
                .queryForObject(
                    "select count(*) from water_event where client_id = ?", Long.class, guessed))
        .isEqualTo(1);
    page.navigate(enclosure + "/water");
    file(page, "day,what,amount\n2026-03-01,change,20\n");
    send(page, "Add to log");
    assertThat(page.locator(".flash")).containsText("1 lines read, 1 of them new.");
  }

  @Test
  void a_file_of_another_kind_is_refused_whole() {
    Page page = ISLET.owner();
    tank(page, "No file water");
    file(page, "colour,taste\nblue,none\n");
    assertThat(page.locator("[role=alert]"))
        .containsText("Nothing was read. Line 1: \"colour\" is no column known here");
    page.navigate(page.url().replace("/import", ""));
    file(page, "");
    assertThat(page.locator("[role=alert]")).containsText("the file is empty");
  }

  @Test
  void a_round_ticked_off_is_a_change_in_the_log() {
    Page page = ISLET.owner();
    page.navigate("/c/weir-mill/enclosures/1/water");
    assertThat(page.locator(".log-lines")).containsText("(by the rounds)");
    assertThat(page.locator(".log-lines li:has-text('by the rounds') button")).hasCount(0);
  }
}
