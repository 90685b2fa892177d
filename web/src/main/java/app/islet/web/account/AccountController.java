package app.islet.web.account;

import app.islet.core.quantity.UnitSystem;
import app.islet.web.support.Form;
import app.islet.web.support.Reply;
import java.security.Principal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;

/** Sign-in, and what one person prefers. */
@Controller
class AccountController {
  private final People people;

  AccountController(People people) {
    this.people = people;
  }

  @GetMapping("/login")
  String login() {
    return people.any() ? "account/login" : "redirect:/setup";
  }

  /** For whoever is a member of no collection. */
  @GetMapping("/none")
  String none() {
    return "account/none";
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
