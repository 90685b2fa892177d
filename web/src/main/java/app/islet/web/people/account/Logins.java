package app.islet.web.people.account;

import app.islet.web.base.support.Form;
import com.nulabinc.zxcvbn.Zxcvbn;
import java.util.List;
import java.util.Locale;

/** What a sign-in and a password must look like. */
public final class Logins {
  private static final int MIN = 10;

  /** Of 0 to 4: found by a program in less than a hundred million guesses is too weak. */
  private static final int STRONG_ENOUGH = 2;

  /** Knows the common passwords, names and words, and how they are varied. */
  private static final Zxcvbn STRENGTH = new Zxcvbn();

  private Logins() {}

  public static String read(Form form) {
    String login = form.typed("login").toLowerCase(Locale.ROOT);
    if (!login.matches("[a-z0-9._-]{3,60}")) {
      form.refuse(
          "login", "A sign-in has 3 to 60 small letters, digits, points, hyphens or underscores.");
    }
    return login;
  }

  /** A new password as it was typed, blanks at its ends too. */
  public static String password(Form form, String... known) {
    String password = form.untouched("password");
    if (password.length() < MIN || !WholePasswords.isWhole(password)) {
      form.refuse(
          "password",
          "A password has 10 to 72 characters, fewer where they are not Latin letters; a few words in a row are good.");
    } else if (STRENGTH.measure(password, List.of(known)).getScore() < STRONG_ENOUGH) {
      form.refuse(
          "password",
          "That is among the first a program would guess. A few words in a row that nobody else would choose are good.");
    }
    return password;
  }
}
