package app.islet.web.page.work.calendar;

import app.islet.core.plan.DueTask;
import app.islet.web.base.support.Addresses;
import app.islet.web.base.support.Form;
import app.islet.web.base.support.Messages;
import app.islet.web.base.support.NotFoundException;
import app.islet.web.base.support.Reply;
import app.islet.web.people.collection.CollectionContext;
import app.islet.web.people.collection.CollectionContexts;
import app.islet.web.reading.summary.DayRounds;
import app.islet.web.store.enclosure.EnclosureRecord;
import app.islet.web.store.enclosure.EnclosureStore;
import app.islet.web.store.feeds.CalendarFeed;
import app.islet.web.store.feeds.CalendarFeeds;
import java.time.Clock;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;

/** The calendar itself, read with nothing but its secret address, and the page that makes these. */
@Controller
class CalendarController {
  private static final int DAYS = 28;
  private static final MediaType CALENDAR = MediaType.parseMediaType("text/calendar;charset=UTF-8");

  private final CalendarFeeds feeds;
  private final CollectionContexts contexts;
  private final EnclosureStore enclosures;
  private final DayRounds rounds;
  private final Clock clock;
  private final Addresses addresses;

  CalendarController(
      CalendarFeeds feeds,
      CollectionContexts contexts,
      EnclosureStore enclosures,
      DayRounds rounds,
      Clock clock,
      Addresses addresses) {
    this.addresses = addresses;
    this.feeds = feeds;
    this.contexts = contexts;
    this.enclosures = enclosures;
    this.rounds = rounds;
    this.clock = clock;
  }

  @GetMapping("/calendar/{token}.ics")
  ResponseEntity<String> calendar(@PathVariable String token) {
    CalendarFeed feed =
        feeds.find(token).orElseThrow(() -> new NotFoundException("no calendar at this address"));
    CollectionContext context = context(feed);
    List<EnclosureRecord> records =
        enclosures.all(context).stream()
            .filter(r -> feed.enclosureId() == null || r.id().equals(feed.enclosureId()))
            .toList();
    List<WorkCalendar.Day> days = new ArrayList<>();
    for (EnclosureRecord record : records) {
      List<List<DueTask>> coming = rounds.coming(context, record, DAYS);
      String link = addresses.of("/c/" + context.collection().slug() + "/rounds");
      for (int n = 0; n < DAYS; n++) {
        days.add(
            new WorkCalendar.Day(
                record.id(),
                record.name(),
                context.today().plusDays(n),
                coming.get(n).stream().filter(due -> !due.settled()).toList(),
                link));
      }
    }
    String name =
        records.size() == 1 && feed.enclosureId() != null
            ? records.get(0).name()
            : context.collection().name();
    return ResponseEntity.ok()
        .contentType(CALENDAR)
        .body(new WorkCalendar(name, context.units(), clock.instant()).write(days));
  }

  /** As the person sees it who made the address; nothing once they are no member any more. */
  private CollectionContext context(CalendarFeed feed) {
    return contexts
        .find(feed.personId(), feed.collectionId())
        .orElseThrow(() -> new NotFoundException("no calendar at this address"));
  }

  /** One address, and what it shows. */
  record FeedView(@Nullable Long enclosureId, String name, @Nullable String address) {}

  @GetMapping("/c/{collection}/calendar")
  String show(CollectionContext context, Model model) {
    Map<Long, CalendarFeed> known =
        feeds.mine(context).stream()
            .filter(feed -> feed.enclosureId() != null)
            .collect(
                Collectors.toMap(
                    feed -> Objects.requireNonNull(feed.enclosureId()), Function.identity()));
    List<FeedView> all = new ArrayList<>();
    all.add(
        new FeedView(
            null,
            context.collection().name(),
            feeds.mine(context).stream()
                .filter(feed -> feed.enclosureId() == null)
                .map(this::address)
                .findFirst()
                .orElse(null)));
    enclosures
        .all(context)
        .forEach(
            e -> {
              CalendarFeed feed = known.get(e.id());
              all.add(new FeedView(e.id(), e.name(), feed == null ? null : address(feed)));
            });
    model.addAttribute("feeds", all);
    return "calendar/calendar";
  }

  private String address(CalendarFeed feed) {
    return addresses.of("/calendar/" + feed.token() + ".ics");
  }

  @PostMapping("/c/{collection}/calendar")
  String make(CollectionContext context, Form form, Reply reply) {
    feeds.make(context, form.typed("enclosure").isEmpty() ? null : form.id("enclosure"));
    return reply.saved(Messages.text("calendar.made"), context.path("/calendar"));
  }
}
