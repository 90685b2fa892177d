package app.islet.web.people.account;

import app.islet.web.base.drawing.CodePicture;
import app.islet.web.base.support.Fields;
import app.islet.web.base.support.Form;
import app.islet.web.base.support.Messages;
import app.islet.web.base.support.Reply;
import jakarta.servlet.http.HttpSession;
import java.security.Principal;
import java.util.List;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;

/** Where somebody begins or ends to sign in with a second step. */
@Controller
@RequestMapping("/account/second-step")
class SecondStepController {
  private final SecondStep steps;
  private final People people;
  private final Passwords passwords;

  SecondStepController(SecondStep steps, People people, Passwords passwords) {
    this.steps = steps;
    this.people = people;
    this.passwords = passwords;
  }

  @GetMapping
  String show(Principal principal, Form form, Model model) {
    return steps.isOn(principal.getName())
        ? "redirect:/account"
        : page(principal, SecondStep.Offer.make(), form, model);
  }

  @PostMapping
  String begin(Principal principal, HttpSession here, Form form, Model model, Reply reply) {
    SecondStep.Offer typed =
        new SecondStep.Offer(form.typed("secret"), List.of(form.typed("recovery").split("\\s+")));
    if (!steps.begin(principal.getName(), typed, form.typed("code"), here.getId())) {
      form.refuse("code", Messages.text("account.step.not-the-apps"));
      SecondStep.Offer offer = typed.isSound() ? typed : SecondStep.Offer.make();
      return reply.refused(page(principal, offer, form, model));
    }
    return reply.saved(Messages.text("account.step.begun"), "/account");
  }

  @PostMapping("/end")
  String end(Principal principal, Form form, Reply reply) {
    Person person = people.find(principal.getName()).orElseThrow();
    if (!passwords.isOf(person, form.untouched("confirm"))) {
      return reply.notDone(Messages.text("account.old-wrong"), "/account");
    }
    steps.end(person.login());
    return reply.saved(Messages.text("account.step.ended"), "/account");
  }

  private static String page(Principal principal, SecondStep.Offer offer, Form form, Model model) {
    model.addAttribute("offer", offer);
    model.addAttribute("groups", offer.secret().replaceAll("(.{4})(?=.)", "$1 "));
    model.addAttribute("recovery", String.join(" ", offer.recovery()));
    model.addAttribute(
        "picture", CodePicture.svg(AppCodes.address(principal.getName(), offer.secret())));
    model.addAttribute("fields", List.of(Fields.of(form, "app").code("code")));
    return "account/second-step";
  }
}
