package app.islet.web.page.people.members;

import app.islet.core.text.English;
import app.islet.web.base.backup.NightlyBackup;
import app.islet.web.base.support.Addresses;
import app.islet.web.base.support.Field;
import app.islet.web.base.support.Fields;
import app.islet.web.base.support.Form;
import app.islet.web.base.support.Messages;
import app.islet.web.base.support.Reply;
import app.islet.web.people.account.People;
import app.islet.web.people.collection.CollectionContext;
import app.islet.web.people.collection.CollectionStore;
import app.islet.web.people.collection.Invitations;
import app.islet.web.people.collection.Memberships;
import app.islet.web.people.collection.NewCollections;
import app.islet.web.people.collection.RightsEntry;
import app.islet.web.people.collection.Role;
import java.time.Clock;
import java.time.ZoneId;
import java.util.List;
import java.util.Map;
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
  private final Invitations invitations;
  private final NewCollections collections;
  private final CollectionStore store;
  private final People people;
  private final Addresses addresses;
  private final NightlyBackup backups;
  private final Clock clock;

  MembersController(
      Memberships memberships,
      Invitations invitations,
      NewCollections collections,
      CollectionStore store,
      People people,
      Addresses addresses,
      NightlyBackup backups,
      Clock clock) {
    this.memberships = memberships;
    this.invitations = invitations;
    this.collections = collections;
    this.store = store;
    this.people = people;
    this.addresses = addresses;
    this.backups = backups;
    this.clock = clock;
  }

  /**
   * @param self whether it is the one who looks
   */
  record Member(long personId, String name, String login, Role role, boolean self) {}

  /** An invitation nobody has answered yet. */
  record Invited(long id, String name, String role, String until) {}

  @GetMapping
  String show(CollectionContext context, Model model) {
    return page(context, model, new Form(Map.of("role", "HELPER"), context.system()));
  }

  /** Makes a link that makes a member of whoever accepts it; it is shown once. */
  @PostMapping("/invitations")
  String invite(CollectionContext context, Form form, Model model, Reply reply) {
    context.require(Role.OWNER);
    String name = form.text("name", 60, "a name for your list");
    Role role = role(form);
    if (form.hasErrors()) {
      return reply.refused(page(context, model, form));
    }
    String link = addresses.of("/join/" + invitations.make(context, name, role, form.clientId()));
    return reply.done(
        address(context), Map.of("link", link, "linkFor", Messages.text("members.link-for", name)));
  }

  @PostMapping("/invitations/{id}/end")
  String takeBack(CollectionContext context, @PathVariable long id, Reply reply) {
    invitations.end(context, id);
    return reply.done(address(context));
  }

  /** Makes another collection, owned by whoever asks. */
  @PostMapping("/another")
  String another(CollectionContext context, Form form, Model model, Reply reply) {
    context.require(Role.KEEPER);
    String name = form.text("another", 60, "a name for the collection");
    if (form.hasErrors()) {
      return reply.refused(page(context, model, form));
    }
    return reply.done(
        "/c/"
            + collections
                .create(name, context.collection().zone(), context.person(), form.clientId())
                .slug());
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

  /** A one-time link for a member who has forgotten the password. */
  @PostMapping("/members/{personId}/password")
  String password(CollectionContext context, @PathVariable long personId, Reply reply) {
    context.require(Role.OWNER);
    String link = addresses.of("/reset/" + memberships.resetLink(context, personId));
    String name = people.name(personId).orElse("");
    return reply.done(
        address(context),
        Map.of("link", link, "linkFor", Messages.text("members.password-for", name)));
  }

  /** Where the collection's days begin and end. */
  @PostMapping("/zone")
  String zone(CollectionContext context, Form form, Model model, Reply reply) {
    context.require(Role.OWNER);
    ZoneId zone = form.zone("zone");
    if (form.hasErrors()) {
      return reply.refused(page(context, model, form));
    }
    store.liveIn(context, zone);
    return reply.saved(Messages.text("members.zone-set", zone.getId()), address(context));
  }

  @PostMapping("/leave")
  String leave(CollectionContext context, Reply reply) {
    memberships.leave(context);
    return reply.done("/");
  }

  /** From now on the first page leads here. */
  @PostMapping("/home")
  String home(CollectionContext context, Reply reply) {
    people.liveIn(context.person().login(), context.collectionId());
    return reply.saved(Messages.text("members.home-set"), address(context));
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
    model.addAttribute(
        "isHome",
        context.person().homeCollectionId().filter(id -> id == context.collectionId()).isPresent());
    Fields fields = Fields.of(form, "members");
    model.addAttribute("another", fields.text("another"));
    if (context.owns()) {
      String zone = context.collection().zone().getId();
      Form here = new Form(Map.of("zone", zone), context.system());
      boolean wrong = form.errors().containsKey("zone");
      model.addAttribute("zone", Fields.of(wrong ? form : here, "members").text("zone"));
      model.addAttribute("backup", BackupLine.of(backups, context, clock));
      model.addAttribute("invited", invited(context));
      model.addAttribute("changes", changes(context));
      model.addAttribute("fields", List.of(fields.text("name"), fields.select("role", roles())));
    }
    return "members/members";
  }

  private static List<Field.Option> roles() {
    return Stream.of(Role.OWNER, Role.KEEPER, Role.HELPER)
        .map(r -> new Field.Option(r.name(), r.word()))
        .toList();
  }

  private List<Invited> invited(CollectionContext context) {
    return invitations.open(context).stream()
        .map(
            i ->
                new Invited(
                    i.id(),
                    i.name(),
                    i.role().word(),
                    English.day(i.expiresAt().atZone(context.collection().zone()).toLocalDate())))
        .toList();
  }

  /** Who changed whose rights, a sentence each. */
  private List<String> changes(CollectionContext context) {
    List<RightsEntry> entries = memberships.changes(context);
    Map<Long, String> names = people.names(entries.stream().map(RightsEntry::doneBy).toList());
    return entries.stream()
        .map(
            e ->
                "%s: %s %s"
                    .formatted(
                        English.moment(e.at().atZone(context.collection().zone())),
                        names.getOrDefault(e.doneBy(), ""),
                        e.what()))
        .toList();
  }
}
