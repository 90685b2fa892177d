package app.islet.web.store.animal;

import app.islet.web.base.support.NotFoundException;
import app.islet.web.people.collection.CollectionContext;
import app.islet.web.people.collection.Role;
import java.time.Clock;
import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Photos of the animals. Helpers may add some. */
@Service
public class Photos {
  private final AnimalRepository animals;
  private final PhotoRepository photos;
  private final PhotoImageRepository images;
  private final PhotoMarkRepository marks;
  private final Clock clock;

  Photos(
      AnimalRepository animals,
      PhotoRepository photos,
      PhotoImageRepository images,
      PhotoMarkRepository marks,
      Clock clock) {
    this.animals = animals;
    this.photos = photos;
    this.images = images;
    this.marks = marks;
    this.clock = clock;
  }

  /** The oldest first. */
  @Transactional(readOnly = true)
  public List<Photo> of(Animal animal) {
    return photos.valid(animal.id());
  }

  /** Where the length lies in them, by the ids of those where somebody said. */
  @Transactional(readOnly = true)
  public Map<Long, MarkedLength> marks(Collection<Photo> some) {
    return marks.findAllById(some.stream().map(Photo::id).toList()).stream()
        .collect(Collectors.toMap(PhotoMark::photoId, PhotoMark::length));
  }

  /** Keeps it once, however often it is sent. */
  @Transactional
  public Photo add(
      CollectionContext context,
      long animalId,
      LocalDate day,
      Photo.Shows shows,
      String note,
      UprightPhoto taken,
      UUID clientId) {
    lock(context, animalId);
    return photos
        .findByClientId(clientId)
        .orElseGet(
            () -> {
              Photo photo =
                  photos.saveAndFlush(
                      new Photo(animalId, day, shows, note, taken, context.stamp(clock, clientId)));
              images.save(new PhotoImage(photo.id(), taken));
              return photo;
            });
  }

  /** JPEG. */
  @Transactional(readOnly = true)
  public byte[] image(CollectionContext context, long animalId, long photoId, boolean small) {
    require(context, animalId, photoId);
    return images
        .findById(photoId)
        .map(image -> image.bytes(small))
        .orElseThrow(() -> new NotFoundException("no picture of photo " + photoId));
  }

  /** Says where its length lies in it; the last word counts. */
  @Transactional
  public void mark(CollectionContext context, long animalId, long photoId, MarkedLength length) {
    lock(context, animalId);
    require(context, animalId, photoId);
    marks.save(new PhotoMark(photoId, length));
  }

  /** Takes a photo back by an entry that voids it; twice is harmless. */
  @Transactional
  public void takeBack(CollectionContext context, long animalId, long photoId) {
    context.require(Role.KEEPER);
    lock(context, animalId);
    Photo photo = require(context, animalId, photoId);
    photos.voidOnce(photoId, () -> photo.voided(context.stamp(clock, UUID.randomUUID())));
  }

  private Photo require(CollectionContext context, long animalId, long photoId) {
    return animals
        .findByIdAndCollectionId(animalId, context.collectionId())
        .flatMap(animal -> photos.findById(photoId))
        .filter(photo -> photo.animalId() == animalId)
        .orElseThrow(() -> new NotFoundException("no photo " + photoId));
  }

  private void lock(CollectionContext context, long animalId) {
    if (animals.lock(List.of(animalId), context.collectionId()).isEmpty()) {
      throw new NotFoundException("the collection has no animal " + animalId);
    }
  }
}
