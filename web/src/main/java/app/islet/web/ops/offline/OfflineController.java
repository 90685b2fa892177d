package app.islet.web.ops.offline;

import app.islet.web.base.support.Messages;
import app.islet.web.people.account.People;
import app.islet.web.people.account.Person;
import app.islet.web.people.collection.CollectionContext;
import java.security.Principal;
import java.util.List;
import java.util.Map;
import org.springframework.security.web.csrf.CsrfToken;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** What a browser asks for so that the rounds work without a network. */
@RestController
class OfflineController {
  private static final String PAPER = "#f4f1e9";
  private static final String ACCENT = "#1f5f6b";

  private final People people;

  OfflineController(People people) {
    this.people = people;
  }

  /**
   * Who is signed in, and the token that what they send must carry.
   *
   * @param person their number, so that nobody sends what somebody else has kept
   */
  record Visit(long person, String header, String token) {}

  @GetMapping("/offline/visit")
  Visit visit(Principal principal, CsrfToken token) {
    Person person = people.find(principal.getName()).orElseThrow();
    return new Visit(person.id(), token.getHeaderName(), token.getToken());
  }

  /** How the rounds of a collection are installed on a home screen (W3C Web App Manifest). */
  @GetMapping(value = "/c/{collection}/app.webmanifest", produces = "application/manifest+json")
  Map<String, Object> manifest(CollectionContext context) {
    return Map.of(
        "id",
        context.path("/rounds"),
        "name",
        Messages.text("offline.name", context.collection().name()),
        "short_name",
        "Islet",
        "start_url",
        context.path("/rounds"),
        "scope",
        "/",
        "display",
        "standalone",
        "background_color",
        PAPER,
        "theme_color",
        ACCENT,
        "icons",
        List.of(icon(192, "any"), icon(512, "any"), icon(512, "maskable")));
  }

  private static Map<String, String> icon(int side, String purpose) {
    String name = purpose.equals("maskable") ? "islet-maskable" : "islet";
    return Map.of(
        "src",
        "/icons/%s-%d.png".formatted(name, side),
        "sizes",
        "%dx%d".formatted(side, side),
        "type",
        "image/png",
        "purpose",
        purpose);
  }
}
