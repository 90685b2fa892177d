package app.islet.core.calculator;

import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Objects;
import java.util.Properties;

/**
 * What a calculator is for, in a keeper's words; all of them stand in {@code guide.properties}.
 *
 * @param group under which it is listed
 * @param question it answers
 * @param example everyday values for its inputs, in SI, to try it with
 */
public record CalculatorGuide(String group, String question, Map<String, String> example) {
  private static final Properties TEXT = text();

  private static Properties text() {
    Properties text = new Properties();
    try (InputStream in = CalculatorGuide.class.getResourceAsStream("guide.properties")) {
      text.load(new InputStreamReader(Objects.requireNonNull(in), StandardCharsets.UTF_8));
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return text;
  }

  public static CalculatorGuide of(Calculator calculator) {
    Map<String, String> example = new LinkedHashMap<>();
    Arrays.stream(line(calculator, "example").split("&"))
        .map(pair -> pair.split("=", 2))
        .forEach(pair -> example.put(pair[0], pair[1]));
    return new CalculatorGuide(
        line(calculator, "group"), line(calculator, "question"), Map.copyOf(example));
  }

  private static String line(Calculator calculator, String what) {
    return Objects.requireNonNull(
        TEXT.getProperty(calculator.id() + "." + what),
        () -> "guide.properties says no " + what + " of " + calculator.id());
  }
}
