package app.islet.web.base.drawing;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Set;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;

class UnchangedGroupsTest {
  private static final Pattern SIGN = Pattern.compile("data-says=\"([0-9a-f]+)\"");

  /** Two groups with groups in them, as the parts of a drawing are. */
  private static String drawing(String stone, String shelf) {
    return "<svg>"
        + UnchangedGroups.group("plan-parts", part(stone))
        + "<path d=\"M0 0\"/>"
        + UnchangedGroups.group("section-parts", part(shelf))
        + "</svg>";
  }

  private static Svg part(String title) {
    return new Svg().open("g", "class", "s-part").element("title", title).close("g");
  }

  private static Set<String> signs(String drawing) {
    return SIGN.matcher(drawing)
        .results()
        .map((MatchResult sign) -> sign.group(1))
        .collect(Collectors.toSet());
  }

  @Test
  @DisplayName("What a page has already is left out, its name stays")
  void leftOut() {
    String drawing = drawing("Stone 1", "Shelf 1");
    assertThat(UnchangedGroups.leftOut(drawing, signs(drawing)))
        .isEqualTo(
            "<svg><g data-key=\"plan-parts\" data-same=\"\"></g><path d=\"M0 0\"/>"
                + "<g data-key=\"section-parts\" data-same=\"\"></g></svg>");
  }

  @Test
  @DisplayName("What reads otherwise is sent, whatever else the page has")
  void changed() {
    String before = drawing("Stone 1", "Shelf 1");
    String after = drawing("Stone 1", "Shelf 2");
    assertThat(UnchangedGroups.leftOut(after, signs(before)))
        .contains("<g data-key=\"plan-parts\" data-same=\"\"></g>")
        .contains("<title>Shelf 2</title>")
        .doesNotContain("Stone 1");
  }

  @Test
  @DisplayName("A page that has nothing gets all of it, dollars and backslashes as they are")
  void nothingKnown() {
    String drawing = drawing("Stone $1 \\ 2", "Shelf 1");
    assertThat(UnchangedGroups.leftOut(drawing, Set.of(""))).isEqualTo(drawing);
  }
}
