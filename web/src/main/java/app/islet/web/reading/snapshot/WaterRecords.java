package app.islet.web.reading.snapshot;

import app.islet.core.animal.Resident;
import app.islet.core.water.WaterRecord;
import app.islet.web.store.water.WaterLine;
import java.util.List;

/** The log of the water as the core reads it. */
public final class WaterRecords {
  private WaterRecords() {}

  /** A tick of the rounds counts as the change that the residents' plan asks for. */
  public static WaterRecord of(List<WaterLine> lines, List<Resident> residents) {
    double part =
        residents.stream()
            .mapToDouble(r -> r.stage().maintenance().changePercent())
            .max()
            .orElse(0);
    double large =
        residents.stream()
            .flatMapToDouble(r -> r.stage().maintenance().largePercent().stream())
            .max()
            .orElse(0);
    return new WaterRecord(
        lines.stream().filter(WaterLine::isTest).map(WaterLine::test).toList(),
        lines.stream().flatMap(line -> line.event(part, large).stream()).toList());
  }
}
