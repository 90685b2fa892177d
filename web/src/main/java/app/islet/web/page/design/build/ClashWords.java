package app.islet.web.page.design.build;

import app.islet.web.base.support.Messages;
import java.util.List;
import java.util.Locale;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/** What two keepers changed at once, as a sentence to compare by. */
final class ClashWords {
  private static final Pattern CHOICE = Pattern.compile("[A-Z_]{2,}");
  private static final int MAX = 6;

  private ClashWords() {}

  static String sentence(List<FormMerge.Clash> clashes) {
    String all =
        clashes.stream()
            .limit(MAX)
            .map(
                c ->
                    Messages.text(
                        "design.clash", label(c.field()), value(c.theirs()), value(c.mine())))
            .collect(Collectors.joining("; "));
    String more = clashes.size() > MAX ? Messages.text("design.clash-more") : "";
    return Messages.text("design.clashes", all + more);
  }

  private static String label(String field) {
    String key = "field.design." + field;
    return switch (field) {
      case "parts" -> Messages.text("design.clash-parts");
      case "layers" -> Messages.text("design.clash-layers");
      case "points" -> Messages.text("design.clash-points");
      default -> FormRows.label(field).or(() -> Messages.find(key)).orElse(field);
    };
  }

  private static String value(String value) {
    if (value.isEmpty()) {
      return Messages.text("design.clash-none");
    }
    return CHOICE.matcher(value).matches()
        ? value.toLowerCase(Locale.ROOT).replace('_', ' ')
        : value;
  }
}
