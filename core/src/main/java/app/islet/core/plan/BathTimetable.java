package app.islet.core.plan;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;

/**
 * A bath of several crabs, minute by minute: the smallest first, so that the water only gets
 * deeper; while one batch dries the next one bathes. Common practice, no source.
 *
 * @param session how long it takes in all
 */
public record BathTimetable(BathSession session, List<Batch> batches) {
  /** Not again before so many days; the slime it lives behind must grow back. */
  private static final int NOT_BEFORE_DAYS = 7;

  private static final int AIM_DAYS = 10;

  /**
   * Some that bathe together.
   *
   * @param bathers by name, the smallest first
   * @param depthCm of the water: up to the back of the smallest of them
   * @param startMin after the begin of the session
   */
  public record Batch(
      List<String> bathers, double depthCm, double startMin, double outMin, double dryMin) {
    public Batch {
      bathers = List.copyOf(bathers);
    }
  }

  /**
   * Whoever is bathed.
   *
   * @param heightCm of its body
   */
  public record Bather(String name, double heightCm) {}

  public BathTimetable {
    batches = List.copyOf(batches);
  }

  /**
   * @param bathers one and more, in any order
   * @param atOnce 1 and more
   */
  public static BathTimetable of(List<Bather> bathers, int atOnce, double bathMin, double dryMin) {
    List<Bather> inOrder = new ArrayList<>(bathers);
    inOrder.sort((a, b) -> Double.compare(a.heightCm(), b.heightCm()));
    List<Batch> batches = new ArrayList<>();
    for (int from = 0; from < inOrder.size(); from += atOnce) {
      List<Bather> some = inOrder.subList(from, Math.min(inOrder.size(), from + atOnce));
      double start = batches.size() * bathMin;
      batches.add(
          new Batch(
              some.stream().map(Bather::name).toList(),
              some.get(0).heightCm(),
              start,
              start + bathMin,
              start + bathMin + dryMin));
    }
    return new BathTimetable(BathSession.of(bathers.size(), atOnce, bathMin, dryMin), batches);
  }

  /** The first day on which the next one may be. */
  public static LocalDate notBefore(LocalDate last) {
    return last.plusDays(NOT_BEFORE_DAYS);
  }

  /** The day by which it is aimed at. */
  public static LocalDate aimBy(LocalDate last) {
    return last.plusDays(AIM_DAYS);
  }
}
