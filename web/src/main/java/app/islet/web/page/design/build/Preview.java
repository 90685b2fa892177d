package app.islet.web.page.design.build;

import app.islet.core.enclosure.Enclosure;
import app.islet.web.base.support.Form;
import app.islet.web.people.collection.CollectionContext;
import app.islet.web.reading.snapshot.EnclosureSnapshot;
import app.islet.web.reading.snapshot.Snapshots;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.springframework.stereotype.Service;

/** Answers what a design form says so far; nothing is saved. */
@Service
class Preview {
  static final String TEMPLATE = "design/answer";

  private final Snapshots snapshots;

  Preview(Snapshots snapshots) {
    this.snapshots = snapshots;
  }

  /**
   * @param sound whether the form can be read as a design
   * @param fragment of the {@link #TEMPLATE} that words it
   * @param model what the fragment is made from
   */
  record Piece(boolean sound, String fragment, Map<String, Object> model) {}

  /**
   * @param form what was typed; {@code has} tells which pieces the page shows already, {@code
   *     settled} that the change is whole
   */
  Piece of(CollectionContext context, long id, Form form) {
    EnclosureSnapshot state = snapshots.recent(context, id, form.typed("revision"));
    Optional<Enclosure> design = DesignForm.read(form, state.design());
    if (design.isEmpty()) {
      return new Piece(false, "errors", Map.of("errors", form.errors()));
    }
    BoardView view = BoardView.read(form);
    Set<String> has = new HashSet<>(List.of(form.typed("has").split(" ")));
    EnclosureSnapshot drawn = state.with(design.get(), view.aheadMonths());
    boolean settled = !form.typed("settled").isEmpty();
    DesignView answer =
        DesignView.of(settled ? drawn.assessment() : drawn.sketch(), context.system(), view);
    return new Piece(
        true,
        "answer",
        Map.of("context", context, "state", state, "has", has, "answer", answer.leftOut(has)));
  }
}
