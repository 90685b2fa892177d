package app.islet.web.people.account;

import java.time.Duration;
import java.util.Locale;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.security.authentication.AuthenticationProvider;
import org.springframework.security.authentication.AuthenticationServiceException;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.authentication.dao.DaoAuthenticationProvider;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.AuthenticationException;
import org.springframework.security.core.userdetails.UserDetails;
import org.springframework.security.web.authentication.WebAuthenticationDetails;

/**
 * Looks whether a password is right, but not as often as somebody who guesses would like, and for
 * few at a time: a hash takes a tenth of a second of a processor, which is not the guessers'.
 */
final class GuardedSignIn implements AuthenticationProvider {
  private static final Logger LOG = LoggerFactory.getLogger(GuardedSignIn.class);
  private static final int PATIENCE_S = 5;

  private final DaoAuthenticationProvider passwords;
  private final SignInGuard guard;
  private final SecondStep steps;
  private final Semaphore hashing =
      new Semaphore(Math.max(1, Runtime.getRuntime().availableProcessors() / 2), true);

  GuardedSignIn(DaoAuthenticationProvider passwords, SignInGuard guard, SecondStep steps) {
    this.passwords = passwords;
    this.guard = guard;
    this.steps = steps;
  }

  static String login(String typed) {
    return typed.strip().toLowerCase(Locale.ROOT);
  }

  @Override
  public Authentication authenticate(Authentication asked) {
    String login = login(asked.getName());
    String address =
        asked.getDetails() instanceof WebAuthenticationDetails details
            ? details.getRemoteAddress()
            : "";
    Duration wait = guard.take(login, address);
    if (!wait.isZero()) {
      LOG.warn("Sign-in refused unseen after too many tries, from {}", address);
      throw new TooManyTriesException(wait);
    }
    try {
      Authentication known = hashed(asked);
      if (steps.isOn(login)) {
        guard.half(address);
        throw new SecondStepWantedException(
            login, Tokens.hash(((UserDetails) known.getPrincipal()).getPassword()));
      }
      guard.right(login, address);
      LOG.info("{} signed in, from {}", login, address);
      return known;
    } catch (AuthenticationServiceException | SecondStepWantedException e) {
      throw e;
    } catch (AuthenticationException e) {
      // Not what was typed as a name: people type their password there.
      LOG.warn("Sign-in refused, from {}", address);
      throw e;
    }
  }

  private Authentication hashed(Authentication asked) {
    try {
      if (!hashing.tryAcquire(PATIENCE_S, TimeUnit.SECONDS)) {
        throw new AuthenticationServiceException("too many sign in at once");
      }
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      throw new AuthenticationServiceException("interrupted", e);
    }
    try {
      return passwords.authenticate(asked);
    } finally {
      hashing.release();
    }
  }

  @Override
  public boolean supports(Class<?> kind) {
    return UsernamePasswordAuthenticationToken.class.isAssignableFrom(kind);
  }
}
