package app.islet.web;

import app.islet.core.rearing.Housing;
import app.islet.core.rearing.TubEvent;
import app.islet.web.base.support.HttpKeeper;
import app.islet.web.base.support.Islet;
import app.islet.web.people.account.People;
import app.islet.web.people.collection.CollectionContext;
import app.islet.web.people.collection.CollectionContexts;
import app.islet.web.people.collection.NewCollections;
import app.islet.web.store.rearing.Batch;
import app.islet.web.store.rearing.BatchState;
import app.islet.web.store.rearing.BatchStates;
import app.islet.web.store.rearing.Batches;
import app.islet.web.store.rearing.NewBatch;
import app.islet.web.store.rearing.TubLogs;
import app.islet.web.store.rearing.TubRecord;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.UUID;
import java.util.function.IntSupplier;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/**
 * How the board answers with a hundred tubs and two months of entries, and a tap on one of them, as
 * ratios to an empty request of the same run. Prints a table; proves nothing by itself.
 */
@Tag("benchmark")
class RearingBenchmark {
  private static final int TUBS = 100;
  private static final int DAYS = 60;
  private static final int WARM_UP = 40;
  private static final int ASKED = 40;

  private final Islet islet = Islet.running();

  @Test
  void prints_the_table() {
    CollectionContext context = context();
    BatchState state = batch(context);
    HttpKeeper client = new HttpKeeper(islet.base());
    String base = "/c/" + context.collection().slug() + "/rearing";
    long tub = state.tubs().get(0).record().placeId();
    double empty = median(() -> client.get("/none").body().length());
    double board = median(() -> client.get(base).body().length());
    double card = median(() -> client.get(base + "/cards/" + tub).body().length());
    double note = median(() -> tap(client, base, tub, "NOTE"));
    double fed = median(() -> tap(client, base, tub, "FED"));
    double round = median(() -> client.get(base + "/round").body().length());
    double page = median(() -> client.get(base + "/batches/" + state.batch().id()).body().length());
    System.out.println(
        "tubs | empty ms | board | card | tap | tap told | round | batch | board kB");
    System.out.printf(
        Locale.ROOT,
        "%d | %.1f | %.0f ms, %.1f x | %.1f ms | %.1f ms | %.1f ms | %.0f ms | %.0f ms | %d%n",
        TUBS,
        empty,
        board,
        board / empty,
        card,
        note,
        fed,
        round,
        page,
        client.get(base).body().length() / 1000);
  }

  private CollectionContext context() {
    String slug =
        islet
            .bean(NewCollections.class)
            .create(
                "Rearing scale",
                ZoneId.of("UTC"),
                islet.bean(People.class).find("mill").orElseThrow())
            .slug();
    return islet.bean(CollectionContexts.class).find("mill", slug).orElseThrow();
  }

  private BatchState batch(CollectionContext context) {
    Batch batch =
        islet
            .bean(Batches.class)
            .begin(
                context,
                new NewBatch(
                    new NewBatch.Who(
                        "fire-salamander", "Scale", Optional.empty(), Optional.empty()),
                    Optional.empty(),
                    new NewBatch.Start(context.today().minusDays(DAYS), TUBS, false),
                    new NewBatch.Where(
                        Housing.Kind.SINGLY,
                        new TubRecord.TubSize(18, 12, 2.5),
                        Optional.empty(),
                        Optional.empty(),
                        OptionalDouble.of(17)),
                    false,
                    TUBS),
                UUID.randomUUID());
    BatchState state = islet.bean(BatchStates.class).of(context, batch.id());
    for (BatchState.TubNow tub : state.tubs()) {
      List<TubEvent> log = new ArrayList<>();
      for (int ago = DAYS; ago > 0; ago--) {
        for (TubEvent.Kind kind :
            List.of(TubEvent.Kind.CHANGED, TubEvent.Kind.FED, TubEvent.Kind.EATEN)) {
          log.add(TubEvent.of(context.today().minusDays(ago).atTime(9, 0), kind));
        }
      }
      islet.bean(TubLogs.class).addPast(context, tub.record().placeId(), log);
    }
    return state;
  }

  private static int tap(HttpKeeper client, String base, long tub, String kind) {
    return client
        .post(base + "/tubs/" + tub, Map.of("kind", kind, "clientId", UUID.randomUUID().toString()))
        .statusCode();
  }

  private static double median(IntSupplier asked) {
    for (int i = 0; i < WARM_UP; i++) {
      asked.getAsInt();
    }
    double[] ms = new double[ASKED];
    for (int i = 0; i < ASKED; i++) {
      long start = System.nanoTime();
      asked.getAsInt();
      ms[i] = (System.nanoTime() - start) / 1e6;
    }
    Arrays.sort(ms);
    return ms[ASKED / 2];
  }
}
