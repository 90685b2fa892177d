package app.islet.web;

import static org.assertj.core.api.Assertions.assertThat;

import app.islet.core.enclosure.DesignField;
import app.islet.core.enclosure.Furnishing;
import app.islet.core.enclosure.Substrate;
import app.islet.core.field.RecordShape;
import app.islet.core.livestock.Appetite;
import app.islet.core.livestock.LifeEvent;
import app.islet.core.livestock.Origin;
import app.islet.core.livestock.Place;
import app.islet.core.plan.MealAnswers;
import app.islet.core.rearing.RearingGuide;
import app.islet.core.rearing.Tub;
import app.islet.core.rearing.TubBundle;
import app.islet.core.rearing.TubEvent;
import app.islet.core.water.CorrectionStep;
import app.islet.web.base.figure.FigureKind;
import app.islet.web.people.collection.AnimalCollection;
import app.islet.web.store.animal.Photo;
import app.islet.web.store.health.HealthCase;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.text.MessageFormat;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Properties;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Element;
import org.jsoup.nodes.TextNode;
import org.jsoup.parser.Parser;
import org.jsoup.select.NodeVisitor;
import org.junit.jupiter.api.Test;

/** Every text of the pages stands in the catalogue, and the catalogue has no more than that. */
class MessagesTest {
  private static final Path TEMPLATES = Path.of("src/main/resources/templates");
  private static final Pattern KEY = Pattern.compile("#\\{([a-z0-9.-]+)");
  private static final Pattern WORD = Pattern.compile("[A-Za-z]{2}");
  private static final Pattern INLINE = Pattern.compile("\\[\\[.*?]]", Pattern.DOTALL);
  private static final Pattern TWO_WORDS = Pattern.compile("[a-z]{2} [a-z]{2}");

  private static final Pattern ASKED_BY_JAVA =
      Pattern.compile("Messages\\.text\\(\\s*\"([a-z0-9.-]*[a-z0-9])\"");
  private static final Pattern OF_A_FIGURE = Pattern.compile("figure\\.");
  private static final Pattern OF_A_FORM = Pattern.compile("(field|section)\\.");

  /** Shown as they are, in every language. */
  private static final Set<String> VERBATIM = Set.of("kbd", "code", "script", "style");

  private final Properties messages = read();

