package app.islet.web.base.drawing;

import java.util.function.IntUnaryOperator;

/**
 * Cells of one kind joined to regions, each drawn as its outline along the cells' edges: a drawing
 * of thousands of cells stays small, and no seam shows between them.
 *
 * <p>Outlines run round a region clockwise and round a hole in it the other way, so both rules of
 * filling leave the hole open.
 */
final class Regions {
  private static final int RIGHT = 0;
  private static final int DOWN = 1;
  private static final int LEFT = 2;
  private static final int UP = 3;

  private final int columns;
  private final int rows;
  private final int[] kinds;
  private final byte[][] edges;

  /**
   * @param count how many kinds there are
   * @param kindOf kind of each cell, from 0, row after row; negative for one that is not drawn
   */
  Regions(int columns, int rows, int count, IntUnaryOperator kindOf) {
    this.columns = columns;
    this.rows = rows;
    this.kinds = new int[columns * rows];
    for (int at = 0; at < kinds.length; at++) {
      kinds[at] = kindOf.applyAsInt(at);
    }
    this.edges = new byte[count][(columns + 1) * (rows + 1)];
    findEdges();
  }

  /** The outlines of a kind as path data, a cell being 1 by 1; empty where there is none. */
  String outline(int kind) {
    byte[] left = edges[kind].clone();
    StringBuilder path = new StringBuilder();
    for (int corner = 0; corner < left.length; corner++) {
      if ((left[corner] & 1 << RIGHT) != 0) {
        trace(left, corner, path);
      }
    }
    return path.toString();
  }

  /** The middle cell of the longest row of cells of a kind; -1 where there is none. */
  int middle(int kind) {
    int longest = 0;
    int middle = -1;
    for (int j = 0; j < rows; j++) {
      int run = 0;
      for (int i = 0; i < columns; i++) {
        run = kinds[j * columns + i] == kind ? run + 1 : 0;
        if (run > 0 && run >= longest) {
          longest = run;
          middle = j * columns + i - run / 2;
        }
      }
    }
    return middle;
  }

  /**
   * Notes for each corner of the cells and each kind, in which directions an edge leaves it, as
   * bits: where two cells beside each other differ, both have an edge there.
   */
  private void findEdges() {
    for (int j = 0; j <= rows; j++) {
      for (int i = 0; i <= columns; i++) {
        int here = kindAt(i, j);
        int above = kindAt(i, j - 1);
        int before = kindAt(i - 1, j);
        if (here != above) {
          note(here, corner(i, j), RIGHT);
          note(above, corner(i + 1, j), LEFT);
        }
        if (here != before) {
          note(here, corner(i, j + 1), UP);
          note(before, corner(i, j), DOWN);
        }
      }
    }
  }

  private void note(int kind, int corner, int direction) {
    if (kind >= 0) {
      edges[kind][corner] |= (byte) (1 << direction);
    }
  }

  /** Follows one outline from its edge to the right, and takes its edges away. */
  private void trace(byte[] edges, int start, StringBuilder path) {
    path.append('M').append(start % (columns + 1)).append(' ').append(start / (columns + 1));
    int at = start;
    int direction = RIGHT;
    int steps = 0;
    do {
      if (at != start || direction != RIGHT) {
        edges[at] &= (byte) ~(1 << direction);
      }
      at += step(direction);
      steps++;
      int next = turn(edges[at], direction);
      if (next != direction) {
        path.append(direction == RIGHT || direction == LEFT ? 'h' : 'v')
            .append(direction == RIGHT || direction == DOWN ? steps : -steps);
        direction = next;
        steps = 0;
      }
    } while (at != start || direction != RIGHT);
    edges[start] &= (byte) ~(1 << RIGHT);
    path.append('z');
  }

  /** Where two outlines touch in a corner, each turns right, so that none crosses itself. */
  private static int turn(byte leaving, int direction) {
    for (int turn : new int[] {1, 0, 3}) {
      int next = (direction + turn) % 4;
      if ((leaving & 1 << next) != 0) {
        return next;
      }
    }
    throw new IllegalStateException("an outline that ends");
  }

  private int step(int direction) {
    return switch (direction) {
      case RIGHT -> 1;
      case DOWN -> columns + 1;
      case LEFT -> -1;
      default -> -columns - 1;
    };
  }

  private int corner(int i, int j) {
    return i + j * (columns + 1);
  }

  private int kindAt(int i, int j) {
    return i >= 0 && j >= 0 && i < columns && j < rows ? kinds[j * columns + i] : -1;
  }
}
