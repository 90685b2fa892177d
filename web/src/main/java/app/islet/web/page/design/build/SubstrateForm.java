package app.islet.web.page.design.build;

import app.islet.core.care.SubstrateMaterial;
import app.islet.core.enclosure.Change;
import app.islet.core.enclosure.DesignLimits;
import app.islet.core.enclosure.Enclosure;
import app.islet.core.enclosure.Substrate;
import app.islet.core.enclosure.Substrate.Layer;
import app.islet.core.enclosure.Substrate.Point;
import app.islet.core.quantity.Dimension;
import app.islet.core.quantity.Quantity;
import app.islet.web.base.support.Field;
import app.islet.web.base.support.Fields;
import app.islet.web.base.support.Form;
import app.islet.web.base.support.Messages;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * The ground as a form: its uppermost layer, the layers below as rows {@code l0-}, {@code l1-} from
 * the floor up, and its points as rows {@code g0-}, {@code g1-} from left to right.
 */
final class SubstrateForm {
  private static final String LAYERS = "layers";
  private static final String POINTS = "points";
  private static final int MAX_LAYERS = 10;
  private static final int MAX_POINTS = 50;
  private static final double MIN_LAYER_CM = 0.5;
  private static final double NEW_LAYER_CM = 3;

  private SubstrateForm() {}

  static Map<String, String> typed(Substrate ground) {
    Map<String, String> typed = new LinkedHashMap<>();
    typed.put("material", ground.material().name());
    typed.put("magnetTested", ground.magnetTested() ? "on" : "");
    typed.put(LAYERS, String.valueOf(ground.below().size()));
    for (int n = 0; n < ground.below().size(); n++) {
      typed.put("l" + n + "-material", ground.below().get(n).material().name());
    }
    typed.put(POINTS, String.valueOf(ground.points().size()));
    return typed;
  }

  static Map<String, Quantity> numbers(Substrate ground) {
    Map<String, Quantity> numbers = new LinkedHashMap<>();
    numbers.put("groundDepth", Quantity.cm(ground.depthCm()));
    ground.grainMm().ifPresent(mm -> numbers.put("grain", Quantity.mm(mm)));
    for (int n = 0; n < ground.below().size(); n++) {
      numbers.put("l" + n + "-thickness", Quantity.cm(ground.below().get(n).thicknessCm()));
    }
    for (int n = 0; n < ground.points().size(); n++) {
      numbers.put("g" + n + "-x", Quantity.cm(ground.points().get(n).xCm()));
      numbers.put("g" + n + "-rise", Quantity.cm(ground.points().get(n).riseCm()));
    }
    return numbers;
  }

  /** The ground as typed; a bare one where something in it is refused. */
  static Substrate read(Form form, double heightCm) {
    SubstrateMaterial material =
        form.choice("material", SubstrateMaterial.class, SubstrateMaterial.BARE);
    double depth = form.number("groundDepth", DesignLimits.GROUND_DEPTH);
    var grain = form.optional("grain", DesignLimits.GRAIN);
    List<Layer> below = new ArrayList<>();
    for (int n = 0; n < rows(form, LAYERS, MAX_LAYERS); n++) {
      below.add(
          new Layer(
              form.choice(
                  "l" + n + "-material", SubstrateMaterial.class, SubstrateMaterial.DRAINAGE),
              form.number("l" + n + "-thickness", DesignLimits.LAYER)));
    }
    double under = below.stream().mapToDouble(Layer::thicknessCm).sum();
    if (under > depth + 1e-9) {
      form.refuse(
          "groundDepth",
          "The layers below are %s thick together: the ground with all of them is at least that."
              .formatted(Quantity.cm(under).text(form.units())));
    }
    List<Point> points = new ArrayList<>();
    for (int n = 0; n < rows(form, POINTS, MAX_POINTS); n++) {
      String rise = "g" + n + "-rise";
      Point point =
          new Point(
              form.number("g" + n + "-x", DesignLimits.GROUND_X),
              form.number(rise, DesignLimits.GROUND_RISE));
      if (depth + point.riseCm() > heightCm + 1e-9) {
        form.refuse(
            rise,
            "It would stand above the rim at %s."
                .formatted(Quantity.cm(heightCm).text(form.units())));
      }
      points.add(point);
    }
    return form.hasErrors()
        ? Substrate.NONE
        : new Substrate(material, depth, grain, below, points, form.flag("magnetTested"));
  }

  private static int rows(Form form, String field, int most) {
    return form.whole(field, 0, most, 0);
  }

  static List<Field> fields(Form form) {
    Fields fields = Fields.of(form, "design");
    return List.of(
        fields.select(
            "material", DesignForm.options(SubstrateMaterial.values(), SubstrateMaterial::words)),
        fields.length("groundDepth"),
        fields.number("grain", Dimension.THICKNESS),
        fields.check("magnetTested"));
  }

