package app.islet.web.enclosure;

import app.islet.core.enclosure.Enclosure;
import app.islet.core.enclosure.Part;
import app.islet.core.enclosure.PartKind;
import app.islet.core.enclosure.Vessel;
import app.islet.core.quantity.Dimension;
import app.islet.core.quantity.Quantity;
import app.islet.web.support.FieldView;
import app.islet.web.support.FormReader;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/**
 * The parts of a design as rows of a form: each can be typed as well as dragged. Row n has fields
 * {@code p0-x}, {@code p0-y} and so on; the field {@code parts} says how many rows there are.
 */
final class PartForm {
    private static final String COUNT = "parts";
    private static final int MOST = 200;

    private PartForm() {}

    /**
     * One part as fields.
     *
     * @param key what the names of its fields begin with
     * @param open whether something in it is wrong
     */
    record Row(String key, String id, String title, List<FieldView> fields, boolean open) {}

    static Map<String, String> typed(Enclosure e) {
        Map<String, String> typed = new LinkedHashMap<>();
        List<Part> parts = e.furnishings().parts();
        typed.put(COUNT, String.valueOf(parts.size()));
        for (int n = 0; n < parts.size(); n++) {
            Part part = parts.get(n);
            String key = key(n);
            typed.put(key + "id", part.id());
            typed.put(key + "kind", part.kind().name());
            typed.put(key + "round", part.round() ? "on" : "");
            typed.put(key + "risesLeft", part.risesLeft() ? "on" : "");
            typed.put(key + "locked", part.locked() ? "on" : "");
        }
        return typed;
    }

    static Map<String, Quantity> numbers(Enclosure e) {
        Map<String, Quantity> numbers = new LinkedHashMap<>();
        List<Part> parts = e.furnishings().parts();
        for (int n = 0; n < parts.size(); n++) {
            Part part = parts.get(n);
            String key = key(n);
            numbers.put(key + "x", Quantity.cm(part.xCm()));
            numbers.put(key + "y", Quantity.cm(part.yCm()));
            numbers.put(key + "length", Quantity.cm(part.lengthCm()));
            numbers.put(key + "width", Quantity.cm(part.widthCm()));
            numbers.put(key + "bottom", Quantity.cm(part.bottomCm()));
            numbers.put(key + "top", Quantity.cm(part.topCm()));
        }
        return numbers;
    }

    private static String key(int n) {
        return "p" + n + "-";
    }

    private static int rows(FormReader form) {
        return form.whole(COUNT, 0, MOST, 0);
    }

    static List<Part> read(FormReader form) {
        List<Part> parts = new ArrayList<>();
        for (int n = 0; n < rows(form); n++) {
            part(form, key(n)).ifPresent(parts::add);
        }
        return parts;
    }

    private static Optional<Part> part(FormReader form, String key) {
        double x = place(form, key + "x");
        double y = place(form, key + "y");
        double length = size(form, key + "length");
        double width = size(form, key + "width");
        double bottom = form.number(key + "bottom", Dimension.LENGTH, 0, Vessel.MAX_CM);
        double top = form.number(key + "top", Dimension.LENGTH, 0, Vessel.MAX_CM);
        PartKind kind = form.choice(key + "kind", PartKind.class, PartKind.STONE);
        if (!form.hasErrors() && top <= bottom) {
            form.refuse(
                    key + "top",
                    "Its top must be above its bottom at %s."
                            .formatted(Quantity.cm(bottom).text(form.units())));
        }
        return form.hasErrors()
                ? Optional.empty()
                : Optional.of(
                        new Part(
                                form.typed(key + "id"),
                                kind,
                                x,
                                y,
                                length,
                                width,
                                bottom,
                                top,
                                form.flag(key + "round"),
                                form.flag(key + "risesLeft"),
                                form.flag(key + "locked")));
    }

    private static double place(FormReader form, String id) {
        return form.number(id, Dimension.LENGTH, -Vessel.MAX_CM, Vessel.MAX_CM);
    }

    private static double size(FormReader form, String id) {
        return form.number(id, Dimension.LENGTH, 0.1, Vessel.MAX_CM);
    }

    static List<Row> view(FormReader form) {
        List<Row> rows = new ArrayList<>();
        for (int n = 0; n < rows(form); n++) {
            rows.add(row(form, key(n)));
        }
        return rows;
    }

