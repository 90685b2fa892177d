package app.islet.web.base.drawing;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.Map;
import java.util.Objects;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * The drawings as one SVG file that needs nothing of the application: the page's own styles in its
 * light colours, written in.
 */
public final class DrawingFile {
  private static final Pattern TOKEN = Pattern.compile("(--[a-z0-9-]+):\\s*([^;]+);");
  private static final Pattern USE = Pattern.compile("var\\((--[a-z0-9-]+)\\)");
  private static final Pattern SIZE =
      Pattern.compile("viewBox=\"0 0 ([0-9.]+) ([0-9.]+)\" width=\"[0-9.]+\"");
  private static final String STYLE = style();

  private DrawingFile() {}

  public static String write(String section, String plan) {
    double width = sizeOf(section, 1);
    double first = sizeOf(section, 2);
    double second = sizeOf(plan, 2);
    Svg svg =
        new Svg()
            .open(
                "svg",
                "xmlns",
                "http://www.w3.org/2000/svg",
                "viewBox",
                "0 0 %s %s".formatted(Svg.number(width), Svg.number(first + second)),
                "width",
                width,
                "height",
                first + second,
                "class",
                "workbench no-depth")
            .element("style", STYLE)
            .raw(Textures.patterns())
            .raw(placed(section, 0, width, first))
            .raw(placed(plan, first, width, second));
    return svg.close("svg").toString();
  }

  private static String placed(String drawing, double y, double width, double height) {
    return SIZE.matcher(drawing)
        .replaceFirst("viewBox=\"0 0 $1 $2\"")
        .replaceFirst(
            "<svg ",
            "<svg y=\"%s\" width=\"%s\" height=\"%s\" "
                .formatted(Svg.number(y), Svg.number(width), Svg.number(height)));
  }

  private static double sizeOf(String drawing, int which) {
    Matcher matcher = SIZE.matcher(drawing);
    if (!matcher.find()) {
      throw new IllegalArgumentException("a drawing without a size");
    }
    return Double.parseDouble(matcher.group(which));
  }

  private static String style() {
    String tokens = resource("tokens.css");
    Map<String, String> values = new HashMap<>();
    int root = tokens.indexOf(":root {");
    Matcher token = TOKEN.matcher(tokens.substring(root, tokens.indexOf('}', root)));
    while (token.find()) {
      values.put(token.group(1), token.group(2));
    }
    return USE.matcher(resource("section.css"))
        .replaceAll(use -> Matcher.quoteReplacement(values.get(use.group(1))));
  }

  private static String resource(String name) {
    try (InputStream in = DrawingFile.class.getResourceAsStream("/static/css/" + name)) {
      return new String(Objects.requireNonNull(in, name).readAllBytes(), StandardCharsets.UTF_8);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
