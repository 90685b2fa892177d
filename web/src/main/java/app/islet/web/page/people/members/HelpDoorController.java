package app.islet.web.page.people.members;

import app.islet.core.text.English;
import app.islet.web.base.support.NotFoundException;
import app.islet.web.people.account.SignIns;
import app.islet.web.people.collection.CollectionContext;
import app.islet.web.people.collection.CollectionContexts;
import app.islet.web.people.collection.HelperLinks;
import app.islet.web.people.collection.Membership;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.Objects;
import java.util.Optional;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;

/** Where a helper's link leads. Looking at it does nothing; the button lets them in. */
@Controller
class HelpDoorController {
  private final HelperLinks links;
  private final CollectionContexts contexts;
  private final SignIns signIns;

  HelpDoorController(HelperLinks links, CollectionContexts contexts, SignIns signIns) {
    this.links = links;
    this.contexts = contexts;
    this.signIns = signIns;
  }

  @GetMapping("/help/{token}")
  String door(@PathVariable String token, Model model) {
    Membership link = link(token);
    model.addAttribute("helper", link.person().name());
    model.addAttribute("place", link.collection().name());
    model.addAttribute("lastDay", English.day(Objects.requireNonNull(link.lastDay())));
    model.addAttribute("ended", context(link).isEmpty());
    model.addAttribute("token", token);
    return "members/help-door";
  }

  @PostMapping("/help/{token}")
  String enter(
      @PathVariable String token, HttpServletRequest request, HttpServletResponse response) {
    Membership link = link(token);
    Optional<CollectionContext> context = context(link);
    if (context.isEmpty()) {
      return "redirect:/help/" + token;
    }
    signIns.enter(link.person().login(), request, response);
    return "redirect:" + context.get().path("/rounds");
  }

  private Membership link(String token) {
    return links.find(token).orElseThrow(() -> new NotFoundException("no such helper's link"));
  }

  private Optional<CollectionContext> context(Membership link) {
    return contexts.find(link.person().id(), link.collection().id());
  }
}
