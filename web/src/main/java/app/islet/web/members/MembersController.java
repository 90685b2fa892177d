package app.islet.web.members;

import app.islet.web.account.Logins;
import app.islet.web.account.Person;
import app.islet.web.collection.CollectionContext;
import app.islet.web.collection.Memberships;
import app.islet.web.collection.NewCollections;
import app.islet.web.collection.Role;
import app.islet.web.support.Field;
import app.islet.web.support.Fields;
import app.islet.web.support.Form;
import app.islet.web.support.Reply;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;

/** The collection itself: its people and their roles, and each one's own preferences. */
@Controller
@RequestMapping("/c/{collection}/collection")
class MembersController {
  private static final String REMOVE = "REMOVE";

  private final Memberships memberships;
  private final NewCollections collections;

  MembersController(Memberships memberships, NewCollections collections) {
    this.memberships = memberships;
    this.collections = collections;
  }

  /**
   * @param self whether it is the one who looks
   */
  record Member(long personId, String name, String login, Role role, boolean self) {}

  @GetMapping
  String show(CollectionContext context, Model model) {
    return page(context, model, new Form(Map.of("role", "HELPER"), context.system()));
  }

  /** Adds a member: somebody known by that sign-in, or a new person with the password given. */
  @PostMapping("/members")
  String add(CollectionContext context, Form form, Model model, Reply reply) {
    context.require(Role.OWNER);
    String login = Logins.read(form);
    Role role = role(form);
    Optional<Person> known = form.hasErrors() ? Optional.empty() : memberships.known(login);
    String name = known.map(Person::name).orElseGet(() -> form.text("name", 60, "a name"));
    String password = known.isPresent() ? "" : Logins.password(form);
    if (form.hasErrors()) {
      return reply.refused(page(context, model, form));
    }
    return switch (memberships.invite(context, login, name, password, role)) {
      case REGISTERED -> reply.saved(name + " can now sign in.", address(context));
      case INVITED ->
          reply.saved(name + " is now a member, with the sign-in they have.", address(context));
      case MEMBER_ALREADY -> reply.notDone(name + " is a member already.", address(context));
    };
  }

  /** Makes another collection, owned by whoever asks. */
  @PostMapping("/another")
  String another(CollectionContext context, Form form, Model model, Reply reply) {
    String name = form.text("another", 60, "a name for the collection");
    if (form.hasErrors()) {
      return reply.refused(page(context, model, form));
    }
    return reply.done(
        "/c/" + collections.create(name, context.collection().zone(), context.person()).slug());
  }

  @PostMapping("/members/{personId}")
  String change(CollectionContext context, @PathVariable long personId, Form form, Reply reply) {
    context.require(Role.OWNER);
    if (context.person().id() == personId) {
      return reply.notDone(
          "You cannot change your own role: a collection needs its owner.", address(context));
    }
    if (form.typed("role").equals(REMOVE)) {
      memberships.remove(context, personId);
      return reply.done(address(context));
    }
    Role role = role(form);
    if (form.hasErrors() || form.typed("role").isEmpty()) {
      return reply.notDone("There is no such role.", address(context));
    }
    memberships.change(context, personId, role);
    return reply.done(address(context));
  }

  /** Nobody becomes a helper by link but by a link. */
  private static Role role(Form form) {
    Role role = form.choice("role", Role.class, Role.HELPER);
    if (role == Role.LINKED_HELPER) {
      form.refuse("role", "Please choose one of the list.");
    }
    return role;
  }

  private static String address(CollectionContext context) {
    return context.path("/collection");
  }

  private String page(CollectionContext context, Model model, Form form) {
    model.addAttribute(
        "members",
        memberships.of(context).stream()
            .map(
                m ->
                    new Member(
                        m.person().id(),
                        m.person().name(),
                        m.person().login(),
                        m.role(),
                        m.person().id().equals(context.person().id())))
            .toList());
    model.addAttribute("mine", memberships.collectionsOf(context.person().login()));
    Fields fields = Fields.of(form, "members");
    model.addAttribute("another", fields.text("another"));
    model.addAttribute(
        "fields",
        List.of(
            fields.text("name"),
            fields.text("login"),
            fields.password("password"),
            fields.select(
                "role",
                Stream.of(Role.OWNER, Role.KEEPER, Role.HELPER)
                    .map(r -> new Field.Option(r.name(), r.word()))
                    .toList())));
    return "members/members";
  }
}
