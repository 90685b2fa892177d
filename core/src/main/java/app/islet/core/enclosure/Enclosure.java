package app.islet.core.enclosure;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Predicate;
import java.util.stream.Stream;

/** A design: everything about the box except who lives in it. */
public record Enclosure(
        String name,
        Vessel vessel,
        Water water,
        Ground ground,
        Optional<Land> land,
        Lid lid,
        Optional<Platform> platform,
        List<Equipment> equipment,
        Site site) {
    public Enclosure {
        equipment = List.copyOf(equipment);
        double lineCm = ground.depthCm() + water.depthCm();
        if (!(lineCm <= vessel.heightCm())) {
            throw new IllegalArgumentException(
                    "the water would stand %s cm above the floor, but the vessel is only %s cm high"
                            .formatted(plain(lineCm), plain(vessel.heightCm())));
        }
        if (land.isPresent() && !(land.get().heightCm() <= vessel.heightCm())) {
            throw new IllegalArgumentException(
                    "the land would be %s cm high, but the vessel is only %s cm high"
                            .formatted(plain(land.get().heightCm()), plain(vessel.heightCm())));
        }
    }

    private static String plain(double cm) {
        return cm == Math.rint(cm) ? String.valueOf((long) cm) : String.valueOf(cm);
    }

    /** Height of the water line above the vessel's floor, cm. */
    public double waterLineCm() {
        return ground.depthCm() + water.depthCm();
    }

    public <E extends Equipment> Stream<E> all(Class<E> kind) {
        return equipment.stream().filter(kind::isInstance).map(kind::cast);
    }

    public boolean has(Class<? extends Equipment> kind) {
        return all(kind).findAny().isPresent();
    }

    public Enclosure withName(String newName) {
        return new Enclosure(newName, vessel, water, ground, land, lid, platform, equipment, site);
    }

    public Enclosure withSite(Site newSite) {
        return new Enclosure(name, vessel, water, ground, land, lid, platform, equipment, newSite);
    }

    /** This design with one number changed. */
    public Enclosure with(Change change) {
        double v = change.value();
        return switch (change.field()) {
            case "/vessel/lengthCm" -> with(new Vessel(v, vessel.widthCm(), vessel.heightCm()));
            case "/vessel/widthCm" -> with(new Vessel(vessel.lengthCm(), v, vessel.heightCm()));
            case "/vessel/heightCm" -> with(new Vessel(vessel.lengthCm(), vessel.widthCm(), v));
            case "/water/depthCm" ->
                    with(new Water(v, water.restBelowSurfaceCm(), water.salinityPpt()));
            case "/water/restBelowSurfaceCm" ->
                    with(new Water(water.depthCm(), OptionalDouble.of(v), water.salinityPpt()));
            case "/water/salinityPpt" ->
                    with(new Water(water.depthCm(), water.restBelowSurfaceCm(), v));
            case "/land/sharePercent" -> with(new Land(v, landOr().heightCm(), landOr().rampCm()));
            case "/land/heightCm" -> with(new Land(landOr().sharePercent(), v, landOr().rampCm()));
            case "/land/rampCm" -> with(new Land(landOr().sharePercent(), landOr().heightCm(), v));
            case "/platform/sideCm" -> with(new Platform(v, v));
            case "/equipment/heater/powerW" ->
                    replacing(Equipment.Heater.class, new Equipment.Heater(v, true));
            case "/equipment/heat-mat/powerW" ->
                    replacing(Equipment.HeatMat.class, new Equipment.HeatMat(v));
            case "/equipment/chiller/coolingW" ->
                    replacing(Equipment.Chiller.class, new Equipment.Chiller(v));
            case "/equipment/filter/flowLph" ->
                    replacing(
                            Equipment.Filter.class,
                            new Equipment.Filter(
                                    v,
                                    all(Equipment.Filter.class)
                                            .findFirst()
                                            .flatMap(Equipment.Filter::runningSince)));
            default ->
                    throw new IllegalArgumentException(
                            "there is no number called " + change.field());
        };
    }

    /** This design with a tube fitted on {@code day} in place of the old one. */
    public Enclosure withNewTube(LocalDate day) {
        return replacing(Equipment.UvbLamp.class, new Equipment.UvbLamp(Optional.of(day)));
    }

    /** Land to start from where there is none: a beach that rises just above the line. */
    private Land landOr() {
        return land.orElse(new Land(20, Math.min(vessel.heightCm(), waterLineCm() + 2), 0));
    }

    private Enclosure with(Vessel v) {
        return new Enclosure(name, v, water, ground, land, lid, platform, equipment, site);
    }

    private Enclosure with(Water w) {
        return new Enclosure(name, vessel, w, ground, land, lid, platform, equipment, site);
    }

    private Enclosure with(Land l) {
        return new Enclosure(
                name, vessel, water, ground, Optional.of(l), lid, platform, equipment, site);
    }

    private Enclosure with(Platform p) {
        return new Enclosure(
                name, vessel, water, ground, land, lid, Optional.of(p), equipment, site);
    }

    private Enclosure replacing(Class<? extends Equipment> kind, Equipment device) {
        List<Equipment> others =
                new ArrayList<>(
                        equipment.stream().filter(Predicate.not(kind::isInstance)).toList());
        others.add(device);
        return new Enclosure(name, vessel, water, ground, land, lid, platform, others, site);
    }
}
