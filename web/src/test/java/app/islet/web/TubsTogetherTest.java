package app.islet.web;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import app.islet.core.livestock.Balance;
import app.islet.core.livestock.Movement;
import app.islet.core.livestock.Place;
import app.islet.core.livestock.UnbalancedException;
import app.islet.core.rearing.Housing;
import app.islet.core.rearing.TubEvent;
import app.islet.web.base.support.CutNetwork;
import app.islet.web.base.support.Hands;
import app.islet.web.base.support.Islet;
import app.islet.web.base.support.TestClock;
import app.islet.web.people.collection.CollectionContext;
import app.islet.web.people.collection.CollectionContexts;
import app.islet.web.store.animal.Books;
import app.islet.web.store.rearing.Batch;
import app.islet.web.store.rearing.BatchState;
import app.islet.web.store.rearing.BatchStates;
import app.islet.web.store.rearing.Batches;
import app.islet.web.store.rearing.NewBatch;
import app.islet.web.store.rearing.TubEntry;
import app.islet.web.store.rearing.TubRecord;
import app.islet.web.store.rearing.TubTaps;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;
import java.util.UUID;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;

/** Two keepers at once, a phone without a network, ticks that arrive late: the sum is right. */
@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class TubsTogetherTest {
  private static final int BEGUN = 40;

  private final Islet islet = Islet.running();
  private final Batches batches = islet.bean(Batches.class);
  private final BatchStates states = islet.bean(BatchStates.class);
  private final Books books = islet.bean(Books.class);
  private final TubTaps taps = islet.bean(TubTaps.class);

  private CollectionContext context;
  private Batch batch;

  @BeforeEach
  void a_batch_in_eight_tubs() {
    Page page = islet.owner();
    String base = Hands.enclosure(page, "Tank", "60", "30", "30");
    String slug = Hands.collection(base).substring("/c/".length());
    context = islet.bean(CollectionContexts.class).find("mill", slug).orElseThrow();
    batch =
        batches.begin(
            context,
            new NewBatch(
                new NewBatch.Who("fire-salamander", "Brood", Optional.empty(), Optional.empty()),
                Optional.empty(),
                new NewBatch.Start(context.today().minusDays(20), BEGUN, false),
                new NewBatch.Where(
                    Housing.Kind.BOXES,
                    new TubRecord.TubSize(20, 13, 12),
                    Optional.empty(),
                    Optional.empty(),
                    OptionalDouble.empty()),
                false,
                8),
            UUID.randomUUID());
  }

  private BatchState state() {
    return states.of(context, batch.id());
  }

  private Movement lost(String tub, int count) {
    return new Movement(
        context.today(),
        state().kind().animal().key(),
        count,
        Place.kept(tub),
        Place.out(Place.Kind.DIED),
        "bitten",
        "");
  }

  @Test
  void of_two_who_find_the_same_dead_the_books_keep_one_and_a_repeat_is_none() {
    String tub = state().tubs().get(0).record().key();
    UUID sent = UUID.randomUUID();
    books.lose(context, lost(tub, 5), sent);
    books.lose(context, lost(tub, 5), sent);
    assertThat(state().left()).isEqualTo(35);
    assertThat(lostMore(tub)).isFalse();
    books.undoAct(context, sent, UUID.randomUUID());
    books.undoAct(context, sent, UUID.randomUUID());
    assertThat(state().left()).isEqualTo(BEGUN);
  }

  private boolean lostMore(String tub) {
    try {
      books.lose(context, lost(tub, 1), UUID.randomUUID());
      return true;
    } catch (UnbalancedException none) {
      return false;
    }
  }

  @Test
  void whatever_four_keepers_do_at_once_all_are_accounted_for() throws Exception {
    List<BatchState.TubNow> tubs = state().tubs();
    ExecutorService keepers = Executors.newFixedThreadPool(4);
    List<Future<Integer>> done = new ArrayList<>();
    for (int keeper = 0; keeper < 4; keeper++) {
      Random random = new Random(keeper);
      done.add(keepers.submit(() -> work(random, tubs)));
    }
    int lost = 0;
    for (Future<Integer> each : done) {
      lost += each.get();
    }
    keepers.shutdown();
    Balance balance = state().balance();
    assertThat(balance.begun()).isEqualTo(BEGUN);
    assertThat(balance.alive() + balance.dead()).isEqualTo(BEGUN);
    assertThat(balance.dead()).isEqualTo(lost).isPositive();
    assertThat(state().left()).isEqualTo(balance.alive());
  }

  /** Loses one here, carries two there; answers how many were lost. */
  private int work(Random random, List<BatchState.TubNow> tubs) {
    int lost = 0;
    for (int n = 0; n < 12; n++) {
      String from = tubs.get(random.nextInt(tubs.size())).record().key();
      String into = tubs.get(random.nextInt(tubs.size())).record().key();
      if (n % 2 == 0) {
        lost += lostMore(from) ? 1 : 0;
      } else if (!from.equals(into)) {
        carry(from, into);
      }
    }
    return lost;
  }

  private void carry(String from, String into) {
    try {
      batches.shareOut(
          context,
          batch.id(),
          new Batches.Sharing(
              Map.of(from, 2), List.of(into), 0, new TubRecord.TubSize(20, 13, 12), List.of()),
          context.today(),
          UUID.randomUUID());
    } catch (UnbalancedException tooFew) {
      // Another keeper was faster: nothing is carried.
    }
  }

  @Test
  void a_tick_that_arrives_late_belongs_to_its_day() {
    long place = state().tubs().get(0).record().placeId();
    Instant yesterday = TestClock.now().minus(1, ChronoUnit.DAYS);
    TubEntry.What fed = TubEntry.What.of(TubEvent.Kind.FED);
    assertThat(taps.tap(context, place, fed, Instant.MAX, UUID.randomUUID())).isEmpty();
    assertThat(taps.tap(context, place, fed, Instant.MAX, UUID.randomUUID())).isPresent();
    UUID late = UUID.randomUUID();
    assertThat(taps.tap(context, place, fed, yesterday, late)).isEmpty();
    assertThat(taps.tap(context, place, fed, yesterday, late)).isEmpty();
    assertThat(state().tubs().get(0).tub().state().today().fed()).isEqualTo(1);
  }

  @Test
  void the_round_of_the_tubs_goes_on_without_a_network() {
    CutNetwork line = islet.line();
    Page phone = islet.ownerOver(line);
    String base = context.path("/rearing/round");
    phone.navigate(base);
    phone.waitForSelector("main[data-kept-here]");
    line.cut();
    phone.reload();
    Locator first = phone.locator("[data-tub]").first();
    first.locator("[value=BUNDLE]").click();
    assertThat(first.locator("[data-kept]")).containsText("kept here");
    Locator second = phone.locator("[data-tub]").nth(1);
    second.locator("[data-act=FED]").click();
    second.locator("[data-act=CHANGED]").click();
    assertThat(second.locator("[data-kept]")).hasCount(2);
    assertThat(phone.locator("[data-waiting-words]")).containsText("3 kept on this device");

    line.mend();
    phone.evaluate("document.querySelector('[data-send]').click()");
    assertThat(phone.locator("[data-waiting]")).isHidden();
    assertThat(first.locator(".tick.done")).hasText(new String[] {"Changed", "Fed"});
    assertThat(first.locator("[data-act=FLUSHED]")).hasText("Flushed 1 of 2");
    List<BatchState.TubNow> walk = state().walk();
    assertThat(walk).filteredOn(tub -> tub.tub().state().today().fed() == 1).hasSize(2);
    line.close();
  }
}
