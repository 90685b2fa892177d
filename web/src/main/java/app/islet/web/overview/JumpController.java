package app.islet.web.overview;

import app.islet.core.calculator.Calculators;
import app.islet.web.care.CareSheetStore;
import app.islet.web.collection.CollectionContext;
import app.islet.web.enclosure.EnclosureRepository;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** Every place one can jump to, for the box behind "/". */
@RestController
class JumpController {
  private final EnclosureRepository enclosures;
  private final CareSheetStore shelf;

  JumpController(EnclosureRepository enclosures, CareSheetStore shelf) {
    this.enclosures = enclosures;
    this.shelf = shelf;
  }

  record Target(String words, String href) {}

  @GetMapping("/c/{collection}/jump")
  List<Target> targets(CollectionContext place) {
    List<Target> all =
        new ArrayList<>(
            List.of(
                new Target("Overview", place.path("")),
                new Target("Rounds", place.path("/rounds")),
                new Target("Calculators", place.path("/calculators")),
                new Target("Care sheets", place.path("/care")),
                new Target("Collection", place.path("/collection"))));
    enclosures
        .findByCollectionIdOrderById(place.collectionId())
        .forEach(
            e -> {
              String base = place.path("/enclosures/" + e.id());
              all.add(new Target(e.name(), base));
              List.of("Residents", "Site", "Review", "Plan", "Records")
                  .forEach(
                      step ->
                          all.add(
                              new Target(
                                  e.name() + ", " + step.toLowerCase(Locale.ROOT),
                                  base + "/" + step.toLowerCase(Locale.ROOT))));
            });
    Calculators.all()
        .forEach(c -> all.add(new Target(c.title(), place.path("/calculators/" + c.id()))));
    shelf
        .library(place)
        .all()
        .forEach(
            s -> all.add(new Target(s.name() + ", care sheet", place.path("/care/" + s.id()))));
    return all;
  }
}
