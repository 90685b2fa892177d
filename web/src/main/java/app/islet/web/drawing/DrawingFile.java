package app.islet.web.drawing;

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
  private static final Pattern HEIGHT = Pattern.compile("viewBox=\"0 0 [0-9.]+ ([0-9.]+)\"");
  private static final String STYLE = style();

  private DrawingFile() {}

  public static String write(String section, String plan) {
    double first = heightOf(section);
    double second = heightOf(plan);
    Svg svg =
        new Svg()
            .open(
                "svg",
                "xmlns",
                "http://www.w3.org/2000/svg",
                "viewBox",
                "0 0 %s %s".formatted(Svg.number(Board.WIDTH), Svg.number(first + second)),
                "width",
                Board.WIDTH,
                "height",
                first + second,
                "class",
                "workbench no-depth")
            .element("style", STYLE)
            .raw(Textures.patterns())
            .raw(placed(section, 0, first))
            .raw(placed(plan, first, second));
    return svg.close("svg").toString();
  }

  private static String placed(String drawing, double y, double height) {
    return drawing.replaceFirst(
        "<svg ",
        "<svg y=\"%s\" width=\"%s\" height=\"%s\" "
            .formatted(Svg.number(y), Svg.number(Board.WIDTH), Svg.number(height)));
  }

  private static double heightOf(String drawing) {
    Matcher matcher = HEIGHT.matcher(drawing);
    if (!matcher.find()) {
      throw new IllegalArgumentException("a drawing without a height");
    }
    return Double.parseDouble(matcher.group(1));
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
