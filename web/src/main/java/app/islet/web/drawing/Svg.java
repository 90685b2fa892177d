package app.islet.web.drawing;

import java.math.BigDecimal;
import java.math.RoundingMode;

/**
 * Writes SVG. Numbers have at most two places and a point, so that a drawing repeats byte for byte.
 */
final class Svg {
    private final StringBuilder out = new StringBuilder(2048);

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

    private Svg tag(String element, Object[] attributes, String end) {
        out.append('<').append(element);
        for (int i = 0; i < attributes.length; i += 2) {
            Object value = attributes[i + 1];
            out.append(' ')
                    .append(attributes[i])
                    .append("=\"")
                    .append(
                            value instanceof Number n
                                    ? number(n.doubleValue())
                                    : escape(value.toString()))
                    .append('"');
        }
        out.append(end);
        return this;
    }

    static String number(double value) {
        String text =
                BigDecimal.valueOf(value)
                        .setScale(2, RoundingMode.HALF_UP)
                        .stripTrailingZeros()
                        .toPlainString();
        return text.equals("-0") ? "0" : text;
    }

    private static String escape(String text) {
        return text.replace("&", "&amp;")
                .replace("<", "&lt;")
                .replace(">", "&gt;")
                .replace("\"", "&quot;");
    }

    @Override
    public String toString() {
        return out.toString();
    }
}
