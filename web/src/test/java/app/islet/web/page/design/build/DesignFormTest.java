package app.islet.web.page.design.build;

import static org.assertj.core.api.Assertions.assertThat;

import app.islet.core.care.CareLibrary;
import app.islet.core.document.DocumentDiff.Difference;
import app.islet.core.document.DocumentReader;
import app.islet.core.enclosure.DesignField;
import app.islet.core.enclosure.Enclosure;
import app.islet.core.enclosure.Equipment;
import app.islet.core.quantity.UnitSystem;
import app.islet.web.base.support.Form;
import app.islet.web.base.support.Messages;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;

@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class DesignFormTest {
  private static final DocumentReader READER = new DocumentReader(CareLibrary.bundled());

  private static List<Enclosure> samples() throws IOException {
    try (Stream<Path> files = Files.list(Path.of("..", "samples"))) {
      return files
          .filter(p -> p.toString().endsWith(".json") && !p.toString().contains("trailing"))
          .map(DesignFormTest::sample)
          .toList();
    }
  }

  private static Enclosure sample(Path file) {
    try {
      return READER.read(file.toString(), Files.readString(file)).enclosure();
    } catch (IOException e) {
      throw new IllegalStateException(e);
    }
  }

  private static Form form(Enclosure e, UnitSystem units, String... fieldsAndValues) {
    Map<String, String> typed = new LinkedHashMap<>(DesignForm.typed(e, units));
    for (int i = 0; i < fieldsAndValues.length; i += 2) {
      typed.put(fieldsAndValues[i], fieldsAndValues[i + 1]);
    }
    return new Form(typed, units);
  }

  @Test
  void a_form_sent_as_it_was_shown_changes_nothing_in_either_unit_system() throws IOException {
    for (Enclosure e : samples()) {
      for (UnitSystem units : UnitSystem.values()) {
        Form form = form(e, units);
        assertThat(DesignForm.read(form, e)).as(e.name() + " " + form.errors()).contains(e);
      }
    }
  }

  @Test
  void a_number_outside_what_a_document_may_say_is_refused_beside_its_field() throws IOException {
    Enclosure e = samples().get(0);
    for (DesignField f : DesignField.values()) {
      if (f.isInDesignForm()
          && f != DesignField.PLATFORM
          && f.slot().limit().isPresent()
          && f != DesignField.FLOOR_SHARE) {
        double over = f.limit().max() * 1.2 + 1;
        Form form =
            form(e, UnitSystem.METRIC, "platform", "on", "uvb", "on", f.key(), "" + (int) over);
        assertThat(DesignForm.read(form, e)).isEmpty();
        assertThat(form.errors()).as(f.name()).containsKey(f.key());
      }
    }
  }

  @Test
  void a_device_is_there_by_its_first_number_and_gone_without_it() throws IOException {
    Enclosure e = samples().get(0);
    Enclosure heated =
        DesignForm.read(form(e, UnitSystem.METRIC, "heater", "75", "guarded", "on"), e)
            .orElseThrow();
    assertThat(heated.first(Equipment.Heater.class)).contains(new Equipment.Heater(75, true));
    for (String none : List.of("", "0")) {
      assertThat(DesignForm.read(form(heated, UnitSystem.METRIC, "heater", none), heated))
          .map(x -> x.has(Equipment.Heater.class))
          .contains(false);
    }
    assertThat(
            DesignForm.read(form(e, UnitSystem.METRIC, "saltPool", "5"), e)
                .orElseThrow()
                .furnishings()
                .dishes())
        .as("sea water where nobody said, common practice, no source")
        .anyMatch(d -> d.salinityPpt() == 33);
  }

  @Test
  void land_needs_its_height_and_a_half_percent_is_none() throws IOException {
    Enclosure e = samples().stream().filter(x -> x.land().isEmpty()).findFirst().orElseThrow();
    Form form = form(e, UnitSystem.METRIC, "landShare", "30");
    assertThat(DesignForm.read(form, e)).isEmpty();
    assertThat(form.errors()).containsKeys("landHeight", "ramp");
    Form little = form(e, UnitSystem.METRIC, "landShare", "0.5", "landHeight", "5", "ramp", "0");
    assertThat(DesignForm.read(little, e)).isEmpty();
    assertThat(little.error("landShare")).contains("1 to 100");
  }

  @Test
  void what_changed_is_told_by_the_label_of_its_field_and_in_the_keeper_s_units() {
    assertThat(words("/water/depthCm", "20", "33")).isEqualTo("Water depth: 7.9 in > 13 in");
    assertThat(words("/vessel/floorShare", "", "0.8"))
        .isEqualTo("Bottom size as a share of the rim:  > 80 %");
    assertThat(words("/equipment/uvb-lamp/shape", "linear", "compact"))
        .startsWith("UVB lamp type: ");
    assertThat(words("/equipment/fan/airSpeedMs", "", "1.5"))
        .isEqualTo("Fan air speed:  > 1.5 m/s");
    assertThat(words("/site/summerDayC", "25", "27"))
        .isEqualTo("Summer day, warmest: 77 °F > 80.6 °F");
    assertThat(words("/ground/below/0/thicknessCm", "5", "10"))
        .isEqualTo("Layer 1, Thickness: 2 in > 3.9 in");
    assertThat(words("/furnishings/parts/stone-2/xCm", "10", "20"))
        .isEqualTo("Stone 2, From the left: 3.9 in > 7.9 in");
    assertThat(words("/water/conditioner/chloramine", "", "true"))
        .isEqualTo("It takes chloramine too:  > yes");
  }

  private static String words(String path, String before, String after) {
    ChangeWords w = ChangeWords.of(new Difference(path, before, after), UnitSystem.US);
    return w.label() + ": " + w.before() + " > " + w.after();
  }

  @Test
  void every_field_of_a_design_has_a_label() {
    assertThat(
            Arrays.stream(DesignField.values())
                .filter(f -> Messages.find("field." + f.form() + "." + f.key()).isEmpty()))
        .isEmpty();
  }
}
