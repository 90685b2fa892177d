package app.islet.web.page.rearing;

import app.islet.core.livestock.Movement;
import app.islet.core.livestock.UnbalancedException;
import app.islet.core.quantity.Dimension;
import app.islet.core.rearing.Housing;
import app.islet.web.base.support.Form;
import app.islet.web.base.support.Messages;
import app.islet.web.base.support.Reply;
import app.islet.web.people.collection.CollectionContext;
import app.islet.web.people.collection.Role;
import app.islet.web.store.rearing.BatchState;
import app.islet.web.store.rearing.BatchStates;
import app.islet.web.store.rearing.Batches;
import app.islet.web.store.rearing.TubRecord;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Young taken out of some tubs and shared out over others: hatched, sorted, moved. */
@Controller
@RequestMapping("/c/{collection}/rearing/batches/{id}/share")
class ShareController {
  private static final int MAX_TUBS = 500;
  private static final String TAKE = "take-";
  private static final String INTO = "into-";

  private final Batches batches;
  private final BatchStates states;

  ShareController(Batches batches, BatchStates states) {
    this.batches = batches;
    this.states = states;
  }

  /**
   * A tub on the form.
   *
   * @param take how many are taken out, as typed
   * @param into whether some go in
   */
  record Row(
      String key, String name, int count, String stage, String take, boolean into, String error) {}

  @GetMapping
  String ask(
      CollectionContext context,
      @PathVariable long id,
      @RequestParam(defaultValue = "") String from,
      Model model) {
    context.require(Role.KEEPER);
    BatchState state = states.of(context, id);
    Map<String, String> typed = new HashMap<>();
    state.inUse().stream()
        .filter(now -> now.record().key().equals(from) || state.inUse().size() == 1)
        .forEach(now -> typed.put(TAKE + now.record().key(), String.valueOf(now.animals())));
    return page(state, new Form(typed, context.system()), UUID.randomUUID(), model);
  }

  private static String page(BatchState state, Form form, UUID clientId, Model model) {
    model.addAttribute("view", new ShareView(state, form));
    model.addAttribute("clientId", clientId);
    return "batches/share";
  }

  /** The form as it was typed. */
  record ShareView(BatchState state, Form form) {
    public long id() {
      return state.batch().id();
    }

    public String name() {
      return state.kind().animal().name();
    }

    public List<Row> rows() {
      return state.tubs().stream()
          .map(
              now -> {
                String key = now.record().key();
                String error = form.error(TAKE + key);
                return new Row(
                    key,
                    TubCard.name(state, now),
                    now.animals(),
                    now.eggs() ? Messages.text("rearing.eggs") : now.tub().milestone().name(),
                    form.typed(TAKE + key),
                    form.flag(INTO + key),
                    error == null ? "" : error);
              })
          .toList();
    }

    public String newTubs() {
      return form.typed("newTubs");
    }

    public String counts() {
      return form.typed("counts");
    }

    public String error(String field) {
      String error = form.error(field);
      return error == null ? "" : error;
    }

    public String countsNote() {
      String error = error("counts");
      return error.isEmpty() ? Messages.text("rearing.in-each-help") : error;
    }

    /** How many one of the batch's usual boxes holds. */
    public String most() {
      Housing housing = state.kind().housing();
      TubRecord.TubSize size = TubSizes.usual(housing, 1);
      return Messages.text("rearing.most-in-one", housing.mostIn(size.litres()));
    }
  }

  @PostMapping
  String share(
      CollectionContext context, @PathVariable long id, Form form, Model model, Reply reply) {
    context.require(Role.KEEPER);
    BatchState state = states.of(context, id);
    Batches.Sharing sharing = read(state, form);
    LocalDate day = context.today();
    if (!form.hasErrors()) {
      try {
        batches.shareOut(context, id, sharing, day, form.clientId());
      } catch (UnbalancedException e) {
        return reply.conflict(page(states.of(context, id), form, form.clientId(), model));
      } catch (IllegalArgumentException e) {
        form.refuse("counts", String.valueOf(e.getMessage()));
      }
    }
    if (form.hasErrors()) {
      return reply.refused(page(state, form, form.clientId(), model));
    }
    return reply.saved(
        Messages.text("rearing.shared", all(sharing), sharing.into().size() + sharing.newTubs()),
        context.path("/rearing/batches/" + id));
  }

  private static int all(Batches.Sharing sharing) {
    return sharing.taken().values().stream().mapToInt(Integer::intValue).sum();
  }

  private static Batches.Sharing read(BatchState state, Form form) {
    Map<String, Integer> taken = new LinkedHashMap<>();
    List<String> into = new ArrayList<>();
    for (BatchState.TubNow now : state.tubs()) {
      String key = now.record().key();
      int take = form.whole(TAKE + key, 0, Movement.MAX / 10, 0);
      if (take > now.animals()) {
        form.refuse(TAKE + key, Messages.text("rearing.only-so-many", now.animals()));
      }
      if (take > 0) {
        taken.put(key, take);
      }
      if (form.flag(INTO + key)) {
        into.add(key);
      }
    }
    int newTubs = form.whole("newTubs", 0, MAX_TUBS, 0);
    if (taken.isEmpty()) {
      form.refuse("total", Messages.text("rearing.take-some"));
    }
    if (into.isEmpty() && newTubs == 0) {
      form.refuse("newTubs", Messages.text("rearing.into-some"));
    }
    TubRecord.TubSize usual = TubSizes.usual(state.kind().housing(), 1);
    TubRecord.TubSize size =
        new TubRecord.TubSize(
            form.optional("tubLength", Dimension.LENGTH, 1, 500).orElse(usual.lengthCm()),
            form.optional("tubWidth", Dimension.LENGTH, 1, 500).orElse(usual.widthCm()),
            form.optional("tubWater", Dimension.LENGTH, 0, 200).orElse(usual.waterCm()));
    return new Batches.Sharing(taken, into, newTubs, size, counts(form));
  }

  private static List<Integer> counts(Form form) {
    String typed = form.typed("counts");
    if (typed.isEmpty()) {
      return List.of();
    }
    if (!typed.matches("\\d{1,5}([\\s,;+]+\\d{1,5})*")) {
      form.refuse("counts", Messages.text("rearing.counts-like"));
      return List.of();
    }
    return Arrays.stream(typed.split("[\\s,;+]+")).map(Integer::valueOf).toList();
  }
}
