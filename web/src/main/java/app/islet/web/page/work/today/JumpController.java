package app.islet.web.page.work.today;

import app.islet.core.calculator.Calculators;
import app.islet.web.base.support.EnclosureStep;
import app.islet.web.people.collection.CollectionContext;
import app.islet.web.store.care.CareSheetStore;
import app.islet.web.store.enclosure.EnclosureRecord;
import app.islet.web.store.enclosure.EnclosureStore;
import app.islet.web.store.rearing.BatchStates;
import java.util.ArrayList;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** Every place one can jump to, for the box behind "/". */
@RestController
class JumpController {
  private final EnclosureStore enclosures;
  private final CareSheetStore sheets;
  private final BatchStates batches;

  JumpController(EnclosureStore enclosures, CareSheetStore sheets, BatchStates batches) {
    this.enclosures = enclosures;
    this.sheets = sheets;
    this.batches = batches;
  }

  record Target(String words, String href) {}

  @GetMapping("/c/{collection}/jump")
  List<Target> targets(CollectionContext context) {
    List<Target> all =
        new ArrayList<>(
            List.of(
                new Target("Overview", context.path("")),
                new Target("Rounds", context.path("/rounds")),
                new Target("Rearing", context.path("/rearing")),
                new Target("Calculators", context.path("/calculators")),
                new Target("Care sheets", context.path("/care")),
                new Target("Collection", context.path("/collection"))));
    for (EnclosureRecord e : enclosures.all(context)) {
      String base = context.path("/enclosures/" + e.id());
      all.add(new Target(e.name(), base));
      for (EnclosureStep step : EnclosureStep.values()) {
        all.add(new Target(e.name() + ", " + step.title(), base + "/" + step.path()));
      }
    }
    batches
        .open(context)
        .forEach(
            b ->
                all.add(
                    new Target(
                        b.kind().animal().name() + ", batch",
                        context.path("/rearing/batches/" + b.batch().id()))));
    Calculators.all()
        .forEach(c -> all.add(new Target(c.title(), context.path("/calculators/" + c.id()))));
    sheets
        .library(context)
        .all()
        .forEach(
            s -> all.add(new Target(s.name() + ", care sheet", context.path("/care/" + s.id()))));
    return all;
  }
}
