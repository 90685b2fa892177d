package app.islet.web.health;

import app.islet.core.animal.Resident;
import app.islet.core.health.HealthTables;
import app.islet.core.health.Skin;
import app.islet.core.livestock.LifeEvent;
import app.islet.web.animal.Animal;
import app.islet.web.animal.LifeEntry;
import app.islet.web.animal.LifeLog;
import app.islet.web.animal.Measurement;
import app.islet.web.animal.Menus;
import app.islet.web.animal.Residents;
import app.islet.web.care.CareSheetStore;
import app.islet.web.collection.CollectionContext;
import app.islet.web.healthlog.HealthTableStore;
import app.islet.web.snapshot.Occupants;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/** Who moults, is soft, or grows a limb again. */
@Component
class SkinLines {
  private static final Set<LifeEvent.Kind> TELLING =
      Set.of(
          LifeEvent.Kind.BURIED, LifeEvent.Kind.LIMB, LifeEvent.Kind.MOULTED, LifeEvent.Kind.SHED);

  private final LifeLog life;
  private final Residents residents;
  private final Menus menus;
  private final CareSheetStore sheets;
  private final HealthTableStore tables;

  SkinLines(
      LifeLog life,
      Residents residents,
      Menus menus,
      CareSheetStore sheets,
      HealthTableStore tables) {
    this.tables = tables;
    this.life = life;
    this.residents = residents;
    this.menus = menus;
    this.sheets = sheets;
  }

  /** One animal or group. */
  record Line(long animalId, String who, List<String> words) {}

  List<Line> of(CollectionContext context, List<Animal> living) {
    List<Animal> telling = life.having(living, TELLING);
    if (telling.isEmpty()) {
      return List.of();
    }
    HealthTables known = tables.tables(context);
    Map<Long, List<LifeEvent>> events =
        life.of(telling).stream()
            .collect(
                Collectors.groupingBy(
                    LifeEntry::animalId,
                    Collectors.mapping(LifeEntry::event, Collectors.toList())));
    Map<Long, List<Measurement>> sizes = residents.measurements(telling);
    Occupants occupants =
        new Occupants(
            sheets.library(context), sheets.schools(context), menus.of(telling), context.today());
    return telling.stream()
        .map(
            a -> {
              Resident r =
                  occupants
                      .occupant(
                          new Residents.Stay(a, 0, 1, 1, context.today()),
                          sizes.getOrDefault(a.id(), List.of()))
                      .resident();
              Skin skin =
                  Skin.of(
                      known.skin(r.sheet().group()),
                      r.bodyCm(),
                      a.single(),
                      events.getOrDefault(a.id(), List.of()),
                      context.today());
              return new Line(a.id(), a.name(), skin.words(context.today()));
            })
        .filter(line -> !line.words().isEmpty())
        .toList();
  }
}
