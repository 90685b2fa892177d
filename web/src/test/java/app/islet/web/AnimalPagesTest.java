package app.islet.web;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import app.islet.web.base.support.Hands;
import app.islet.web.base.support.Islet;
import app.islet.web.base.support.TestClock;
import com.microsoft.playwright.APIResponse;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.FilePayload;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.time.format.TextStyle;
import java.util.Base64;
import java.util.List;
import java.util.Locale;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;

/** Growth, photos and who it is: the other pages of an animal. */
@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class AnimalPagesTest {
  private static final LocalDate TODAY = TestClock.today();

  /** A young slider in a tank of its own; the page is its own. */
  private static Page slider(String collection, String lengthCm) {
    return animal(collection, "slider", "1", lengthCm, "Bracken");
  }

  private static Page animal(
      String collection, String species, String count, String lengthCm, String name) {
    Page page = Islet.running().owner();
    Hands.enclosure(page, collection, "100", "50", "50");
    page.selectOption("#species", species);
    page.fill("#count", count);
    page.fill("#length", lengthCm);
    page.fill("#name", name);
    Hands.more(page);
    page.fill("#since", TODAY.minusDays(20).toString());
    page.locator("form[action$='/residents'] > button").click();
    page.click("text=Moved, sold, died");
    return page;
  }

  private static void open(Page page, String tab) {
    page.click(".steps >> text=" + tab);
  }

  private static void measure(Page page, String length, String mass, LocalDate day) {
    page.fill("#length", length);
    page.fill("#mass", mass);
    page.fill("#day", day.toString());
    Hands.send(page, "Enter it");
  }

  private static Locator nextStage(Page page) {
    return page.locator(".panel:has(h2:has-text('Next:')) p b");
  }

  @Test
  void each_length_moves_the_next_stage_and_can_be_taken_back() {
    Page page = slider("Own growth", "6");
    open(page, "Growth");
    assertThat(page.locator("main")).containsText("Two lengths some weeks apart");
    String before = nextStage(page).innerText();
    measure(page, "5.2", "", TODAY.minusDays(300));
    measure(page, "5.6", "", TODAY.minusDays(150));
    assertThat(page.locator("main")).containsText("Growth by its own lengths");
    String slow = nextStage(page).innerText();
    Assertions.assertThat(slow).isNotEqualTo(before);
    page.locator("tr:has-text('5.2 cm') button").click();
    page.locator("tr:has-text('5.6 cm') button").click();
    assertThat(nextStage(page)).hasText(before);
    APIResponse csv = page.request().get(page.url().replaceAll("[?#].*", "") + "/lengths.csv");
    Assertions.assertThat(csv.text()).startsWith("day,lengthCm,smallestCm,massG\r\n");
  }

  @Test
  void the_residents_of_its_enclosure_tell_the_same_days() {
    Page page = slider("One window", "6");
    open(page, "Growth");
    measure(page, "5.2", "", TODAY.minusDays(300));
    String here = nextStage(page).innerText();
    open(page, "Life");
    page.click(".panel >> a >> nth=0");
    page.click("nav.steps >> text=Residents");
    assertThat(page.locator(".resident")).containsText(here);
  }

  @Test
  void a_fat_one_gets_less_in_the_plan_and_may_get_all_again() {
    Page page = slider("Ration", "15");
    open(page, "Growth");
    measure(page, "15", "900", TODAY);
    assertThat(page.locator("#changed")).isFocused();
    assertThat(page.locator("main")).containsText("Too fat for its length: weighed 900 g");
    page.click("text=Feed 80 % of the sheet's portions");
    assertThat(page.locator("main")).containsText("It gets 80 % of the portions of its sheet.");
    page.click("text=Feed as the sheet says");
    assertThat(page.locator("main")).not().containsText("It gets 80 %");
    page.click("text=Yes, they do");
    assertThat(page.locator(".life li").first()).containsText("Scutes piled up");
    assertThat(page.locator(".hint-grave").first()).containsText("Too fat for its length");
  }

  @Test
  void the_sign_is_seen_and_one_click_changes_stage_plan_and_design() {
    Page page = animal("Next stage", "clawed-frog", "1", "4", "Splash");
    String life = page.url();
    page.click(".panel >> a >> nth=0");
    page.click("summary:has-text('Edit')");
    page.selectOption(".correct select[name$=-stage]", "tadpole");
    page.click(".correct button");
    page.navigate(life);
    open(page, "About");
    page.fill("#hatchedOn", TODAY.minusDays(55).toString());
    page.click("main >> text=Save");
    open(page, "Life");
    assertThat(page.locator("main")).containsText("Next: Froglet, any day now");
    open(page, "Growth");
    page.click("text=What changes then");
    Locator food = page.locator("tr:has(th:text-is('Food'))");
    assertThat(food).isVisible();
    page.click("text=It is in this stage now: Froglet");
    assertThat(page.locator(".flash").first()).containsText("Splash: Froglet now.");
    assertThat(page.locator("main")).containsText("1 African clawed frog (froglet)");
    assertThat(page.locator(".life li").first()).containsText("Next stage");
    // A length of the tadpole says nothing of the frog.
    assertThat(page.locator("main")).containsText("usual for the stage");
  }

  @Test
  void who_it_is_is_kept_and_a_wrong_number_stands_beside_its_field() {
    Page page = slider("About", "12");
    open(page, "About");
    assertThat(page.locator("main")).containsText("claws of the forefeet two to three times");
    page.selectOption("#sex", "FEMALE");
    page.fill("#sexedBy", "short claws");
    page.fill("#hatchedOn", TODAY.plusDays(3).toString());
    page.click("main >> text=Save");
    assertThat(page.locator("#hatchedOn-note")).hasText("A day until today, please.");
    assertThat(page.locator("#sexedBy")).hasValue("short claws");
    page.fill("#hatchedOn", TODAY.minusYears(3).toString());
    page.check("#hatchedEstimated");
    page.selectOption("#origin", "FOUND");
    page.fill("#originNote", "by the weir");
    page.click("main >> text=Save");
    open(page, "Life");
    assertThat(page.locator("main")).containsText("Female (short claws)");
    assertThat(page.locator("main")).containsText("some 3 years old");
    assertThat(page.locator("main")).containsText("Found, by the weir");
  }

  @Test
  void a_crab_that_carries_eggs_has_her_days() {
    Page page = animal("Brood", "vampire-crab", "4", "1.9", "Moss crabs");
    page.click("text=Number, note, another day");
    page.fill("input[name=happenedOn]", TODAY.minusDays(10).toString());
    page.click(".taps >> text=Carries eggs");
    assertThat(page.locator("main")).containsText("Young of the eggs carried since");
    open(page, "About");
    LocalDate from = TODAY.plusDays(18);
    assertThat(page.locator("main"))
        .containsText(from.getDayOfMonth() + " " + month(from) + " " + from.getYear());
  }

  /**
   * At rest it is neither fed nor measured, and woken it is again; what was tapped can be undone.
   */
  @Test
  void an_animal_at_rest_is_let_alone_until_it_is_woken() {
    Page page = animal("Cellar", "alpine-newt", "2", "9", "Cellar newts");
    String own = page.url().replaceAll("[?#].*", "");
    page.click(".taps >> text=At rest for the winter");
    assertThat(page.locator("main")).containsText("2 alpine newts (adult, resting)");
    page.click(".panel >> a >> nth=0");
    page.click("nav.steps >> text=Plan");
    assertThat(page.locator("main")).containsText("Look at who rests");
    assertThat(page.locator("main")).not().containsText("Bloodworm for");
    page.navigate(own);
    page.click(".taps >> text=Woken from its rest");
    assertThat(page.locator("main")).containsText("2 alpine newts (adult)");
    page.click(".panel >> a >> nth=0");
    page.click("nav.steps >> text=Plan");
    assertThat(page.locator("main")).containsText("Bloodworm for");
  }

  private static String month(LocalDate day) {
    return day.getMonth().getDisplayName(TextStyle.FULL, Locale.ENGLISH);
  }

  /** A day on the list, a question before it leaves the books, and a way back. */
  @Test
  void what_is_not_found_is_looked_for_and_written_off_only_after_a_question() {
    Page page = animal("Missing", "axolotl", "1", "20", "Sliver");
    String own = page.url().replaceAll("[?#].*", "");
    page.click("text=Number, note, another day");
    page.fill("input[name=happenedOn]", TODAY.minusDays(3).toString());
    page.click(".taps >> text=Looked for, not found");
    assertThat(page.locator("#sight")).containsText("days are usual for one that lives as it does");
    assertThat(page.locator("#sight li").first()).containsText("Every hide");
    page.click(".panel >> a >> nth=0");
    page.click("nav.steps >> text=Plan");
    assertThat(page.locator("main")).containsText("Look for Sliver");
    page.navigate(own);
    page.click("#sight >> text=Write it off");
    page.locator("#sight input[name=sure]").evaluate("box => box.required = false");
    page.click("#sight >> button:text-is('Write off')");
    assertThat(page.locator("body")).containsText("Not written off: tick first");
    page.click("#sight >> text=Write it off");
    page.check("#sight input[name=sure]");
    page.click("#sight >> button:text-is('Write off')");
    assertThat(page.locator(".flash").first()).containsText("Sliver is written off");
    assertThat(page.locator(".life li").first()).containsText("Gone, nobody knows how");
    page.click("form:has-text('Undo') >> button");
    assertThat(page.locator("#sight")).containsText("Not seen since");
    page.click("#sight >> text=It is there");
    assertThat(page.locator("#sight")).not().containsText("Not seen since");
  }

  @Test
  void of_five_on_the_books_three_were_seen() {
    Page page = animal("Counts", "dwarf-frog", "5", "3", "Pond five");
    page.click("text=Number, note, another day");
    page.fill("input[name=amount]", "6");
    page.click(".taps >> text=Seen");
    assertThat(page.locator(".flash")).containsText("The books have 5 of them");
    page.fill("input[name=amount]", "3");
    page.click(".taps >> text=Seen");
    assertThat(page.locator("main")).containsText("3 to 5 of them seen, the others believed");
    page.click("nav >> text=Animals");
    assertThat(page.locator(".animal-list")).containsText("3 to 5");
  }

  /** As the browser itself writes a picture. */
  private static byte[] drawn(Page page, String type) {
    String url =
        (String)
            page.evaluate(
                """
                type => { const c = document.createElement('canvas'); c.width = 800; c.height = 600;
                  const g = c.getContext('2d'); g.fillStyle = '#567'; g.fillRect(0, 0, 800, 600);
                  g.fillStyle = '#a43'; g.fillRect(200, 250, 400, 100); return c.toDataURL(type); }""",
                type);
    return Base64.getDecoder().decode(url.substring(url.indexOf(',') + 1));
  }

  private static void upload(Page page, String type, byte[] bytes, LocalDate day) {
    page.setInputFiles("#photo", new FilePayload("photo", type, bytes));
    page.selectOption("#shows", "SHELL");
    page.fill("#takenOn", day.toString());
    Hands.send(page, "Keep it");
  }

  @Test
  void photos_are_kept_and_stand_side_by_side_at_one_scale() {
    Page page = slider("Photos", "12");
    open(page, "Growth");
    measure(page, "8", "", TODAY.minusDays(200));
    open(page, "Photos");
    upload(page, "image/webp", drawn(page, "image/webp"), TODAY.minusDays(200));
    assertThat(page.locator(".flash")).hasText("Kept.");
    upload(page, "image/png", drawn(page, "image/png"), TODAY);
    assertThat(page.locator(".photo-list li")).hasCount(2);
    assertThat(page.locator("main")).containsText("Mark the length in both");
    for (int n = 0; n < 2; n++) {
      page.locator(".photo-list >> text=Mark its length").nth(n).click();
      Locator stage = page.locator("[data-mark]");
      var box = stage.boundingBox();
      page.mouse().move(box.x + box.width * 0.25, box.y + box.height * 0.5);
      page.mouse().down();
      page.mouse().move(box.x + box.width * 0.75, box.y + box.height * 0.5);
      page.mouse().up();
      page.click("main >> text=Save");
    }
    assertThat(page.locator("main")).containsText("Both at one scale.");
    double then = width(page, 0);
    double now = width(page, 1);
    Assertions.assertThat(now / then).isCloseTo(12.0 / 8, Assertions.within(0.01));
    APIResponse small =
        page.request().get(page.locator(".photo-list img").first().getAttribute("src"));
    Assertions.assertThat(small.headers()).containsEntry("content-type", "image/jpeg");
    open(page, "Life");
    assertThat(page.locator(".life")).containsText("Photo: Shell");
    open(page, "Photos");
    page.locator(".photo-list >> text=Remove").first().click();
    assertThat(page.locator(".photo-list li")).hasCount(1);
  }

  private static double width(Page page, int n) {
    return Double.parseDouble(page.locator(".photo-pair image").nth(n).getAttribute("width"));
  }

  @Test
  void what_is_no_photo_is_refused_with_a_sentence() {
    Page page = slider("No photos", "12");
    open(page, "Photos");
    Hands.send(page, "Keep it");
    assertThat(page.locator(".flash")).hasText("Please choose a photo.");
    upload(page, "image/png", "no picture".getBytes(StandardCharsets.UTF_8), TODAY);
    assertThat(page.locator(".flash")).containsText("JPEG, PNG and WebP can be read.");
    upload(page, "image/jpeg", new byte[13 * 1024 * 1024], TODAY);
    assertThat(page.locator("main"))
        .containsText("This file has 13 MB; up to 12 MB can be read. Choose a smaller one.");
  }

  @Test
  void siblings_stand_beside_each_other_and_the_small_one_is_parted() {
    Page page = animal("Clutch", "axolotl", "3", "8", "Spring brood");
    String group = page.url();
    for (String name : new String[] {"Pip", "Reed"}) {
      page.navigate(group);
      page.fill("#newName", name);
      page.click("text=Name it");
      open(page, "Growth");
      measure(page, name.equals("Pip") ? "12" : "7", "", TODAY);
    }
    assertThat(page.locator("main")).containsText("Part Reed (7 cm) from Pip (12 cm)");
    assertThat(page.locator("tr:has-text('Pip')")).containsText("1");
    page.click("table >> text=Pip");
    assertThat(page.locator("h1")).hasText("Pip");
  }

  private static void row(Page page, int n, String food, String often, String amount) {
    page.fill("input[name=name" + n + "]", food);
    page.fill("input[name=often" + n + "]", often);
    page.fill("input[name=amount" + n + "]", amount);
  }

  @Test
  void a_menu_of_ones_own_takes_turns_in_the_plan_and_what_cannot_hold_is_refused() {
    Page page = slider("Menu", "20");
    open(page, "Food");
    assertThat(page.locator("main")).containsText("6 servings a week on 7 feeding days");
    assertThat(page.locator(".rotation-week li")).hasCount(28);
    row(page, 4, "Snails", "often", "2");
    page.click("text=Save menu");
    assertThat(page.locator("tr:has(input[name=often4]) .note").first())
        .hasText("As daily, 2-3 a week, every 2 days, every 1-2 weeks or monthly, please.");
    assertThat(page.locator("main")).containsText("Please give a reason");
    row(page, 0, "Pellets", "daily", "0.5");
    row(page, 1, "Greens", "daily", "2");
    row(page, 4, "Snails", "every 2 days", "2");
    page.fill("input[name=reason]", "she likes them");
    page.click("text=Save menu");
    assertThat(page.locator("[role=alert].wrong-line"))
        .containsText("7 feeding days of at most 2 foods hold 14.");
    row(page, 0, "Pellets", "2-3 a week", "0.5");
    row(page, 1, "Greens", "2-3 a week", "2");
    row(page, 4, "Snails", "weekly", "2");
    page.check("input[name=fastSUNDAY]");
    page.click("text=Save menu");
    assertThat(page.locator(".flash")).hasText("Menu saved; it holds from today.");
    List<Locator> snailDays = page.locator(".rotation-week li:has-text('Snails')").all();
    Assertions.assertThat(snailDays).as("weekly, in four weeks").hasSizeBetween(3, 5);
    for (Locator day : snailDays) {
      int foods = day.locator("span").count();
      assertThat(day).containsText(foods == 1 ? "Snails, 2 of it" : "Snails, 1 of it");
    }
    open(page, "Life");
    page.click(".panel >> a >> nth=0");
    page.click("nav.steps >> text=Plan");
    assertThat(page.locator("tr:has-text('Snails for Bracken')")).containsText("weekly");
    assertThat(page.locator("tr:has-text('Snails for Bracken')"))
        .containsText("set by the keeper: she likes them");
    page.goBack();
    page.goBack();
    open(page, "Food");
    page.click("text=Feed as the sheet says");
    assertThat(page.locator(".flash")).hasText("From today it is fed as its sheet says.");
    assertThat(page.locator(".rotation")).not().containsText("Snails");
  }
}
