package app.islet.web.base.drawing;

import app.islet.core.animal.Resident;
import app.islet.core.care.Habitat;
import app.islet.core.enclosure.Land;

/** Those who live there, at their size, doing what they do there. */
final class SectionAnimals extends SectionLayer {
  private static final int MAX_ANIMALS_DRAWN = 12;

  SectionAnimals(SectionSheet sheet) {
    super(sheet);
  }

  @Override
  void draw() {
    int drawn = 0;
    for (Resident resident : assessment.residents()) {
      for (int i = 0; i < resident.count() && drawn < MAX_ANIMALS_DRAWN; i++) {
        animal(resident, drawn++);
      }
    }
  }

  /** Where one is drawn. */
  private record At(double xCm, double footCm, Silhouette.Pose pose) {}

  /**
   * Spread by a fixed pattern: land animals over the land, the others through the water, some
   * basking.
   */
  private void animal(Resident resident, int index) {
    double share = ((index * 0.382) % 1) * 0.8 + 0.1;
    boolean basks =
        resident.stage().needs().basking().isPresent()
            && index == 0
            && (enclosure.platform().isPresent() || hasLand());
    boolean onLand = hasLand() && (resident.stage().habitat() == Habitat.LAND || basks);
    At at =
        onLand
            ? onLand(share)
            : basks ? onPlatform(resident.bodyCm()) : inWater(resident, index, share);
    if (resident.stage().hatch().isPresent()) {
      egg(resident, at);
    } else {
      AnimalPicture.draw(
          svg,
          Silhouette.of(resident, at.pose),
          x(at.xCm),
          y(at.footCm),
          resident.bodyCm() * scale,
          index % 2 == 0);
    }
  }

  private At onLand(double share) {
    double shore = geometry.shoreX();
    double at = shore + (enclosure.vessel().lengthCm() - shore) * (0.35 + 0.55 * share);
    boolean litter = enclosure.land().filter(Land::litter).isPresent();
    double foot = groundAt(at) + (litter ? SectionSubstrate.LITTER_CM : 0);
    return new At(at, foot, Silhouette.Pose.STANDS);
  }

  private At onPlatform(double size) {
    double wide = enclosure.platform().orElseThrow().lengthCm();
    double at = Math.min(enclosure.vessel().lengthCm() - size / 2, platformX(wide) + wide / 2);
    return new At(at, geometry.lineCm() + 2, Silhouette.Pose.STANDS);
  }

  private At inWater(Resident resident, int index, double share) {
    double size = resident.bodyCm();
    double room = geometry.hasWater() ? geometry.shoreX() : enclosure.vessel().lengthCm();
    double at = Math.min(room - size / 2, Math.max(size / 2, room * share));
    double tall = size * Silhouette.of(resident, Silhouette.Pose.SWIMS).height();
    double free = Math.max(0, geometry.lineCm() - groundAt(at) - tall);
    boolean swims = index % 3 != 0 && free > 0;
    return new At(
        at,
        groundAt(at) + free * (index % 3) * 0.3,
        swims ? Silhouette.Pose.SWIMS : Silhouette.Pose.STANDS);
  }

  private void egg(Resident resident, At at) {
    double r = Math.max(1, resident.bodyCm() * scale / 2);
    svg.empty(
        "circle",
        "class",
        "s-animal",
        "cx",
        Svg.number(x(at.xCm)),
        "cy",
        Svg.number(y(at.footCm) - r),
        "r",
        Svg.number(r));
  }
}
