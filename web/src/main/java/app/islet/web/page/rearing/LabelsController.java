package app.islet.web.page.rearing;

import app.islet.core.text.English;
import app.islet.web.base.drawing.CodePicture;
import app.islet.web.base.support.Addresses;
import app.islet.web.base.support.Messages;
import app.islet.web.people.collection.CollectionContext;
import app.islet.web.store.rearing.BatchState;
import app.islet.web.store.rearing.BatchStates;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Labels to print and stick on tubs: a phone that scans one opens the tub's card. */
@Controller
@RequestMapping("/c/{collection}/rearing/labels")
class LabelsController {
  private final BatchStates states;
  private final Addresses addresses;

  LabelsController(BatchStates states, Addresses addresses) {
    this.states = states;
    this.addresses = addresses;
  }

  /** Sheets as shops sell them. */
  enum Sheet {
    A4_24(3, 8),
    A4_21(3, 7),
    A4_14(2, 7),
    A4_65(5, 13),
    LETTER_30(3, 10);

    private final int across;
    private final int down;

    Sheet(int across, int down) {
      this.across = across;
      this.down = down;
    }

    int onOne() {
      return across * down;
    }

    public String css() {
      return "labels-" + name().toLowerCase(Locale.ROOT).replace('_', '-');
    }
  }

  /**
   * One label.
   *
   * @param who how many, and in which stage
   * @param lines the batch since when, the last meal; empty ones are left out
   */
  record Label(String number, String who, String species, List<String> lines, String code) {
    static final Label USED = new Label("", "", "", List.of(), "");
  }

  @GetMapping
  String labels(
      CollectionContext context,
      @RequestParam(defaultValue = "0") long batch,
      @RequestParam(defaultValue = "A4_24") Sheet sheet,
      @RequestParam(defaultValue = "0") int skip,
      Model model) {
    List<BatchState> open = states.open(context);
    String home = addresses.of("");
    List<Label> all = new ArrayList<>();
    for (int i = 0; i < Math.max(0, Math.min(skip, sheet.onOne() - 1)); i++) {
      all.add(Label.USED);
    }
    for (BatchState state : open) {
      if (batch == 0 || state.batch().id() == batch) {
        state.inUse().forEach(now -> all.add(label(context, state, now, home)));
      }
    }
    model.addAttribute("pages", pages(all, sheet.onOne()));
    model.addAttribute("sheet", sheet);
    model.addAttribute("sheets", Sheet.values());
    model.addAttribute("skip", skip);
    model.addAttribute("batch", batch);
    model.addAttribute(
        "lines", Board.of(context, open, Board.Show.EMPTY, Board.Order.NUMBER).batches());
    return "batches/labels";
  }

  private static List<List<Label>> pages(List<Label> all, int onOne) {
    List<List<Label>> pages = new ArrayList<>();
    for (int from = 0; from < all.size(); from += onOne) {
      pages.add(List.copyOf(all.subList(from, Math.min(all.size(), from + onOne))));
    }
    return pages;
  }

  private static Label label(
      CollectionContext context, BatchState state, BatchState.TubNow now, String home) {
    return new Label(
        TubCard.name(state, now),
        now.eggs()
            ? English.count(now.animals(), "egg")
            : now.animals() + " · " + now.tub().milestone().name(),
        state.kind().sheet().name(),
        Stream.of(
                Optional.of(state.kind().animal().name()),
                state
                    .timeline()
                    .map(t -> Messages.text("rearing.label-since", English.day(t.beganOn()))),
                now.tub()
                    .state()
                    .last()
                    .fed()
                    .map(at -> Messages.text("rearing.label-fed", English.day(at.toLocalDate()))))
            .flatMap(Optional::stream)
            .toList(),
        CodePicture.svg(home + context.path("/rearing/tubs/" + now.record().placeId())));
  }
}
