package app.islet.web.account;

import app.islet.web.support.Form;
import java.nio.charset.StandardCharsets;
import java.util.Locale;

/** What a sign-in and a password must look like. */
public final class Logins {
  /** The hash reads no more. */
  private static final int MOST_PASSWORD_BYTES = 72;

  private Logins() {}

  public static String read(Form form) {
    String login = form.typed("login").toLowerCase(Locale.ROOT);
    if (!login.matches("[a-z0-9._-]{3,60}")) {
      form.refuse(
          "login", "A sign-in has 3 to 60 small letters, digits, points, hyphens or underscores.");
    }
    return login;
  }

  public static String password(Form form) {
    String password = form.typed("password");
    if (password.length() < 10
        || password.getBytes(StandardCharsets.UTF_8).length > MOST_PASSWORD_BYTES) {
      form.refuse(
          "password",
          "A password has 10 to 72 characters, fewer where they are not Latin letters; a few words in a row are good.");
    }
    return password;
  }
}
