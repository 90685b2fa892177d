package app.islet.web.fuzz;

import java.util.List;
import java.util.Random;
import java.util.function.UnaryOperator;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;

/**
 * Spoils a text as a slip, a half-saved file or an ill-meaning sender would; the same for the same
 * seed.
 */
final class Mutator {
  private static final int MAX_SLIPS = 4;
  private static final Pattern NUMBER = Pattern.compile("-?\\d+(\\.\\d+)?");
  private static final Pattern WORD = Pattern.compile("[A-Za-z][A-Za-z-]+");

  /** Numbers at the ends of what a machine can hold, and beyond. */
  private static final List<String> NUMBERS =
      List.of(
          "0",
          "-1",
          "1e308",
          "1e400",
          "-1e-320",
          "NaN",
          "Infinity",
          "0x1F",
          "2147483648",
          "9223372036854775808",
          "0.30000000000000004",
          "1,5",
          "١٢",
          "1_000",
          "1e5",
          "999999999",
          "0.000001",
          "-0");

  /** What is text elsewhere than one thinks, or means something to a parser. */
  private static final List<String> WORDS =
      List.of(
          "",
          " ",
          "null",
          "true",
          "~",
          "\u0000",
          "\uFEFF",
          "\uD800",
          "\u202Eabc",
          "🦎",
          "İı",
          "<script>",
          "' or 1=1 --",
          "=1+1",
          "&a [*a, *a]",
          "!!java.util.Date 1",
          "{{7*7}}",
          "${7*7}",
          "../../etc",
          "2026-02-30",
          "0000-01-01",
          "+999999999-12-31",
          "2026-03-29T02:30:00",
          "\t",
          "\"",
          "'",
          "\\",
          "a".repeat(3000),
          "[".repeat(500),
          "{\"a\":".repeat(300));

  private final Random random;

  Mutator(long seed) {
    this.random = new Random(seed);
  }

  <T> T oneOf(List<T> list) {
    return list.get(random.nextInt(list.size()));
  }

  int below(int bound) {
    return random.nextInt(bound);
  }

  String spoiled(String text) {
    String spoiled = text;
    for (int slips = 1 + random.nextInt(MAX_SLIPS); slips > 0; slips--) {
      spoiled = slip(spoiled);
    }
    return spoiled;
  }

  /** A value to send where another was. */
  String value(String old) {
    return switch (random.nextInt(4)) {
      case 0 -> oneOf(NUMBERS);
      case 1 -> oneOf(WORDS);
      case 2 -> spoiled(old);
      default -> old;
    };
  }

  private String slip(String text) {
    return switch (random.nextInt(10)) {
      case 0, 1, 2 -> one(NUMBER, text, old -> oneOf(NUMBERS));
      case 3, 4 -> one(WORD, text, old -> oneOf(WORDS));
      case 5 -> swapped(text);
      case 6 -> text.substring(0, at(text));
      case 7 -> lines(text);
      case 8 -> cut(text);
      default -> new StringBuilder(text).insert(at(text), oneOf(WORDS)).toString();
    };
  }

  private int at(String text) {
    return random.nextInt(text.length() + 1);
  }

  private String one(Pattern pattern, String text, UnaryOperator<String> other) {
    List<MatchResult> found = pattern.matcher(text).results().toList();
    if (found.isEmpty()) {
      return text;
    }
    MatchResult one = oneOf(found);
    return text.substring(0, one.start()) + other.apply(one.group()) + text.substring(one.end());
  }

  /** A word in the place of another of the same text: the right kind, the wrong place. */
  private String swapped(String text) {
    List<MatchResult> found = WORD.matcher(text).results().toList();
    return found.isEmpty() ? text : one(WORD, text, old -> oneOf(found).group());
  }

  /** A line gone, or there twice. */
  private String lines(String text) {
    List<String> lines = new java.util.ArrayList<>(List.of(text.split("\n", -1)));
    int line = random.nextInt(lines.size());
    if (random.nextBoolean()) {
      lines.remove(line);
    } else {
      lines.add(random.nextInt(lines.size()), lines.get(line));
    }
    return String.join("\n", lines);
  }

  private String cut(String text) {
    int from = at(text);
    return text.substring(0, from)
        + text.substring(Math.min(text.length(), from + 1 + random.nextInt(20)));
  }
}
