package app.islet.web.people.account;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import java.time.Instant;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;
import org.apache.commons.codec.binary.Base32;
import org.jspecify.annotations.Nullable;

/** Lets in once, instead of a code of the app. Only a hash of it is kept. */
@Entity
class RecoveryCode {
  private static final int COUNT = 10;

  /** Nobody guesses that many from their hashes. */
  private static final int BYTES = 15;

  @Id private String codeHash;

  private Long personId;
  private @Nullable Instant usedAt;

  /** For Hibernate only. */
  protected RecoveryCode() {}

  RecoveryCode(String typed, long personId) {
    this.codeHash = hash(typed);
    this.personId = personId;
  }

  /** New ones, in groups of four characters, to be written down. */
  static List<String> make() {
    return Stream.generate(() -> Tokens.random(BYTES))
        .map(bytes -> new Base32().encodeToString(bytes).toLowerCase(Locale.ROOT))
        .map(code -> String.join("-", code.split("(?<=\\G.{4})")))
        .limit(COUNT)
        .toList();
  }

  static boolean areCodes(List<String> codes) {
    return codes.size() == COUNT
        && codes.stream().distinct().count() == COUNT
        && codes.stream().allMatch(c -> c.matches("([a-z2-7]{4}-){5}[a-z2-7]{4}"));
  }

  /** However it was typed: capitals, blanks and hyphens make no difference. */
  static String hash(String typed) {
    return Tokens.hash(typed.toLowerCase(Locale.ROOT).replaceAll("[^a-z2-7]", ""));
  }

  void use(Instant now) {
    usedAt = now;
  }
}
