package app.islet.core.document;

import app.islet.core.animal.Resident;
import app.islet.core.enclosure.Enclosure;
import java.util.List;

/** A design and those who live in it, as one file holds them. */
public record EnclosureDocument(Enclosure enclosure, List<Resident> residents) {
  /** The version written; older ones are read too, once there are any. */
  public static final int VERSION = 1;

  public EnclosureDocument {
    residents = List.copyOf(residents);
  }
}
