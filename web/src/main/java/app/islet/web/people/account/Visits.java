package app.islet.web.people.account;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpSession;
import java.time.Duration;
import java.time.Instant;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.springframework.session.FindByIndexNameSessionRepository;
import org.springframework.session.Session;
import org.springframework.stereotype.Service;

/** Where somebody is signed in, also for what outlives a request. */
@Service
public class Visits {
  /** The browser of a visit, as it names itself. */
  private static final String BROWSER = "browser";

  private static final int LONGEST_NAME = 200;

  private final FindByIndexNameSessionRepository<? extends Session> sessions;

  Visits(FindByIndexNameSessionRepository<? extends Session> sessions) {
    this.sessions = sessions;
  }

  /**
   * A visit.
   *
   * @param id which is secret: whoever has it is signed in
   */
  record Visit(String id, String browser, Instant began, Instant seen) {}

  /** Writes down which browser it is, at sign-in. */
  static void remember(HttpServletRequest request) {
    String name = Optional.ofNullable(request.getHeader("User-Agent")).orElse("");
    request
        .getSession()
        .setAttribute(BROWSER, name.substring(0, Math.min(LONGEST_NAME, name.length())));
  }

  /**
   * How long ago a visit began, as it is seen now. Spring Session goes by the machine's clock,
   * which no test can set, so nothing of a visit is compared with another.
   */
  static Duration lasted(HttpSession visit) {
    return Duration.ofMillis(visit.getLastAccessedTime() - visit.getCreationTime());
  }

  /** Where somebody is signed in, the one seen last first. */
  List<Visit> of(String login) {
    return sessions.findByPrincipalName(login).values().stream()
        .map(
            s ->
                new Visit(
                    s.getId(),
                    Optional.ofNullable(s.<String>getAttribute(BROWSER)).orElse(""),
                    s.getCreationTime(),
                    s.getLastAccessedTime()))
        .sorted(Comparator.comparing(Visit::seen).reversed())
        .toList();
  }

  /** Signs somebody out everywhere but here. */
  void endOthers(String login, String here) {
    of(login).stream().map(Visit::id).filter(id -> !id.equals(here)).forEach(sessions::deleteById);
  }

  /** Signs somebody out everywhere. */
  public void endAll(String login) {
    endOthers(login, "");
  }

  /**
   * Notes that the visitor was seen just now.
   *
   * @return false if the visit is over
   */
  public boolean seen(String visit) {
    return seen(sessions, visit);
  }

  private <S extends Session> boolean seen(FindByIndexNameSessionRepository<S> in, String id) {
    S visit = in.findById(id);
    if (visit == null) {
      return false;
    }
    visit.setLastAccessedTime(Instant.now());
    in.save(visit);
    return true;
  }
}
