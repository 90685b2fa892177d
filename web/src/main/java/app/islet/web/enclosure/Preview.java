package app.islet.web.enclosure;

import app.islet.core.enclosure.Enclosure;
import app.islet.web.collection.CollectionContext;
import app.islet.web.support.FormReader;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.springframework.stereotype.Service;

/** Answers what a design form says so far; nothing is saved. */
@Service
class Preview {
  static final String TEMPLATE = "enclosure/answer";

  private final Enclosures enclosures;

  Preview(Enclosures enclosures) {
    this.enclosures = enclosures;
  }

  /**
   * @param sound whether the form can be read as a design
   * @param fragment of the {@link #TEMPLATE} that words it
   * @param model what the fragment is made from
   */
  record Piece(boolean sound, String fragment, Map<String, Object> model) {}

  /**
   * @param typed the form; {@code has} tells which pieces the page shows already
   */
  Piece of(CollectionContext place, long id, Map<String, String> typed) {
    FormReader form = new FormReader(typed, place.system());
    EnclosureSnapshot state = enclosures.lately(place, id, form.typed("revision"));
    Optional<Enclosure> design = DesignForm.read(form, state.design());
    if (design.isEmpty()) {
      return new Piece(false, "errors", Map.of("errors", form.errors()));
    }
    BoardView view = BoardView.read(form);
    Set<String> has = new HashSet<>(List.of(form.typed("has").split(" ")));
    DesignView answer =
        DesignView.of(
            state.with(design.get(), view.aheadMonths()).assessment(), place.system(), view);
    return new Piece(
        true,
        "answer",
        Map.of("place", place, "state", state, "has", has, "answer", answer.leftOut(has)));
  }
}
