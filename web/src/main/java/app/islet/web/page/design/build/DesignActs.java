package app.islet.web.page.design.build;

import app.islet.core.enclosure.Enclosure;
import app.islet.core.enclosure.FurnishingCatalogue;
import app.islet.core.enclosure.FurnishingKind;
import app.islet.web.base.finding.RemedyText;
import app.islet.web.base.support.Form;

/** What the buttons among the fields of a design ask for: one more, one less, a remedy applied. */
final class DesignActs {
  private DesignActs() {}

  /**
   * @throws IllegalArgumentException if it does not fit in there; the message says what is too much
   */
  static Enclosure done(Enclosure design, Form form) {
    Enclosure done = design.with(RemedyText.read(form.typed("applyChanges")));
    if (!form.typed("addPart").isEmpty()) {
      done =
          FurnishingCatalogue.added(
              done, form.choice("addPart", FurnishingKind.class, FurnishingKind.STONE));
    }
    if (!form.typed("removePart").isEmpty()) {
      done = FurnishingCatalogue.removed(done, form.typed("removePart"));
    }
    if (!form.typed("copyPart").isEmpty()) {
      done = FurnishingCatalogue.copied(done, form.typed("copyPart"));
    }
    if (!form.typed("addLayer").isEmpty()) {
      done = SubstrateActs.withLayer(done);
    }
    if (!form.typed("removeLayer").isEmpty()) {
      done = SubstrateActs.withoutLayer(done, form.whole("removeLayer", 0, 10, 0));
    }
    if (!form.typed("addPoint").isEmpty()) {
      String at = form.typed("addPoint");
      done = SubstrateActs.withPoint(done, at.equals("anywhere") ? "" : at, form);
    }
    if (!form.typed("removePoint").isEmpty()) {
      done = SubstrateActs.withoutPoint(done, form.whole("removePoint", 0, 50, 0));
    }
    return done;
  }

  /** What does not fit, as a sentence. */
  static String sentence(IllegalArgumentException e) {
    String why = String.valueOf(e.getMessage());
    return "That does not fit: " + why + (why.endsWith(".") ? "" : ".");
  }
}
