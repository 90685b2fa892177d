package app.islet.web.climate;

import app.islet.core.Assessment;
import app.islet.core.climate.CalibrationFit;
import app.islet.core.climate.Cooling;
import app.islet.core.enclosure.Calibration;
import app.islet.core.enclosure.Enclosure;
import app.islet.core.quantity.Dimension;
import app.islet.core.quantity.Quantity;
import app.islet.web.collection.CollectionContext;
import app.islet.web.collection.Role;
import app.islet.web.enclosure.EnclosureSnapshot;
import app.islet.web.enclosure.Enclosures;
import app.islet.web.support.Units;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;
import org.springframework.web.server.ResponseStatusException;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** The Climate step. */
@Controller
@RequestMapping("/c/{collection}/enclosures/{id}/climate")
class ClimateController {
  private final Enclosures enclosures;

  ClimateController(Enclosures enclosures) {
    this.enclosures = enclosures;
  }

  /**
   * @param loss as a factor, with how far it may still be off
   */
  record FitView(String before, String after, String loss, String evaporation, String trust) {}

  @GetMapping
  String show(
      CollectionContext place,
      @PathVariable long id,
      @RequestParam(defaultValue = "summer") String span,
      Model model) {
    return page(place, enclosures.get(place, id), span, "", model);
  }

  /** Writes a rung of the ladder into the design. */
  @PostMapping("/cool")
  String cool(
      CollectionContext place,
      @PathVariable long id,
      @RequestParam Cooling.Kind kind,
      RedirectAttributes flash) {
    place.require(Role.KEEPER);
    Assessment a = enclosures.get(place, id).assessment();
    Enclosure design =
        Cooling.of(a.enclosure(), a.geometry(), a.residents()).rungs().stream()
            .filter(rung -> rung.kind() == kind)
            .flatMap(rung -> rung.design().stream())
            .findFirst()
            .orElseThrow(() -> new ResponseStatusException(HttpStatus.UNPROCESSABLE_ENTITY));
    enclosures.save(place, id, design);
    flash.addFlashAttribute(
        "saved", "Built in: %s. The design before is under Earlier.".formatted(kind.words()));
    return "redirect:" + address(place, id);
  }

  /** Fits the estimate to a log; with {@code use}, keeps what was found in the design. */
  @PostMapping("/calibrate")
  String calibrate(
      CollectionContext place,
      @PathVariable long id,
      @RequestParam(defaultValue = "") String log,
      @RequestParam(required = false) MultipartFile file,
      @RequestParam(defaultValue = "false") boolean use,
      Model model,
      HttpServletResponse response,
      RedirectAttributes flash)
      throws IOException {
    place.require(Role.KEEPER);
    EnclosureSnapshot state = enclosures.get(place, id);
    String text =
        file == null || file.isEmpty() ? log : new String(file.getBytes(), StandardCharsets.UTF_8);
    ReadingLog read = ReadingLog.read(text, place.system());
    List<String> problems = read.problems();
    if (problems.isEmpty()) {
      try {
        CalibrationFit fit =
            CalibrationFit.of(state.design(), state.assessment().geometry(), read.readings());
        if (use) {
          return keep(place, state, fit.after(), flash);
        }
        model.addAttribute("fit", view(fit, place.units()));
      } catch (IllegalArgumentException e) {
        problems = List.of(e.getMessage());
      }
    }
    if (!problems.isEmpty()) {
      response.setStatus(HttpStatus.UNPROCESSABLE_ENTITY.value());
    }
    model.addAttribute("problems", problems);
    return page(place, state, "summer", text, model);
  }

  /** Takes the calibration away again. */
  @PostMapping("/uncalibrate")
  String uncalibrate(CollectionContext place, @PathVariable long id, RedirectAttributes flash) {
    place.require(Role.KEEPER);
    return keep(place, enclosures.get(place, id), Calibration.NONE, flash);
  }

  private String keep(
      CollectionContext place,
      EnclosureSnapshot state,
      Calibration calibration,
      RedirectAttributes flash) {
    Enclosure design = state.design();
    enclosures.save(place, state.id(), design.with(design.conditions().with(calibration)));
    flash.addFlashAttribute(
        "saved",
        calibration.equals(Calibration.NONE)
            ? "The estimates are as they were reckoned."
            : "The estimates now follow your log.");
    return "redirect:" + address(place, state.id());
  }

  private static String address(CollectionContext place, long id) {
    return place.path("/enclosures/" + id + "/climate");
  }

  private String page(
      CollectionContext place, EnclosureSnapshot state, String span, String log, Model model) {
    Curve.Span asked =
        Arrays.stream(Curve.Span.values())
            .filter(s -> s.id().equals(span))
            .findFirst()
            .orElse(Curve.Span.SUMMER);
    Calibration kept = state.design().conditions().calibration();
    model.addAttribute("state", state);
    model.addAttribute("view", ClimateView.of(state.assessment(), asked, place.units()));
    model.addAttribute("span", asked);
    model.addAttribute("spans", Curve.Span.values());
    model.addAttribute("log", log);
    model.addAttribute("mustSwitchOff", CalibrationFit.mustSwitchOff(state.design()));
    model.addAttribute("temperature", place.units().unit(Dimension.TEMPERATURE));
    model.addAttribute(
        "calibrated",
        kept.equals(Calibration.NONE)
            ? ""
            : "Heat loss %s, evaporation %s of what was reckoned, by your log."
                .formatted(times(kept.lossFactor()), times(kept.evaporationFactor())));
    return "climate/climate";
  }

  private static FitView view(CalibrationFit fit, Units u) {
    return new FitView(
        u.text(Quantity.kelvin(fit.offBeforeK())),
        u.text(Quantity.kelvin(fit.offAfterK())),
        within(fit.after().lossFactor(), fit.lossWithin()),
        within(fit.after().evaporationFactor(), fit.evaporationWithin()),
        fit.lossWithin() < 0.15
            ? "Good enough to go by."
            : "The log does not say much: log longer, or with a larger difference between water and room.");
  }

  private static String within(double factor, double share) {
    return "%s, within %d %%".formatted(times(factor), Math.round(100 * share));
  }

  private static String times(double factor) {
    return String.format(Locale.ROOT, "%.2f times", factor);
  }
}
