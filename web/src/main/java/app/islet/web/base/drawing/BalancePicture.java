package app.islet.web.base.drawing;

import java.util.List;

/**
 * All that were begun as one bar: those left by stage, those handed on, those lost by cause. Every
 * part has its words beside it, so that nothing is told by colour alone.
 */
public record BalancePicture(String title, List<Part> parts) {
  private static final double WIDTH = 640;
  private static final double BAR = 44;
  private static final double LINE = 24;
  private static final double TOP = 8;
  private static final double KEY = 16;

  public BalancePicture {
    parts = List.copyOf(parts);
  }

  /** What became of some. */
  public enum Fate {
    LEFT,
    GONE,
    LOST
  }

  public record Part(String words, int count, Fate fate) {
    public static Part left(String words, int count) {
      return new Part(words, count, Fate.LEFT);
    }

    public static Part gone(String words, int count) {
      return new Part(words, count, Fate.GONE);
    }

    public static Part lost(String words, int count) {
      return new Part(words, count, Fate.LOST);
    }
  }

  public String svg() {
    double height = TOP + BAR + 12 + LINE * Math.ceil(parts.size() / 2.0);
    Svg svg = Svg.drawing(WIDTH, height, "balance", "role", "img");
    svg.element("title", title);
    int all = Math.max(1, parts.stream().mapToInt(Part::count).sum());
    double x = 0;
    for (int i = 0; i < parts.size(); i++) {
      Part part = parts.get(i);
      double width = WIDTH * part.count() / all;
      svg.empty("rect", "class", css(part, i), "x", x, "y", TOP, "width", width, "height", BAR);
      if (width > 26) {
        svg.text(
            String.valueOf(part.count()),
            "class",
            "b-number",
            "x",
            x + width / 2,
            "y",
            TOP + BAR / 2 + 7,
            "text-anchor",
            "middle");
      }
      x += width;
      key(svg, part, i);
    }
    return svg.close("svg").toString();
  }

  private void key(Svg svg, Part part, int i) {
    double x = i % 2 == 0 ? 0 : WIDTH / 2;
    double y = TOP + BAR + 12 + LINE * Math.floor(i / 2.0);
    svg.empty("rect", "class", css(part, i), "x", x, "y", y, "width", KEY, "height", KEY);
    svg.text(part.words() + ": " + part.count(), "class", "b-words", "x", x + KEY + 8, "y", y + 14);
  }

  private static String css(Part part, int i) {
    return switch (part.fate()) {
      case LEFT -> "b-left b-shade-" + i % 3;
      case GONE -> "b-gone";
      case LOST -> "b-lost b-shade-" + i % 3;
    };
  }
}
