package app.islet.web.ops.reminders;

import app.islet.web.base.support.Addresses;
import app.islet.web.base.support.Messages;
import app.islet.web.page.work.today.Today;
import app.islet.web.people.collection.CollectionContext;
import app.islet.web.people.collection.CollectionContexts;
import app.islet.web.reading.summary.DayRounds;
import app.islet.web.store.enclosure.EnclosureStore;
import java.time.Clock;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import net.javacrumbs.shedlock.spring.annotation.SchedulerLock;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.mail.MailException;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;
import org.springframework.web.client.RestClientException;

/** Looks every few minutes who is to be told something, and tells each cause once. */
@Component
class ReminderRun {
  private static final Logger LOG = LoggerFactory.getLogger(ReminderRun.class);
  private static final String DIGEST = "digest:";

  private final Reminders reminders;
  private final Messenger messenger;
  private final CollectionContexts contexts;
  private final EnclosureStore enclosures;
  private final DayRounds rounds;
  private final Addresses addresses;
  private final TransactionTemplate transactions;
  private final Clock clock;

  ReminderRun(
      Reminders reminders,
      Messenger messenger,
      CollectionContexts contexts,
      EnclosureStore enclosures,
      DayRounds rounds,
      Addresses addresses,
      TransactionTemplate transactions,
      Clock clock) {
    this.reminders = reminders;
    this.messenger = messenger;
    this.contexts = contexts;
    this.enclosures = enclosures;
    this.rounds = rounds;
    this.addresses = addresses;
    this.transactions = transactions;
    this.clock = clock;
  }

  @Scheduled(cron = "${islet.reminders.cron:0 */5 * * * *}")
  @SchedulerLock(name = "reminders", lockAtMostFor = "10m")
  public void run() {
    for (Reminders.Kept kept : reminders.all()) {
      for (Messenger.Way way : Messenger.Way.values()) {
        run(way, kept);
      }
    }
  }

  private void run(Messenger.Way way, Reminders.Kept kept) {
    try {
      contexts
          .find(kept.personId(), kept.collectionId())
          .filter(context -> messenger.reaches(way, kept.reminder()))
          .ifPresent(context -> tell(way, context, kept));
    } catch (MailException | RestClientException notSent) {
      // Nothing was noted as told: it is tried again with the next run.
      LOG.warn("A reminder could not be sent: {}", notSent.getMessage());
    }
  }

  private void tell(Messenger.Way way, CollectionContext context, Reminders.Kept kept) {
    LocalTime now = LocalTime.now(clock.withZone(context.collection().zone()));
    if (kept.reminder().isQuiet(now)) {
      return;
    }
    Today today =
        Today.of(
            rounds.on(context, enclosures.all(context), context.today()),
            context.today(),
            context.units());
    List<String> told =
        reminders.told(kept.id()).stream().filter(cause -> cause.startsWith(way + ":")).toList();
    String digest = way + ":" + DIGEST + context.today();
    boolean morning =
        kept.reminder().digestHour().filter(hour -> now.getHour() >= hour).isPresent()
            && !told.contains(digest);
    Map<String, String> news =
        kept.reminder().urgent() ? urgent(way, context, today) : new LinkedHashMap<>();
    List<String> over =
        told.stream().filter(cause -> !cause.equals(digest) && !news.containsKey(cause)).toList();
    news.keySet().removeAll(told);
    if (morning) {
      send(way, kept, List.of(digest), digestSubject(context, today), digestLines(context, today));
    }
    if (!news.isEmpty()) {
      send(
          way,
          kept,
          List.copyOf(news.keySet()),
          Messages.text("reminders.urgent", context.collection().name(), news.size()),
          List.copyOf(news.values()));
    }
    reminders.forget(kept.id(), over);
  }

  private void send(
      Messenger.Way way,
      Reminders.Kept kept,
      List<String> causes,
      String subject,
      List<String> lines) {
    transactions.executeWithoutResult(
        status -> {
          reminders.tell(kept.id(), causes);
          messenger.send(way, kept.reminder(), subject, lines);
        });
  }

  /** Dangers, by what stays the same while they last. */
  private Map<String, String> urgent(Messenger.Way way, CollectionContext context, Today today) {
    Map<String, String> news = new LinkedHashMap<>();
    today
        .dangers()
        .forEach(
            d -> news.put(way + ":" + d.cause(), line(context, d.enclosure(), d.what(), d.path())));
    return news;
  }

  private String line(CollectionContext context, String enclosure, String what, String path) {
    return "%s: %s %s".formatted(enclosure, what, addresses.of(context.path(path)));
  }

  private static String digestSubject(CollectionContext context, Today today) {
    return Messages.text(
        "reminders.morning",
        context.collection().name(),
        today.all() - today.done(),
        today.minutes());
  }

  private List<String> digestLines(CollectionContext context, Today today) {
    List<String> lines = new ArrayList<>();
    today.needs().forEach(n -> lines.add(line(context, n.enclosure(), n.what(), n.path())));
    today
        .coming()
        .forEach(c -> lines.add("%s, %s: %s".formatted(c.day(), c.enclosure(), c.what())));
    if (!today.well().isEmpty()) {
      lines.add(Messages.text("overview.needs.well", today.well()));
    }
    lines.add(addresses.of(context.path("/rounds")));
    return lines;
  }
}
