package app.islet.core.health;

import app.islet.core.text.Fields;

/** What the records can tell that speaks for or against a cause. */
public enum RecordKind {
  AMMONIA_HIGH,
  AMMONIA_ZERO,
  NITRITE_HIGH,
  NITRATE_HIGH,
  WARM,
  COLD,
  TEMP_RIGHT,
  HEAT_LATELY,
  PUMP_STOPPED,
  FILTER_CLEANED,
  FILTER_YOUNG,
  FILTER_NEW,
  WATER_CHANGED,
  MEDICINE,
  ANIMAL_CAME,
  MOVED_LATELY,
  OVERFED,
  REFUSES,
  GRAVEL,
  BARE_FLOOR,
  FRESH_TERRAPIN,
  LAMP_OLD,
  NO_UVB,
  LAMP_RIGHT,
  DRY,
  HUMIDITY_RIGHT;

  /** As it stands in the tables, {@code ammonia-high}. */
  String id() {
    return Fields.written(this);
  }
}
