package app.islet.web.page.animals;

import app.islet.core.quantity.Dimension;
import app.islet.web.base.support.Field;
import app.islet.web.base.support.Form;
import app.islet.web.base.support.Messages;
import app.islet.web.base.support.NotFoundException;
import app.islet.web.base.support.Reply;
import app.islet.web.people.collection.CollectionContext;
import app.islet.web.store.animal.MarkedLength;
import app.islet.web.store.animal.Photo;
import app.islet.web.store.animal.Photos;
import app.islet.web.store.animal.UnusablePhotoException;
import app.islet.web.store.animal.UprightPhoto;
import java.io.IOException;
import java.time.Duration;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;

/** Photos of an animal: taken, uploaded, marked with its length, side by side. */
@Controller
@RequestMapping("/c/{collection}/animals/{id}/photos")
class PhotosController {
  private static final int LONGEST_NOTE = 300;
  private static final Duration KEPT = Duration.ofDays(365);

  private final Subjects subjects;
  private final Photos photos;

  PhotosController(Subjects subjects, Photos photos) {
    this.subjects = subjects;
    this.photos = photos;
  }

  @GetMapping
  String show(
      CollectionContext context,
      @PathVariable long id,
      @RequestParam(required = false) @Nullable Long then,
      @RequestParam(required = false) @Nullable Long now,
      Model model) {
    Subject s = subjects.get(context, id);
    List<Photo> all = photos.of(s.animal());
    model.addAttribute("animal", s.animal());
    model.addAttribute("here", s.isHere());
    model.addAttribute(
        "view",
        PhotosView.of(
            s,
            all,
            photos.marks(all),
            Optional.ofNullable(then),
            Optional.ofNullable(now),
            context.units()));
    model.addAttribute(
        "shows",
        Arrays.stream(Photo.Shows.values())
            .map(shows -> new Field.Option(shows.name(), PhotosView.words(shows)))
            .toList());
    model.addAttribute("clientId", UUID.randomUUID());
    return "animals/photos";
  }

  @PostMapping
  String add(
      CollectionContext context,
      @PathVariable long id,
      @RequestParam(required = false) @Nullable MultipartFile photo,
      Form form,
      Reply reply)
      throws IOException {
    String page = context.path("/animals/" + id + "/photos");
    if (photo == null || photo.isEmpty()) {
      return reply.notDone(Messages.text("photo.wanted"), page);
    }
    String note = form.typed("note");
    Photo.Shows shows = form.choice("shows", Photo.Shows.class, Photo.Shows.ALL);
    Optional<LocalDate> typed = form.date("takenOn");
    if (note.length() > LONGEST_NOTE || form.hasErrors()) {
      return reply.notDone(Messages.text("photo.refused", LONGEST_NOTE), page);
    }
    try {
      UprightPhoto taken = UprightPhoto.of(photo.getBytes());
      LocalDate day = typed.or(taken::takenOn).orElse(context.today());
      if (day.isAfter(context.today())) {
        return reply.notDone(Messages.text("animals.until-today"), page);
      }
      photos.add(context, id, day, shows, note, taken, form.clientId());
      return reply.saved(Messages.text("photo.saved"), page);
    } catch (UnusablePhotoException e) {
      return reply.notDone(e.getMessage(), page);
    }
  }

  /** A photo never changes: a browser may keep it. */
  @GetMapping("/{photo}.jpg")
  ResponseEntity<byte[]> image(
      CollectionContext context,
      @PathVariable long id,
      @PathVariable long photo,
      @RequestParam(defaultValue = "false") boolean small) {
    return ResponseEntity.ok()
        .contentType(MediaType.IMAGE_JPEG)
        .cacheControl(CacheControl.maxAge(KEPT).cachePrivate().immutable())
        .body(photos.image(context, id, photo, small));
  }

  @GetMapping("/{photo}/mark")
  String mark(
      CollectionContext context, @PathVariable long id, @PathVariable long photo, Model model) {
    Subject s = subjects.get(context, id);
    Photo one =
        photos.of(s.animal()).stream()
            .filter(p -> p.id() == photo)
            .findFirst()
            .orElseThrow(() -> new NotFoundException("no photo " + photo));
    model.addAttribute("animal", s.animal());
    model.addAttribute("photo", one);
    model.addAttribute(
        "mark",
        Optional.ofNullable(photos.marks(List.of(one)).get(photo))
            .orElse(new MarkedLength(0.1, 0.5, 0.9, 0.5)));
    return "animals/mark";
  }

  @PostMapping("/{photo}/mark")
  String mark(
      CollectionContext context,
      @PathVariable long id,
      @PathVariable long photo,
      Form form,
      Reply reply) {
    String page = context.path("/animals/" + id + "/photos");
    MarkedLength length =
        new MarkedLength(
            share(form, "fromX"), share(form, "fromY"), share(form, "toX"), share(form, "toY"));
    if (form.hasErrors() || length.pixels(1, 1) == 0) {
      return reply.notDone(Messages.text("photo.mark-refused"), page + "/" + photo + "/mark");
    }
    photos.mark(context, id, photo, length);
    return reply.saved(Messages.text("photo.marked"), page);
  }

  /** From 0 to 100 in the form. */
  private static double share(Form form, String id) {
    return form.number(id, Dimension.PERCENT, 0, 100) / 100;
  }

  @PostMapping("/{photo}/void")
  String takeBack(
      CollectionContext context, @PathVariable long id, @PathVariable long photo, Reply reply) {
    photos.takeBack(context, id, photo);
    return reply.saved(
        Messages.text("photo.taken-back"), context.path("/animals/" + id + "/photos"));
  }
}
