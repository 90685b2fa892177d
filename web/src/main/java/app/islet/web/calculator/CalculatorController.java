package app.islet.web.calculator;

import app.islet.core.calculator.Calculator;
import app.islet.core.calculator.Calculators;
import app.islet.core.calculator.Input;
import app.islet.core.calculator.Output;
import app.islet.core.calculator.RefusedException;
import app.islet.core.quantity.Dimension;
import app.islet.core.quantity.Quantity;
import app.islet.core.quantity.UnitSystem;
import app.islet.web.collection.CollectionContext;
import app.islet.web.support.Field;
import app.islet.web.support.Form;
import java.math.BigDecimal;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.server.ResponseStatusException;

/** The calculators as pages, made from their definitions, in the keeper's units. */
@Controller
class CalculatorController {
  record Item(String id, String title, String rule) {}

  record Result(String label, String text) {}

  @GetMapping("/c/{collection}/calculators")
  String list(CollectionContext context, Model model) {
    model.addAttribute(
        "items",
        Calculators.all().stream().map(c -> new Item(c.id(), c.title(), c.rule())).toList());
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
    model.addAttribute(
        "calculator", new Item(calculator.id(), calculator.title(), calculator.rule()));
    model.addAttribute("source", calculator.basis().words());
    model.addAttribute(
        "fields", calculator.inputs().stream().map(i -> field(form, i, units)).toList());
    return "calculator/calculator";
  }

  private static void answer(Calculator calculator, Form form, UnitSystem units, Model model) {
    Map<String, String> given = new LinkedHashMap<>();
    for (Input input : calculator.inputs()) {
      if (input.kind() != Input.Kind.NUMBER) {
        given.put(input.key(), form.typed(input.key()));
        continue;
      }
      OptionalDouble value =
          input.isRequired()
              ? OptionalDouble.of(
                  form.number(input.key(), input.dimension(), input.min(), input.max()))
              : form.optional(input.key(), input.dimension(), input.min(), input.max());
      value.ifPresent(v -> given.put(input.key(), new BigDecimal(v).toPlainString()));
    }
    if (form.hasErrors()) {
      return;
    }
    try {
      Map<String, Double> out = Calculators.run(calculator.id(), given);
      model.addAttribute(
          "results",
          calculator.outputs().stream()
              .map(o -> new Result(o.label(), text(o, out.get(o.key()), units)))
              .toList());
    } catch (RefusedException e) {
      form.refuse(e.key(), e.getMessage());
    }
  }

  private static Field field(Form form, Input i, UnitSystem units) {
    return switch (i.kind()) {
      case NUMBER ->
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
    if (output.flag()) {
      return value != 0 ? "yes" : "no";
    }
    return new Quantity(output.dimension(), value).text(units);
  }

  private static String hint(Input input, UnitSystem units) {
    if (input.isRequired()) {
      return "";
    }
    double fallback = input.fallback().getAsDouble();
    return Double.isNaN(fallback)
        ? "empty: as " + input.fallbackNote().replaceAll("[A-Z].*$", "")
        : "empty: "
            + (input.dimension() == Dimension.TEMPERATURE
                ? input.dimension().number(fallback, units)
                : new Quantity(input.dimension(), fallback).number(units));
  }
}
