package app.islet.web.support;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.SelectOption;

/** What a keeper's hands do in more than one test. */
public final class Hands {
  private Hands() {}

  /** Presses the button of that name. */
  public static void press(Page page, String name) {
    page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true))
        .click();
  }

  /**
   * Presses a button that sends its form, and waits for the page that answers: what is done next
   * must not overtake it.
   */
  public static void send(Page page, String name) {
    page.evaluate("document.documentElement.toggleAttribute('data-left', true)");
    press(page, name);
    page.waitForSelector("html:not([data-left])");
    page.waitForLoadState();
  }

  /** Makes a room and an enclosure in it; answers its address. */
  public static String enclosure(Page page, String name, String l, String w, String h) {
    page.navigate("/c/weir-mill/rooms/new");
    page.fill("#roomName", "Room of " + name);
    page.fill("#summerDay", "24");
    page.fill("#winterNight", "16");
    send(page, "Save the room");
    page.fill("#name", name);
    page.selectOption("#room", new SelectOption().setLabel("Room of " + name));
    page.fill("#length", l);
    page.fill("#width", w);
    page.fill("#height", h);
    send(page, "Make it, then say who lives there");
    return page.url().replace(Islet.running().base(), "").replace("/residents", "");
  }
}
