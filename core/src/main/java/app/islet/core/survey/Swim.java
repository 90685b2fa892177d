package app.islet.core.survey;

/**
 * The room a body has in the water: what is deep enough to cover it and not taken by what stands in
 * it.
 *
 * @param areaCm2 of the floor under such water
 * @param turnCm side of the largest square of it, in which a body of that length turns round
 * @param runCm its longest straight stretch along or across the vessel
 */
public record Swim(double areaCm2, double turnCm, double runCm) {
    static Swim of(Grid grid, double bodyHeightCm) {
        int columns = grid.columns();
        int rows = grid.rows();
        // Sides of the largest free square that ends in each cell, row by row.
        int[] square = new int[columns + 1];
        int[] down = new int[columns];
        int free = 0;
        int largest = 0;
        double longest = 0;
        for (int j = 0; j < rows; j++) {
            int diagonal = 0;
            int along = 0;
            for (int i = 0; i < columns; i++) {
                int above = square[i + 1];
                boolean swims = swims(grid, grid.at(i, j), bodyHeightCm);
                square[i + 1] = swims ? 1 + Math.min(diagonal, Math.min(above, square[i])) : 0;
                along = swims ? along + 1 : 0;
                down[i] = swims ? down[i] + 1 : 0;
                free += swims ? 1 : 0;
                largest = Math.max(largest, square[i + 1]);
                longest = Math.max(longest, Math.max(along * grid.stepX(), down[i] * grid.stepY()));
                diagonal = above;
            }
        }
        return new Swim(
                free * grid.stepX() * grid.stepY(),
                largest * Math.min(grid.stepX(), grid.stepY()),
                longest);
    }

    private static boolean swims(Grid grid, int at, double bodyHeightCm) {
        boolean free = grid.wet(at) && grid.barCm(at) == 0 && grid.depthCm(at) > 0;
        return free && grid.depthCm(at) >= bodyHeightCm;
    }
}
