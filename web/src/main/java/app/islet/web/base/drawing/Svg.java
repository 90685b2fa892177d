package app.islet.web.base.drawing;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;

/**
 * Writes SVG. Numbers have at most two places and a point, so that a drawing repeats byte for byte.
 */
final class Svg {
  private static final double MAX = 1e9;

  /** What XML 1.0 does not allow: a file with it is none. */
  private static final Pattern NOT_XML =
      Pattern.compile("[^\\t\\n\\r\\x{20}-\\x{D7FF}\\x{E000}-\\x{FFFD}\\x{10000}-\\x{10FFFF}]");

  private final StringBuilder out = new StringBuilder(2048);

  /** A drawing of its own that begins at the corner, for the style of {@code css}. */
  static Svg drawing(double width, double height, String css, Object... attributes) {
    return drawing("0 0 %s %s".formatted(number(width), number(height)), css, attributes);
  }

  /** The same of another part of the plane. */
  static Svg drawing(String viewBox, String css, Object... attributes) {
    List<Object> all = new ArrayList<>();
    all.addAll(List.of("xmlns", "http://www.w3.org/2000/svg", "viewBox", viewBox, "class", css));
    all.addAll(List.of(attributes));
    return new Svg().open("svg", all.toArray());
  }

  Svg open(String element, Object... attributes) {
    return tag(element, attributes, ">");
  }

  Svg empty(String element, Object... attributes) {
    return tag(element, attributes, "/>");
  }

  Svg close(String element) {
    out.append("</").append(element).append('>');
    return this;
  }

  Svg text(String text, Object... attributes) {
    open("text", attributes);
    out.append(escape(text));
    return close("text");
  }

  Svg element(String element, String text) {
    out.append('<').append(element).append('>').append(escape(text));
    return close(element);
  }

  /** Puts in what was written by another of these. */
  Svg raw(String svg) {
    out.append(svg);
    return this;
  }

  private Svg tag(String element, Object[] attributes, String end) {
    out.append('<').append(element);
    for (int i = 0; i < attributes.length; i += 2) {
      Object value = attributes[i + 1];
      out.append(' ')
          .append(attributes[i])
          .append("=\"")
          .append(value instanceof Number n ? number(n.doubleValue()) : escape(value.toString()))
          .append('"');
    }
    out.append(end);
    return this;
  }

  static String number(double value) {
    if (!(Math.abs(value) < MAX)) {
      throw new IllegalArgumentException("no place in a drawing: " + value);
    }
    long hundredths = Math.round(value * 100);
    long size = Math.abs(hundredths);
    StringBuilder text = new StringBuilder(8);
    if (hundredths < 0) {
      text.append('-');
    }
    text.append(size / 100);
    if (size % 100 != 0) {
      text.append('.').append(size % 100 / 10);
      if (size % 10 != 0) {
        text.append(size % 10);
      }
    }
    return text.toString();
  }

  private static String escape(String text) {
    return NOT_XML
        .matcher(text)
        .replaceAll("")
        .replace("&", "&amp;")
        .replace("<", "&lt;")
        .replace(">", "&gt;")
        .replace("\"", "&quot;");
  }

  @Override
  public String toString() {
    return out.toString();
  }
}
