package app.islet.web.ops.demo;

import app.islet.core.animal.Heads;
import app.islet.core.livestock.LifeEvent;
import app.islet.core.livestock.Movement;
import app.islet.core.livestock.Origin;
import app.islet.core.livestock.Place;
import app.islet.web.people.collection.CollectionContext;
import app.islet.web.store.animal.Animal;
import app.islet.web.store.animal.Animals;
import app.islet.web.store.animal.Background;
import app.islet.web.store.animal.Books;
import app.islet.web.store.animal.LifeLog;
import app.islet.web.store.animal.MarkedLength;
import app.islet.web.store.animal.Photo;
import app.islet.web.store.animal.Photos;
import app.islet.web.store.animal.PlaceRecord;
import app.islet.web.store.animal.Residents;
import app.islet.web.store.animal.UprightPhoto;
import app.islet.web.store.enclosure.EnclosureRecord;
import app.islet.web.store.enclosure.EnclosureStore;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.UUID;
import org.springframework.stereotype.Component;

/**
 * What became of the mill's animals: a clutch with its losses and its buyers, another still in its
 * eggs, a turtle that changed tanks twice in two years, hermit crabs that moult.
 */
@Component
class DemoLives {
  private final Animals animals;
  private final Books books;
  private final Residents residents;
  private final LifeLog life;
  private final EnclosureStore enclosures;
  private final Photos photos;

  DemoLives(
      Animals animals,
      Books books,
      Residents residents,
      LifeLog life,
      EnclosureStore enclosures,
      Photos photos) {
    this.animals = animals;
    this.books = books;
    this.residents = residents;
    this.life = life;
    this.enclosures = enclosures;
    this.photos = photos;
  }

  void fill(CollectionContext context) {
    for (Animal animal : animals.all(context)) {
      Story story = new Story(context, animal);
      switch (animal.name()) {
        case "Spring larvae" -> larvae(story);
        case "Bramble" -> wanderer(story);
        case "Dune walkers" -> moulting(story);
        case "Pebble" -> regrowing(story);
        case "Ember and Ash" -> feeding(story);
        case "The choir" -> choir(story);
        case "Fern crabs" ->
            story.happened(70, LifeEvent.Kind.BERRIED, "the one with the pale claw");
        case "Flint" -> sibling(story, 2.7, 3.2, 3.7);
        case "Chert" -> sibling(story, 2.8, 3.3, 3.8);
        case "Agate" -> sibling(story, 2.6, 3.0, 3.4);
        default -> {
          // Nothing was written down.
        }
      }
    }
  }

  /** Twenty-six hatched; seven were lost, five went to the shop in town. */
  private void larvae(Story story) {
    story.lost(38, 5, "fungus");
    story.lost(33, 1, "bitten");
    story.lost(30, 1, "dried", "the lid was left off over night");
    story.left(12, 5, Place.Kind.SOLD, "to the shop in Sluice Lane");
    Place eggs =
        animals.place(
            story.context,
            story.enclosure("Nursery tub"),
            PlaceRecord.Kind.EGGS,
            "Eggs on the moss");
    animals.read(
        story.context,
        story.animal.species(),
        Map.of("Autumn clutch", false),
        keys ->
            List.of(
                Movement.begun(story.ago(9), keys.get("Autumn clutch"), 40, eggs),
                new Movement(
                    story.ago(4),
                    keys.get("Autumn clutch"),
                    3,
                    eggs,
                    Place.out(Place.Kind.DIED),
                    "fungus",
                    "")),
        UUID.randomUUID());
  }

  /** Came young, outgrew two tanks. */
  private void wanderer(Story story) {
    Place pool = story.home("Long pool");
    Place shallows = story.home("Shallows");
    Place race = story.home("Mill race");
    Movement came = books.ledger(story.context).movements(story.animal.key()).get(0);
    story.enter(
        came.reversed("came earlier"),
        Movement.begun(story.ago(730), story.animal.key(), 1, shallows));
    story.enter(
        new Movement(story.ago(420), story.animal.key(), 1, shallows, race, "outgrew it", ""));
    story.enter(new Movement(came.day(), story.animal.key(), 1, race, pool, "outgrew it", ""));
    double[] lengths = {10.4, 11.6, 12.5, 13.6, 14.5, 15.2, 16.1, 16.8};
    for (int n = 0; n < lengths.length; n++) {
      story.measure(728 - 91L * n, lengths[n]);
    }
    story.happened(60, LifeEvent.Kind.SHED, "two scutes of the shell");
    story.happened(5, LifeEvent.Kind.FED, "");
    for (int day = 1; day <= 12; day++) {
      story.happened(day, day % 3 == 0 ? LifeEvent.Kind.SEEN : LifeEvent.Kind.BASKING, "");
    }
    story.weigh(2, 1010);
    animals.know(
        story.context,
        story.animal.id(),
        new Heads(1, 0, 1),
        new Background(
            Origin.GIVEN,
            null,
            "by a family in Sluice Lane",
            story.ago(1500),
            true,
            story.ago(400),
            "short claws, short tail"));
    story.photo(700, 0.3, "a month after she came");
    story.photo(3, 0.45, "new scutes, pale at the edge");
  }

