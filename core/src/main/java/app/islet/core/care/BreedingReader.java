package app.islet.core.care;

import app.islet.core.quantity.Range;
import app.islet.core.text.Fields;
import java.time.Month;

/** Reads how a species breeds. */
final class BreedingReader {
  private static final int MAX_SIGNS = 8;

  private BreedingReader() {}

  static Breeding read(Fields f) {
    return new Breeding(
        f.groups("sexes", MAX_SIGNS, BreedingReader::sign),
        f.optionalGroup("laying", BreedingReader::laying),
        f.optionalGroup("carrying", BreedingReader::carrying));
  }

  private static Breeding.SexSign sign(Fields f) {
    return new Breeding.SexSign(
        f.choice("sex", Breeding.Sex.class),
        f.choice("look", Breeding.Look.class),
        f.text("sign", 200),
        f.number("fromCm", 0, 300, "cm"),
        f.choice("surety", Breeding.Surety.class),
        CareSheetReader.basis(f));
  }

  private static Breeding.Laying laying(Fields f) {
    return new Breeding.Laying(
        Month.of(f.whole("firstMonth", 1, 12, "")),
        Month.of(f.whole("lastMonth", 1, 12, "")),
        f.optionalText("what", 40).orElse("eggs"),
        f.text("where", 200),
        CareSheetReader.basis(f));
  }

  private static Breeding.Carrying carrying(Fields f) {
    Range days = f.range("days", 1, 400, "days");
    return new Breeding.Carrying(days, f.text("note", 200), CareSheetReader.basis(f));
  }
}
