package app.islet.web.page.design.build;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.Map;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.api.Test;

@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class FormMergeTest {
  private static final Map<String, String> BEFORE =
      Map.of(
          "depth", "20", "filter", "200", "parts", "2", "p0-id", "cave-1", "p0-x", "5", "p1-id",
          "stone-1", "p1-x", "5");

  private static Map<String, String> with(String... pairs) {
    Map<String, String> changed = new HashMap<>(BEFORE);
    for (int i = 0; i < pairs.length; i += 2) {
      changed.put(pairs[i], pairs[i + 1]);
    }
    return changed;
  }

  /** The cave is gone, and the stone in its place in the form. */
  private static Map<String, String> withoutTheCave(String stoneX) {
    return Map.of("depth", "20", "filter", "200", "parts", "1", "p0-id", "stone-1", "p0-x", stoneX);
  }

  @Test
  void different_fields_are_both_kept() {
    FormMerge merge = FormMerge.of(with("depth", "18"), BEFORE, with("filter", "300"));
    assertThat(merge.clashes()).isEmpty();
    assertThat(merge.fields()).containsEntry("depth", "18").containsEntry("filter", "300");
  }

  @Test
  void one_field_changed_by_both_is_told_with_both_values() {
    assertThat(FormMerge.of(with("depth", "18"), BEFORE, with("depth", "22")).clashes())
        .containsExactly(new FormMerge.Clash("depth", "18", "22"));
    assertThat(FormMerge.of(with("depth", "18"), BEFORE, with("depth", "18")).clashes()).isEmpty();
  }

  @Test
  void two_parts_moved_by_two_keepers_are_both_moved() {
    FormMerge merge = FormMerge.of(with("p0-x", "9"), BEFORE, with("p1-x", "30"));
    assertThat(merge.clashes()).isEmpty();
    assertThat(merge.fields()).containsEntry("p0-x", "9").containsEntry("p1-x", "30");
  }

  @Test
  void a_part_taken_away_by_one_does_not_have_the_other_move_the_wrong_one() {
    FormMerge merge = FormMerge.of(with("p0-x", "9"), BEFORE, withoutTheCave("5"));
    assertThat(merge.clashes()).containsExactly(new FormMerge.Clash("parts", "2", "1"));
  }

  @Test
  void a_part_taken_away_by_one_is_gone_where_the_other_touched_no_part() {
    FormMerge merge = FormMerge.of(with("depth", "18"), BEFORE, withoutTheCave("5"));
    assertThat(merge.clashes()).isEmpty();
    assertThat(merge.fields())
        .containsEntry("depth", "18")
        .containsEntry("p0-id", "stone-1")
        .doesNotContainKey("p1-id");
    FormMerge other = FormMerge.of(withoutTheCave("5"), BEFORE, with("depth", "18"));
    assertThat(other.clashes()).isEmpty();
    assertThat(other.fields()).containsEntry("depth", "18").containsEntry("parts", "1");
  }
}
