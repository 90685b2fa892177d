package app.islet.web.people.account;

import org.springframework.security.core.AuthenticationException;

/** The password is right; a code is wanted besides. */
final class SecondStepWantedException extends AuthenticationException {
  private static final long serialVersionUID = 1;

  private final String login;
  private final String passwordSeal;

  SecondStepWantedException(String login, String passwordSeal) {
    super("a code is wanted");
    this.login = login;
    this.passwordSeal = passwordSeal;
  }

  /** Tells whether the password is still the one that was right. */
  String passwordSeal() {
    return passwordSeal;
  }

  String login() {
    return login;
  }
}
