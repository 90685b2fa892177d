package app.islet.core.geometry;

/**
 * The room a body has in the water: what is deep enough to cover it and not taken by what stands in
 * it.
 *
 * @param areaCm2 of the floor under such water
 * @param turnCm side of the largest square of it, in which a body of that length turns round
 * @param runCm its longest straight stretch along or across the vessel
 */
public record SwimmingSpace(double areaCm2, double turnCm, double runCm) {
  static SwimmingSpace of(Grid grid, double bodyHeightCm) {
    int columns = grid.columns();
    int rows = grid.rows();
    // Side of the largest free square that ends in each cell of the row above.
    int[] square = new int[columns + 1];
    int[] down = new int[columns];
    int free = 0;
    int largest = 0;
    int longestAlong = 0;
    int longestDown = 0;
    for (int j = 0; j < rows; j++) {
      int diagonal = 0;
      int along = 0;
      for (int i = 0; i < columns; i++) {
        int above = square[i + 1];
        if (grid.swimCm(grid.at(i, j)) >= bodyHeightCm) {
          int side = 1 + Math.min(diagonal, Math.min(above, square[i]));
          square[i + 1] = side;
          largest = Math.max(largest, side);
          longestAlong = Math.max(longestAlong, ++along);
          longestDown = Math.max(longestDown, ++down[i]);
          free++;
        } else {
          square[i + 1] = 0;
          along = 0;
          down[i] = 0;
        }
        diagonal = above;
      }
    }
    return new SwimmingSpace(
        free * grid.stepX() * grid.stepY(),
        largest * Math.min(grid.stepX(), grid.stepY()),
        Math.max(longestAlong * grid.stepX(), longestDown * grid.stepY()));
  }
}
