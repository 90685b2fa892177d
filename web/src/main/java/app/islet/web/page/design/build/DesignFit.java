package app.islet.web.page.design.build;

import app.islet.core.quantity.Quantity;
import app.islet.web.base.support.Form;
import java.util.List;
import java.util.Map;

/** What of a design does not fit into its vessel, or onto one another, beside the field it is. */
final class DesignFit {
  /** Half of what the last figure typed is worth, cm. */
  private static final double SLACK_CM = 1e-9;

  private final Form form;
  private final DesignTree design;
  private final double heightCm;

  private DesignFit(Form form, DesignTree design) {
    this.form = form;
    this.design = design;
    this.heightCm = number("/vessel", "heightCm");
  }

  static void refuse(Form form, DesignTree design) {
    DesignFit fit = new DesignFit(form, design);
    fit.vessel();
    fit.ground();
    fit.land();
    fit.parts();
  }

  private double number(String place, String name) {
    return design.find(place).map(g -> number(g, name)).orElse(0.0);
  }

  private static double number(Map<String, Object> group, String name) {
    return group.get(name) instanceof Number n ? n.doubleValue() : 0;
  }

  private String text(double cm) {
    return Quantity.cm(cm).text(form.units());
  }

  private void vessel() {
    Map<String, Object> vessel = design.open("/vessel");
    if (vessel.get("floorShare") instanceof Number share
        && share.doubleValue() < 1
        && !List.of("box", "oval").contains(vessel.getOrDefault("shape", "box"))) {
      form.refuse("floorShare", "Only rectangular and oval vessels have sloping sides here.");
    }
  }

  private void ground() {
    double ground = number("/ground", "depthCm");
    double water = number("/water", "depthCm");
    if (ground + water > heightCm + SLACK_CM) {
      form.refuse(
          "depth",
          "Ground and water together would stand %s, above the rim at %s. At most %s over this ground."
              .formatted(
                  text(ground + water), text(heightCm), text(Math.max(0, heightCm - ground))));
    }
    double under =
        FormRows.LAYERS.of(design).stream().mapToDouble(l -> number(l, "thicknessCm")).sum();
    if (under > ground + SLACK_CM) {
      form.refuse(
          "groundDepth",
          "The layers below are %s thick together: the ground with all of them is at least that."
              .formatted(text(under)));
    }
    List<Map<String, Object>> points = FormRows.POINTS.of(design);
    for (int n = 0; n < points.size(); n++) {
      if (ground + number(points.get(n), "riseCm") > heightCm + SLACK_CM) {
        form.refuse(FormRows.POINTS.key(n) + "rise", aboveTheRim("It"));
      }
    }
  }

  private void land() {
    if (number("/land", "heightCm") > heightCm + SLACK_CM) {
      form.refuse("landHeight", aboveTheRim("The land"));
    }
  }

  private void parts() {
    List<Map<String, Object>> parts = FormRows.PARTS.of(design);
    for (int n = 0; n < parts.size(); n++) {
      double bottom = number(parts.get(n), "bottomCm");
      if (number(parts.get(n), "topCm") <= bottom) {
        form.refuse(
            FormRows.PARTS.key(n) + "top",
            "Its top must be above its bottom at %s.".formatted(text(bottom)));
      }
    }
  }

  private String aboveTheRim(String what) {
    return "%s would stand above the rim at %s.".formatted(what, text(heightCm));
  }
}
