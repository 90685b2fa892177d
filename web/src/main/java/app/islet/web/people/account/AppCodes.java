package app.islet.web.people.account;

import com.eatthepath.otp.TimeBasedOneTimePasswordGenerator;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.security.InvalidKeyException;
import java.security.Key;
import java.time.Instant;
import java.util.OptionalLong;
import java.util.stream.LongStream;
import javax.crypto.spec.SecretKeySpec;
import org.apache.commons.codec.binary.Base32;

/**
 * The six digits that an app shows for half a minute.
 *
 * @see "RFC 6238, TOTP: SHA-1, 6 digits, 30 s, which every such app knows"
 */
final class AppCodes {
  /** As long as a hash of SHA-1, which RFC 4226 recommends. */
  private static final int SECRET_BYTES = 20;

  /** Clocks of phones are off by a little, and typing takes time. */
  private static final int STEPS_OFF = 1;

  private static final TimeBasedOneTimePasswordGenerator CODES =
      new TimeBasedOneTimePasswordGenerator();

  private AppCodes() {}

  /** A new secret, as an app takes it: 32 letters and digits. */
  static String newSecret() {
    return new Base32().encodeToString(Tokens.random(SECRET_BYTES));
  }

  static boolean isSecret(String text) {
    return text.matches("[A-Z2-7]{32}");
  }

  /** What a phone reads from the picture; the form is the one that such apps share. */
  static String address(String login, String secret) {
    return "otpauth://totp/Islet:%s?secret=%s&issuer=Islet"
        .formatted(URLEncoder.encode(login, StandardCharsets.UTF_8), secret);
  }

  /** The code that is right at a time. */
  static String at(String secret, Instant time) {
    Key key = new SecretKeySpec(new Base32().decode(secret), CODES.getAlgorithm());
    try {
      return CODES.generateOneTimePasswordString(key, time);
    } catch (InvalidKeyException e) {
      throw new IllegalStateException("any bytes are a key", e);
    }
  }

  /** The number of the half minute whose code was typed, if it is this one or one beside it. */
  static OptionalLong step(String secret, String typed, Instant now) {
    long seconds = CODES.getTimeStep().toSeconds();
    long current = now.getEpochSecond() / seconds;
    return LongStream.rangeClosed(current - STEPS_OFF, current + STEPS_OFF)
        .filter(step -> at(secret, Instant.ofEpochSecond(step * seconds)).equals(typed))
        .findFirst();
  }
}
