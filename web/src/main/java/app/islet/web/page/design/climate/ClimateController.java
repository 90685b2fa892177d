package app.islet.web.page.design.climate;

import app.islet.core.Assessment;
import app.islet.core.climate.CalibrationFit;
import app.islet.core.climate.Cooling;
import app.islet.core.enclosure.Calibration;
import app.islet.core.enclosure.Enclosure;
import app.islet.core.quantity.Dimension;
import app.islet.core.quantity.Quantity;
import app.islet.web.base.support.Form;
import app.islet.web.base.support.RefusedException;
import app.islet.web.base.support.Reply;
import app.islet.web.base.support.TextFiles;
import app.islet.web.base.support.Units;
import app.islet.web.people.collection.CollectionContext;
import app.islet.web.people.collection.Role;
import app.islet.web.reading.snapshot.EnclosureSnapshot;
import app.islet.web.reading.snapshot.Redesigns;
import app.islet.web.reading.snapshot.Snapshots;
import app.islet.web.store.enclosure.Designs;
import java.io.IOException;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;

/** The Climate step. */
@Controller
@RequestMapping("/c/{collection}/enclosures/{id}/climate")
class ClimateController {
  private final Snapshots snapshots;
  private final Designs designs;
  private final Redesigns redesigns;

  ClimateController(Snapshots snapshots, Designs designs, Redesigns redesigns) {
    this.redesigns = redesigns;
    this.designs = designs;
    this.snapshots = snapshots;
  }

  /**
   * @param loss as a factor, with how far it may still be off
   */
  record FitView(
      String before, String after, String loss, String evaporation, String trust, boolean usable) {}

  @GetMapping
  String show(
      CollectionContext context,
      @PathVariable long id,
      @RequestParam(defaultValue = "summer") String span,
      Form form,
      Model model) {
    EnclosureSnapshot state = snapshots.get(context, id);
    Reservoir.of(state, form, context.units())
        .ifPresent(reservoir -> model.addAttribute("reservoir", reservoir));
    return page(context, state, span, "", model);
  }

  /** Writes a rung of the ladder into the design. */
  @PostMapping("/cool")
  String cool(
      CollectionContext context,
      @PathVariable long id,
      @RequestParam Cooling.Kind kind,
      Reply reply) {
    context.require(Role.KEEPER);
    redesigns.change(context, id, state -> cooled(state.assessment(), kind));
    return reply.saved(
        "Added: %s. The design before is under Earlier versions.".formatted(kind.words()),
        address(context, id));
  }

  private static Enclosure cooled(Assessment a, Cooling.Kind kind) {
    return Cooling.of(a.enclosure(), a.geometry(), a.residents()).rungs().stream()
        .filter(rung -> rung.kind() == kind)
        .flatMap(rung -> rung.design().stream())
        .findFirst()
        .orElseThrow(() -> new RefusedException("That is built in already, or cannot be here."));
  }

  /** Fits the estimate to a log; with {@code use}, keeps what was found in the design. */
  @PostMapping("/calibrate")
  String calibrate(
      CollectionContext context,
      @PathVariable long id,
      @RequestParam(defaultValue = "") String log,
      @RequestParam(required = false) MultipartFile file,
      @RequestParam(defaultValue = "false") boolean use,
      Model model,
      Reply reply)
      throws IOException {
    context.require(Role.KEEPER);
    EnclosureSnapshot state = snapshots.get(context, id);
    String text = file == null || file.isEmpty() ? log : TextFiles.utf8(file);
    ReadingLog read = ReadingLog.read(text, context.system());
    List<String> problems = read.problems();
    if (problems.isEmpty()) {
      try {
        CalibrationFit fit =
            CalibrationFit.of(state.design(), state.assessment().geometry(), read.readings());
        if (use && fit.trust() == CalibrationFit.Trust.UNLIKELY) {
          problems = List.of(trust(fit));
        } else if (use) {
          return keep(context, id, fit.after(), reply);
        }
        model.addAttribute("fit", view(fit, context.units()));
      } catch (IllegalArgumentException e) {
        problems = List.of(e.getMessage());
      }
    }
    model.addAttribute("problems", problems);
    String view = page(context, state, "summer", text, model);
    return problems.isEmpty() ? view : reply.refused(view);
  }

  /** Takes the calibration away again. */
  @PostMapping("/uncalibrate")
  String uncalibrate(CollectionContext context, @PathVariable long id, Reply reply) {
    context.require(Role.KEEPER);
    return keep(context, id, Calibration.NONE, reply);
  }

  private String keep(CollectionContext context, long id, Calibration calibration, Reply reply) {
    designs.change(context, id, design -> design.with(design.conditions().with(calibration)));
    return reply.saved(
        calibration.equals(Calibration.NONE)
            ? "The estimates are uncalibrated again."
            : "The estimates now follow your log.",
        address(context, id));
  }

  private static String address(CollectionContext context, long id) {
    return context.path("/enclosures/" + id + "/climate");
  }

  private String page(
      CollectionContext context, EnclosureSnapshot state, String span, String log, Model model) {
    Curve.Span asked =
        Arrays.stream(Curve.Span.values())
            .filter(s -> s.id().equals(span))
            .findFirst()
            .orElse(Curve.Span.SUMMER);
    Calibration kept = state.design().conditions().calibration();
    model.addAttribute("state", state);
    model.addAttribute("view", ClimateView.of(state.assessment(), asked, context.units()));
    model.addAttribute("span", asked);
    model.addAttribute("spans", Curve.Span.values());
    model.addAttribute("log", log);
    model.addAttribute("mustSwitchOff", CalibrationFit.mustSwitchOff(state.design()));
    model.addAttribute("temperature", context.units().unit(Dimension.TEMPERATURE));
    model.addAttribute(
        "calibrated",
        kept.equals(Calibration.NONE)
            ? ""
            : "Heat loss %s, evaporation %s of the estimate, by your log."
                .formatted(times(kept.lossFactor()), times(kept.evaporationFactor())));
    return "climate/climate";
  }

  private static FitView view(CalibrationFit fit, Units u) {
    return new FitView(
        u.text(Quantity.kelvin(fit.offBeforeK())),
        u.text(Quantity.kelvin(fit.offAfterK())),
        within(fit.after().lossFactor(), fit.lossWithin()),
        within(fit.after().evaporationFactor(), fit.evaporationWithin()),
        trust(fit),
        fit.trust() != CalibrationFit.Trust.UNLIKELY);
  }

  private static String trust(CalibrationFit fit) {
    return switch (fit.trust()) {
      case GOOD -> "Good enough to go by.";
      case LITTLE ->
          "The log does not say much: log longer, or with a larger difference between water and"
              + " room.";
      case UNLIKELY ->
          "Not believable: no tank differs so much from its estimate. Was the heater off, the sun"
              + " away, the probe in the water?";
    };
  }

  private static String within(double factor, double share) {
    return "%s, within %d %%".formatted(times(factor), Math.round(100 * share));
  }

  private static String times(double factor) {
    return String.format(Locale.ROOT, "%.2f times", factor);
  }
}
