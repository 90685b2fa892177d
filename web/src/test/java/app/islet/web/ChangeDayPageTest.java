package app.islet.web;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import app.islet.web.base.support.Hands;
import app.islet.web.base.support.Islet;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;

@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class ChangeDayPageTest {
  private static void tick(Page page, String step) {
    page.locator(".change-steps li:has(b:has-text('" + step + "')) button").click();
    assertThat(page.locator(".change-steps li:has(b:has-text('" + step + "'))"))
        .containsText("done");
  }

  @Test
  void a_change_that_was_interrupted_goes_on_where_it_was_left_on_another_device() {
    Page page = Islet.running().owner();
    String base = Hands.enclosure(page, "Change tank", "80", "40", "40");
    page.selectOption("#species", "axolotl");
    page.fill("#count", "2");
    page.fill("#length", "22");
    page.fill("#name", "Both");
    page.locator("form[action$='/residents'] > button").click();
    page.navigate(base + "/water");
    page.getByText("Change water step by step").click();
    assertThat(page.locator(".change-steps .is-next")).containsText("Test the water");
    tick(page, "Test the water");
    tick(page, "Siphon out");
    Page other = page.context().newPage();
    other.navigate(base + "/change");
    assertThat(other.locator("p[role=status]")).containsText("Next: Wipe the panes.");
    other.navigate(Hands.collection(base));
    other.locator("#needs-now a:has-text('Change tank')").click();
    other.navigate(Hands.collection(base) + "/rounds");
    String begun = "A water change was begun and not ended.";
    Locator stop = other.locator(".stop:has-text('Change tank')");
    assertThat(stop).containsText(begun);
    stop.getByText("Go on with it").click();
    // The same step from both devices is one tick.
    tick(other, "Wipe the panes");
    page.locator(".change-steps li:has(b:has-text('Wipe the panes')) button").click();
    tick(page, "new water");
    other.reload();
    other.click("text=Undo");
    assertThat(other.locator(".flash")).containsText("Taken back: Make ");
    tick(other, "new water");
    tick(other, "Fill it in slowly");
    other.locator(".change-steps li:has(b:has-text('Count the animals')) button").click();
    assertThat(other.locator(".flash")).hasText("Done, and entered as a water change.");
    assertThat(other.locator("main")).containsText("All of it is done for today.");
    other.navigate(Hands.collection(base) + "/rounds");
    assertThat(stop).not().containsText(begun);
  }
}
