package app.islet.core.build;

import app.islet.core.situation.HusbandryState;
import java.util.List;

/** Parts list, power and order of building of one design. */
public record BuildSheet(List<BillLine> lines, List<PowerLine> power, List<BuildStep> steps) {
  public BuildSheet {
    lines = List.copyOf(lines);
    power = List.copyOf(power);
    steps = List.copyOf(steps);
  }

  public static BuildSheet of(HusbandryState s) {
    return new BuildSheet(BillOfMaterials.of(s), PowerBill.of(s), AssemblySteps.of(s));
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
}
