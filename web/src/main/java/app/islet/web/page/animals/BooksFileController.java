package app.islet.web.page.animals;

import app.islet.core.care.CareSheet;
import app.islet.core.document.LedgerFile;
import app.islet.core.livestock.Ledger;
import app.islet.core.livestock.Movement;
import app.islet.core.livestock.UnbalancedException;
import app.islet.core.text.English;
import app.islet.core.text.UnreadableException;
import app.islet.web.base.support.Downloads;
import app.islet.web.base.support.Form;
import app.islet.web.base.support.Messages;
import app.islet.web.base.support.NotTextException;
import app.islet.web.base.support.Reply;
import app.islet.web.base.support.TextFiles;
import app.islet.web.people.collection.CollectionContext;
import app.islet.web.people.collection.Role;
import app.islet.web.store.animal.Animals;
import app.islet.web.store.animal.Books;
import app.islet.web.store.care.CareSheetStore;
import app.islet.web.store.enclosure.EnclosureStore;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;

/** The books of the animals as a file: written, and read again. */
@Controller
@RequestMapping("/c/{collection}/animals")
class BooksFileController {
  private final Animals animals;
  private final Books books;
  private final CareSheetStore sheets;
  private final EnclosureStore enclosures;

  BooksFileController(
      Animals animals, Books books, CareSheetStore sheets, EnclosureStore enclosures) {
    this.animals = animals;
    this.books = books;
    this.sheets = sheets;
    this.enclosures = enclosures;
  }

  private BooksFile file(CollectionContext context) {
    return new BooksFile(
        animals.all(context), new PlaceNames(books.places(context), enclosures.all(context)));
  }

  @GetMapping("/books.csv")
  ResponseEntity<String> download(CollectionContext context) {
    return Downloads.of(
        context.collection().name() + " animals.csv",
        new MediaType("text", "csv", StandardCharsets.UTF_8),
        file(context).write(books.ledger(context)));
  }

  @PostMapping("/import")
  String read(
      CollectionContext context,
      @RequestParam(required = false) @Nullable MultipartFile file,
      Form form,
      Reply reply)
      throws IOException {
    context.require(Role.KEEPER);
    String page = context.path("/animals");
    if (file == null || file.isEmpty()) {
      return reply.notDone(Messages.text("animals.file-wanted"), page);
    }
    try {
      String text = TextFiles.utf8(file);
      List<Movement> read = LedgerFile.readOn(String.valueOf(file.getOriginalFilename()), text);
      return enter(context, read, form, reply);
    } catch (UnreadableException e) {
      return reply.notDone(e.getMessage(), page);
    } catch (NotTextException e) {
      return reply.notDone(e.getMessage(), page);
    }
  }

  private String enter(CollectionContext context, List<Movement> read, Form form, Reply reply) {
    String page = context.path("/animals");
    BooksFile known = file(context);
    List<String> nowhere = known.unknownPlaces(read);
    if (!nowhere.isEmpty()) {
      return reply.notDone(Messages.text("animals.file-places", English.list(nowhere)), page);
    }
    List<String> strangers =
        read.stream()
            .map(Movement::animals)
            .distinct()
            .filter(name -> known.key(name).isEmpty())
            .toList();
    Optional<CareSheet> species = sheets.library(context).find(form.typed("species"));
    if (!strangers.isEmpty() && species.isEmpty()) {
      return reply.notDone(Messages.text("animals.file-species", English.list(strangers)), page);
    }
    Ledger ledger = books.ledger(context);
    try {
      int entered =
          animals.read(
              context,
              species.map(CareSheet::id).orElse(""),
              strangers.stream().collect(Collectors.toMap(n -> n, n -> begun(read, n) == 1)),
              newKeys -> BooksFile.missing(known.keyed(read, newKeys), ledger),
              form.clientId());
      return reply.saved(Messages.text("animals.file-read", entered, read.size() - entered), page);
    } catch (UnbalancedException e) {
      Map<String, String> names =
          animals.all(context).stream().collect(Collectors.toMap(a -> a.key(), a -> a.name()));
      return reply.notDone(
          e.sentence(
              key -> names.getOrDefault(key, key),
              new PlaceNames(books.places(context), enclosures.all(context))::name),
          page);
    }
  }

  private static int begun(List<Movement> read, String name) {
    return read.stream()
        .filter(m -> m.animals().equals(name) && !m.from().isKept())
        .mapToInt(Movement::count)
        .sum();
  }
}
