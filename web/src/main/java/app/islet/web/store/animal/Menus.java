package app.islet.web.store.animal;

import app.islet.core.care.OwnMenu;
import app.islet.web.base.support.NotFoundException;
import app.islet.web.people.collection.CollectionContext;
import app.islet.web.people.collection.Role;
import java.time.Clock;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What keepers feed their animals instead of what the sheets say. */
@Service
public class Menus {
  private final AnimalRepository animals;
  private final MenuRepository menus;
  private final Clock clock;

  Menus(AnimalRepository animals, MenuRepository menus, Clock clock) {
    this.animals = animals;
    this.menus = menus;
    this.clock = clock;
  }

  /** The menu of each stage that has one, by the ids of the animals. */
  @Transactional(readOnly = true)
  public Map<Long, List<OwnMenu>> of(Collection<Animal> some) {
    List<Long> ids = some.stream().map(Animal::id).distinct().toList();
    return ids.isEmpty()
        ? Map.of()
        : menus.newest(ids).stream()
            .collect(
                Collectors.groupingBy(
                    MenuEntry::animalId, Collectors.mapping(MenuEntry::menu, Collectors.toList())));
  }

  /**
   * Feeds an animal so from now on, while it is in that stage; without foods by its sheet again.
   */
  @Transactional
  public void change(CollectionContext context, long animalId, OwnMenu menu, UUID clientId) {
    context.require(Role.KEEPER);
    if (animals.lock(List.of(animalId), context.collectionId()).isEmpty()) {
      throw new NotFoundException("the collection has no animal " + animalId);
    }
    menus.append(clientId, () -> new MenuEntry(animalId, menu, context.stamp(clock, clientId)));
  }
}