  /** The three that hatched of five eggs of one clutch. */
  private void sibling(Story story, double... lengths) {
    Animal clutch = clutch(story);
    for (int n = 0; n < lengths.length; n++) {
      story.measure(260 - 60L * n, lengths[n]);
    }
    animals.know(
        story.context,
        story.animal.id(),
        Heads.of(1),
        new Background(Origin.HATCHED, clutch.id(), "", story.ago(290), false, null, ""));
  }

  /** Made with the first of them. */
  private Animal clutch(Story story) {
    String name = "Quarry clutch";
    Optional<Animal> made =
        animals.all(story.context).stream().filter(a -> a.name().equals(name)).findFirst();
    if (made.isEmpty()) {
      Place home = story.home("Shallows");
      animals.read(
          story.context,
          story.animal.species(),
          Map.of(name, false),
          keys ->
              List.of(
                  Movement.begun(story.ago(350), keys.get(name), 2, home),
                  new Movement(
                      story.ago(310),
                      keys.get(name),
                      2,
                      home,
                      Place.out(Place.Kind.DIED),
                      "not fertile",
                      "")),
          UUID.randomUUID());
      return clutch(story);
    }
    return made.get();
  }

  private static void moulting(Story story) {
    story.happened(36, LifeEvent.Kind.MOULTED, "the largest, dug in for five weeks");
    story.happened(21, LifeEvent.Kind.TRACE, "a new burrow behind the bark");
    story.happened(11, LifeEvent.Kind.MOULTED, "");
    story.happened(15, LifeEvent.Kind.BATHED, "all seven, smallest first");
    story.happened(8, LifeEvent.Kind.BATHED, "one feeler short, shells scrubbed");
    story.happened(3, LifeEvent.Kind.TRACE, "tracks to the salt water");
  }

  /** A walking leg lost in a fight, a moult since, and the next one under way. */
  private static void regrowing(Story story) {
    story.happened(130, LifeEvent.Kind.LIMB, "second leg on the left, after a fight over a shell");
    story.happened(70, LifeEvent.Kind.MOULTED, "a small, pale leg");
    story.happened(15, LifeEvent.Kind.BATHED, "");
    story.happened(12, LifeEvent.Kind.BURIED, "behind the bark");
  }

  private static void feeding(Story story) {
    story.happened(9, LifeEvent.Kind.REFUSED, "Ash, earthworm");
    story.happened(7, LifeEvent.Kind.FED, "");
    story.happened(2, LifeEvent.Kind.SEEN, "");
  }

  private static void choir(Story story) {
    story.happened(20, LifeEvent.Kind.MATED, "");
    story.happened(19, LifeEvent.Kind.EGGS, "eaten by the evening");
    story.happened(6, LifeEvent.Kind.SHED, "");
  }

  /** One animal's, told from today backwards. */
  private final class Story {
    private final CollectionContext context;
    private final Animal animal;

    Story(CollectionContext context, Animal animal) {
      this.context = context;
      this.animal = animal;
    }

    LocalDate ago(long days) {
      return context.today().minusDays(days);
    }

    long enclosure(String name) {
      return enclosures.all(context).stream()
          .filter(e -> e.name().equals(name))
          .map(EnclosureRecord::id)
          .findFirst()
          .orElseThrow();
    }

    Place home(String name) {
      return books.home(enclosure(name));
    }

    Place where() {
      return Place.kept(
          books.ledger(context).census(animal.key(), context.today()).lines().get(0).place());
    }

    void enter(Movement... done) {
      books.enter(context, List.of(done), UUID.randomUUID(), Optional.empty());
    }

    void lost(int daysAgo, int count, String cause, String... note) {
      enter(
          new Movement(
              ago(daysAgo),
              animal.key(),
              count,
              where(),
              Place.out(Place.Kind.DIED),
              cause,
              String.join("", note)));
    }

    void left(int daysAgo, int count, Place.Kind way, String note) {
      enter(new Movement(ago(daysAgo), animal.key(), count, where(), Place.out(way), "", note));
    }

    void measure(long daysAgo, double lengthCm) {
      residents.measure(
          context,
          animal.id(),
          ago(daysAgo),
          OptionalDouble.of(lengthCm),
          OptionalDouble.empty(),
          OptionalDouble.empty(),
          UUID.randomUUID());
    }

    void weigh(long daysAgo, double massG) {
      residents.measure(
          context,
          animal.id(),
          ago(daysAgo),
          OptionalDouble.of(18),
          OptionalDouble.empty(),
          OptionalDouble.of(massG),
          UUID.randomUUID());
    }

    /** Of her shell from above, so long in the picture. */
    void photo(long daysAgo, double share, String note) {
      Photo photo =
          photos.add(
              context,
              animal.id(),
              ago(daysAgo),
              Photo.Shows.SHELL,
              note,
              UprightPhoto.of(DemoPhotos.shell(share, daysAgo)),
              UUID.randomUUID());
      photos.mark(
          context,
          animal.id(),
          photo.id(),
          new MarkedLength(0.5 - share / 2, 0.5, 0.5 + share / 2, 0.5));
    }

    void happened(int daysAgo, LifeEvent.Kind kind, String note) {
      life.add(
          context,
          animal.id(),
          new LifeEvent(ago(daysAgo), kind, OptionalDouble.empty(), note),
          UUID.randomUUID());
    }
  }
}
