package app.islet.core.climate;

import java.util.List;

/**
 * What goes wrong one day, and the first three things to do then, in order; common practice, no
 * source.
 */
public enum FailureScenario {
  POWER_CUT_WINTER(
      "Power cut on a winter's day",
      0,
      0,
      "Cover the top and wrap the sides with blankets; keep the lid shut.",
      "Stir the water by hand or a battery air pump every hour; feed nothing.",
      "Warm bottles of water, closed, in turn; never hot water into the tank."),
  POWER_CUT_SUMMER(
      "Power cut on a summer's day",
      1,
      0,
      "Shade the tank and open the room to the night air.",
      "A battery air pump, or pour water from a height every hour: warm, still water holds little oxygen.",
      "Ice bottles in turn, small ones; feed nothing."),
  HEAT_WAVE(
      "A week of heat, 6 K over the warmest day",
      1,
      6,
      "Shade the glass and the window; switch off lamps that are not needed.",
      "Lid off where nothing can climb out, and a fan over the surface; top up.",
      "Small ice bottles in turn; move the animal to the coolest room before it comes to harm."),
  COLD_SNAP(
      "A week of cold, 6 K under the coldest night",
      0,
      -6,
      "Cover the top, insulate back and ends.",
      "A second, guarded heater; never one stronger than the water needs.",
      "Move the enclosure off the floor and away from the window, or the animal to a warmer room."),
  HEATER_STUCK(
      "The heater's thermostat sticks: it heats on",
      0.5,
      0,
      "Pull its plug before reaching in.",
      "Take out a part of the water and pour after cooler, a degree or two an hour.",
      "Air stone on: warm water holds little oxygen. Then a new heater, with a thermostat of its own."),
  HEATER_DEAD(
      "The heater stays cold",
      0,
      0,
      "Unplug it; cover the top, wrap the sides.",
      "Warm bottles of water, closed, in turn; warm by a degree or two an hour.",
      "A new guarded heater; feed nothing until the water is warm again."),
  CHILLER_DEAD(
      "The chiller stops",
      1,
      0,
      "Look whether its pump runs and its air can get out.",
      "Fan over the open surface, small ice bottles in turn.",
      "Shade, lamps off; the animal to the coolest room if it goes on."),
  FAN_DEAD(
      "The fan stops",
      1,
      0,
      "Another fan over the surface; any will do.",
      "Lid off where nothing can climb out.",
      "Small ice bottles in turn for the day."),
  FILTER_DEAD(
      "The filter stops",
      1,
      0,
      "An air stone or a battery air pump at once; or pour water from a height every hour.",
      "Feed nothing. Pump still after two hours: take the media out and lay them wet and open in tank water with air; what stood closed for long is thrown away, it has gone foul.",
      "Test daily; change a quarter of the water at every trace of ammonia or nitrite."),
  LID_OPEN(
      "The lid is left open on a winter's night",
      0,
      0,
      "Count the animals; look on the floor and behind the tank.",
      "Close it and let the water warm by itself.",
      "Mist the land again: dry air hurts thin skins first."),
  NO_TOP_UP(
      "Nobody tops up during a holiday",
      0.5,
      0,
      "Mark the line before leaving; show the helper how far it may fall.",
      "Heater and intake must stay under water: unplug the heater when its head stands dry.",
      "Top up with dechlorinated fresh water of the same temperature; where there is salt, fresh too.");

  private final String words;
  private final double summer;
  private final double shiftK;
  private final List<String> first;

  FailureScenario(String words, double summer, double shiftK, String... first) {
    this.words = words;
    this.summer = summer;
    this.shiftK = shiftK;
    this.first = List.of(first);
  }

  public String words() {
    return words;
  }

  /** How much of summer the days are: 1 at its height. */
  double summer() {
    return summer;
  }

  /** How much warmer than usual the room is. */
  double shiftK() {
    return shiftK;
  }

  /** The first three things to do, in order. */
  public List<String> first() {
    return first;
  }
}
