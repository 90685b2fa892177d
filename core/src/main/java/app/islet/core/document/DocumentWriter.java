package app.islet.core.document;

import app.islet.core.enclosure.Enclosure;
import app.islet.core.enclosure.Equipment;
import app.islet.core.resident.Resident;
import app.islet.core.text.Fields;

import tools.jackson.databind.json.JsonMapper;

import java.util.LinkedHashMap;
import java.util.Map;

/**
 * Writes an enclosure document; the fields always come in the same order, so equal designs are
 * equal texts.
 */
public final class DocumentWriter {
    private static final JsonMapper MAPPER = JsonMapper.builder().build();

    private DocumentWriter() {}

    public static String write(EnclosureDocument document) {
        return MAPPER.writerWithDefaultPrettyPrinter().writeValueAsString(tree(document)) + "\n";
    }

    private static Map<String, Object> tree(EnclosureDocument document) {
        Enclosure e = document.enclosure();
        Map<String, Object> root = new LinkedHashMap<>();
        root.put("islet", "enclosure");
        root.put("version", EnclosureDocument.VERSION);
        root.put("name", e.name());
        root.put(
                "vessel",
                group(
                        "lengthCm",
                        e.vessel().lengthCm(),
                        "widthCm",
                        e.vessel().widthCm(),
                        "heightCm",
                        e.vessel().heightCm()));
        Map<String, Object> water = group("depthCm", e.water().depthCm());
        e.water().restBelowSurfaceCm().ifPresent(cm -> water.put("restBelowSurfaceCm", number(cm)));
        if (e.water().salinityPpt() > 0) {
            water.put("salinityPpt", number(e.water().salinityPpt()));
        }
        root.put("water", water);
        root.put(
                "ground",
                group(
                        "material",
                        Fields.written(e.ground().material()),
                        "depthCm",
                        e.ground().depthCm()));
        e.land()
                .ifPresent(
                        l ->
                                root.put(
                                        "land",
                                        group(
                                                "sharePercent",
                                                l.sharePercent(),
                                                "heightCm",
                                                l.heightCm(),
                                                "rampCm",
                                                l.rampCm())));
        root.put("lid", Fields.written(e.lid()));
        e.platform()
                .ifPresent(
                        p ->
                                root.put(
                                        "platform",
                                        group("lengthCm", p.lengthCm(), "widthCm", p.widthCm())));
        root.put("equipment", e.equipment().stream().map(DocumentWriter::device).toList());
        root.put(
                "site",
                group(
                        "summerDayC",
                        e.site().summerDayC(),
                        "summerNightC",
                        e.site().summerNightC(),
                        "winterDayC",
                        e.site().winterDayC(),
                        "winterNightC",
                        e.site().winterNightC(),
                        "humidityPercent",
                        e.site().humidityPercent()));
        root.put("residents", document.residents().stream().map(DocumentWriter::resident).toList());
        return root;
    }

    private static Map<String, Object> device(Equipment device) {
        if (device instanceof Equipment.Heater heater) {
            return group("kind", "heater", "powerW", heater.powerW(), "guarded", heater.guarded());
        }
        if (device instanceof Equipment.HeatMat mat) {
            return group("kind", "heat-mat", "powerW", mat.powerW());
        }
        if (device instanceof Equipment.Chiller chiller) {
            return group("kind", "chiller", "coolingW", chiller.coolingW());
        }
        if (device instanceof Equipment.Fan fan) {
            return group("kind", "fan", "airSpeedMs", fan.airSpeedMs());
        }
        if (device instanceof Equipment.Filter filter) {
            Map<String, Object> map = group("kind", "filter", "flowLph", filter.flowLph());
            filter.runningSince().ifPresent(day -> map.put("runningSince", day.toString()));
            return map;
        }
        if (device instanceof Equipment.BaskingLamp lamp) {
            Map<String, Object> map = group("kind", "basking-lamp", "powerW", lamp.powerW());
            lamp.spotC().ifPresent(c -> map.put("spotC", number(c)));
            return map;
        }
        Map<String, Object> map = group("kind", "uvb-lamp");
        ((Equipment.UvbLamp) device)
                .fittedOn()
                .ifPresent(day -> map.put("fittedOn", day.toString()));
        return map;
    }

    private static Map<String, Object> resident(Resident r) {
        Map<String, Object> map =
                group(
                        "species",
                        r.sheet().id(),
                        "name",
                        r.name(),
                        "count",
                        r.count(),
                        "males",
                        r.males(),
                        "females",
                        r.females());
        r.statedStage().ifPresent(stage -> map.put("stage", stage));
        r.school().ifPresent(school -> map.put("school", school));
        r.lengthCm().ifPresent(cm -> map.put("lengthCm", number(cm)));
        r.massG().ifPresent(g -> map.put("massG", number(g)));
        return map;
    }

    private static Map<String, Object> group(Object... pairs) {
        Map<String, Object> map = new LinkedHashMap<>();
        for (int i = 0; i < pairs.length; i += 2) {
            map.put((String) pairs[i], pairs[i + 1] instanceof Double d ? number(d) : pairs[i + 1]);
        }
        return map;
    }

    /** Whole numbers without a point, so that a document reads as it was typed. */
    private static Object number(double value) {
        return value == Math.rint(value) && Math.abs(value) < 1e9
                ? (Object) (long) value
                : (Object) value;
    }
}
