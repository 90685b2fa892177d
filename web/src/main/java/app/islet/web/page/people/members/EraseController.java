package app.islet.web.page.people.members;

import app.islet.web.base.support.Form;
import app.islet.web.base.support.Messages;
import app.islet.web.base.support.Reply;
import app.islet.web.people.account.Passwords;
import app.islet.web.people.account.People;
import app.islet.web.people.account.Person;
import app.islet.web.people.collection.CollectionContext;
import app.islet.web.people.collection.Erasure;
import app.islet.web.people.collection.Role;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpSession;
import java.security.Principal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.PostMapping;

/** Deletes a collection or an account for good: not by one press, and not by a wrong one. */
@Controller
class EraseController {
  private final Erasure erasure;
  private final People people;
  private final Passwords passwords;

  EraseController(Erasure erasure, People people, Passwords passwords) {
    this.erasure = erasure;
    this.people = people;
    this.passwords = passwords;
  }

  @PostMapping("/c/{collection}/collection/erase")
  String collection(CollectionContext context, Form form, Reply reply) {
    context.require(Role.OWNER);
    if (!form.typed("confirm").equals(context.collection().name())) {
      return reply.notDone(
          Messages.text("members.erase-name", context.collection().name()),
          context.path("/collection"));
    }
    erasure.collection(context);
    return reply.done("/");
  }

  @PostMapping("/account/erase")
  String account(Principal principal, Form form, HttpServletRequest request, Reply reply) {
    Person person = people.find(principal.getName()).orElseThrow();
    if (!passwords.isOf(person, form.untouched("confirm"))) {
      return reply.notDone(Messages.text("account.old-wrong"), "/account");
    }
    erasure.person(person);
    HttpSession visit = request.getSession(false);
    if (visit != null) {
      visit.invalidate();
    }
    return reply.done("/login?logout");
  }
}
