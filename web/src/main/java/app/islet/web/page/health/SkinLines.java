package app.islet.web.page.health;

import app.islet.core.health.HealthTables;
import app.islet.core.health.Skin;
import app.islet.core.livestock.LifeEvent;
import app.islet.web.people.collection.CollectionContext;
import app.islet.web.reading.snapshot.AnimalSnapshots;
import app.islet.web.store.animal.Animal;
import app.islet.web.store.animal.LifeLog;
import app.islet.web.store.health.HealthTableStore;
import java.util.List;
import java.util.Set;
import org.springframework.stereotype.Component;

/** Who moults, is soft, or grows a limb again. */
@Component
class SkinLines {
  private static final Set<LifeEvent.Kind> TELLING =
      Set.of(
          LifeEvent.Kind.BURIED, LifeEvent.Kind.LIMB, LifeEvent.Kind.MOULTED, LifeEvent.Kind.SHED);

  private final LifeLog life;
  private final AnimalSnapshots animals;
  private final HealthTableStore tables;

  SkinLines(LifeLog life, AnimalSnapshots animals, HealthTableStore tables) {
    this.life = life;
    this.animals = animals;
    this.tables = tables;
  }

  /** One animal or group. */
  record Line(long animalId, String who, List<String> words) {}

  List<Line> of(CollectionContext context, List<Animal> living) {
    List<Animal> telling = life.having(living, TELLING);
    if (telling.isEmpty()) {
      return List.of();
    }
    HealthTables known = tables.tables(context);
    return animals.of(context, telling).stream()
        .map(
            a -> {
              Skin skin =
                  Skin.of(
                      known.skin(a.resident().sheet().group()),
                      a.resident().bodyCm(),
                      a.animal().single(),
                      a.events(),
                      context.today());
              return new Line(a.animal().id(), a.animal().name(), skin.words(context.today()));
            })
        .filter(line -> !line.words().isEmpty())
        .toList();
  }
}
