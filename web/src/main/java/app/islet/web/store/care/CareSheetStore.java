package app.islet.web.store.care;

import app.islet.core.care.CareLibrary;
import app.islet.core.care.CareSheet;
import app.islet.core.care.CareSheetReader;
import app.islet.core.care.SheetDraft;
import app.islet.core.text.Problem;
import app.islet.core.text.UnreadableException;
import app.islet.web.people.collection.CollectionContext;
import app.islet.web.people.collection.Role;
import java.time.Clock;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Collectors;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.server.ResponseStatusException;

/**
 * The care sheets a collection works with: those of Islet and its own, and the schools it chose.
 */
@Service
public class CareSheetStore {
  private static final int MAX_OWN_SHEETS = 200;
  private static final int MAX_CHARACTERS = 200_000;

  private final OwnSheetRepository sheets;
  private final ChosenSchoolRepository schools;
  private final Clock clock;

  /** A saved row never changes, so what was once read of it holds for good. */
  private final Map<Long, CareSheet> read = new ConcurrentHashMap<>();

  CareSheetStore(OwnSheetRepository sheets, ChosenSchoolRepository schools, Clock clock) {
    this.sheets = sheets;
    this.schools = schools;
    this.clock = clock;
  }

  @Transactional(readOnly = true)
  public CareLibrary library(CollectionContext context) {
    List<CareSheet> own = sheets.newest(context.collectionId()).stream().map(this::sheet).toList();
    return own.isEmpty() ? CareLibrary.bundled() : CareLibrary.bundled().and(own);
  }

  private CareSheet sheet(OwnSheet row) {
    return read.computeIfAbsent(
        row.id(), id -> CareSheetReader.read(row.sheet() + ".yaml", row.yaml()));
  }

  /** The school the collection keeps each species by, where it chose one. */
  @Transactional(readOnly = true)
  public Map<String, String> schools(CollectionContext context) {
    return schools.findByCollectionIdOrderById(context.collectionId()).stream()
        .collect(
            Collectors.toMap(ChosenSchool::species, ChosenSchool::school, (older, newer) -> newer));
  }

  @Transactional
  public void choose(CollectionContext context, CareSheet sheet, String school) {
    context.require(Role.KEEPER);
    if (!sheet.schoolNames().contains(school)) {
      throw new ResponseStatusException(HttpStatus.UNPROCESSABLE_ENTITY, "there is no such school");
    }
    if (!school.equals(schools(context).getOrDefault(sheet.id(), sheet.school().name()))) {
      schools.save(
          new ChosenSchool(
              context.collectionId(), sheet.id(), school, clock.instant(), context.person().id()));
    }
  }

  /** The text of a sheet as a file: the collection's own newest, or the one of Islet. */
  @Transactional(readOnly = true)
  public Optional<String> text(CollectionContext context, String id) {
    Optional<String> own =
        sheets
            .findFirstByCollectionIdAndSheetOrderByNumberDesc(context.collectionId(), id)
            .map(OwnSheet::yaml);
    return own.isPresent()
        ? own
        : CareLibrary.bundled().find(id).map(s -> CareLibrary.fullText(s.id()));
  }

  /** Every saved state of an own sheet, the newest first; none for one of Islet. */
  @Transactional(readOnly = true)
  public List<OwnSheet> history(CollectionContext context, String id) {
    return sheets.findByCollectionIdAndSheetOrderByNumberDesc(context.collectionId(), id);
  }

  /**
   * Copies a sheet under a name of the collection's own; answers its id. A copy of that name there
   * is already is answered instead, so that a double click makes one.
   */
  @Transactional
  public String copy(CollectionContext context, String id, String name) {
    context.require(Role.KEEPER);
    Optional<CareSheet> there =
        library(context).all().stream()
            .filter(sheet -> sheet.basedOn().isPresent() && sheet.name().equals(name))
            .findFirst();
    if (there.isPresent()) {
      return there.get().id();
    }
    String text =
        text(context, id).orElseThrow(() -> new ResponseStatusException(HttpStatus.NOT_FOUND));
    String ownId = freeId(context, id);
    save(context, SheetDraft.of(id, text).copiedAs(ownId, name).yaml(), "copied from " + id);
    return ownId;
  }

  private String freeId(CollectionContext context, String id) {
    String stem = id.replaceAll("-own(-\\d+)?$", "") + "-own";
    CareLibrary library = library(context);
    String free = stem;
    for (int i = 2; library.find(free).isPresent(); i++) {
      free = stem + "-" + i;
    }
    return free;
  }

  /**
   * Saves a sheet's text as the newest state of the sheet whose id it bears.
   *
   * @throws UnreadableException if it is no sheet, or bears the id of one of Islet's
   */
  @Transactional
  public CareSheet save(CollectionContext context, String yaml, String reason) {
    context.require(Role.KEEPER);
    if (yaml.length() > MAX_CHARACTERS) {
      throw refused("the file is longer than %d characters".formatted(MAX_CHARACTERS));
    }
    CareSheet sheet = CareSheetReader.read("care sheet", yaml);
    if (!sheet.id().matches("[a-z0-9]+(-[a-z0-9]+)*")) {
      throw refused(
          "the id \"%s\" must be of small letters, digits and single hyphens"
              .formatted(sheet.id()));
    }
    if (CareLibrary.bundled().find(sheet.id()).isPresent()) {
      throw refused(
          "\"%s\" is a sheet of Islet; give yours another id and say basedOn: %s"
              .formatted(sheet.id(), sheet.id()));
    }
    List<OwnSheet> before = history(context, sheet.id());
    if (before.isEmpty() && sheets.newest(context.collectionId()).size() >= MAX_OWN_SHEETS) {
      throw refused("the collection has %d sheets already".formatted(MAX_OWN_SHEETS));
    }
    if (before.isEmpty() || !before.get(0).yaml().equals(yaml)) {
      sheets.saveAndFlush(
          new OwnSheet(
              context.collectionId(),
              sheet.id(),
              before.isEmpty() ? 1 : before.get(0).number() + 1,
              yaml,
              reason,
              clock.instant(),
              context.person().id()));
    }
    return sheet;
  }

  private static UnreadableException refused(String sentence) {
    return new UnreadableException("care sheet", List.of(new Problem("/id", 1, sentence)));
  }
}
