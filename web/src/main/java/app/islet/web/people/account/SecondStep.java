package app.islet.web.people.account;

import java.time.Clock;
import java.util.List;
import java.util.OptionalLong;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** A code besides the password, for those who want it: of an app, or one that was written down. */
@Service
public class SecondStep {
  private static final Logger LOG = LoggerFactory.getLogger(SecondStep.class);

  private final PersonRepository people;
  private final RecoveryCodeRepository recovery;
  private final Visits visits;
  private final Clock clock;

  SecondStep(PersonRepository people, RecoveryCodeRepository recovery, Visits visits, Clock clock) {
    this.people = people;
    this.recovery = recovery;
    this.visits = visits;
    this.clock = clock;
  }

  /**
   * What somebody puts into the app and writes down, before it counts.
   *
   * @param secret for the app
   * @param recovery codes to be written down
   */
  record Offer(String secret, List<String> recovery) {
    static Offer make() {
      return new Offer(AppCodes.newSecret(), RecoveryCode.make());
    }

    /** Whether it is one of ours: it has been with a browser meanwhile. */
    boolean isSound() {
      return AppCodes.isSecret(secret) && RecoveryCode.areCodes(recovery);
    }
  }

  /** Whether somebody signs in with it. */
  @Transactional(readOnly = true)
  public boolean isOn(String login) {
    return people.findByLogin(login).flatMap(Person::stepSecret).isPresent();
  }

  /** How many of the codes that were written down are still of use. */
  @Transactional(readOnly = true)
  public int recoveryLeft(Person person) {
    return recovery.countByPersonIdAndUsedAtIsNull(person.id());
  }

  /**
   * Begins once the app shows the right code, and signs them out everywhere but here.
   *
   * @return false if the code is not the app's, or another app is in use already
   */
  @Transactional
  boolean begin(String login, Offer offer, String typed, String here) {
    Person person = people.lock(login).orElseThrow();
    if (person.stepSecret().isPresent()) {
      return person.stepSecret().get().equals(offer.secret());
    }
    if (!offer.isSound()) {
      return false;
    }
    OptionalLong step = AppCodes.step(offer.secret(), plain(typed), clock.instant());
    if (step.isEmpty()) {
      return false;
    }
    person.beginStep(offer.secret(), step.getAsLong());
    recovery.deleteByPersonId(person.id());
    offer.recovery().forEach(code -> recovery.save(new RecoveryCode(code, person.id())));
    visits.endOthers(login, here);
    LOG.info("Person {} signs in with a second step from now on", person.id());
    return true;
  }

  /**
   * Whether somebody typed a code that is right and was never used; it is used now.
   *
   * @param passwordSeal hash of what is kept of the password that was right a moment ago: with a
   *     new one it is to be typed anew
   */
  @Transactional
  boolean passes(String login, String passwordSeal, String typed) {
    Person person = people.lock(login).orElseThrow();
    if (person.isDisabled() || !Tokens.hash(person.passwordHash()).equals(passwordSeal)) {
      return false;
    }
    OptionalLong step =
        person
            .stepSecret()
            .map(secret -> AppCodes.step(secret, plain(typed), clock.instant()))
            .orElse(OptionalLong.empty());
    if (step.isPresent()) {
      return person.useStep(step.getAsLong());
    }
    return recovery
        .findByCodeHashAndPersonIdAndUsedAtIsNull(RecoveryCode.hash(typed), person.id())
        .map(
            code -> {
              code.use(clock.instant());
              LOG.info("Person {} signed in with a recovery code", person.id());
              return true;
            })
        .orElse(false);
  }

  /** From now on the password is enough. */
  @Transactional
  public void end(String login) {
    Person person = people.lock(login).orElseThrow();
    person.endStep();
    recovery.deleteByPersonId(person.id());
    LOG.info("Person {} signs in with the password alone from now on", person.id());
  }

  private static String plain(String typed) {
    return typed.replaceAll("\\s", "");
  }
}
