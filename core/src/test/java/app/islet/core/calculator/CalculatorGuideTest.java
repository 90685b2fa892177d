package app.islet.core.calculator;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.DisplayNameGeneration;
import org.junit.jupiter.api.DisplayNameGenerator;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

@DisplayNameGeneration(DisplayNameGenerator.ReplaceUnderscores.class)
class CalculatorGuideTest {
  static List<String> ids() {
    return Calculators.all().stream().map(Calculator::id).toList();
  }

  @ParameterizedTest
  @MethodSource("ids")
  void every_calculator_says_what_question_it_answers_and_its_example_has_an_answer(String id) {
    CalculatorGuide guide = CalculatorGuide.of(Calculators.find(id).orElseThrow());
    assertThat(guide.question()).endsWith("?");
    assertThat(Calculators.run(id, guide.example()).values()).allMatch(Double::isFinite);
  }
}