  static List<FormRow> layers(Form form) {
    Fields fields = Fields.of(form, "layer");
    List<FormRow> rows = new ArrayList<>();
    for (int n = 0; n < rows(form, LAYERS, MAX_LAYERS); n++) {
      String key = "l" + n + "-";
      SubstrateMaterial material =
          form.choice(key + "material", SubstrateMaterial.class, SubstrateMaterial.DRAINAGE);
      rows.add(
          FormRow.of(
              key,
              String.valueOf(n),
              Messages.text("field.layer.title", n + 1, material.words()),
              List.of(
                  fields
                      .row(key)
                      .select(
                          "material",
                          DesignForm.options(
                              Arrays.stream(SubstrateMaterial.values())
                                  .filter(m -> m != SubstrateMaterial.BARE)
                                  .toArray(SubstrateMaterial[]::new),
                              SubstrateMaterial::words)),
                  fields.row(key).length("thickness"))));
    }
    return rows;
  }

  static List<FormRow> points(Form form) {
    Fields fields = Fields.of(form, "point");
    List<FormRow> rows = new ArrayList<>();
    for (int n = 0; n < rows(form, POINTS, MAX_POINTS); n++) {
      String key = "g" + n + "-";
      rows.add(
          FormRow.of(
              key,
              String.valueOf(n),
              Messages.text("field.point.title", n + 1),
              List.of(fields.row(key).length("x"), fields.row(key).length("rise"))));
    }
    return rows;
  }

  /**
   * One more layer under the uppermost, the ground that much thicker: what stands on it and the
   * land rise with it. Where the water would stand over the rim its line stays and it is that much
   * shallower.
   *
   * @throws IllegalArgumentException if the ground fills the vessel
   */
  static Enclosure withLayer(Enclosure e) {
    double rim = e.vessel().heightCm();
    double rises = e.ground().points().stream().mapToDouble(Point::riseCm).max().orElse(0);
    double room = rim - e.ground().depthCm() - rises;
    if (room < MIN_LAYER_CM) {
      throw new IllegalArgumentException("the ground fills the vessel already");
    }
    double thick = Math.min(NEW_LAYER_CM, room);
    double over = Math.max(0, e.waterLineCm() + thick - rim);
    if (over > e.water().depthCm()) {
      throw new IllegalArgumentException("there is no room for a layer under the water");
    }
    Enclosure shallower =
        over > 0
            ? e.with(new Change("/water/depthCm", Math.max(0, e.water().depthCm() - over)))
            : e;
    Substrate g = e.ground();
    List<Layer> below = new ArrayList<>(g.below());
    below.add(new Layer(SubstrateMaterial.DRAINAGE, thick));
    Enclosure layered = shallower.with(g.withDepthCm(g.depthCm() + thick).withBelow(below));
    return lifted(layered, thick);
  }

  /**
   * Land and parts as high over the ground as they were; nothing over the rim that was under it.
   */
  private static Enclosure lifted(Enclosure e, double byCm) {
    double rim = e.vessel().heightCm();
    Enclosure landed =
        e.land()
            .map(l -> e.with(new Change("/land/heightCm", Math.min(rim, l.heightCm() + byCm))))
            .orElse(e);
    return landed.with(
        landed
            .furnishings()
            .withParts(
                landed.furnishings().parts().stream()
                    .map(
                        p ->
                            p.kind().floats() || p.bottomCm() >= rim
                                ? p
                                : p.raised(Math.min(byCm, Math.max(0, rim - p.topCm()))))
                    .toList()));
  }

  /** One layer less, and the ground that much thinner. */
  static Enclosure withoutLayer(Enclosure e, int n) {
    Substrate g = e.ground();
    if (n >= g.below().size()) {
      return e;
    }
    List<Layer> below = new ArrayList<>(g.below());
    double thinner = below.remove(n).thicknessCm();
    return e.with(g.withBelow(below).withDepthCm(g.depthCm() - thinner));
  }

  /** One more point, in the middle of the longest piece without one, or where it was asked. */
  static Enclosure withPoint(Enclosure e, String x, Form form) {
    double length = e.vessel().lengthCm();
    double at = middleOfTheLongest(e);
    if (!x.isEmpty()) {
      Form asked = new Form(Map.of("x", x), form.units());
      at = asked.optional("x", Dimension.LENGTH, 0, length).orElse(at);
    }
    return e.with(e.ground().withPointAt(at, length));
  }

  private static double middleOfTheLongest(Enclosure e) {
    double from = 0;
    double longest = 0;
    double middle = e.vessel().lengthCm() / 2;
    List<Point> points = new ArrayList<>(e.ground().points());
    points.add(new Point(e.vessel().lengthCm(), 0));
    for (Point point : points) {
      if (point.xCm() - from > longest + 1e-9) {
        longest = point.xCm() - from;
        middle = from + longest / 2;
      }
      from = point.xCm();
    }
    return Math.round(middle);
  }

  static Enclosure withoutPoint(Enclosure e, int n) {
    List<Point> points = new ArrayList<>(e.ground().points());
    if (n < points.size()) {
      points.remove(n);
    }
    return e.with(e.ground().withPoints(points));
  }
}
