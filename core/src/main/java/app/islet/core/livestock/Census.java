package app.islet.core.livestock;

import java.util.List;

/** How many of whom are where, at the end of a day. */
public record Census(List<Line> lines) {
  public Census {
    lines = List.copyOf(lines);
  }

  /**
   * @param count on the books, 1 or more
   * @param atLeast how many of them are sure: fewer where a count saw fewer
   */
  public record Line(String animals, String place, int count, int atLeast) {
    public boolean isSure() {
      return atLeast == count;
    }
  }

  /** Of all of them together. */
  public int heads() {
    return lines.stream().mapToInt(Line::count).sum();
  }

  public int of(String animals) {
    return lines.stream().filter(l -> l.animals().equals(animals)).mapToInt(Line::count).sum();
  }

  public Census at(String place) {
    return new Census(lines.stream().filter(l -> l.place().equals(place)).toList());
  }
}
