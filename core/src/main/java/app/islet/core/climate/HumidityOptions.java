package app.islet.core.climate;

import app.islet.core.animal.Resident;
import app.islet.core.care.Needs;
import app.islet.core.enclosure.Enclosure;
import app.islet.core.geometry.Geometry;
import app.islet.core.quantity.Range;
import java.util.List;
import java.util.Optional;

/**
 * What humidity comes of what a keeper can turn, on a winter's day, when rooms are driest.
 *
 * @param wanted by the first resident that states a need, %
 * @param options what can be turned, as it is first
 */
public record HumidityOptions(Range wanted, List<Option> options) {
  private static final List<Setting> SETTINGS =
      List.of(
          new Setting("As it is, no mist", 1, 0),
          new Setting("A cup of mist a day", 1, 0.2),
          new Setting("Vents a third as wide", 0.3, 0),
          new Setting("Vents three times as wide", 3, 0),
          new Setting("Vents ten times as wide", 10, 0));

  private record Setting(String words, double vents, double mistL) {}

  /** How it compares with what is wanted. */
  public enum Verdict {
    TOO_DRY("too dry"),
    AS_WANTED("within the target"),
    TOO_WET("too wet");

    private final String words;

    Verdict(String words) {
      this.words = words;
    }

    public String words() {
      return words;
    }
  }

  /**
   * @param percent relative humidity, to a whole percent: no hygrometer knows more
   */
  public record Option(String words, double percent, Verdict verdict) {}

  public HumidityOptions {
    options = List.copyOf(options);
  }

  /** Absent where nobody on land states what it needs. */
  public static Optional<HumidityOptions> of(
      Enclosure e, Geometry s, Climate climate, List<Resident> residents) {
    if (climate.air().isEmpty() || !climate.model().holds()) {
      return Optional.empty();
    }
    return residents.stream()
        .flatMap(r -> r.stage().needs().humidity().stream())
        .findFirst()
        .map(Needs.Humidity::percent)
        .map(wanted -> new HumidityOptions(wanted, options(e, s, climate, residents, wanted)));
  }

  private static List<Option> options(
      Enclosure e, Geometry s, Climate climate, List<Resident> residents, Range wanted) {
    TemperatureSeries day = climate.model().day(0, residents);
    double box = mean(day.boxC());
    double water = mean(day.waterC());
    double room = mean(day.roomC());
    return SETTINGS.stream()
        .map(
            setting -> {
              BoxHumidity air = BoxHumidity.of(e, s, water, box, room, setting.vents);
              double percent = Math.round(air.percent(setting.mistL));
              return new Option(setting.words, percent, verdict(percent, wanted));
            })
        .toList();
  }

  private static Verdict verdict(double percent, Range wanted) {
    return percent < wanted.min()
        ? Verdict.TOO_DRY
        : percent > wanted.max() ? Verdict.TOO_WET : Verdict.AS_WANTED;
  }

  private static double mean(float[] values) {
    double sum = 0;
    for (float value : values) {
      sum += value;
    }
    return sum / values.length;
  }
}
