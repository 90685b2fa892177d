package app.islet.web.people.collection;

import java.util.regex.Pattern;
import org.springframework.security.access.AccessDeniedException;

/** The pages of whoever helps by a link: the rounds, and what one reads on them. */
final class LinkedPages {
  private static final Pattern PAGE =
      Pattern.compile(
          "/c/[^/]+/(app\\.webmanifest|rounds(/stops(/\\d+)?|/undo|/helper-sheet)?|enclosures/\\d+/change(/undo)?|rearing/(round|undo|(tubs|cards)/\\d+))");

  private LinkedPages() {}

  /**
   * @param path of a request, without the context path
   * @throws AccessDeniedException (403) where it is none of theirs
   */
  static void require(CollectionContext context, String path) {
    if (context.role() == Role.LINKED_HELPER && !PAGE.matcher(path).matches()) {
      throw new AccessDeniedException("a helper by link sees the rounds alone");
    }
  }
}
