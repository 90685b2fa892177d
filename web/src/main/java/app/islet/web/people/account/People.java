package app.islet.web.people.account;

import app.islet.core.quantity.UnitSystem;
import java.time.Clock;
import java.util.Collection;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Those who sign in. */
@Service
public class People {
  /** No password has it. */
  private static final String NO_HASH = "none";

  private final PersonRepository people;
  private final PasswordEncoder passwords;
  private final Clock clock;

  People(PersonRepository people, PasswordEncoder passwords, Clock clock) {
    this.people = people;
    this.passwords = passwords;
    this.clock = clock;
  }

  /** Whether anybody can sign in yet. */
  @Transactional(readOnly = true)
  public boolean any() {
    return people.count() > 0;
  }

  @Transactional(readOnly = true)
  public Optional<Person> find(String login) {
    return people.findByLogin(login);
  }

  /** What somebody is called; empty where nobody has that number. */
  @Transactional(readOnly = true)
  public Optional<String> name(long id) {
    return people.findById(id).map(Person::name);
  }

  /** What these people are called, by their numbers. */
  @Transactional(readOnly = true)
  public Map<Long, String> names(Collection<Long> ids) {
    return ids.isEmpty()
        ? Map.of()
        : people.findAllById(ids).stream().collect(Collectors.toMap(Person::id, Person::name));
  }

  @Transactional
  public Person register(String login, String name, String password) {
    return people.saveAndFlush(new Person(login, name, passwords.encode(password)));
  }

  /** Somebody who entered something elsewhere: a name that nobody signs in with. */
  @Transactional
  public Person named(String name) {
    Person person = people.saveAndFlush(new Person("name-" + Tokens.make(), name, NO_HASH));
    person.forget("name-" + person.id(), name, NO_HASH, clock.instant());
    return people.saveAndFlush(person);
  }

  /** From now on the first page leads them there. */
  @Transactional
  public void liveIn(String login, long collectionId) {
    people.findByLogin(login).orElseThrow().livesIn(collectionId);
  }

  @Transactional
  public void prefer(String login, UnitSystem units, Person.Theme theme) {
    people.findByLogin(login).orElseThrow().prefer(units, theme);
  }
}