  private static Properties read() {
    Properties all = new Properties();
    try (InputStreamReader in =
        new InputStreamReader(
            MessagesTest.class.getResourceAsStream("/messages.properties"),
            StandardCharsets.UTF_8)) {
      all.load(in);
      return all;
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private static List<Path> templates() throws IOException {
    try (Stream<Path> files = Files.walk(TEMPLATES)) {
      return files.filter(f -> f.toString().endsWith(".html")).toList();
    }
  }

  @Test
  void every_key_of_a_template_is_in_the_catalogue_and_none_is_left_over() throws IOException {
    Set<String> asked = new TreeSet<>();
    for (Path template : templates()) {
      Matcher key = KEY.matcher(Files.readString(template));
      while (key.find()) {
        asked.add(key.group(1));
      }
    }
    try (Stream<Path> files = Files.walk(Path.of("src/main/java"))) {
      for (Path file : files.filter(f -> f.toString().endsWith(".java")).toList()) {
        Matcher key = ASKED_BY_JAVA.matcher(Files.readString(file));
        while (key.find()) {
          asked.add(key.group(1));
        }
      }
    }
    for (Place.Kind kind : Place.Kind.values()) {
      if (kind.isWayOut() || kind == Place.Kind.BEGUN) {
        asked.add("way." + kind.word());
      }
    }
    for (String show : List.of("all", "moves", "sizes", "food", "rest")) {
      asked.add("animals.show-" + show);
    }
    for (LifeEvent.Kind kind : LifeEvent.Kind.values()) {
      asked.add("life." + kind.name().toLowerCase(Locale.ROOT));
    }
    for (Origin origin : Origin.values()) {
      asked.add("about.origin-" + origin.name().toLowerCase(Locale.ROOT));
    }
    for (Photo.Shows shows : Photo.Shows.values()) {
      asked.add("photo." + shows.name().toLowerCase(Locale.ROOT));
    }
    for (MealAnswers.State state : MealAnswers.State.values()) {
      asked.add("meal." + state.name().toLowerCase(Locale.ROOT));
    }
    for (Appetite.Verdict verdict : Appetite.Verdict.values()) {
      asked.add("appetite." + verdict.name().toLowerCase(Locale.ROOT));
    }
    for (CorrectionStep.Kind kind : CorrectionStep.Kind.values()) {
      asked.add("correction.kind." + kind.name().toLowerCase(Locale.ROOT));
    }
    for (AnimalCollection.WalkOrder order : AnimalCollection.WalkOrder.values()) {
      asked.add("rounds.order." + order);
    }
    asked.addAll(keysOfRearingAndHealth());
    Set<String> known = new TreeSet<>(messages.stringPropertyNames());
    known.removeIf(
        key -> OF_A_FORM.matcher(key).lookingAt() || OF_A_FIGURE.matcher(key).lookingAt());
    asked.removeIf(key -> OF_A_FORM.matcher(key).lookingAt());
    assertThat(asked).containsExactlyInAnyOrderElementsOf(known);
  }

  private static List<String> keysOfRearingAndHealth() {
    List<String> keys = new ArrayList<>();
    for (TubBundle.Kind kind : TubBundle.Kind.values()) {
      keys.add("rearing.job." + kind);
      keys.add("rearing.job-of." + kind);
    }
    for (TubEvent.Kind kind : TubEvent.Kind.values()) {
      keys.add("rearing.did." + kind);
    }
    for (Tub.Health health : Tub.Health.values()) {
      keys.add("rearing.walk." + health);
      keys.add("rearing.tools." + health);
    }
    for (RearingGuide.Beginning begins : RearingGuide.Beginning.values()) {
      keys.add("rearing.since." + begins);
      keys.add("rearing.guide-counted." + begins);
    }
    List.of("ALL", "NOT_FED", "NOT_CHANGED", "NOT_EATING", "GILLS_GOING", "LOOK", "EMPTY")
        .forEach(show -> keys.add("rearing.show." + show));
    List.of("STAGE", "NUMBER").forEach(order -> keys.add("rearing.order." + order));
    List.of("A4_24", "A4_21", "A4_14", "A4_65", "LETTER_30")
        .forEach(sheet -> keys.add("rearing.sheet." + sheet));
    for (HealthCase.Outcome outcome : HealthCase.Outcome.values()) {
      keys.add("health.outcome." + outcome);
    }
    return keys;
  }

  /** A field without a label fails when its page is opened; here, that no label lacks its field. */
  @Test
  void every_label_of_the_catalogue_belongs_to_a_field() throws IOException {
    List<String> forms = new ArrayList<>();
    try (Stream<Path> files = Files.walk(Path.of("src/main/java"))) {
      for (Path file : files.filter(f -> f.toString().endsWith(".java")).toList()) {
        forms.add(Files.readString(file));
      }
    }
    Set<String> ofDesigns = labelsOfDesigns();
    for (String key : messages.stringPropertyNames()) {
      String label = key.replaceFirst("\\.hint$", "");
      String[] path = label.split("\\.");
      if (!ofDesigns.contains(label) && OF_A_FORM.matcher(key).lookingAt()) {
        List<String> words =
            key.endsWith(".title") ? List.of(key) : List.of(path).subList(1, path.length);
        assertThat(forms)
            .as(key)
            .anyMatch(java -> words.stream().allMatch(w -> java.contains('"' + w + '"')));
      }
    }
  }

  private static Set<String> labelsOfDesigns() {
    Set<String> labels = new TreeSet<>();
    for (DesignField f : DesignField.values()) {
      labels.add("field." + f.form() + "." + f.key());
    }
    Map.of("part", Furnishing.class, "layer", Substrate.Layer.class, "point", Substrate.Point.class)
        .forEach(
            (rows, type) ->
                RecordShape.of(type)
                    .slots()
                    .forEach(
                        s ->
                            labels.add(
                                "field." + rows + "." + s.name().replaceAll("Cm$|Deg$", ""))));
    return labels;
  }

  @Test
  void every_figure_has_a_label_its_formula_and_its_source_and_none_is_left_over() {
    Set<String> wanted = new TreeSet<>();
    for (FigureKind kind : FigureKind.values()) {
      wanted.addAll(List.of(kind.key(), kind.key() + ".formula", kind.key() + ".source"));
    }
    Set<String> known = new TreeSet<>(messages.stringPropertyNames());
    known.removeIf(key -> !OF_A_FIGURE.matcher(key).lookingAt());
    assertThat(known).isEqualTo(wanted);
  }

  @Test
  void a_hint_stands_under_a_label() {
    assertThat(messages.stringPropertyNames())
        .filteredOn(key -> OF_A_FORM.matcher(key).lookingAt() && key.endsWith(".hint"))
        .isNotEmpty()
        .allMatch(key -> messages.containsKey(key.replaceFirst("\\.hint$", "")));
  }

  @Test
  void no_template_has_words_of_its_own() throws IOException {
    List<String> bare = new ArrayList<>();
    for (Path template : templates()) {
      Jsoup.parse(Files.readString(template), "", Parser.xmlParser())
          .traverse(bareWords(template, bare));
    }
    assertThat(bare).isEmpty();
  }

  private static NodeVisitor bareWords(Path template, List<String> bare) {
    return (node, depth) -> {
      if (node instanceof TextNode text && shown(text)) {
        String own = INLINE.matcher(text.getWholeText()).replaceAll("").strip();
        if (WORD.matcher(own).find()) {
          bare.add(template + ": " + own);
        }
      } else if (node instanceof Element element) {
        for (String name : List.of("aria-label", "placeholder", "title", "alt")) {
          String own = element.attr(name);
          if (WORD.matcher(own).find() && !own.startsWith("2026-")) {
            bare.add(template + ": " + name + "=" + own);
          }
        }
        element.attributes().asList().stream()
            .filter(a -> a.getKey().startsWith("th:") && !a.getKey().contains("class"))
            .filter(a -> literals(a.getValue()).anyMatch(l -> TWO_WORDS.matcher(l).find()))
            .forEach(a -> bare.add(template + ": " + a.getValue()));
      }
    };
  }

  /** What stands between two apostrophes of an expression. */
  private static Stream<String> literals(String expression) {
    String[] pieces = expression.split("'", -1);
    return IntStream.range(0, pieces.length).filter(i -> i % 2 == 1).mapToObj(i -> pieces[i]);
  }

  /** What stands in an element whose content is computed is only there to read the template. */
  private static boolean shown(TextNode text) {
    for (Element e = (Element) text.parent(); e != null; e = e.parent()) {
      boolean replaced =
          e.hasAttr("th:text")
              || e.hasAttr("th:utext")
              || e.hasAttr("th:replace") && !e.attr("th:replace").contains("~{::main}");
      if (replaced || VERBATIM.contains(e.tagName())) {
        return false;
      }
    }
    return true;
  }

  @Test
  void every_pattern_can_be_read_and_keeps_its_apostrophes() {
    for (String key : messages.stringPropertyNames()) {
      String text = messages.getProperty(key);
      if (text.contains("{")) {
        assertThat(new MessageFormat(text, Locale.ENGLISH).toPattern()).as(key).isNotEmpty();
        assertThat(text.replace("''", "")).as(key).doesNotContain("'");
      } else {
        assertThat(text).as(key).doesNotContain("''");
      }
    }
  }
}
