package app.islet.core.geometry;

/** The connected pieces of water, numbered from 1; 0 where there is none. */
final class WaterBodies {
  private final int[] name;
  private int count;
  private int cells;

  private WaterBodies(int cells) {
    this.name = new int[cells];
  }

  static WaterBodies of(Grid grid) {
    WaterBodies basins = new WaterBodies(grid.cells());
    int[] waiting = new int[grid.cells()];
    for (int start = 0; start < grid.cells(); start++) {
      if (grid.wet(start) && basins.name[start] == 0) {
        basins.flood(grid, start, waiting);
      }
    }
    return basins;
  }

  private void flood(Grid grid, int start, int[] waiting) {
    int piece = ++count;
    name[start] = piece;
    waiting[0] = start;
    int left = 1;
    while (left > 0) {
      int at = waiting[--left];
      cells++;
      for (int d = 0; d < 4; d++) {
        int next = grid.beside(at, d);
        if (next >= 0 && name[next] == 0 && grid.wet(next)) {
          name[next] = piece;
          waiting[left++] = next;
        }
      }
    }
  }

  int count() {
    return count;
  }

  /** Cells with water over them, of all pieces. */
  int cells() {
    return cells;
  }

  int at(int cell) {
    return name[cell];
  }
}
