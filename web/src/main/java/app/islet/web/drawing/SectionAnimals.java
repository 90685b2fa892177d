package app.islet.web.drawing;

import app.islet.core.animal.Resident;
import app.islet.core.care.Habitat;

/** Those who live there, at their size. */
final class SectionAnimals extends SectionLayer {
  private static final int MOST_ANIMALS_DRAWN = 12;

  SectionAnimals(SectionSheet sheet) {
    super(sheet);
  }

  @Override
  void draw() {
    int drawn = 0;
    for (Resident resident : assessment.residents()) {
      for (int i = 0; i < resident.count() && drawn < MOST_ANIMALS_DRAWN; i++) {
        animal(resident, drawn++);
      }
    }
  }

  /**
   * Spread by a fixed pattern: land animals over the land, the others through the water, some
   * basking.
   */
  private void animal(Resident resident, int index) {
    Silhouette shape = Silhouette.of(resident.sheet().group());
    double size = resident.bodyCm();
    double shore = geometry.shoreX();
    double length = enclosure.vessel().lengthCm();
    boolean basks =
        resident.stage().needs().basking().isPresent()
            && index == 0
            && (enclosure.platform().isPresent() || hasLand());
    boolean onLand = hasLand() && (resident.stage().habitat() == Habitat.LAND || basks);
    double share = ((index * 0.382) % 1) * 0.8 + 0.1;
    double at;
    double foot;
    if (onLand) {
      at = shore + (length - shore) * (0.35 + 0.55 * share);
      foot = groundAt(at);
    } else if (basks) {
      at =
          Math.min(
              length - size / 2,
              platformX(enclosure.platform().orElseThrow().lengthCm())
                  + enclosure.platform().orElseThrow().lengthCm() / 2);
      foot = geometry.lineCm() + 2;
    } else {
      double room = geometry.hasWater() ? shore : length;
      at = Math.min(room - size / 2, Math.max(size / 2, room * share));
      double free = Math.max(0, geometry.lineCm() - groundAt(at) - size * shape.height());
      foot = groundAt(at) + free * (index % 3) * 0.3;
    }
    if (resident.stage().hatch().isPresent()) {
      double r = Math.max(1, size * scale / 2);
      svg.empty(
          "circle",
          "class",
          "s-animal",
          "cx",
          Svg.number(x(at)),
          "cy",
          Svg.number(y(foot) - r),
          "r",
          Svg.number(r));
      return;
    }
    double k = size * scale;
    svg.empty(
        "path",
        "class",
        "s-animal",
        "d",
        shape.path(),
        "transform",
        "translate(%s %s) scale(%s %s)"
            .formatted(
                Svg.number(x(at)),
                Svg.number(y(foot)),
                Svg.number(index % 2 == 0 ? k : -k),
                Svg.number(k)));
  }
}
