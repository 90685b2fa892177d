package app.islet.web.people.account;

import app.islet.core.quantity.UnitSystem;
import app.islet.core.text.English;
import app.islet.web.base.support.Fields;
import app.islet.web.base.support.Form;
import app.islet.web.base.support.Messages;
import app.islet.web.base.support.Reply;
import jakarta.servlet.http.HttpSession;
import java.security.Principal;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Sign-in, password, visits, and what one person prefers. */
@Controller
class AccountController {
  private final People people;
  private final Passwords passwords;
  private final Visits visits;
  private final SecondStep steps;
  private final Clock clock;

  AccountController(
      People people, Passwords passwords, Visits visits, SecondStep steps, Clock clock) {
    this.people = people;
    this.passwords = passwords;
    this.visits = visits;
    this.steps = steps;
    this.clock = clock;
  }

  /** Where somebody is signed in. */
  record VisitLine(String browser, String began, String seen, boolean here) {}

  @GetMapping("/login")
  String login(@RequestParam(defaultValue = "0") int wait, Model model) {
    model.addAttribute("wait", wait);
    return people.any() ? "account/login" : "redirect:/setup";
  }

  /** For whoever is a member of no collection. */
  @GetMapping("/none")
  String none() {
    return "account/none";
  }

  @GetMapping("/account")
  String account(Principal principal, HttpSession here, Form form, Model model) {
    return page(principal, here, form, model);
  }

  @PostMapping("/account/password")
  String password(Principal principal, HttpSession here, Form form, Model model, Reply reply) {
    Person person = people.find(principal.getName()).orElseThrow();
    String password = Logins.password(form, person.login(), person.name());
    if (!form.hasErrors()
        && !passwords.change(person.login(), form.untouched("old"), password, here.getId())) {
      form.refuse("old", Messages.text("account.old-wrong"));
    }
    if (form.hasErrors()) {
      return reply.refused(page(principal, here, form, model));
    }
    return reply.saved(Messages.text("account.password-changed"), "/account");
  }

  /** Signs out everywhere else. */
  @PostMapping("/account/visits/end")
  String endOthers(Principal principal, HttpSession here, Reply reply) {
    visits.endOthers(principal.getName(), here.getId());
    return reply.saved(Messages.text("account.others-ended"), "/account");
  }

  private String page(Principal principal, HttpSession here, Form form, Model model) {
    Person person = people.find(principal.getName()).orElseThrow();
    Fields fields = Fields.of(form, "account");
    model.addAttribute("who", person.name());
    model.addAttribute("login", person.login());
    model.addAttribute("secondStep", person.stepSecret().isPresent());
    model.addAttribute("recoveryLeft", steps.recoveryLeft(person));
    model.addAttribute("fields", List.of(fields.password("old"), fields.password("password")));
    model.addAttribute(
        "visits",
        visits.of(person.login()).stream()
            .map(
                v ->
                    new VisitLine(
                        BrowserName.of(v.browser()),
                        day(v.began()),
                        day(v.seen()),
                        v.id().equals(here.getId())))
            .toList());
    return "account/account";
  }

  private String day(Instant moment) {
    return English.moment(moment.atZone(clock.getZone()));
  }

  @PostMapping("/preferences")
  String prefer(Principal principal, Form form, Reply reply) {
    people.prefer(
        principal.getName(),
        form.choice("units", UnitSystem.class, UnitSystem.METRIC),
        form.choice("theme", Person.Theme.class, Person.Theme.AUTO));
    String back = form.typed("back");
    return reply.done(back.matches("/c/[a-z0-9-]+(/[a-z0-9/-]*)?") ? back : "/");
  }
}
