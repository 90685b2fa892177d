package app.islet.core.geometry;

/** Cells waiting to be looked at, first come first served, without a box around each. */
final class CellQueue {
  private int[] cells;
  private int head;
  private int size;

  CellQueue(int capacity) {
    cells = new int[Math.max(16, capacity)];
  }

  void add(int cell) {
    if (size == cells.length) {
      int[] larger = new int[2 * size];
      for (int n = 0; n < size; n++) {
        larger[n] = cells[(head + n) % cells.length];
      }
      cells = larger;
      head = 0;
    }
    int end = head + size++;
    cells[end < cells.length ? end : end - cells.length] = cell;
  }

  int poll() {
    int cell = cells[head];
    head = head + 1 == cells.length ? 0 : head + 1;
    size--;
    return cell;
  }

  int size() {
    return size;
  }

  boolean isEmpty() {
    return size == 0;
  }
}
