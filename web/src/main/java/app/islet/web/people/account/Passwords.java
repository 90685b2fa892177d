package app.islet.web.people.account;

import java.time.Clock;
import java.time.Duration;
import java.util.Optional;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** New passwords: by whoever knows the old one, or by a one-time link. */
@Service
public class Passwords {
  private static final Logger LOG = LoggerFactory.getLogger(Passwords.class);
  private static final Duration LINK_LASTS = Duration.ofHours(24);

  private final PersonRepository people;
  private final PasswordResetRepository resets;
  private final RecoveryCodeRepository recovery;
  private final PasswordEncoder hashes;
  private final Visits visits;
  private final Clock clock;

  Passwords(
      PersonRepository people,
      PasswordResetRepository resets,
      RecoveryCodeRepository recovery,
      PasswordEncoder hashes,
      Visits visits,
      Clock clock) {
    this.people = people;
    this.resets = resets;
    this.recovery = recovery;
    this.hashes = hashes;
    this.visits = visits;
    this.clock = clock;
  }

  /**
   * Changes a password, and signs them out everywhere but here.
   *
   * @return false if the old one is wrong; then nothing is changed
   */
  @Transactional
  public boolean change(String login, String old, String password, String here) {
    Person person = people.findByLogin(login).orElseThrow();
    if (!hashes.matches(old, person.passwordHash())) {
      return false;
    }
    person.setPasswordHash(hashes.encode(password));
    people.saveAndFlush(person);
    visits.endOthers(login, here);
    LOG.info("Password of person {} changed", person.id());
    return true;
  }

  /** Whether a password is somebody's. */
  public boolean isOf(Person person, String password) {
    return hashes.matches(password, person.passwordHash());
  }

  /** Makes an account one that nobody signs in with any more, under a name that is nobody's. */
  @Transactional
  public void forget(long personId, String name) {
    Person person = people.findById(personId).orElseThrow();
    String login = person.login();
    person.forget("left-" + personId, name, hashes.encode(Tokens.make()), clock.instant());
    people.saveAndFlush(person);
    recovery.deleteByPersonId(personId);
    visits.endAll(login);
  }

  /** Makes a link to a new password for somebody; answers the end of its address. */
  @Transactional
  public String link(long personId, long madeBy) {
    String token = Tokens.make();
    resets.saveAndFlush(
        new PasswordReset(Tokens.hash(token), personId, madeBy, clock.instant().plus(LINK_LASTS)));
    LOG.info("A link to a new password for person {} was made by person {}", personId, madeBy);
    return token;
  }

  /** Whose new password it is; empty once the link was used or is a day old. */
  @Transactional(readOnly = true)
  public Optional<Person> whose(String token) {
    return resets
        .findById(Tokens.hash(token))
        .filter(reset -> reset.isOpen(clock.instant()))
        .flatMap(reset -> people.findById(reset.personId()));
  }

  /**
   * Sets a new password by a link, once, and signs them out everywhere.
   *
   * @return empty if the link is of no use any more
   */
  @Transactional
  public Optional<Person> set(String token, String password) {
    Optional<PasswordReset> reset =
        resets.lock(Tokens.hash(token)).filter(r -> r.isOpen(clock.instant()));
    Optional<Person> person = reset.flatMap(r -> people.findById(r.personId()));
    person.ifPresent(
        p -> {
          reset.get().use(clock.instant());
          p.setPasswordHash(hashes.encode(password));
          people.saveAndFlush(p);
          visits.endAll(p.login());
          LOG.info("Password of person {} set by a link", p.id());
        });
    return person;
  }
}
