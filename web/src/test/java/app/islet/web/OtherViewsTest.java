package app.islet.web;

import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;

/** The other half of {@link ViewsTest}. */
@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class OtherViewsTest {
  @Test
  void the_pages_between_can_be_read_by_everybody() {
    ViewsTest.readable(1);
  }
}
