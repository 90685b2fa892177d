package app.islet.web;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import app.islet.web.base.support.Hands;
import app.islet.web.base.support.Islet;
import app.islet.web.base.support.TestClock;
import com.microsoft.playwright.APIResponse;
import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.FilePayload;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;

@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class AnimalsTest {
  private static final String HEAD = "date,animals,count,from,to,cause,note\n";

  /** Frogs in a collection of their own; the page is theirs. */
  private static Page frogs(String collection) {
    Page page = Islet.running().owner();
    Hands.enclosure(page, collection, "60", "40", "40");
    page.selectOption("#species", "dwarf-frog");
    page.fill("#count", "5");
    page.fill("#length", "3");
    page.fill("#name", "Choir");
    page.locator("form[action$='/residents'] > button").click();
    page.click("text=Moved, sold, died");
    return page;
  }

  @Test
  void one_tap_enters_what_happened_and_another_takes_it_back() {
    Page page = frogs("Taps");
    page.click(".taps >> text=Fed");
    assertThat(page.locator(".flash")).containsText("Fed");
    assertThat(page.locator(".life li").first()).containsText("Fed");
    assertThat(page.locator("main")).containsText("Last seen or traced 0 days ago");
    page.click(".flash >> text=Undo");
    assertThat(page.locator(".life li").first()).containsText("Measured: 3 cm");
    page.click("text=Number, note, another day");
    page.fill("input[name=amount]", "4");
    page.fill("input[name=what]", "all at once");
    page.click(".taps >> text=Fed");
    assertThat(page.locator(".life li").first()).containsText("Fed, 4 pieces");
    assertThat(page.locator(".life li").first()).containsText("all at once");
    page.click("nav.row-of-buttons >> text=Sizes");
    assertThat(page.locator(".life li")).hasCount(1);
    page.click("nav.row-of-buttons >> text=Food");
    assertThat(page.locator(".life li")).hasCount(1);
    page.click("nav.row-of-buttons >> text=All");
    assertThat(page.locator(".life li")).hasCount(3);
    page.click(".taps >> text=Note");
    assertThat(page.locator(".flash")).containsText("A note needs some words");
    page.fill("input[name=what]", "by the pump");
    page.fill("input[name=happenedOn]", "2199-01-01");
    page.click(".taps >> text=Seen");
    assertThat(page.locator(".flash")).containsText("A day until today");
    assertThat(page.locator("input[name=what]")).hasValue("by the pump");
  }

  @Test
  void lost_one_of_a_group_is_two_taps_from_where_it_was() {
    Page page = frogs("Losses");
    page.click(".panel >> a >> nth=0");
    page.click("text=Lost 1");
    page.click(".lost >> text=dried");
    assertThat(page.locator(".flash")).containsText("Choir: 1 lost (dried).");
    assertThat(page.locator(".resident")).containsText("4 African dwarf frogs");
    page.click("text=See it, or undo");
    assertThat(page.locator("main")).containsText("5 in all: 4 alive, 1 died, 0 left");
    assertThat(page.locator("main"))
        .containsText("80 % survived (28 to 99 % with 95 % confidence)");
    page.click("main >> text=Undo");
    assertThat(page.locator("main")).containsText("5 African dwarf frogs");
    assertThat(page.locator(".life li")).hasCount(2);
  }

  @Test
  void one_gets_a_name_keeps_the_history_and_may_join_again() {
    Page page = frogs("Names");
    String group = page.url();
    page.fill("#newName", "Pip");
    page.click("text=Name it");
    assertThat(page.locator("h1")).hasText("Pip");
    assertThat(page.locator(".life")).containsText("Choir: 5 came to");
    assertThat(page.locator("main")).containsText("1 African dwarf frog");
    assertThat(page.locator("main")).containsText("Together with");
    page.navigate(group);
    assertThat(page.locator("main")).containsText("4 African dwarf frogs");
    page.goBack();
    page.click("form[action$='/join'] button");
    assertThat(page.locator("h1")).hasText("Choir");
    assertThat(page.locator("main")).containsText("5 African dwarf frogs");
  }

  @Test
  void of_two_pages_the_slower_is_told_and_nothing_typed_is_lost() {
    Page page = frogs("Two keepers");
    Page other = page.context().newPage();
    other.navigate(page.url());
    page.selectOption("#to", "way-SOLD");
    page.fill("#moved", "2");
    page.click("text=Enter it");
    assertThat(page.locator("main")).containsText("3 African dwarf frogs");
    other.selectOption("#to", "way-GIVEN");
    other.fill("#moved", "1");
    other.click("text=Enter it");
    assertThat(other.locator(".flash")).containsText("Somebody moved Choir since");
    assertThat(other.locator("#moved")).hasValue("1");
    assertThat(other.locator("main")).containsText("3 African dwarf frogs");
    other.click("text=Enter it");
    assertThat(other.locator("main")).containsText("2 African dwarf frogs");
  }

  @Test
  void the_books_go_out_as_a_file_and_come_in_again_once() throws IOException {
    Page page = frogs("Files of animals");
    page.click("nav >> text=Animals");
    Download file = page.waitForDownload(() -> page.click("text=Download the books"));
    String csv = Files.readString(file.path());
    Assertions.assertThat(csv).startsWith(HEAD.replace("\n", "\r\n")).contains(",Choir,5,begun,");
    read(page, csv);
    assertThat(page.locator(".flash")).hasText("Nothing new entered; 1 was there already.");
    String place = csv.split(",begun,")[1].split(",")[0];
    String today = TestClock.today().toString();
    read(page, HEAD + today + ",Choir,6," + place + ",sold,,\n");
    assertThat(page.locator(".flash"))
        .containsText("6 of Choir cannot go from %s on".formatted(place));
    read(page, HEAD + today + ",Choir,1,Nowhere,sold,,\n");
    assertThat(page.locator(".flash")).containsText("no place called Nowhere");
    String toads =
        HEAD
            + "%s,Choir,2,%s,sold,,\n%s,Toads,3,begun,%s,,\n".formatted(today, place, today, place);
    read(page, toads);
    assertThat(page.locator(".flash")).containsText("New on the books: Toads.");
    page.click("text=Read movements from a file");
    page.selectOption("select[name=species]", "fire-bellied-toad");
    page.setInputFiles("input[name=file]", file(toads));
    page.click("text=Read it");
    assertThat(page.locator(".flash")).hasText("2 entries entered; none was there already.");
    assertThat(page.locator(".animal-list")).containsText("Toads");
    assertThat(page.locator("main")).containsText("6 animals.");
    page.click("text=Another day, those that left");
    page.fill("input[name=on]", TestClock.today().minusDays(1).toString());
    page.click("text=Show >> nth=-1");
    assertThat(page.locator("main")).containsText("No animals");
    read(page, HEAD + "yesterday,Choir,1,Tub,sold,,\n");
    assertThat(page.locator(".flash")).containsText("a.csv, line 2: the date is \"yesterday\"");
  }

  private static FilePayload file(String csv) {
    return new FilePayload("a.csv", "text/csv", csv.getBytes(StandardCharsets.UTF_8));
  }

  private static void read(Page page, String csv) {
    page.click("text=Read movements from a file");
    page.setInputFiles("input[name=file]", file(csv));
    page.click("text=Read it");
  }

  @Test
  void the_list_says_when_each_eats_and_what_it_becomes() {
    Page page = Islet.running().owner();
    page.navigate("/c/weir-mill/animals");
    Locator flint = page.locator(".animal-list li").filter(has("Flint"));
    assertThat(flint).containsText("1 common musk turtle (hatchling)");
    assertThat(flint.locator(".when"))
        .containsText(Pattern.compile("Fed (today|yesterday|\\d days ago), next (today|tomorrow)"));
    assertThat(flint.locator(".sparkline")).hasCount(1);
    String next = flint.locator(".when span").nth(1).innerText().replace("Next: juvenile, ", "");
    assertThat(page.locator(".animal-list li").filter(has("Autumn clutch")).locator(".pic svg"))
        .hasCount(0);
    flint.locator(".name").click();
    assertThat(page.locator("main")).containsText(next);
    page.navigate("/c/weir-mill/animals?by=PLACE");
    assertThat(page.locator("section:has(h2:has-text('Shallows')) li")).hasCount(3);
    page.fill("#find", "musk agate");
    assertThat(page.locator(".animal-list li:visible")).hasCount(1);
    assertThat(page.locator(".animal-list h2:visible")).hasCount(1);
  }

  private static Locator.FilterOptions has(String name) {
    return new Locator.FilterOptions().setHasText(name);
  }

  @Test
  void so_few_losses_are_told_as_what_they_are() {
    Page page = Islet.running().owner();
    page.navigate("/c/weir-mill/animals/rates?species=eastern-newt&case=death:fungus");
    assertThat(page.locator("tr:has(td:text-is('Nursery tub')) td").nth(1)).hasText("5");
    assertThat(page.locator("main")).containsText("Nothing proves that the places differ");
    page.fill("#ratesFrom", "2026-05-01");
    page.fill("#ratesTo", "2026-04-01");
    page.click("main form >> text=Show");
    assertThat(page.locator("#ratesTo-note")).hasText("The last day is before the first.");
  }

  @Test
  void a_hand_over_sheet_says_what_is_known_and_no_more() {
    Page page = Islet.running().owner();
    page.navigate("/c/weir-mill/animals");
    page.click("text=Bramble");
    page.click("text=Hand-over sheet");
    assertThat(page.locator("main")).containsText("Trachemys");
    assertThat(page.locator("main")).containsText("two scutes of the shell");
    assertThat(page.locator("main")).containsText("Captive animals are never released.");
    APIResponse json = page.request().get(page.url() + ".json");
    Assertions.assertThat(json.text())
        .contains("\"islet\" : \"hand-over\"", "\"species\" : \"slider\"", "\"kind\" : \"shed\"");
    page = frogs("Hand over");
    page.click("text=Hand-over sheet");
    assertThat(page.locator("main")).containsText("Nothing was measured: ask");
    assertThat(page.locator("main")).containsText("Nothing was written down.");
  }

  @Test
  void eggs_are_told_as_eggs_and_can_be_handed_over() {
    Page page = Islet.running().owner();
    page.navigate("/c/weir-mill/animals");
    page.click("text=Autumn clutch");
    assertThat(page.locator("main")).containsText("37 eastern newts (eggs)");
    assertThat(page.locator(".then-and-now")).hasCount(0);
    page.click("text=Hand-over sheet");
    assertThat(page.locator("h1")).hasText("Autumn clutch");
  }

  @Test
  void a_corrected_number_and_day_are_undone_and_entered_anew() {
    Page page = frogs("Miscount");
    page.selectOption("#to", "way-SOLD");
    page.fill("#moved", "3");
    page.click("text=Enter it");
    page.click(".panel >> a >> nth=0");
    page.click("summary:has-text('Edit')");
    String yesterday = TestClock.today().minusDays(1).toString();
    page.fill(".correct input[name$=-since]", yesterday);
    page.fill(".correct input[name$=-count]", "4");
    page.click(".correct button");
    assertThat(page.locator(".resident")).containsText("4 African dwarf frogs");
  }
}
