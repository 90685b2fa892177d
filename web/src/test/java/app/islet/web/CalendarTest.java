package app.islet.web;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import app.islet.web.base.support.Hands;
import app.islet.web.base.support.HttpKeeper;
import app.islet.web.base.support.Islet;
import app.islet.web.base.support.TestClock;
import com.microsoft.playwright.Page;
import java.io.IOException;
import java.io.StringReader;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import net.fortuna.ical4j.data.CalendarBuilder;
import net.fortuna.ical4j.data.ParserException;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.Component;
import net.fortuna.ical4j.model.component.VEvent;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;

/** The calendar for other programs, read by another library than the one that writes it. */
@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class CalendarTest {
  /** With no cookie of anybody. */
  private static HttpResponse<String> fetch(String address)
      throws IOException, InterruptedException {
    return HttpClient.newHttpClient()
        .send(
            HttpRequest.newBuilder(URI.create(address)).build(),
            HttpResponse.BodyHandlers.ofString());
  }

  private static String address(Page page, String name) {
    return page.locator("tr:has(th:text-is('" + name + "')) input[readonly]").inputValue();
  }

  @Test
  void an_address_gives_the_work_of_four_weeks_and_a_new_one_ends_it() throws Exception {
    Page page = Islet.running().owner();
    Hands.enclosure(page, "Calendar tank", "80", "40", "40");
    page.selectOption("#species", "axolotl");
    page.fill("#count", "1");
    page.fill("#length", "22");
    page.fill("#name", "Rill");
    page.locator("form[action$='/residents'] > button").click();
    page.click("nav >> text=Collection");
    page.click("text=Calendar for other programs");
    page.locator("tr:has(th:text-is('Calendar tank')) button").click();
    String first = address(page, "Calendar tank");
    HttpResponse<String> answer = fetch(first);
    Assertions.assertThat(answer.statusCode()).isEqualTo(200);
    Assertions.assertThat(answer.headers().firstValue("content-type"))
        .hasValueSatisfying(type -> Assertions.assertThat(type).startsWith("text/calendar"));
    Calendar calendar = read(answer.body());
    // RFC 5545, by its own validator.
    Assertions.assertThat(calendar.validate().getEntries()).isEmpty();
    Assertions.assertThat(calendar.getComponents(Component.VEVENT)).hasSize(28);
    VEvent today = calendar.<VEvent>getComponents(Component.VEVENT).get(0);
    Assertions.assertThat(today.getDateTimeStart().getValue())
        .isEqualTo(TestClock.today().toString().replace("-", ""));
    Assertions.assertThat(today.getSummary().getValue()).startsWith("Calendar tank, about ");
    Assertions.assertThat(
            calendar.<VEvent>getComponents(Component.VEVENT).stream()
                .limit(4)
                .map(event -> event.getDescription().getValue()))
        .as("a grown axolotl eats within four days, what the rotation gives that day")
        .anySatisfy(
            day ->
                Assertions.assertThat(day)
                    .containsPattern("(Earthworm for Rill: 4 pieces|Pellets for Rill: 0.5 g)"));
    page.locator("tr:has(th:text-is('Calendar tank')) button").click();
    Assertions.assertThat(address(page, "Calendar tank")).isNotEqualTo(first);
    Assertions.assertThat(fetch(first).statusCode()).isEqualTo(404);
    Assertions.assertThat(fetch(address(page, "Calendar tank")).statusCode()).isEqualTo(200);
    assertThat(page.locator("main")).containsText("Whoever knows an address can read it");
  }

  private static Calendar read(String text) throws IOException, ParserException {
    return new CalendarBuilder().build(new StringReader(text));
  }

  @Test
  void a_guessed_address_is_none() throws Exception {
    String base = Islet.running().base();
    Assertions.assertThat(fetch(base + "/calendar/" + "A".repeat(32) + ".ics").statusCode())
        .isEqualTo(404);
    Assertions.assertThat(new HttpKeeper(base).get("/c/weir-mill/calendar").statusCode())
        .isEqualTo(200);
  }
}
