package app.islet.web.account;

import app.islet.web.support.FormReader;
import java.util.Locale;

/** What a sign-in and a password must look like. */
public final class Logins {
  private Logins() {}

  public static String read(FormReader form) {
    String login = form.typed("login").toLowerCase(Locale.ROOT);
    if (!login.matches("[a-z0-9._-]{3,60}")) {
      form.refuse(
          "login", "A sign-in has 3 to 60 small letters, digits, points, hyphens or underscores.");
    }
    return login;
  }

  public static String password(FormReader form) {
    String password = form.typed("password");
    if (password.length() < 10 || password.length() > 72) {
      form.refuse("password", "A password has 10 to 72 characters; a few words in a row are good.");
    }
    return password;
  }
}