    private static Row row(FormReader form, String key) {
        PartKind kind = form.choice(key + "kind", PartKind.class, PartKind.STONE);
        String id = form.typed(key + "id");
        List<FieldView> fields = new ArrayList<>();
        fields.add(
                FieldView.select(
                        form,
                        key + "kind",
                        "Kind",
                        DesignForm.options(PartKind.values(), PartKind::words)));
        fields.add(length(form, key + "x", "From the left"));
        fields.add(length(form, key + "y", "From the back"));
        fields.add(length(form, key + "length", "Length"));
        fields.add(length(form, key + "width", "Width"));
        fields.add(length(form, key + "bottom", "Bottom over the floor"));
        fields.add(length(form, key + "top", "Top over the floor"));
        fields.add(check(form, key + "round", "Round"));
        if (kind == PartKind.RAMP) {
            fields.add(check(form, key + "risesLeft", "Rises to the left"));
        }
        fields.add(check(form, key + "locked", "Locked in its place"));
        boolean open = fields.stream().anyMatch(f -> f.error() != null);
        return new Row(key, id, title(id, kind), fields, open);
    }

    private static String title(String id, PartKind kind) {
        String words = kind.words();
        return words.substring(0, 1).toUpperCase(Locale.ROOT)
                + words.substring(1)
                + id.replaceAll("^.*-(\\d+)$", " $1");
    }

    private static FieldView length(FormReader form, String id, String label) {
        return FieldView.of(form, id, label, "number", Dimension.LENGTH.unit(form.units()), "");
    }

    private static FieldView check(FormReader form, String id, String label) {
        return FieldView.of(form, id, label, "checkbox", "", "");
    }

    /** A design with one more part of that kind, in the middle of the free floor. */
    static Enclosure added(Enclosure e, PartKind kind) {
        List<Part> parts = new ArrayList<>(e.furnishings().parts());
        parts.add(fresh(e, kind));
        return e.with(e.furnishings().withParts(parts));
    }

    static Enclosure removed(Enclosure e, String id) {
        return e.with(
                e.furnishings()
                        .withParts(
                                e.furnishings().parts().stream()
                                        .filter(p -> !p.id().equals(id))
                                        .toList()));
    }

    /** The same thing once more, a little to the right. */
    static Enclosure copied(Enclosure e, String id) {
        List<Part> parts = new ArrayList<>(e.furnishings().parts());
        e.furnishings().parts().stream()
                .filter(p -> p.id().equals(id))
                .findFirst()
                .ifPresent(
                        p -> parts.add(p.at(p.xCm() + 3, p.yCm() + 3).named(freeId(e, p.kind()))));
        return e.with(e.furnishings().withParts(parts));
    }

    private static String freeId(Enclosure e, PartKind kind) {
        String stem = kind.name().toLowerCase(Locale.ROOT).replace('_', '-') + "-";
        for (int n = 1; ; n++) {
            String id = stem + n;
            if (e.furnishings().parts().stream().noneMatch(p -> p.id().equals(id))) {
                return id;
            }
        }
    }

    private static Part fresh(Enclosure e, PartKind kind) {
        double length = Math.max(2, Math.round(e.vessel().lengthCm() * 0.2));
        double width = Math.max(2, Math.round(e.vessel().widthCm() * 0.4));
        double ground = e.ground().depthCm();
        double line = e.waterLineCm();
        double bottom =
                switch (kind) {
                    case SHELF -> Math.max(ground, line - 4);
                    case FLOAT -> 0;
                    default -> ground;
                };
        double top =
                switch (kind) {
                    case SHELF -> Math.max(ground + 1, line - 2);
                    case FLOAT -> 2;
                    case RAMP -> line + 2;
                    case PLANTS -> Math.max(ground + 1, line);
                    default -> ground + Math.max(2, Math.round(e.vessel().heightCm() * 0.2));
                };
        return new Part(
                freeId(e, kind),
                kind,
                Math.round(e.vessel().lengthCm() * 0.4),
                Math.round(e.vessel().widthCm() * 0.3),
                length,
                width,
                bottom,
                top,
                kind == PartKind.STONE || kind == PartKind.PLANTS,
                false,
                false);
    }
}
