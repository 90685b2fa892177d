package app.islet.web.page.rearing;

import app.islet.core.rearing.Tub;
import app.islet.web.base.support.Messages;
import app.islet.web.people.collection.CollectionContext;
import app.islet.web.store.rearing.BatchState;
import app.islet.web.store.rearing.BatchStates;
import java.util.ArrayList;
import java.util.List;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;

/** The daily round of the tubs, from the well ones to the sick, without a network too. */
@Controller
@RequestMapping("/c/{collection}/rearing/round")
class RoundController {
  private final BatchStates states;

  RoundController(BatchStates states) {
    this.states = states;
  }

  /** Tubs of one batch and one state of health, in the order of the walk. */
  record Group(String title, String tools, List<Stop> stops) {}

  /** One tub: what it gets, and its card. */
  record Stop(TubCard card, List<String> amounts) {}

  @GetMapping
  String walk(CollectionContext context, Model model) {
    List<BatchState> open = states.open(context);
    List<Group> groups = new ArrayList<>();
    for (Tub.Health health : Tub.Health.values()) {
      for (BatchState state : open) {
        List<Stop> stops =
            state.walk().stream()
                .filter(now -> now.tub().health(state.today()) == health)
                .filter(now -> !now.bundle().jobs().isEmpty())
                .map(now -> stop(context, state, now))
                .toList();
        if (!stops.isEmpty()) {
          groups.add(new Group(title(health, state), tools(health), stops));
        }
      }
    }
    model.addAttribute("groups", groups);
    model.addAttribute("minutes", Board.minutes(open));
    model.addAttribute("jobs", open.stream().mapToInt(BatchState::jobsLeft).sum());
    model.addAttribute("day", context.today());
    return "batches/round";
  }

  private static String title(Tub.Health health, BatchState state) {
    String key = "rearing.walk." + health.name();
    return Messages.text(key, state.kind().animal().name());
  }

  private static String tools(Tub.Health health) {
    String key = "rearing.tools." + health.name();
    return Messages.text(key);
  }

  private static Stop stop(CollectionContext context, BatchState state, BatchState.TubNow now) {
    return new Stop(TubCard.of(context, state, now), Amounts.of(state, now, context.units()));
  }
}
