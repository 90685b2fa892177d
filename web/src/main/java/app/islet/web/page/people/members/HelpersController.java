package app.islet.web.page.people.members;

import app.islet.core.text.English;
import app.islet.web.base.support.Addresses;
import app.islet.web.base.support.Fields;
import app.islet.web.base.support.Form;
import app.islet.web.base.support.Messages;
import app.islet.web.base.support.Reply;
import app.islet.web.people.collection.CollectionContext;
import app.islet.web.people.collection.CollectionStore;
import app.islet.web.people.collection.HelperLinks;
import app.islet.web.people.collection.Membership;
import app.islet.web.people.collection.Role;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;

/** Those who help for a time: their links, and whom they call. */
@Controller
@RequestMapping("/c/{collection}/helpers")
class HelpersController {
  private static final int USUAL_DAYS = 14;
  private static final int MAX_DAYS = 400;
  private static final int MAX_OF_A_CONTACT = 400;

  private final HelperLinks links;
  private final CollectionStore collections;
  private final Addresses addresses;

  HelpersController(HelperLinks links, CollectionStore collections, Addresses addresses) {
    this.links = links;
    this.collections = collections;
    this.addresses = addresses;
  }

  /** A link in the list. */
  record LinkView(long personId, String name, String until, String address) {}

  @GetMapping
  String show(CollectionContext context, Model model) {
    context.require(Role.KEEPER);
    Map<String, String> typed =
        Map.of(
            "lastDay", context.today().plusDays(USUAL_DAYS).toString(),
            "contact", context.collection().contact());
    return page(context, new Form(typed, context.system()), model);
  }

  @PostMapping
  String make(CollectionContext context, Form form, Model model, Reply reply) {
    context.require(Role.KEEPER);
    String name = form.text("helper", 60, "a name for the helper");
    LocalDate today = context.today();
    LocalDate lastDay = form.date("lastDay").orElse(today.plusDays(USUAL_DAYS));
    if (lastDay.isBefore(today) || lastDay.isAfter(today.plusDays(MAX_DAYS))) {
      form.refuse("lastDay", "A day from today to %s, please.".formatted(today.plusDays(MAX_DAYS)));
    }
    if (form.hasErrors()) {
      return reply.refused(page(context, form, model));
    }
    links.make(context, name, lastDay, form.clientId());
    return reply.saved(Messages.text("helpers.made", name, English.day(lastDay)), address(context));
  }

  @PostMapping("/{personId}/end")
  String end(CollectionContext context, @PathVariable long personId, Reply reply) {
    links.end(context, personId);
    return reply.saved(Messages.text("helpers.ended"), address(context));
  }

  @PostMapping("/contact")
  String contact(CollectionContext context, Form form, Model model, Reply reply) {
    context.require(Role.KEEPER);
    String contact = form.typed("contact");
    if (contact.length() > MAX_OF_A_CONTACT) {
      form.refuse(
          "contact",
          "At most %d characters, please; this has %d."
              .formatted(MAX_OF_A_CONTACT, contact.length()));
      return reply.refused(page(context, form, model));
    }
    if (form.hasErrors()) {
      return reply.refused(page(context, form, model));
    }
    collections.call(context, contact);
    return reply.saved("Saved.", address(context));
  }

  private static String address(CollectionContext context) {
    return context.path("/helpers");
  }

  private String page(CollectionContext context, Form form, Model model) {
    Fields fields = Fields.of(form, "helpers");
    model.addAttribute("fields", List.of(fields.text("helper"), fields.date("lastDay")));
    model.addAttribute("contact", form.typed("contact"));
    model.addAttribute("contactError", form.error("contact"));
    model.addAttribute("links", links.of(context).stream().map(this::view).toList());
    return "members/helpers";
  }

  private LinkView view(Membership link) {
    return new LinkView(
        link.person().id(),
        link.person().name(),
        English.day(Objects.requireNonNull(link.lastDay())),
        addresses.of("/help/" + link.token()));
  }
}
