package app.islet.web.people.account;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Codes as every app makes them. */
@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class AppCodesTest {
  /** The ASCII text 12345678901234567890 of RFC 6238, in the letters of RFC 4648. */
  private static final String SECRET = "GEZDGNBVGY3TQOJQGEZDGNBVGY3TQOJQ";

  private static final Instant NOW = Instant.ofEpochSecond(1_111_111_111);

  /** RFC 6238, appendix B, SHA-1: the last six of the eight digits there. */
  @ParameterizedTest
  @CsvSource({
    "59, 287082",
    "1111111109, 081804",
    "1111111111, 050471",
    "1234567890, 005924",
    "2000000000, 279037",
    "20000000000, 353130"
  })
  void are_those_of_the_standard(long second, String code) {
    assertThat(AppCodes.at(SECRET, Instant.ofEpochSecond(second))).isEqualTo(code);
  }

  @ParameterizedTest
  @CsvSource({"-60, false", "-30, true", "0, true", "30, true", "60, false"})
  void count_half_a_minute_to_either_side(int seconds, boolean right) {
    String typed = AppCodes.at(SECRET, NOW.plusSeconds(seconds));
    assertThat(AppCodes.step(SECRET, typed, NOW).isPresent()).isEqualTo(right);
  }

  @Test
  void no_two_secrets_are_alike_and_an_app_takes_them() {
    String secret = AppCodes.newSecret();
    assertThat(secret).isNotEqualTo(AppCodes.newSecret());
    assertThat(AppCodes.isSecret(secret)).isTrue();
    assertThat(AppCodes.isSecret(secret.substring(1))).isFalse();
    assertThat(AppCodes.address("ada", SECRET))
        .isEqualTo("otpauth://totp/Islet:ada?secret=" + SECRET + "&issuer=Islet");
  }
}
