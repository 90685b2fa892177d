package app.islet.web.page.calculators;

import app.islet.core.calculator.Calculator;
import app.islet.core.calculator.CalculatorGuide;
import app.islet.core.calculator.Calculators;
import app.islet.core.calculator.Input;
import app.islet.core.calculator.Output;
import app.islet.core.calculator.RefusedException;
import app.islet.core.quantity.Dimension;
import app.islet.core.quantity.Quantity;
import app.islet.core.quantity.UnitSystem;
import app.islet.core.text.English;
import app.islet.web.base.support.Field;
import app.islet.web.base.support.Form;
import app.islet.web.people.collection.CollectionContext;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.TreeMap;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.server.ResponseStatusException;

/** The calculators as pages, made from their definitions, in the keeper's units. */
@Controller
class CalculatorController {
  /**
   * @param question it answers
   * @param rule how it does, in one sentence
   */
  record Item(String id, String title, String question, String rule) {
    private static Item of(Calculator c) {
      return new Item(c.id(), c.title(), CalculatorGuide.of(c).question(), c.rule());
    }
  }

  record Result(String label, String text) {}

  /** Calculators of one group. */
  record Group(String name, List<Item> items) {}

  @GetMapping("/c/{collection}/calculators")
  String list(CollectionContext context, Model model) {
    Map<String, List<Item>> groups =
        Calculators.all().stream()
            .collect(
                Collectors.groupingBy(
                    c -> CalculatorGuide.of(c).group(),
                    TreeMap::new,
                    Collectors.mapping(Item::of, Collectors.toList())));
    model.addAttribute(
        "groups",
        groups.entrySet().stream().map(g -> new Group(g.getKey(), g.getValue())).toList());
    return "calculator/list";
  }

  @GetMapping("/c/{collection}/calculators/{id}")
  String run(CollectionContext context, @PathVariable String id, Form form, Model model) {
    Calculator calculator =
        Calculators.find(id).orElseThrow(() -> new ResponseStatusException(HttpStatus.NOT_FOUND));
    UnitSystem units = context.system();
    if (!form.all().isEmpty()) {
      answer(calculator, form, units, model);
    }
    model.addAttribute("calculator", Item.of(calculator));
    model.addAttribute("example", example(calculator, units));
    model.addAttribute("source", calculator.basis().words());
    model.addAttribute(
        "fields", calculator.inputs().stream().map(i -> field(form, i, units)).toList());
    return "calculator/calculator";
  }

  private static void answer(Calculator calculator, Form form, UnitSystem units, Model model) {
    Map<String, String> given = new LinkedHashMap<>();
    for (Input input : calculator.inputs()) {
      if (!input.isNumber()) {
        given.put(input.key(), form.typed(input.key()));
        continue;
      }
      OptionalDouble value =
          input.isRequired()
              ? OptionalDouble.of(
                  form.number(input.key(), input.dimension(), input.min(), input.max()))
              : form.optional(input.key(), input.dimension(), input.min(), input.max());
      value.ifPresent(v -> given.put(input.key(), BigDecimal.valueOf(v).toPlainString()));
    }
    if (form.hasErrors()) {
      return;
    }
    try {
      Map<String, Double> out = Calculators.run(calculator.id(), given);
      model.addAttribute(
          "results",
          calculator.outputs().stream()
              .filter(o -> out.containsKey(o.key()))
              .map(o -> new Result(o.label(), text(o, out.get(o.key()), units)))
              .toList());
    } catch (RefusedException e) {
      form.refuse(e.key(), named(calculator, e.getMessage()));
    }
  }

  /** Says the fields by their labels, as the page does. */
  private static String named(Calculator calculator, String sentence) {
    String named = sentence;
    for (Input input : calculator.inputs()) {
      named =
          named.replaceAll(
              "\\b" + Pattern.quote(input.key()) + "\\b",
              Matcher.quoteReplacement("\"" + input.label() + "\""));
    }
    return named;
  }

  /** Everyday values in the keeper's units, by field. */
  private static Map<String, String> example(Calculator calculator, UnitSystem units) {
    Map<String, String> example = new LinkedHashMap<>();
    Map<String, String> inside = CalculatorGuide.of(calculator).example();
    for (Input input : calculator.inputs()) {
      String value = inside.get(input.key());
      if (value != null && input.isNumber()) {
        example.put(input.key(), Form.shown(Double.parseDouble(value), input.dimension(), units));
      } else if (value != null) {
        example.put(input.key(), value);
      }
    }
    return example;
  }

  private static Field field(Form form, Input i, UnitSystem units) {
    return switch (i.kind()) {
      case NUMBER, WHOLE ->
          Field.of(form, i.key(), i.label(), "number", i.dimension().unit(units), hint(i, units));
      case DATE -> Field.of(form, i.key(), i.label(), "date", "", "");
      case POINTS ->
          Field.of(
              form,
              i.key(),
              i.label(),
              "text",
              "",
              "as 0:2.1,1:3.4,2:4.0, from three different times on");
      case FLAG ->
          Field.select(
              form,
              i.key(),
              i.label(),
              List.of(new Field.Option("true", "yes"), new Field.Option("false", "no")));
    };
  }

  private static String text(Output output, double value, UnitSystem units) {
    return switch (output.kind()) {
      case FLAG -> value != 0 ? "yes" : "no";
      case DAY -> English.day(LocalDate.ofEpochDay((long) value));
      case NUMBER -> new Quantity(output.dimension(), value).text(units);
    };
  }

  private static String hint(Input input, UnitSystem units) {
    if (input.isRequired()) {
      return "";
    }
    if (input.fallbackNote().equals(Input.NONE) && Double.isNaN(input.fallback().getAsDouble())) {
      return "May be left empty";
    }
    double fallback = input.fallback().getAsDouble();
    return Double.isNaN(fallback)
        ? "Leave empty for the same as " + input.fallbackNote().replaceAll("[A-Z].*$", "")
        : "Leave empty for "
            + (input.dimension() == Dimension.TEMPERATURE
                ? input.dimension().number(fallback, units)
                : new Quantity(input.dimension(), fallback).number(units));
  }
}
