package app.islet.web.page.design.build;

import app.islet.core.enclosure.FurnishingKind;
import java.util.List;
import java.util.stream.Stream;

/** What can be put into an enclosure, by what belongs together. */
record Tray(String words, List<FurnishingKind> kinds) {
  static final List<Tray> GROUPS = Stream.of(FurnishingKind.Group.values()).map(Tray::of).toList();

  private static Tray of(FurnishingKind.Group group) {
    return new Tray(
        group.words(),
        Stream.of(FurnishingKind.values()).filter(kind -> kind.group() == group).toList());
  }
}
