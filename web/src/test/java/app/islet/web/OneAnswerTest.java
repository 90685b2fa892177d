package app.islet.web;

import static org.assertj.core.api.Assertions.assertThat;

import app.islet.core.animal.StageBasis;
import app.islet.core.care.CareLibrary;
import app.islet.core.document.DocumentReader;
import app.islet.core.document.EnclosureDocument;
import app.islet.core.enclosure.Site;
import app.islet.core.quantity.UnitSystem;
import app.islet.web.base.support.HttpKeeper;
import app.islet.web.base.support.Islet;
import app.islet.web.base.support.PageText;
import app.islet.web.base.support.Units;
import app.islet.web.people.account.People;
import app.islet.web.people.collection.CollectionContext;
import app.islet.web.people.collection.CollectionContexts;
import app.islet.web.people.collection.NewCollections;
import app.islet.web.reading.snapshot.AnimalSnapshot;
import app.islet.web.reading.snapshot.AnimalSnapshots;
import app.islet.web.store.animal.Animals;
import app.islet.web.store.animal.NewEnclosures;
import app.islet.web.store.enclosure.Rooms;
import java.io.IOException;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.LongStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** A figure that stands on more than one page is the same on each: all of the demo, all samples. */
@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class OneAnswerTest {
  private static final Islet ISLET = Islet.running();
  private static final HttpKeeper KEEPER = new HttpKeeper(ISLET.base());
  private static final Path SAMPLES = Path.of("..", "samples");

  private static final String UNREADY = "Axolotl pair";

  /** Samples of what cannot be read. */
  private static final Set<String> REFUSED =
      Set.of("trailing-text.json", "two-frogs-mistaken.json");

  /** What was found on two pages at least once: a page that words it anew must not slip through. */
  private static final Set<String> COMPARED = new HashSet<>();

  @AfterAll
  static void each_figure_was_compared() {
    assertThat(COMPARED)
        .containsExactlyInAnyOrder(
            "outgrown", "water", "filter", "uvb", "water change", "chiller", "food held off");
  }

  /** Addresses of the demo's enclosures and of one made from each sample. */
  static List<String> enclosures() throws IOException {
    List<String> all =
        new ArrayList<>(
            LongStream.rangeClosed(1, 10).mapToObj(n -> "/c/weir-mill/enclosures/" + n).toList());
    String slug =
        ISLET
            .bean(NewCollections.class)
            .create(
                "Zz samples", ZoneId.of("UTC"), ISLET.bean(People.class).find("mill").orElseThrow())
            .slug();
    CollectionContext context =
        ISLET.bean(CollectionContexts.class).find("mill", slug).orElseThrow();
    long room =
        ISLET.bean(Rooms.class).add(context, "All samples", new Site(24, 20, 21, 16, 50)).id();
    try (Stream<Path> files = Files.list(SAMPLES)) {
      DocumentReader reader = new DocumentReader(CareLibrary.bundled());
      for (Path file : files.filter(f -> f.toString().endsWith(".json")).sorted().toList()) {
        String json = Files.readString(file);
        if (!REFUSED.contains(file.getFileName().toString())) {
          all.add(made(context, room, reader.read(file.toString(), json)));
        }
      }
    }
    return all;
  }

  private static String made(CollectionContext context, long room, EnclosureDocument document) {
    long id =
        ISLET
            .bean(NewEnclosures.class)
            .create(context, room, document, document.enclosure().name(), UUID.randomUUID());
    String address = context.path("/enclosures/" + id);
    // One whose filter is known not to be ready.
    if (document.enclosure().name().equals(UNREADY)) {
      KEEPER.post(
          address + "/water/test",
          Map.of(
              "clientId",
              UUID.randomUUID().toString(),
              "day",
              context.today().toString(),
              "ammonia",
              "0",
              "nitrite",
              "1",
              "countsAs",
              "ION"));
    }
    return address;
  }

  private static PageText page(String address) {
    HttpResponse<String> answer = KEEPER.get(address);
    assertThat(answer.statusCode()).as(address).isEqualTo(200);
    return new PageText(answer.body());
  }

  @ParameterizedTest
  @MethodSource("enclosures")
  void pages_agree(String enclosure) {
    PageText build = page(enclosure + "/build");
    PageText light = page(enclosure + "/light");
    PageText water = page(enclosure + "/water");
    PageText review = page(enclosure + "/review");
    PageText report = page(enclosure + "/report");
    PageText sheet = page(enclosure + "/sheet");
    PageText plan = page(enclosure + "/plan");
    countOfFindings(review, report);
    outlook(review, report);
    litresOfWater(build, report, sheet);
    filterCycle(water, review);
    uvb(light, review);
    partChange(water, plan);
    chiller(page(enclosure + "/climate"), review);
    heldOff(water, plan);
  }

  /** What is bought to cool it is one number of watts. */
  private static void chiller(PageText climate, PageText review) {
    Matcher told =
        Pattern.compile("A chiller that takes ([\\d.,]+ W) from the water").matcher(review.words());
    if (told.find()) {
      COMPARED.add("chiller");
      assertThat(climate.words()).contains(told.group(1) + " of cooling");
    }
  }

  /** Who is told on the Water page to feed nothing is told so on the list. */
  private static void heldOff(PageText water, PageText plan) {
    boolean told = water.words().contains("feed nothing");
    assertThat(Pattern.compile("No food(?! for)").matcher(plan.words()).find()).isEqualTo(told);
    if (told) {
      COMPARED.add("food held off");
      assertThat(plan.between("class=\"fortnight\"", "</li>").words()).doesNotContain(" for ");
    }
  }

  private static void countOfFindings(PageText review, PageText report) {
    String here =
        review.words().contains("All well") ? "0" : review.first("(\\d+) to fix or watch");
    assertThat(report.first("(\\d+) to fix or watch")).isEqualTo(here);
  }

  /** The day something is outgrown stands in the finding, in the outlook and in the report. */
  private static void outlook(PageText review, PageText report) {
    PageText later = review.between("id=\"later\"", "</ol>");
    PageText printed = report.between("<h2>In the next three years</h2>", "</ul>");
    String month =
        "((?:January|February|March|April|May|June|July|August|September|October|November|December) \\d{4})";
    assertThat(printed.all(month)).isEqualTo(later.all(month));
    if (review.tells("soon-outgrown")) {
      COMPARED.add("outgrown");
      assertThat(later.all(month)).containsAll(review.all("Outgrown [^(]*\\(" + month));
    }
  }

  private static void litresOfWater(PageText build, PageText report, PageText sheet) {
    PageText headline = build.between("class=\"headline\"", "</p>");
    String litres = headline.first("^\\D*([\\d.,]+)");
    assertThat(report.between("<dt>Water</dt>", "</dd>").words())
        .startsWith("Water " + litres + " L");
    if (!litres.equals("0")) {
      COMPARED.add("water");
      assertThat(sheet.first("Water to fill what stands in it taken off ([\\d.,]+) L"))
          .isEqualTo(litres);
    }
  }

  private static void filterCycle(PageText water, PageText review) {
    String verdict = water.between("id=\"start-up\"", "</p>").words();
    if (review.tells("start-up-not-finished") || review.tells("filter-crashed")) {
      assertThat(verdict).doesNotContain("Yes, it carries animals");
    }
    if (verdict.contains("No, it does not carry animals")) {
      COMPARED.add("filter");
      assertThat(review.tells("start-up-not-finished") || review.tells("filter-crashed")).isTrue();
    }
  }

  private static void uvb(PageText light, PageText review) {
    boolean found = review.tells("uvb-distance") || review.tells("uvb-missing");
    boolean off =
        light.words().matches(".*: (too little|too much: eyes and skin burn|no UVB lamp).*");
    assertThat(off).isEqualTo(found);
    if (found) {
      COMPARED.add("uvb");
    }
  }

  private static void partChange(PageText water, PageText plan) {
    Matcher told =
        Pattern.compile(
                "Water change [\\d.,]+ % (every \\d+ days|daily) by the school followed;"
                    + " new water within .*? of the tank's ([\\d.,]+ \\S+)")
            .matcher(water.words());
    if (told.find()) {
      COMPARED.add("water change");
      assertThat(plan.words())
          .containsPattern("Change " + Pattern.quote(told.group(2)) + " .*?" + told.group(1));
    }
  }

  /** Every animal and batch of the demo that is there, wherever it is kept. */
  static List<Long> animals() {
    CollectionContext mill = mill();
    return ISLET.bean(AnimalSnapshots.class).of(mill, ISLET.bean(Animals.class).all(mill)).stream()
        .filter(AnimalSnapshot::isHere)
        .map(s -> s.animal().id())
        .toList();
  }

  private static CollectionContext mill() {
    return ISLET.bean(CollectionContexts.class).find("mill", "weir-mill").orElseThrow();
  }

  @Test
  void the_demo_has_young_in_tubs_eggs_and_grown_animals() {
    CollectionContext mill = mill();
    assertThat(
            ISLET.bean(AnimalSnapshots.class).of(mill, ISLET.bean(Animals.class).all(mill)).stream()
                .filter(AnimalSnapshot::isHere)
                .map(s -> s.facts().basis()))
        .contains(StageBasis.BATCH_SEEN, StageBasis.LENGTH);
  }

  @ParameterizedTest
  @MethodSource("animals")
  void pages_agree_on_an_animal(long id) {
    AnimalSnapshot animal = ISLET.bean(AnimalSnapshots.class).get(mill(), id);
    String stage = animal.resident().stage().name();
    String words = animal.resident().words();
    String own = "/c/weir-mill/animals/" + id;
    assertThat(page(own).words()).contains(words);
    assertThat(page(own + "/growth").words()).contains(words);
    PageText paper = page(own + "/hand-over");
    assertThat(paper.words()).contains(words);
    assertThat(page("/c/weir-mill/health/animals/" + id).between("<main", "</main>").words())
        .contains(stage);
    PageText food = page(own + "/food");
    if (animal.tubs().isEmpty()) {
      assertThat(food.words()).contains("Menu in this stage: " + stage);
    } else {
      // What its page, its paper and the round of the tubs give is one and the same.
      List<String> meals = meals(animal);
      PageText round = page("/c/weir-mill/rearing/round");
      assertThat(food.words()).contains(meals);
      assertThat(paper.words()).contains(meals);
      assertThat(round.words()).contains(meals);
    }
    animal
        .home()
        .filter(home -> home.occupants().stream().anyMatch(o -> o.record().id().equals(id)))
        .ifPresent(
            home ->
                assertThat(page("/c/weir-mill/enclosures/" + home.id() + "/residents").words())
                    .contains(stage));
  }

  private static List<String> meals(AnimalSnapshot animal) {
    Units metric = new Units(UnitSystem.METRIC);
    return animal.tubs().stream()
        .filter(tub -> tub.bundle().left() > 0)
        .flatMap(tub -> animal.batch().orElseThrow().meals(tub).stream())
        .map(metric::text)
        .distinct()
        .toList();
  }
}
