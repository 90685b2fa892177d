package app.islet.web.account;

import app.islet.core.quantity.UnitSystem;
import app.islet.web.collection.NewCollections;
import app.islet.web.support.FieldView;
import app.islet.web.support.FormReader;
import jakarta.servlet.http.HttpServletResponse;
import java.security.Principal;
import java.time.DateTimeException;
import java.time.ZoneId;
import java.util.List;
import java.util.Map;
import org.springframework.http.HttpStatus;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Controller;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.server.ResponseStatusException;

/** Sign-in, the first visit, and what one person prefers. */
@Controller
class AccountController {
  private final PersonRepository people;
  private final NewCollections collections;
  private final PasswordEncoder passwords;

  AccountController(
      PersonRepository people, NewCollections collections, PasswordEncoder passwords) {
    this.people = people;
    this.collections = collections;
    this.passwords = passwords;
  }

  @GetMapping("/login")
  String login() {
    return people.count() == 0 ? "redirect:/setup" : "account/login";
  }

  @GetMapping("/none")
  String none() {
    return "account/none";
  }

  @GetMapping("/setup")
  String setup(Model model) {
    requireFirst();
    return setupPage(
        model, new FormReader(Map.of("zone", ZoneId.systemDefault().getId()), UnitSystem.METRIC));
  }

  /** The first visit makes the owner and the collection; afterwards this page is gone. */
  @PostMapping("/setup")
  @Transactional
  public String create(
      @RequestParam Map<String, String> typed, Model model, HttpServletResponse response) {
    requireFirst();
    FormReader form = new FormReader(typed, UnitSystem.METRIC);
    String name = form.text("name", 60, "your name");
    String login = Logins.read(form);
    String password = Logins.password(form);
    String collection = form.text("collection", 60, "a name for the collection");
    ZoneId zone = zone(form);
    if (form.hasErrors()) {
      response.setStatus(HttpStatus.UNPROCESSABLE_ENTITY.value());
      return setupPage(model, form);
    }
    Person owner = new Person(login, name, passwords.encode(password));
    owner.prefer(
        form.typed("units").equals("US") ? UnitSystem.US : UnitSystem.METRIC, Person.Theme.AUTO);
    collections.create(collection, zone, people.saveAndFlush(owner));
    return "redirect:/login?made";
  }

  private static ZoneId zone(FormReader form) {
    try {
      return ZoneId.of(form.typed("zone"));
    } catch (DateTimeException e) {
      form.refuse(
          "zone", "\"%s\" is not a time zone such as Europe/Vienna.".formatted(form.typed("zone")));
      return ZoneId.of("UTC");
    }
  }

  private String setupPage(Model model, FormReader form) {
    model.addAttribute(
        "fields",
        List.of(
            FieldView.of(
                form,
                "collection",
                "Name of the collection",
                "text",
                "",
                "the animals you look after, as a whole"),
            FieldView.of(form, "name", "Your name", "text", "", ""),
            FieldView.of(form, "login", "Sign-in", "text", "", "small letters, digits, . _ -"),
            FieldView.of(form, "password", "Password", "password", "", "at least 10 characters"),
            FieldView.select(
                form,
                "units",
                "Units",
                List.of(
                    new FieldView.Option("METRIC", "cm, litres, °C"),
                    new FieldView.Option("US", "inches, US gallons, °F"))),
            FieldView.of(form, "zone", "Time zone", "text", "", "as Europe/Vienna")));
    return "account/setup";
  }

  private void requireFirst() {
    if (people.count() > 0) {
      throw new ResponseStatusException(HttpStatus.NOT_FOUND);
    }
  }

  @PostMapping("/preferences")
  @Transactional
  public String prefer(
      Principal principal,
      @RequestParam UnitSystem units,
      @RequestParam Person.Theme theme,
      @RequestParam(defaultValue = "/") String back) {
    people.findByLogin(principal.getName()).orElseThrow().prefer(units, theme);
    return "redirect:" + (back.matches("/c/[a-z0-9-]+(/[a-z0-9/-]*)?") ? back : "/");
  }
}
