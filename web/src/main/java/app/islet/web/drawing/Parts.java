package app.islet.web.drawing;

import app.islet.core.enclosure.Part;
import app.islet.core.enclosure.PartKind;

import java.util.Locale;
import java.util.function.DoubleUnaryOperator;

/** How each kind of part is drawn, from the side and from above. */
final class Parts {
    private Parts() {}

    private static String classes(Part part) {
        return "s-part s-"
                + part.kind().name().toLowerCase(Locale.ROOT).replace('_', '-')
                + (part.locked() ? " s-locked" : "");
    }

    /** From the side; what floats lies on the line. */
    static void section(
            Svg svg, Part part, double lineCm, DoubleUnaryOperator x, DoubleUnaryOperator y) {
        double left = x.applyAsDouble(part.xCm());
        double right = x.applyAsDouble(part.xCm() + part.lengthCm());
        double topCm =
                part.topAt(part.risesLeft() ? part.xCm() : part.xCm() + part.lengthCm(), lineCm);
        double top = y.applyAsDouble(topCm);
        double bottom = y.applyAsDouble(part.kind().floats() ? lineCm - 1 : part.bottomCm());
        svg.open("g", "class", classes(part), "data-part", part.id());
        if (part.kind() == PartKind.RAMP) {
            double high = part.risesLeft() ? left : right;
            double low = part.risesLeft() ? right : left;
            svg.empty(
                    "path",
                    "d",
                    path("M%s %sL%s %sL%s %sZ", low, bottom, high, top, high, top + 8));
        } else if (part.kind() == PartKind.PLANTS) {
            plants(svg, left, right, top, bottom);
        } else if (part.kind() == PartKind.CAVE) {
            double wall = Math.min(8, (right - left) / 6);
            svg.empty(
                    "path",
                    "d",
                    path(
                            "M%s %sV%sQ%s %s %s %sQ%s %s %s %sV%sH%sV%sH%sV%sZ",
                            left,
                            bottom,
                            (top + bottom) / 2,
                            left,
                            top,
                            (left + right) / 2,
                            top,
                            right,
                            top,
                            right,
                            (top + bottom) / 2,
                            bottom,
                            right - wall,
                            (top + 2 * bottom) / 3,
                            left + wall,
                            bottom));
        } else {
            double round = part.round() ? Math.min(right - left, bottom - top) / 2.2 : 2;
            svg.empty(
                    "rect",
                    "x",
                    left,
                    "y",
                    top,
                    "width",
                    right - left,
                    "height",
                    bottom - top,
                    "rx",
                    round);
        }
        svg.close("g");
    }

    /** Stems that end just under their top, always the same for the same plants. */
    private static void plants(Svg svg, double left, double right, double top, double bottom) {
        int stems = (int) Math.max(2, Math.min(14, (right - left) / 9));
        StringBuilder d = new StringBuilder();
        for (int n = 0; n < stems; n++) {
            double at = left + (right - left) * (n + 0.5) / stems;
            double lean = (n % 2 == 0 ? 5 : -5);
            double end = top + (n % 3) * (bottom - top) * 0.06;
            d.append(
                    path("M%s %sQ%s %s %s %s", at, bottom, at + lean, (end + bottom) / 2, at, end));
        }
        svg.empty(
                "rect",
                "class",
                "s-grip",
                "x",
                left,
                "y",
                top,
                "width",
                right - left,
                "height",
                bottom - top);
        svg.empty("path", "class", "s-stems", "d", d.toString());
    }

    /** From above. */
    static void plan(Svg svg, Part part, DoubleUnaryOperator x, DoubleUnaryOperator y) {
        double left = x.applyAsDouble(part.xCm());
        double right = x.applyAsDouble(part.xCm() + part.lengthCm());
        double back = y.applyAsDouble(part.yCm());
        double front = y.applyAsDouble(part.yCm() + part.widthCm());
        svg.open("g", "class", classes(part), "data-part", part.id());
        if (part.round()) {
            svg.empty(
                    "ellipse",
                    "cx",
                    (left + right) / 2,
                    "cy",
                    (back + front) / 2,
                    "rx",
                    (right - left) / 2,
                    "ry",
                    (front - back) / 2);
        } else {
            svg.empty(
                    "rect",
                    "x",
                    left,
                    "y",
                    back,
                    "width",
                    right - left,
                    "height",
                    front - back,
                    "rx",
                    2);
        }
        if (part.kind() == PartKind.RAMP) {
            double high = part.risesLeft() ? left + 6 : right - 6;
            double low = part.risesLeft() ? right - 6 : left + 6;
            double tip = part.risesLeft() ? high + 7 : high - 7;
            double middle = (back + front) / 2;
            svg.empty(
                    "path",
                    "class",
                    "s-arrow",
                    "d",
                    path(
                            "M%s %sH%sM%s %sL%s %sL%s %s",
                            low, middle, high, tip, middle - 5, high, middle, tip, middle + 5));
        }
        svg.close("g");
    }

    private static String path(String pattern, double... numbers) {
        Object[] words = new Object[numbers.length];
        for (int n = 0; n < numbers.length; n++) {
            words[n] = Svg.number(numbers[n]);
        }
        return pattern.formatted(words);
    }
}
