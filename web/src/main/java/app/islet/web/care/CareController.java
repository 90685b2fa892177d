package app.islet.web.care;

import app.islet.core.care.CareLibrary;
import app.islet.core.care.CareSheet;
import app.islet.core.care.Needs;
import app.islet.core.care.Stage;
import app.islet.core.quantity.Dimension;
import app.islet.core.quantity.Quantity;
import app.islet.core.quantity.Range;
import app.islet.core.quantity.UnitSystem;
import app.islet.web.collection.Place;
import app.islet.web.support.Units;

import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.server.ResponseStatusException;

import java.util.ArrayList;
import java.util.List;

/** The care sheets to read: needs by life stage, each with what it rests on. */
@Controller
class CareController {
    private final CareLibrary library;

    CareController(CareLibrary library) {
        this.library = library;
    }

    record Line(String label, String text, String source) {}

    record StageView(
            String name,
            String from,
            String signs,
            List<Line> lines,
            List<String> foods,
            List<String> never) {}

    @GetMapping("/c/{collection}/care")
    String list(Place place, Model model) {
        model.addAttribute("sheets", library.all());
        return "care/list";
    }

    @GetMapping("/c/{collection}/care/{id}")
    String sheet(Place place, @PathVariable String id, Model model) {
        CareSheet sheet =
                library.find(id)
                        .orElseThrow(() -> new ResponseStatusException(HttpStatus.NOT_FOUND));
        model.addAttribute("sheet", sheet);
        model.addAttribute(
                "life",
                new Range(sheet.lifespanYears().min(), sheet.lifespanYears().max())
                        .text(Dimension.COUNT, place.system()));
        model.addAttribute("adult", place.units().cm(sheet.adultLengthCm()));
        model.addAttribute(
                "stages", sheet.stages().stream().map(s -> view(s, place.units())).toList());
        return "care/sheet";
    }

    private static StageView view(Stage s, Units u) {
        Needs n = s.needs();
        List<Line> lines = new ArrayList<>();
        n.water()
                .ifPresent(t -> lines.add(new Line("Water", temperature(t, u), t.basis().words())));
        n.air()
                .ifPresent(
                        t ->
                                lines.add(
                                        new Line(
                                                "Air and land",
                                                temperature(t, u),
                                                t.basis().words())));
        n.depth()
                .ifPresent(
                        d ->
                                lines.add(
                                        new Line(
                                                "Water depth",
                                                "%s without a rest near the surface, up to %s with one within %s%s"
                                                        .formatted(
                                                                u.range(
                                                                        new Range(
                                                                                d.minCm(),
                                                                                d.bareMaxCm()),
                                                                        Dimension.LENGTH),
                                                                u.cm(d.maxCm()),
                                                                u.cm(d.restWithinCm()),
                                                                d.drowns()
                                                                        ? "; it drowns where it is deeper"
                                                                        : ""),
                                                d.basis().words())));
        lines.add(
                new Line(
                        "Floor",
                        "%s for the first, %s for each further"
                                .formatted(
                                        u.text(Quantity.cm2(n.space().floorCm2())),
                                        u.text(Quantity.cm2(n.space().furtherFloorCm2()))),
                        n.space().basis().words()));
        n.space()
                .waterL()
                .ifPresent(
                        l ->
                                lines.add(
                                        new Line(
                                                "Water",
                                                u.text(Quantity.litres(l))
                                                        + " for the first, "
                                                        + u.text(
                                                                Quantity.litres(
                                                                        n.space()
                                                                                .furtherWaterL()
                                                                                .orElse(l)))
                                                        + " for each further",
                                                n.space().basis().words())));
        n.space()
                .waterLPerCm()
                .ifPresent(
                        l ->
                                lines.add(
                                        new Line(
                                                "Water",
                                                u.text(
                                                                Quantity.litres(
                                                                        l
                                                                                * (u.system()
                                                                                                == UnitSystem
                                                                                                        .US
                                                                                        ? 2.54
                                                                                        : 1)))
                                                        + " for each "
                                                        + u.cm(
                                                                u.system() == UnitSystem.US
                                                                        ? 2.54
                                                                        : 1)
                                                        + " of length",
                                                n.space().basis().words())));
        lines.add(
                new Line(
                        "Dry land",
                        u.range(n.land().sharePercent(), Dimension.PERCENT)
                                + " of the floor"
                                + (n.land().minDepthCm() > 0
                                        ? ", " + u.cm(n.land().minDepthCm()) + " deep"
                                        : ""),
                        n.land().basis().words()));
        n.basking()
                .ifPresent(
                        b ->
                                lines.add(
                                        new Line(
                                                "Basking spot",
                                                u.range(b.spotC(), Dimension.TEMPERATURE)
                                                        + ", "
                                                        + Math.round(b.hoursPerDay())
                                                        + " hours a day",
                                                b.basis().words())));
        n.salinity()
                .ifPresent(
                        x ->
                                lines.add(
                                        new Line(
                                                "Salt in the water",
                                                u.range(x.ppt(), Dimension.SALINITY),
                                                x.basis().words())));
        n.uv().ifPresent(
                        uv ->
                                lines.add(
                                        new Line(
                                                "UVB",
                                                "zone "
                                                        + uv.zone()
                                                        + ", UV index "
                                                        + u.range(uv.uvi(), Dimension.RATIO),
                                                uv.basis().words())));
        lines.add(
                new Line(
                        "Ways out",
                        n.escape().lid()
                                ? "needs a lid without gaps"
                                : u.cm(n.escape().freeboardCm()) + " to the rim where it is open",
                        n.escape().basis().words()));
        if (!n.ground().never().isEmpty()) {
            lines.add(
                    new Line(
                            "Never on",
                            String.join(
                                            ", ",
                                            n.ground().never().stream()
                                                    .map(g -> g.words())
                                                    .sorted()
                                                    .toList())
                                    + ". "
                                    + n.ground().why(),
                            n.ground().basis().words()));
        }
        n.filtration()
                .ifPresent(
                        f ->
                                lines.add(
                                        new Line(
                                                "Filter",
                                                u.range(f.turnoverPerHour(), Dimension.RATIO)
                                                        + " volumes an hour",
                                                f.basis().words())));
        return new StageView(
                s.name(),
                s.fromLengthCm() == 0 ? "from hatching" : "from " + u.cm(s.fromLengthCm()),
                s.signs(),
                lines,
                s.foods().stream()
                        .map(
                                f ->
                                        "%s, %s (%s)"
                                                .formatted(
                                                        f.name(),
                                                        f.rhythm().words(),
                                                        f.basis().words()))
                        .toList(),
                s.neverFoods());
    }

    private static String temperature(Needs.Temperature t, Units u) {
        return "%s; stands %s; harm outside %s"
                .formatted(
                        u.range(t.idealC(), Dimension.TEMPERATURE),
                        u.range(t.toleratedC(), Dimension.TEMPERATURE),
                        u.range(t.harmC(), Dimension.TEMPERATURE));
    }
}
