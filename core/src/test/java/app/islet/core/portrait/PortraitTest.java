package app.islet.core.portrait;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * Nothing the core says of a sample changes unseen. A line that differs is a figure or a sentence
 * that was changed: on purpose, then {@link Portraits} draws it anew and the difference is read
 * through; or not.
 */
class PortraitTest {
  static List<String> samples() throws IOException {
    return Portraits.samples();
  }

  @ParameterizedTest
  @MethodSource("samples")
  void is_what_it_was(String sample) throws IOException {
    assertThat(Portraits.drawn(sample)).isEqualTo(Portraits.kept(sample));
  }
}
