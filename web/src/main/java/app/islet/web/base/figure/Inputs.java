package app.islet.web.base.figure;

import app.islet.core.Assessment;
import app.islet.core.animal.Resident;
import app.islet.core.enclosure.Site;
import app.islet.core.enclosure.Vessel;
import app.islet.core.quantity.Dimension;
import app.islet.core.quantity.Quantity;
import app.islet.core.text.English;
import app.islet.web.base.support.Units;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.DoubleStream;

/** What the figures of a design were computed from, in the keeper's units. */
final class Inputs {
  private final Assessment a;
  private final Units u;

  Inputs(Assessment a, Units u) {
    this.a = a;
    this.u = u;
  }

  String vessel() {
    Vessel v = a.enclosure().vessel();
    return "inside "
        + DoubleStream.of(v.lengthCm(), v.widthCm(), v.heightCm())
            .mapToObj(cm -> u.number(Quantity.cm(cm)))
            .collect(Collectors.joining(" × "))
        + " "
        + Dimension.LENGTH.unit(u.system());
  }

  /** Measured from the floor inside, as all heights are. */
  String line() {
    return a.geometry().hasWater()
        ? "water line %s over the floor".formatted(u.cm(a.geometry().lineCm()))
        : "no water";
  }

  String ground() {
    double deep = a.enclosure().ground().depthCm();
    return deep > 0 ? "ground %s deep".formatted(u.cm(deep)) : "no ground on the floor";
  }

  String land() {
    return a.enclosure()
        .land()
        .map(
            land ->
                "land over %s of the length, its top %s over the floor"
                    .formatted(
                        u.text(Quantity.percent(land.sharePercent())), u.cm(land.heightCm())))
        .orElse("no heaped land");
  }

  String parts() {
    int count = a.enclosure().furnishings().parts().size();
    return count == 0 ? "no parts in their places" : English.count(count, "part");
  }

  String room() {
    Site site = a.enclosure().site();
    return "room %s to %s".formatted(u.celsius(site.winterNightC()), u.celsius(site.summerDayC()));
  }

  String lid() {
    return "top " + a.enclosure().lid().words();
  }

  String heads() {
    return a.residents().isEmpty()
        ? "nobody in it"
        : English.list(a.residents().stream().map(Resident::words).toList());
  }

  static String together(String... inputs) {
    return String.join("; ", List.of(inputs)) + ".";
  }
}
