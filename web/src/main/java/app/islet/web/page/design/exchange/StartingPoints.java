package app.islet.web.page.design.exchange;

import app.islet.core.care.CareLibrary;
import app.islet.core.document.DocumentReader;
import app.islet.core.document.EnclosureDocument;
import app.islet.core.enclosure.Enclosure;
import app.islet.core.enclosure.StandardVessel;
import app.islet.core.enclosure.Vessel;
import app.islet.core.quantity.Quantity;
import app.islet.core.quantity.UnitSystem;
import app.islet.core.text.UnreadableException;
import app.islet.web.base.support.Field.Option;
import app.islet.web.people.collection.CollectionContext;
import app.islet.web.store.care.CareSheetStore;
import app.islet.web.store.enclosure.Designs;
import app.islet.web.store.enclosure.EnclosureRecord;
import app.islet.web.store.enclosure.EnclosureStore;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.springframework.core.io.Resource;
import org.springframework.core.io.support.PathMatchingResourcePatternResolver;
import org.springframework.stereotype.Component;

/** What a new enclosure can begin with: measures, a vessel as sold, a sample, another enclosure. */
@Component
class StartingPoints {
  /** The choice that is no choice: the measures are typed. */
  static final String OWN = "";

  private static final String VESSEL = "vessel:";
  private static final String SAMPLE = "sample:";
  private static final String LIKE = "like:";

  private final EnclosureStore enclosures;
  private final Designs designs;
  private final CareSheetStore sheets;
  private final List<Sample> samples;

  /**
   * @param file name of the sample's file
   */
  private record Sample(String file, String name, String json) {}

  StartingPoints(EnclosureStore enclosures, Designs designs, CareSheetStore sheets) {
    this.enclosures = enclosures;
    this.designs = designs;
    this.sheets = sheets;
    this.samples = samples();
  }

  private static List<Sample> samples() {
    DocumentReader reader = new DocumentReader(CareLibrary.bundled());
    try {
      Resource[] found =
          new PathMatchingResourcePatternResolver().getResources("classpath:/samples/*.json");
      return Arrays.stream(found)
          .flatMap(resource -> sample(reader, resource).stream())
          .sorted(Comparator.comparing(Sample::name))
          .toList();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** Some samples show what is refused: those are nothing to begin with. */
  private static Optional<Sample> sample(DocumentReader reader, Resource resource) {
    String file = String.valueOf(resource.getFilename());
    try {
      String json = resource.getContentAsString(StandardCharsets.UTF_8);
      return Optional.of(new Sample(file, reader.read(file, json).enclosure().name(), json));
    } catch (UnreadableException refused) {
      return Optional.empty();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  List<Option> options(CollectionContext context) {
    List<Option> all = new ArrayList<>();
    all.add(new Option(OWN, "measures of my own, below"));
    for (StandardVessel v : StandardVessel.all()) {
      all.add(new Option(VESSEL + v.name(), v.name() + ": " + size(v.vessel(), context)));
    }
    for (EnclosureRecord each : enclosures.all(context)) {
      all.add(new Option(LIKE + each.id(), "Like " + each.name()));
    }
    return all;
  }

  /** Set-ups to learn from, some of them with faults worth seeing. */
  List<Option> examples() {
    List<Option> all = new ArrayList<>(List.of(new Option(OWN, "none")));
    samples.forEach(sample -> all.add(new Option(SAMPLE + sample.file(), sample.name())));
    return all;
  }

  private static String size(Vessel v, CollectionContext context) {
    UnitSystem units = context.system();
    return "%s × %s × %s, %s"
        .formatted(
            Quantity.cm(v.lengthCm()).number(units),
            Quantity.cm(v.widthCm()).number(units),
            Quantity.cm(v.heightCm()).text(units),
            Quantity.litres(v.footprintCm2() * v.heightCm() / 1000).text(units));
  }

  /**
   * The design chosen, with those who live in it where it is a sample; nothing where the choice is
   * not one of the list.
   */
  Optional<EnclosureDocument> chosen(CollectionContext context, String choice) {
    if (choice.startsWith(VESSEL)) {
      return StandardVessel.all().stream()
          .filter(v -> v.name().equals(choice.substring(VESSEL.length())))
          .map(StandardVessel::vessel)
          .findFirst()
          .map(v -> new EnclosureDocument(bare(v), List.of()));
    }
    if (choice.startsWith(SAMPLE)) {
      return samples.stream()
          .filter(s -> s.file().equals(choice.substring(SAMPLE.length())))
          .findFirst()
          .map(s -> read(context, s.file(), s.json()));
    }
    if (choice.startsWith(LIKE)) {
      return enclosures.all(context).stream()
          .filter(e -> choice.equals(LIKE + e.id()))
          .flatMap(e -> designs.newest(context, List.of(e)).values().stream())
          .findFirst()
          .map(design -> new EnclosureDocument(design.enclosure(), List.of()));
    }
    return Optional.empty();
  }

  static Enclosure bare(Vessel vessel) {
    return Enclosure.bare("New", vessel, vessel.heightCm() / 2);
  }

  /**
   * @throws UnreadableException with every problem
   */
  EnclosureDocument read(CollectionContext context, String file, String json) {
    return new DocumentReader(sheets.library(context)).read(file, json);
  }
}
