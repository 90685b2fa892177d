package app.islet.web.base.drawing;

/** Dishes sunk into the land. */
final class SectionDishes extends SectionLayer {
  SectionDishes(SectionSheet sheet) {
    super(sheet);
  }

  @Override
  void draw() {
    if (geometry.dryLandCm2() == 0) {
      return;
    }
    for (SunkDish sunk : SunkDish.of(enclosure)) {
      double ground = groundAt(sunk.xCm());
      if (ground > geometry.lineCm() || !geometry.hasWater()) {
        svg.empty(
            "rect",
            "class",
            "s-water",
            "x",
            x(sunk.leftCm()),
            "y",
            y(ground),
            "width",
            sunk.sideCm() * scale,
            "height",
            Math.min(sunk.dish().depthCm(), ground) * scale);
      }
    }
  }
}
