package app.islet.core.plan;

import app.islet.core.care.Evidence;
import app.islet.core.care.Recurrence;
import app.islet.core.enclosure.Equipment;
import app.islet.core.enclosure.Lid;
import app.islet.core.quantity.Phrase;
import app.islet.core.situation.HusbandryState;
import java.util.ArrayList;
import java.util.List;

/** What wears out and is looked at by date. Intervals: common practice, no source. */
final class EquipmentChecks {
  private static final int QUARTER = 91;
  private static final int HALF_YEAR = 182;
  private static final int YEAR = 365;
  private static final double MINUTES = 5;

  private EquipmentChecks() {}

  static List<Task> of(HusbandryState s) {
    List<Task> tasks = new ArrayList<>();
    boolean lid = s.enclosure().lid() != Lid.NONE;
    tasks.add(
        check(
            "check-box",
            "Look over the enclosure",
            lid ? "silicone, lid and its catches, stand" : "silicone, rim, stand",
            "Peeling silicone, a bent lid or a damp stand is put right before it gives way.",
            QUARTER));
    boolean mains =
        s.enclosure().has(Equipment.Heater.class)
            || s.enclosure().has(Equipment.Filter.class)
            || s.enclosure().has(Equipment.BaskingLamp.class)
            || s.enclosure().has(Equipment.UvbLamp.class)
            || s.enclosure().has(Equipment.HeatMat.class);
    if (mains) {
      tasks.add(
          check(
              "check-mains",
              "Look over what is plugged in",
              "cables, drip loops, the test button of the RCD",
              "Unplug before you reach in; what is chewed or brittle goes to the electrician.",
              QUARTER));
    }
    if (s.enclosure().has(Equipment.BaskingLamp.class)) {
      tasks.add(
          check(
              "check-bulb",
              "Measure under the basking lamp",
              "temperature where it lies; a spare bulb at hand",
              "Bulbs fade and fail without warning.",
              QUARTER));
    }
    if (s.enclosure().has(Equipment.Heater.class)) {
      tasks.add(
          check(
              "check-probe",
              "Compare thermometer and thermostat",
              "with a second thermometer; new batteries in probes",
              "A thermostat that reads wrong cooks or chills.",
              HALF_YEAR));
    }
    if (s.enclosure().has(Equipment.Filter.class)) {
      tasks.add(
          check(
              "check-filter",
              "Look over the filter",
              "hoses, seals, impeller, tubes and membrane of an air pump",
              "Only the moving parts: leave the media alone that day.",
              YEAR));
    }
    return tasks;
  }

  static Task check(String key, String title, String what, String how, int days) {
    return new Task(
        key,
        TaskKind.CHECK,
        Phrase.of(title),
        Phrase.of(what),
        Phrase.of(how),
        Recurrence.every(days),
        MINUTES,
        Evidence.PRACTICE);
  }
}
