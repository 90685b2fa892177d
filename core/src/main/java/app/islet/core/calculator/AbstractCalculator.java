package app.islet.core.calculator;

import app.islet.core.care.Evidence;
import java.util.List;

/** A calculator that is a definition and a computation. */
abstract class AbstractCalculator implements Calculator {
  private final String id;
  private final String title;
  private final String rule;
  private final Evidence basis;
  private final List<Input> inputs;
  private final List<Output> outputs;

  AbstractCalculator(
      String id,
      String title,
      String rule,
      Evidence basis,
      List<Input> inputs,
      List<Output> outputs) {
    this.id = id;
    this.title = title;
    this.rule = rule;
    this.basis = basis;
    this.inputs = List.copyOf(inputs);
    this.outputs = List.copyOf(outputs);
  }

  @Override
  public final String id() {
    return id;
  }

  @Override
  public final String title() {
    return title;
  }

  @Override
  public final String rule() {
    return rule;
  }

  @Override
  public final Evidence basis() {
    return basis;
  }

  @Override
  public final List<Input> inputs() {
    return inputs;
  }

  @Override
  public final List<Output> outputs() {
    return outputs;
  }
}
