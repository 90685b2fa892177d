package app.islet.web.people.account;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.security.SecureRandom;
import java.util.Base64;

/** Ends of secret addresses: made so that nobody guesses them, kept so that nobody reads them. */
public final class Tokens {
  private static final int BYTES = 32;

  /** 36 letters: the whole of its column. */
  private static final int BYTES_OF_VISIT = 27;

  private static final SecureRandom RANDOM = new SecureRandom();

  private Tokens() {}

  public static String make() {
    return make(BYTES);
  }

  /** The secret of a visit, in a cookie. */
  static String ofVisit() {
    return make(BYTES_OF_VISIT);
  }

  private static String make(int bytes) {
    return Base64.getUrlEncoder().withoutPadding().encodeToString(random(bytes));
  }

  /** So many bytes that nobody foresees. */
  static byte[] random(int count) {
    byte[] bytes = new byte[count];
    RANDOM.nextBytes(bytes);
    return bytes;
  }

  /** What is kept of one: SHA-256, which is enough for what is random. */
  public static String hash(String token) {
    try {
      byte[] hash =
          MessageDigest.getInstance("SHA-256").digest(token.getBytes(StandardCharsets.UTF_8));
      return Base64.getUrlEncoder().withoutPadding().encodeToString(hash);
    } catch (NoSuchAlgorithmException e) {
      throw new IllegalStateException("every Java has SHA-256", e);
    }
  }
}
