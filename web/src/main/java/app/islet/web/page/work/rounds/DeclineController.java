package app.islet.web.page.work.rounds;

import app.islet.core.plan.Advice;
import app.islet.core.review.Acceptance;
import app.islet.core.review.Severity;
import app.islet.web.base.support.Form;
import app.islet.web.base.support.Messages;
import app.islet.web.base.support.NotFoundException;
import app.islet.web.base.support.Reply;
import app.islet.web.people.collection.CollectionContext;
import app.islet.web.people.collection.Role;
import app.islet.web.reading.snapshot.Snapshots;
import app.islet.web.store.enclosure.Acceptances;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;

/** What Islet holds off is declined by whom answers for it: with a reason, and for some days. */
@Controller
@RequestMapping("/c/{collection}/rounds/decline")
class DeclineController {
  private static final int MAX_DAYS = 14;
  private static final int MAX_REASON = 120;

  private final Snapshots snapshots;
  private final Acceptances acceptances;

  DeclineController(Snapshots snapshots, Acceptances acceptances) {
    this.snapshots = snapshots;
    this.acceptances = acceptances;
  }

  @PostMapping
  String decline(CollectionContext context, Form form, Reply reply) {
    context.require(Role.KEEPER);
    long enclosure = form.id("enclosure");
    String key = form.typed("task");
    String reason = form.text("note", MAX_REASON, Messages.text("rounds.decline-reason"));
    int days = form.whole("days", 1, MAX_DAYS, 1);
    String address = address(context, enclosure);
    if (form.hasErrors()) {
      return reply.notDone(String.join(" ", form.errors().values()), address);
    }
    snapshots.get(context, enclosure).assessment().plan().advice().stream()
        .filter(Advice::isHold)
        .filter(advice -> advice.task().key().equals(key))
        .findFirst()
        .orElseThrow(() -> new NotFoundException("nothing of that name is held off"));
    acceptances.accept(
        context,
        enclosure,
        new Acceptance(key, "", Severity.WATCH, reason, context.today().plusDays(days)));
    return reply.saved(Messages.text("rounds.declined"), address);
  }

  @PostMapping("/undo")
  String undo(CollectionContext context, Form form, Reply reply) {
    context.require(Role.KEEPER);
    long enclosure = form.id("enclosure");
    acceptances.reopen(context, enclosure, form.typed("task"), "");
    return reply.saved(Messages.text("rounds.held-again"), address(context, enclosure));
  }

  private static String address(CollectionContext context, long enclosure) {
    return context.path("/rounds#e" + enclosure);
  }
}
