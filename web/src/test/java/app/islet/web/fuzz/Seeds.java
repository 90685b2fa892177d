package app.islet.web.fuzz;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;

/** Sound files of each kind that pages take, to be spoiled. */
final class Seeds {
  private Seeds() {}

  static List<String> texts() {
    return List.of(
        "day,ammonia [mg/L],nitrite [mg/L],nitrate [mg/L],ph,temperature [°C],done,amount\n"
            + "2026-03-01,0.25,0.1,20,7.4,18.5,,\n2026-03-02,,,,,,change,30\n2026-03-09,0,0,15,7.2,18,,\n",
        "time,water °C,air °C\n2026-03-01 08:00,18.5,21\n2026-03-01 20:00,19.5,23.5\n",
        text("samples/ledger.csv"),
        text("samples/axolotl-pair.json"),
        text("core/src/main/resources/app/islet/core/care/axolotl.yaml"));
  }

  private static String text(String path) {
    try {
      return Files.readString(Path.of("..").resolve(path));
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
