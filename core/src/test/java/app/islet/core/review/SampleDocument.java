package app.islet.core.review;

import app.islet.core.Setups;
import app.islet.core.care.CareLibrary;
import app.islet.core.document.DocumentReader;
import app.islet.core.document.EnclosureDocument;
import app.islet.core.situation.HusbandryState;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import java.util.stream.Stream;
import tools.jackson.core.JsonPointer;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.ObjectMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** A document of {@code samples/}, of which one number can be set otherwise. */
record SampleDocument(String name, JsonNode json) {
  private static final Path SAMPLES = Path.of("../samples");
  private static final ObjectMapper JSON = new ObjectMapper();
  private static final DocumentReader READER = new DocumentReader(CareLibrary.bundled());

  static SampleDocument read(String name) {
    try {
      return new SampleDocument(
          name, JSON.readTree(Files.readString(SAMPLES.resolve(name + ".json"))));
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  static Stream<SampleDocument> all() throws IOException {
    try (Stream<Path> files = Files.list(SAMPLES)) {
      return files
          .map(file -> file.getFileName().toString())
          .filter(file -> file.endsWith(".json") && !file.startsWith("trailing"))
          .map(file -> read(file.substring(0, file.length() - ".json".length())))
          .toList()
          .stream();
    }
  }

  /** Where its numbers stand, as {@code /water/depthCm}, each with its value. */
  Map<String, Double> numbers() {
    Map<String, Double> all = new TreeMap<>();
    collect("", json, all);
    return all;
  }

  private static void collect(String at, JsonNode node, Map<String, Double> into) {
    if (node.isNumber()) {
      into.put(at, node.asDouble());
    } else if (node instanceof ObjectNode object) {
      object.properties().forEach(e -> collect(at + "/" + e.getKey(), e.getValue(), into));
    } else if (node instanceof ArrayNode array) {
      for (int i = 0; i < array.size(); i++) {
        collect(at + "/" + i, array.get(i), into);
      }
    }
  }

  private JsonNode with(String field, double value) {
    JsonNode copy = json.deepCopy();
    JsonPointer pointer = JsonPointer.compile(field);
    ObjectNode parent = (ObjectNode) copy.at(pointer.head());
    parent.put(pointer.last().getMatchingProperty(), value);
    return copy;
  }

  HusbandryState situation() {
    return situation(json);
  }

  HusbandryState situation(String field, double value) {
    return situation(with(field, value));
  }

  /** Up to three of its numbers set otherwise, from half to one and a half times. */
  SampleDocument spoiled(Random random) {
    List<Map.Entry<String, Double>> all = List.copyOf(numbers().entrySet());
    SampleDocument spoiled = this;
    for (int n = 1 + random.nextInt(3); n > 0; n--) {
      Map.Entry<String, Double> number = all.get(random.nextInt(all.size()));
      double value = number.getValue() * (0.5 + random.nextDouble());
      boolean whole = number.getValue() == Math.rint(number.getValue());
      spoiled =
          new SampleDocument(name, spoiled.with(number.getKey(), whole ? Math.rint(value) : value));
    }
    return spoiled;
  }

  private HusbandryState situation(JsonNode of) {
    EnclosureDocument document = READER.read(name, of.toString());
    return HusbandryState.of(document.enclosure(), document.residents(), Setups.TODAY);
  }

  /**
   * What each rule that speaks says of the sample with that number, by its gravest finding.
   *
   * @throws app.islet.core.text.UnreadableException if the document refuses the number
   */
  Map<String, Severity> judged(String field, double value) {
    Map<String, Severity> gravest = new TreeMap<>();
    Review.judged(situation(field, value))
        .forEach(f -> gravest.merge(f.rule(), f.severity(), (a, b) -> a.compareTo(b) <= 0 ? a : b));
    return gravest;
  }
}
