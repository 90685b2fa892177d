package app.islet.web.base.finding;

import app.islet.core.enclosure.Change;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Collectors;

/** The numbers of a remedy as one hidden field: {@code /water/depthCm=10;/land/rampCm=5}. */
public final class RemedyText {
  private RemedyText() {}

  public static String write(List<Change> changes) {
    return changes.stream()
        .map(change -> change.field() + "=" + change.value())
        .collect(Collectors.joining(";"));
  }

  /**
   * @throws IllegalArgumentException if it is not of that form
   */
  public static List<Change> read(String text) {
    return text.isEmpty()
        ? List.of()
        : Arrays.stream(text.split(";")).map(RemedyText::change).toList();
  }

  private static Change change(String text) {
    String[] parts = text.split("=", 2);
    if (parts.length != 2) {
      throw new IllegalArgumentException("\"%s\" is not of the form field=value".formatted(text));
    }
    return new Change(parts[0], Double.parseDouble(parts[1]));
  }
}
