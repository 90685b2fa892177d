package app.islet.web.people.account;

import app.islet.web.base.support.Fields;
import app.islet.web.base.support.Form;
import app.islet.web.base.support.NotFoundException;
import app.islet.web.base.support.Reply;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;

/** Where a one-time link to a new password leads. */
@Controller
@RequestMapping("/reset/{token}")
class ResetController {
  private final Passwords passwords;

  ResetController(Passwords passwords) {
    this.passwords = passwords;
  }

  @GetMapping
  String show(@PathVariable String token, Form form, Model model) {
    return page(token, form, model);
  }

  @PostMapping
  String set(@PathVariable String token, Form form, Model model, Reply reply) {
    Person person = whose(token);
    String password = Logins.password(form, person.login(), person.name());
    if (form.hasErrors()) {
      return reply.refused(page(token, form, model));
    }
    Optional<Person> done = passwords.set(token, password);
    return reply.done(done.isPresent() ? "/login?changed" : "/reset/" + token);
  }

  private String page(String token, Form form, Model model) {
    Person person = whose(token);
    model.addAttribute("who", person.name());
    model.addAttribute("login", person.login());
    model.addAttribute("token", token);
    model.addAttribute("fields", List.of(Fields.of(form, "reset").password("password")));
    return "account/reset";
  }

  private Person whose(String token) {
    return passwords.whose(token).orElseThrow(() -> new NotFoundException("no such link"));
  }
}
