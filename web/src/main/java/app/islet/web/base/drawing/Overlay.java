package app.islet.web.base.drawing;

import java.util.function.DoubleUnaryOperator;

/** Something laid over the section, in its own places: cm from the left and over the floor. */
@FunctionalInterface
interface Overlay {
  void draw(Svg svg, DoubleUnaryOperator x, DoubleUnaryOperator y);
}
