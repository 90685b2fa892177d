package app.islet.web.collection;

import app.islet.web.account.Logins;
import app.islet.web.account.Person;
import app.islet.web.account.PersonRepository;
import app.islet.web.support.FieldView;
import app.islet.web.support.FormReader;
import jakarta.servlet.http.HttpServletResponse;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.http.HttpStatus;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Controller;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** The collection itself: its people and their roles, and each one's own preferences. */
@Controller
@RequestMapping("/c/{collection}/collection")
class CollectionController {
  private final MembershipRepository memberships;
  private final PersonRepository people;
  private final PasswordEncoder passwords;
  private final NewCollections collections;

  CollectionController(
      MembershipRepository memberships,
      PersonRepository people,
      PasswordEncoder passwords,
      NewCollections collections) {
    this.memberships = memberships;
    this.people = people;
    this.passwords = passwords;
    this.collections = collections;
  }

  /**
   * @param self whether it is the one who looks
   */
  record Member(long personId, String name, String login, Role role, boolean self) {}

  @GetMapping
  String show(CollectionContext place, Model model) {
    return page(place, model, new FormReader(Map.of("role", "HELPER"), place.system()));
  }

  /** Adds a member: somebody known by that sign-in, or a new person with the password given. */
  @PostMapping("/members")
  @Transactional
  public String add(
      CollectionContext place,
      @RequestParam Map<String, String> typed,
      Model model,
      HttpServletResponse response,
      RedirectAttributes flash) {
    place.require(Role.OWNER);
    FormReader form = new FormReader(typed, place.system());
    String login = Logins.read(form);
    Role role = form.choice("role", Role.class, Role.HELPER);
    Optional<Person> known = form.hasErrors() ? Optional.empty() : people.findByLogin(login);
    if (known.isPresent()) {
      return invite(place, known.get(), role, flash);
    }
    String name = form.text("name", 60, "a name");
    String password = Logins.password(form);
    if (form.hasErrors()) {
      response.setStatus(HttpStatus.UNPROCESSABLE_ENTITY.value());
      return page(place, model, form);
    }
    Person person = people.saveAndFlush(new Person(login, name, passwords.encode(password)));
    memberships.save(new Membership(place.collection(), person, role));
    flash.addFlashAttribute("saved", name + " may now sign in.");
    return "redirect:" + place.path("/collection");
  }

  /** Somebody with a sign-in already keeps name and password; only the membership is new. */
  private String invite(
      CollectionContext place, Person known, Role role, RedirectAttributes flash) {
    if (memberships.existsById(new Membership.Key(place.collectionId(), known.id()))) {
      flash.addFlashAttribute("refused", known.name() + " is here already.");
    } else {
      memberships.save(new Membership(place.collection(), known, role));
      flash.addFlashAttribute(
          "saved", known.name() + " is now a member, with the sign-in they have.");
    }
    return "redirect:" + place.path("/collection");
  }

  /** Makes another collection, owned by whoever asks. */
  @PostMapping("/another")
  String another(CollectionContext place, @RequestParam String name, RedirectAttributes flash) {
    if (name.isBlank() || name.strip().length() > 60) {
      flash.addFlashAttribute(
          "refused", "Please give the new collection a name of 1 to 60 characters.");
      return "redirect:" + place.path("/collection");
    }
    return "redirect:/c/"
        + collections.create(name.strip(), place.collection().zone(), place.person()).slug();
  }

  @PostMapping("/members/{personId}")
  @Transactional
  public String change(
      CollectionContext place,
      @PathVariable long personId,
      @RequestParam String role,
      RedirectAttributes flash) {
    place.require(Role.OWNER);
    boolean self = place.person().id() == personId;
    memberships
        .findById(new Membership.Key(place.collectionId(), personId))
        .ifPresent(
            member -> {
              if (self) {
                flash.addFlashAttribute(
                    "refused", "You cannot change your own part: a collection needs its owner.");
              } else if (role.equals("REMOVE")) {
                memberships.delete(member);
              } else {
                member.become(Role.valueOf(role));
              }
            });
    return "redirect:" + place.path("/collection");
  }

  private String page(CollectionContext place, Model model, FormReader form) {
    model.addAttribute(
        "members",
        memberships.ofCollection(place.collectionId()).stream()
            .map(
                m ->
                    new Member(
                        m.person().id(),
                        m.person().name(),
                        m.person().login(),
                        m.role(),
                        m.person().id().equals(place.person().id())))
            .toList());
    model.addAttribute(
        "mine",
        memberships.ofPerson(place.person().login()).stream().map(Membership::collection).toList());
    model.addAttribute(
        "fields",
        List.of(
            FieldView.of(form, "name", "Name", "text", "", ""),
            FieldView.of(form, "login", "Sign-in", "text", "", ""),
            FieldView.of(
                form, "password", "First password", "password", "", "at least 10 characters"),
            FieldView.select(
                form,
                "role",
                "Role",
                Arrays.stream(Role.values())
                    .map(r -> new FieldView.Option(r.name(), r.word()))
                    .toList())));
    return "collection/collection";
  }
}
