package app.islet.web.base.drawing;

import app.islet.core.enclosure.Dish;
import app.islet.core.enclosure.Enclosure;
import java.util.ArrayList;
import java.util.List;

/**
 * A dish sunk into the ground, where it is drawn: where its keeper said it lies, else side by side
 * along the middle; as large as said, else as a common bowl.
 *
 * @param sideCm across, as if it were square
 */
record SunkDish(Dish dish, double xCm, double yCm, double sideCm) {
  /** A bowl as it is sold; common practice, no source. */
  private static final double COMMON_SIDE_CM = 10;

  static List<SunkDish> of(Enclosure e) {
    List<Dish> dishes = e.furnishings().dishes();
    List<SunkDish> all = new ArrayList<>();
    for (int i = 0; i < dishes.size(); i++) {
      Dish dish = dishes.get(i);
      double share = (i + 1.0) / (dishes.size() + 1);
      double most = Math.min(e.vessel().lengthCm(), e.vessel().widthCm());
      all.add(
          new SunkDish(
              dish,
              Math.min(e.vessel().lengthCm(), dish.xCm().orElse(share * e.vessel().lengthCm())),
              Math.min(e.vessel().widthCm(), dish.yCm().orElse(e.vessel().widthCm() / 2)),
              Math.min(
                  most,
                  dish.areaCm2().isPresent()
                      ? Math.sqrt(dish.areaCm2().getAsDouble())
                      : COMMON_SIDE_CM)));
    }
    return all;
  }

  double leftCm() {
    return xCm - sideCm / 2;
  }
}
