package app.islet.web.people.account;

import java.nio.charset.StandardCharsets;
import org.jspecify.annotations.Nullable;
import org.springframework.security.crypto.password.PasswordEncoder;

/** A hash reads 72 bytes; what is longer is no password, instead of being right by its begin. */
record WholePasswords(PasswordEncoder hashes) implements PasswordEncoder {
  static final int MAX_BYTES = 72;

  static boolean isWhole(CharSequence password) {
    return password.toString().getBytes(StandardCharsets.UTF_8).length <= MAX_BYTES;
  }

  @Override
  public @Nullable String encode(@Nullable CharSequence password) {
    return hashes.encode(password);
  }

  @Override
  public boolean matches(@Nullable CharSequence password, @Nullable String hash) {
    return password != null && isWhole(password) && hashes.matches(password, hash);
  }

  @Override
  public boolean upgradeEncoding(@Nullable String hash) {
    return hashes.upgradeEncoding(hash);
  }
}
