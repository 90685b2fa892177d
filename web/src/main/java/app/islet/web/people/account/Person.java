package app.islet.web.people.account;

import app.islet.core.quantity.UnitSystem;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import java.time.Instant;
import java.util.Locale;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** Somebody who signs in. */
@Entity
public class Person {
  @Id
  @GeneratedValue(strategy = GenerationType.IDENTITY)
  private Long id;

  private String login;
  private String name;
  private String passwordHash;

  @Enumerated(EnumType.STRING)
  private UnitSystem units;

  @Enumerated(EnumType.STRING)
  private Theme theme;

  private @Nullable Instant disabledAt;
  private @Nullable Long homeCollectionId;
  private @Nullable String stepSecret;
  private @Nullable Long stepUsed;

  /** For Hibernate only. */
  protected Person() {}

  public Person(String login, String name, String passwordHash) {
    this.login = login.toLowerCase(Locale.ROOT);
    this.name = name;
    this.passwordHash = passwordHash;
    this.units = UnitSystem.METRIC;
    this.theme = Theme.AUTO;
  }

  /** How the pages look: by the system, or always light, dark, or dim and red for dark rooms. */
  public enum Theme {
    AUTO,
    LIGHT,
    DARK,
    NIGHT
  }

  public void prefer(UnitSystem newUnits, Theme newTheme) {
    this.units = newUnits;
    this.theme = newTheme;
  }

  void setPasswordHash(String hash) {
    this.passwordHash = hash;
  }

  /** Nothing of who it was is left. */
  void forget(String nobody, String newName, String hash, Instant now) {
    this.login = nobody;
    this.name = newName;
    this.passwordHash = hash;
    this.disabledAt = now;
    this.homeCollectionId = null;
    endStep();
  }

  /** Their app's secret, where they sign in with a second step. */
  Optional<String> stepSecret() {
    return Optional.ofNullable(stepSecret);
  }

  /**
   * @param step the half minute whose code they have shown
   */
  void beginStep(String secret, long step) {
    this.stepSecret = secret;
    this.stepUsed = step;
  }

  void endStep() {
    this.stepSecret = null;
    this.stepUsed = null;
  }

  /** Uses a half minute's code; false if it, or a later one, was used before. */
  boolean useStep(long step) {
    if (stepUsed != null && step <= stepUsed) {
      return false;
    }
    stepUsed = step;
    return true;
  }

  /** The collection the first page leads to. */
  void livesIn(@Nullable Long collectionId) {
    this.homeCollectionId = collectionId;
  }

  public Optional<Long> homeCollectionId() {
    return Optional.ofNullable(homeCollectionId);
  }

  /** Whether whoever runs the machine has closed the account. */
  public boolean isDisabled() {
    return disabledAt != null;
  }

  public Long id() {
    return id;
  }

  public String login() {
    return login;
  }

  public String name() {
    return name;
  }

  public String passwordHash() {
    return passwordHash;
  }

  public UnitSystem units() {
    return units;
  }

  public Theme theme() {
    return theme;
  }
}
