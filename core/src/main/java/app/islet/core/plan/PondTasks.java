package app.islet.core.plan;

import app.islet.core.climate.Pond;
import app.islet.core.climate.Season;
import app.islet.core.situation.HusbandryState;
import java.util.List;

/** What a pond asks for by season. Common practice, no source. */
final class PondTasks {
  private static final int LEAVES_DAYS = 3;
  private static final int ICE_DAYS = 2;

  private PondTasks() {}

  static List<Task> of(HusbandryState s) {
    if (!s.enclosure().site().outdoors() || !s.geometry().hasWater()) {
      return List.of();
    }
    Pond pond = new Pond(s.enclosure().site(), s.enclosure().water().depthCm());
    return switch (Season.of(s.date(), s.enclosure().site().isSouth())) {
      case AUTUMN ->
          List.of(
              EquipmentChecks.check(
                  "pond-leaves",
                  "Take leaves out of the pond",
                  "leaves, dead plants, the net shaken out",
                  "Under ice they rot and take the oxygen. Mud stays: animals winter in it.",
                  LEAVES_DAYS));
      case WINTER ->
          pond.iceCm() > 0
              ? List.of(
                  EquipmentChecks.check(
                      "pond-ice",
                      "Look at the ice",
                      "a hole the size of a plate stays open",
                      "Thaw it with warm water or keep it by a float. Never break it: the blow kills what lies below.",
                      ICE_DAYS))
              : List.of();
      case SPRING, SUMMER -> List.of();
    };
  }
}
