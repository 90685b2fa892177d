package app.islet.core.text;

import java.util.regex.Pattern;

/**
 * Words for people, which every browser shows and every database keeps: without control characters,
 * but for tabs and the ends of lines.
 */
public final class PlainText {
  private static final Pattern CONTROL = Pattern.compile("[\\p{Cntrl}&&[^\\t\\r\\n]]");

  private PlainText() {}

  public static boolean isPlain(String text) {
    return !CONTROL.matcher(text).find();
  }

  /** The same without what cannot be written, and which nobody saw. */
  public static String of(String text) {
    return CONTROL.matcher(text).replaceAll("");
  }
}
