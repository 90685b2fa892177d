package app.islet.web.base.drawing;

import app.islet.web.base.support.Ids;
import java.util.Set;
import java.util.regex.MatchResult;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Pieces of a drawing that a page may have already, each a group with a name and a sign of what is
 * in it: what stands as it stood need not be sent, read and drawn again with every move of a hand.
 */
public final class UnchangedGroups {
  private static final Pattern GROUP =
      Pattern.compile(
          "<g data-key=\"([a-z-]+)\" data-says=\"([0-9a-f]+)\">.*?</g><!--\\1-->", Pattern.DOTALL);

  private UnchangedGroups() {}

  /** Writes what was drawn as such a group. */
  static String group(String name, Svg drawn) {
    String content = drawn.toString();
    return "<g data-key=\"%s\" data-says=\"%s\">%s</g><!--%s-->"
        .formatted(name, Ids.ofContent(content), content, name);
  }

  /** The drawing with only the names of the groups whose signs are among those given. */
  public static String leftOut(String drawing, Set<String> signs) {
    return GROUP
        .matcher(drawing)
        .replaceAll(
            group ->
                Matcher.quoteReplacement(
                    signs.contains(group.group(2)) ? stub(group) : group.group()));
  }

  private static String stub(MatchResult group) {
    return "<g data-key=\"%s\" data-same=\"\"></g>".formatted(group.group(1));
  }
}
