package app.islet.web.account;

import org.springframework.security.core.AuthenticationException;

/** The password is right; a code is wanted besides. */
final class SecondStepWantedException extends AuthenticationException {
  private static final long serialVersionUID = 1;

  private final String login;

  SecondStepWantedException(String login) {
    super("a code is wanted");
    this.login = login;
  }

  String login() {
    return login;
  }
}
