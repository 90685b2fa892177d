package app.islet.web.base.support;

import app.islet.core.animal.Resident;
import app.islet.core.enclosure.Enclosure;
import app.islet.core.enclosure.Site;
import app.islet.core.enclosure.Vessel;
import app.islet.web.people.account.People;
import app.islet.web.people.account.Person;
import app.islet.web.people.collection.CollectionContext;
import app.islet.web.people.collection.CollectionContexts;
import app.islet.web.people.collection.NewCollections;
import app.islet.web.store.animal.Residents;
import app.islet.web.store.care.CareSheetStore;
import app.islet.web.store.enclosure.Designs;
import app.islet.web.store.enclosure.Rooms;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.time.ZoneId;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.UUID;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.UnaryOperator;

/** What a keeper's hands do in more than one test. */
public final class Hands {
  private static final AtomicInteger MADE = new AtomicInteger();

  private Hands() {}

  /** Opens the fields of new residents that are not asked of all. */
  public static void more(Page page) {
    page.click(".add-line summary");
  }

  /** Presses the button of that name, once the page stands still. */
  public static void press(Page page, String name) {
    page.evaluate("document.fonts.ready.then(() => true)");
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

  /**
   * Makes an enclosure in a room of a collection of its own, so that no test meets what another
   * left, and opens its first step; answers its address.
   */
  public static String enclosure(Page page, String name, String l, String w, String h) {
    String address = made(name, l, w, h);
    page.navigate(address + "/residents");
    return address;
  }

  /** The same in a collection there is. */
  public static String enclosure(
      Page page, String slug, String name, String l, String w, String h) {
    String address = made(slug, name, l, w, h);
    page.navigate(address + "/residents");
    return address;
  }

  /** The same without opening it. */
  public static String made(String name, String l, String w, String h) {
    Islet islet = Islet.running();
    Person owner = islet.bean(People.class).find("mill").orElseThrow();
    String own =
        islet
            .bean(NewCollections.class)
            .create("Zz " + MADE.incrementAndGet(), ZoneId.of("UTC"), owner)
            .slug();
    return made(own, name, l, w, h);
  }

  private static String made(String slug, String name, String l, String w, String h) {
    Islet islet = Islet.running();
    CollectionContext context = context(slug);
    long room =
        islet.bean(Rooms.class).add(context, "Room of " + name, new Site(24, 20, 21, 16, 50)).id();
    Vessel vessel = new Vessel(Double.parseDouble(l), Double.parseDouble(w), Double.parseDouble(h));
    Enclosure design = Enclosure.bare(name, vessel, vessel.heightCm() / 2);
    return context.path(
        "/enclosures/"
            + islet
                .bean(Designs.class)
                .create(context, room, design, context.today(), UUID.randomUUID())
                .id());
  }

  private static CollectionContext context(String slug) {
    return Islet.running().bean(CollectionContexts.class).find("mill", slug).orElseThrow();
  }

  /** Puts animals of a kind into it, measured today. */
  public static void settle(
      String address, String species, String name, int count, double lengthCm) {
    Islet islet = Islet.running();
    CollectionContext context = contextOf(address);
    Resident resident =
        new Resident(
            name,
            islet.bean(CareSheetStore.class).library(context).find(species).orElseThrow(),
            count,
            0,
            0,
            OptionalDouble.of(lengthCm),
            OptionalDouble.empty(),
            Optional.empty());
    islet
        .bean(Residents.class)
        .add(context, id(address), resident, UUID.randomUUID(), context.today());
  }

  /** Saves a change of its design. */
  public static void design(String address, UnaryOperator<Enclosure> change) {
    Islet.running().bean(Designs.class).change(contextOf(address), id(address), change);
  }

  private static CollectionContext contextOf(String address) {
    return context(collection(address).substring("/c/".length()));
  }

  private static long id(String address) {
    return Long.parseLong(address.substring(address.lastIndexOf('/') + 1));
  }

  /** The collection an address lies in. */
  public static String collection(String address) {
    return address.substring(0, address.indexOf("/enclosures"));
  }
}
