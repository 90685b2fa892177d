package app.islet.web.page.people.members;

import app.islet.web.base.support.Fields;
import app.islet.web.base.support.Form;
import app.islet.web.base.support.NotFoundException;
import app.islet.web.base.support.Reply;
import app.islet.web.people.account.Logins;
import app.islet.web.people.account.People;
import app.islet.web.people.account.Person;
import app.islet.web.people.account.SignIns;
import app.islet.web.people.collection.AnimalCollection;
import app.islet.web.people.collection.Invitations;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.security.Principal;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.stereotype.Controller;
import org.springframework.transaction.support.TransactionTemplate;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;

/** Where an invitation leads. Looking at it does nothing; a button accepts it. */
@Controller
@RequestMapping("/join/{token}")
class JoinController {
  private final Invitations invitations;
  private final People people;
  private final SignIns signIns;
  private final TransactionTemplate transactions;

  JoinController(
      Invitations invitations, People people, SignIns signIns, TransactionTemplate transactions) {
    this.invitations = invitations;
    this.people = people;
    this.signIns = signIns;
    this.transactions = transactions;
  }

  @GetMapping
  String door(@PathVariable String token, @Nullable Principal principal, Form form, Model model) {
    return page(token, principal, form, model);
  }

  /** For whoever has a sign-in: they sign in, and come back to the door. */
  @GetMapping("/mine")
  String mine(@PathVariable String token) {
    return "redirect:/join/" + token;
  }

  @PostMapping
  String accept(@PathVariable String token, @Nullable Principal principal) {
    if (principal == null) {
      return "redirect:/join/" + token + "/mine";
    }
    Person person = people.find(principal.getName()).orElseThrow();
    return invitations
        .accept(token, person)
        .map(collection -> "redirect:/c/" + collection.slug())
        .orElseThrow(() -> new NotFoundException("no such invitation"));
  }

  /** For somebody new: an account with a password only they know. */
  @PostMapping("/new")
  String register(
      @PathVariable String token,
      Form form,
      Model model,
      Reply reply,
      HttpServletRequest request,
      HttpServletResponse response) {
    door(token);
    String name = form.text("name", 60, "your name");
    String login = Logins.read(form);
    String password = Logins.password(form, login, name);
    if (!form.hasErrors() && people.find(login).isPresent()) {
      form.refuse("login", "That sign-in is taken; please choose another.");
    }
    if (form.hasErrors()) {
      return reply.refused(page(token, null, form, model));
    }
    AnimalCollection joined;
    try {
      // Should the link be of no use any more by now, no account is made either.
      joined =
          transactions.execute(
              status ->
                  invitations
                      .accept(token, people.register(login, name, password))
                      .orElseThrow(() -> new NotFoundException("no such invitation")));
    } catch (DataIntegrityViolationException e) {
      form.refuse("login", "That sign-in is taken; please choose another.");
      return reply.refused(page(token, null, form, model));
    }
    signIns.enter(login, request, response);
    return reply.done("/c/" + joined.slug());
  }

  private String page(String token, @Nullable Principal principal, Form form, Model model) {
    Invitations.Door door = door(token);
    model.addAttribute("token", token);
    model.addAttribute("door", door);
    model.addAttribute(
        "me",
        principal == null ? "" : people.find(principal.getName()).map(Person::name).orElse(""));
    Fields fields = Fields.of(form, "join");
    model.addAttribute(
        "fields", List.of(fields.text("name"), fields.text("login"), fields.password("password")));
    return "members/join";
  }

  private Invitations.Door door(String token) {
    return invitations.door(token).orElseThrow(() -> new NotFoundException("no such invitation"));
  }
}
