package app.islet.core.build;

import app.islet.core.review.Situation;

import java.util.List;

/** Parts list, power and order of building of one design. */
public record BuildSheet(List<Line> lines, List<PowerLine> power, List<BuildStep> steps) {
    public BuildSheet {
        lines = List.copyOf(lines);
        power = List.copyOf(power);
        steps = List.copyOf(steps);
    }

    public static BuildSheet of(Situation s) {
        return new BuildSheet(PartsList.of(s), PowerBill.of(s), BuildOrder.of(s));
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
