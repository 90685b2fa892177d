package app.islet.web.people.account;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** How the usual browsers introduce themselves: from memory. */
@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class BrowserNameTest {
  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "Mozilla/5.0 (X11; Linux x86_64; rv:128.0) Gecko/20100101 Firefox/128.0 | Firefox on Linux",
        "Mozilla/5.0 (Windows NT 10.0; Win64; x64) AppleWebKit/537.36 (KHTML, like Gecko) Chrome/126.0.0.0 Safari/537.36 | Chrome on Windows",
        "Mozilla/5.0 (Linux; Android 10; K) AppleWebKit/537.36 (KHTML, like Gecko) Chrome/126.0.0.0 Mobile Safari/537.36 | Chrome Mobile on Android",
        "'' | A browser that does not say which",
        "a keeper's own program | A browser that does not say which",
      })
  void it_is_told_as_one_would_say_it(String sent, String told) {
    assertThat(BrowserName.of(sent)).isEqualTo(told);
  }
}
