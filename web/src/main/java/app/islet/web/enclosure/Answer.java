package app.islet.web.enclosure;

import app.islet.core.Assessment;
import app.islet.core.quantity.Quantity;
import app.islet.core.quantity.UnitSystem;
import app.islet.core.review.Finding;
import app.islet.web.drawing.SectionDrawing;
import app.islet.web.support.Units;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/**
 * What the core says of a design, worded and rounded for one keeper: the drawing, the figures, the
 * findings.
 *
 * @param headline the figure shown largest
 */
public record Answer(
        String svg,
        Figure headline,
        List<Figure> figures,
        List<FindingView> findings,
        List<Buy> shopping) {
    /**
     * @param note what the figure rests on, or empty
     */
    public record Figure(String label, String number, String unit, String note) {}

    /**
     * @param css class that goes with the severity's word
     */
    public record FindingView(
            String rule,
            String severity,
            String css,
            String step,
            String what,
            String why,
            List<RemedyView> remedies,
            String school,
            String otherwise,
            String source) {}

    /**
     * @param field and {@code value} of the change, in SI; empty where the remedy is not a number
     */
    public record RemedyView(String text, String field, String value) {
        public boolean applies() {
            return !field.isEmpty();
        }
    }

    /**
     * @param state words for whether it is there
     */
    public record Buy(String thing, String size, String state, boolean present) {}

    public static Answer of(Assessment a, UnitSystem system) {
        Units u = new Units(system);
        List<Figure> figures = new ArrayList<>();
        figures.add(
                figure(
                        u,
                        "Water, of the floor",
                        Quantity.percent(a.survey().waterSharePercent()),
                        ""));
        figures.add(figure(u, "Floor", Quantity.cm2(a.survey().footprintCm2()), ""));
        figures.add(figure(u, "Dry land", Quantity.cm2(a.survey().dryLandCm2()), ""));
        figures.add(
                figure(
                        u,
                        "Freeboard",
                        Quantity.cm(a.survey().freeboardCm()),
                        "from the water line to the rim"));
        figures.add(
                figure(
                        u,
                        "Rim over the highest foothold",
                        Quantity.cm(a.survey().rimAboveFootholdCm()),
                        ""));
        if (a.heads() > 0) {
            figures.add(
                    figure(
                            u,
                            "Water for each animal",
                            Quantity.litres(a.survey().waterL() / a.heads()),
                            ""));
            figures.add(
                    figure(
                            u,
                            "Floor for each animal",
                            Quantity.cm2(a.survey().footprintCm2() / a.heads()),
                            ""));
        }
        a.climate()
                .water()
                .ifPresent(
                        w -> {
                            figures.add(
                                    figure(
                                            u,
                                            "Heating, coldest hour",
                                            Quantity.watts(w.heatingNeedW()),
                                            "estimate, within 30 %; holds "
                                                    + u.celsius(w.targetC())));
                            figures.add(
                                    figure(
                                            u,
                                            "Water in the coldest hour",
                                            Quantity.celsius(w.winterC()),
                                            "estimate, with this heating"));
                            figures.add(
                                    figure(
                                            u,
                                            "Water in a warm spell",
                                            Quantity.celsius(w.summerC()),
                                            "estimate, with this cooling"));
                            figures.add(
                                    figure(
                                            u,
                                            "Top-up a day",
                                            Quantity.litres(w.topUpLPerDay()),
                                            "estimate"));
                        });
        a.climate()
                .air()
                .ifPresent(
                        air ->
                                figures.add(
                                        figure(
                                                u,
                                                "Heating of the air",
                                                Quantity.watts(air.heatingNeedW()),
                                                "estimate, within 30 %; holds "
                                                        + u.celsius(air.targetC()))));
        if (a.heads() > 0) {
            figures.add(
                    figure(
                            u,
                            "Ammonia from food, a day",
                            Quantity.grams(a.ammoniaGPerDay()),
                            "as nitrogen, estimate"));
        }
        Figure headline =
                new Figure(
                        "of water",
                        u.number(Quantity.litres(a.survey().waterL())),
                        u.unit(Quantity.litres(0)),
                        u.text(
                                        Quantity.litres(
                                                a.survey().litresPerCm()
                                                        * (system == UnitSystem.US ? 2.54 : 1)))
                                + (system == UnitSystem.US
                                        ? " to each inch of depth"
                                        : " to each centimetre of depth"));
        return new Answer(
                SectionDrawing.working(a, system),
                headline,
                figures,
                a.review().findings().stream().map(f -> view(u, f)).toList(),
                a.shopping().stream()
                        .map(
                                p ->
                                        new Buy(
                                                p.thing(),
                                                u.text(p.size()),
                                                p.present() ? "in the design" : "still to buy",
                                                p.present()))
                        .toList());
    }

    private static Figure figure(Units u, String label, Quantity quantity, String note) {
        return new Figure(label, u.number(quantity), u.unit(quantity), note);
    }

    private static FindingView view(Units u, Finding f) {
        return new FindingView(
                f.rule(),
                f.severity().word(),
                f.severity().word().toLowerCase(Locale.ROOT),
                f.step().word(),
                u.text(f.what()),
                u.text(f.why()),
                f.remedies().stream()
                        .map(
                                r ->
                                        new RemedyView(
                                                u.text(r.text()),
                                                r.change().map(c -> c.field()).orElse(""),
                                                r.change()
                                                        .map(c -> String.valueOf(c.value()))
                                                        .orElse("")))
                        .toList(),
                f.school().map(s -> s.name()).orElse(""),
                String.join(", ", f.otherwise()),
                f.basis().words());
    }

    /** Findings that need an act: everything but notes. */
    public long open() {
        return findings.stream().filter(f -> !f.severity.equals("Note")).count();
    }

    /** Word of the worst finding, or "Well". */
    public String worst() {
        return findings.isEmpty() || findings.get(0).severity.equals("Note")
                ? "Well"
                : findings.get(0).severity;
    }
}
