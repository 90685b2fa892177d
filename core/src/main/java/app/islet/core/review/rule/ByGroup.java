package app.islet.core.review.rule;

import app.islet.core.animal.Resident;

/**
 * A reason in the words that are true of the animal: no moult for a salamander, no gills for a
 * turtle.
 */
record ByGroup(String turtle, String amphibian, String crab) {
  String of(Resident r) {
    return switch (r.sheet().group()) {
      case TURTLE -> turtle;
      case SALAMANDER, FROG -> amphibian;
      case CRAB -> crab;
    };
  }
}
