package app.islet.web.base.drawing;

import app.islet.core.care.SubstrateMaterial;
import java.util.Map;
import org.springframework.stereotype.Component;

/**
 * What grounds look like close to, and the hatching of what is laid over a drawing, so that they
 * are told apart without colour, in print too: as patterns, once a page, for all drawings on it.
 */
@Component
public class Textures {
  private static final Map<SubstrateMaterial, String> NAMES =
      Map.of(
          SubstrateMaterial.SAND, "t-sand",
          SubstrateMaterial.BLACK_SAND, "t-sand",
          SubstrateMaterial.GRAVEL, "t-gravel",
          SubstrateMaterial.LARGE_STONES, "t-stones",
          SubstrateMaterial.SOIL, "t-soil",
          SubstrateMaterial.COCONUT_AND_SAND, "t-fibre",
          SubstrateMaterial.MOSS, "t-moss",
          SubstrateMaterial.LEAF_LITTER, "t-litter",
          SubstrateMaterial.DRAINAGE, "t-balls",
          SubstrateMaterial.MESH, "t-mesh");

  private static final String DEFS =
      new Svg()
          .open("defs")
          .raw(
              pattern(
                  "t-sand",
                  14,
                  10,
                  "<g class=\"x-dark\"><circle cx=\"2\" cy=\"2\" r=\".7\"/><circle cx=\"9\" cy=\"4\" r=\".6\"/><circle cx=\"5\" cy=\"7\" r=\".8\"/><circle cx=\"12\" cy=\"8.5\" r=\".6\"/></g>"))
          .raw(
              pattern(
                  "t-gravel",
                  22,
                  14,
                  "<g class=\"x-pebble\"><ellipse cx=\"5\" cy=\"4\" rx=\"4\" ry=\"2.8\"/><ellipse cx=\"14.5\" cy=\"3.5\" rx=\"4.4\" ry=\"2.6\"/><ellipse cx=\"10\" cy=\"10\" rx=\"4.2\" ry=\"3\"/><ellipse cx=\"19\" cy=\"10.5\" rx=\"3\" ry=\"2.4\"/><ellipse cx=\"2\" cy=\"11\" rx=\"2.4\" ry=\"2\"/></g>"))
          .raw(
              pattern(
                  "t-stones",
                  44,
                  28,
                  "<g class=\"x-pebble\"><path d=\"M3 12C4 3 18 2 21 8C23 14 14 17 8 16Z\"/><path d=\"M25 7C30 1 41 3 42 9C41 15 30 16 26 13Z\"/><path d=\"M10 22C15 17 29 18 31 23C28 28 14 28 10 22Z\"/></g>"))
          .raw(
              pattern(
                  "t-soil",
                  26,
                  18,
                  "<g class=\"x-dark\"><path d=\"M3 4l2-1 1 2-2 1z\"/><path d=\"M15 3l3 .5-1 2z\"/><path d=\"M9 12l2-1 1 1.5-2 1z\"/><path d=\"M21 14l2-1 .5 2z\"/></g><g class=\"x-light\"><circle cx=\"10\" cy=\"6\" r=\".8\"/><circle cx=\"20\" cy=\"8\" r=\".7\"/><circle cx=\"4\" cy=\"14\" r=\".8\"/></g>"))
          .raw(
              pattern(
                  "t-fibre",
                  26,
                  14,
                  "<g class=\"x-line\"><path d=\"M2 3l6 1\"/><path d=\"M12 7l5-3\"/><path d=\"M4 11l5-2\"/><path d=\"M19 11l5 1\"/><path d=\"M21 3l3 2\"/></g>"))
          .raw(
              pattern(
                  "t-moss",
                  16,
                  12,
                  "<g class=\"x-leaf\"><path d=\"M2 9q1-5 3-6M5 9q0-4 2-6M10 11q1-4 4-6M13 8q0-3 2-5\"/></g>"))
          .raw(
              pattern(
                  "t-litter",
                  34,
                  14,
                  "<g class=\"x-litter\"><path d=\"M2 8q5-6 11-2q-5 5-11 2z\"/><path d=\"M16 4q6-3 10 1q-5 4-10-1z\"/><path d=\"M18 12q6-4 12-1q-6 4-12 1z\"/></g>"))
          .raw(
              pattern(
                  "t-balls",
                  22,
                  20,
                  "<g class=\"x-ball\"><circle cx=\"5.5\" cy=\"5\" r=\"4.6\"/><circle cx=\"16.5\" cy=\"5\" r=\"4.9\"/><circle cx=\"11\" cy=\"15\" r=\"4.7\"/><circle cx=\"0\" cy=\"15\" r=\"4.7\"/><circle cx=\"22\" cy=\"15\" r=\"4.7\"/></g>"))
          .raw(pattern("t-mesh", 6, 6, "<path class=\"x-line\" d=\"M0 0l6 6M6 0l-6 6\"/>"))
          .raw(
              pattern(
                  "t-reached",
                  12,
                  12,
                  "<circle class=\"x-well\" cx=\"3\" cy=\"3\" r=\"1.3\"/><circle class=\"x-well\" cx=\"9\" cy=\"9\" r=\"1.3\"/>"))
          .raw(pattern("t-rest", 10, 8, "<path class=\"x-rest\" d=\"M0 4h10\"/>"))
          .raw(
              pattern(
                  "t-trapped",
                  12,
                  12,
                  "<path class=\"x-danger\" d=\"M0 12L12 0M-3 3L3 -3M9 15L15 9\"/>"))
          .raw(pattern("t-uv-1", 14, 14, "<path class=\"x-uv\" d=\"M0 14L14 0\"/>"))
          .raw(pattern("t-uv-2", 8, 8, "<path class=\"x-uv\" d=\"M0 8L8 0\"/>"))
          .raw(pattern("t-uv-3", 6, 6, "<path class=\"x-danger\" d=\"M0 6L6 0M0 0L6 6\"/>"))
          .raw(pattern("t-current-0", 18, 12, "<path class=\"x-flow\" d=\"M2 6h3\"/>"))
          .raw(pattern("t-current-1", 12, 9, "<path class=\"x-flow\" d=\"M2 4h4\"/>"))
          .raw(pattern("t-current-2", 8, 6, "<path class=\"x-flow\" d=\"M1 3h5\"/>"))
          .raw(pattern("t-depth-1", 16, 16, "<path class=\"x-depth\" d=\"M0 8h16\"/>"))
          .raw(pattern("t-depth-2", 10, 10, "<path class=\"x-depth\" d=\"M0 5h10\"/>"))
          .raw(pattern("t-depth-3", 6, 6, "<path class=\"x-depth\" d=\"M0 3h6\"/>"))
          .raw(
              "<linearGradient id=\"t-water\" x1=\"0\" y1=\"0\" x2=\"0\" y2=\"1\">"
                  + "<stop class=\"x-water-1\" offset=\"0\"/>"
                  + "<stop class=\"x-water-2\" offset=\"1\"/></linearGradient>")
          .close("defs")
          .toString();

  private static String pattern(String id, double width, double height, String content) {
    return new Svg()
        .open(
            "pattern", "id", id, "patternUnits", "userSpaceOnUse", "width", width, "height", height)
        .raw(content)
        .close("pattern")
        .toString();
  }

  /** The patterns themselves, for a page or a file. */
  public String defs() {
    return DEFS;
  }

  static String patterns() {
    return DEFS;
  }

  /** What fills an area with that ground; nothing for a bare floor. */
  static String fill(SubstrateMaterial material) {
    String name = NAMES.get(material);
    return name == null ? "none" : "url(#" + name + ")";
  }
}
