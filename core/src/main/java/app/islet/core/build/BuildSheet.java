package app.islet.core.build;

import app.islet.core.situation.HusbandryState;
import java.util.List;

/**
 * Parts list, power and order of building of one design.
 *
 * @param replacements what has to be bought again in the twelve months to come
 */
public record BuildSheet(
    List<BillLine> lines,
    List<PowerLine> power,
    List<BuildStep> steps,
    List<Replacement> replacements) {
  public BuildSheet {
    lines = List.copyOf(lines);
    power = List.copyOf(power);
    steps = List.copyOf(steps);
    replacements = List.copyOf(replacements);
  }

  public static BuildSheet of(HusbandryState s) {
    return new BuildSheet(
        BillOfMaterials.of(s), PowerBill.of(s), AssemblySteps.of(s), Replacement.of(s));
  }

  /** Days from the first step to the animals, if every wait is kept. */
  public double days() {
    return steps.stream().mapToDouble(BuildStep::waitDays).sum();
  }

  public double winterKwhPerMonth() {
    return power.stream().mapToDouble(PowerLine::winterKwhPerMonth).sum();
  }

  public double summerKwhPerMonth() {
    return power.stream().mapToDouble(PowerLine::summerKwhPerMonth).sum();
  }

  /** Estimate: half the year as in the coldest month, half as in the warmest. */
  public double kwhPerYear() {
    return 6 * (winterKwhPerMonth() + summerKwhPerMonth());
  }
}
