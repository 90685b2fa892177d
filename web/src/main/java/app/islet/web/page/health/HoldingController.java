package app.islet.web.page.health;

import app.islet.core.animal.Resident;
import app.islet.core.care.CareSheet;
import app.islet.core.enclosure.Enclosure;
import app.islet.core.enclosure.Purpose;
import app.islet.core.health.HoldingTub;
import app.islet.core.livestock.Census;
import app.islet.core.livestock.Movement;
import app.islet.core.livestock.Place;
import app.islet.web.base.support.Form;
import app.islet.web.base.support.Ids;
import app.islet.web.base.support.Messages;
import app.islet.web.base.support.RefusedException;
import app.islet.web.base.support.Reply;
import app.islet.web.people.collection.CollectionContext;
import app.islet.web.people.collection.Role;
import app.islet.web.store.animal.Books;
import app.islet.web.store.care.CareSheetStore;
import app.islet.web.store.enclosure.Designs;
import app.islet.web.store.enclosure.EnclosureRecord;
import app.islet.web.store.enclosure.Room;
import app.islet.web.store.enclosure.Rooms;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Controller;
import org.springframework.transaction.support.TransactionTemplate;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;

/** A tub of its own for an animal that is ill, or for one that comes. */
@Controller
@RequestMapping("/c/{collection}/health")
class HoldingController {
  private static final int LONGEST_NAME = 80;

  private final Patients patients;
  private final Designs designs;
  private final Rooms rooms;
  private final Books books;
  private final CareSheetStore sheets;
  private final TransactionTemplate transactions;

  HoldingController(
      Patients patients,
      Designs designs,
      Rooms rooms,
      Books books,
      CareSheetStore sheets,
      TransactionTemplate transactions) {
    this.patients = patients;
    this.designs = designs;
    this.rooms = rooms;
    this.books = books;
    this.sheets = sheets;
    this.transactions = transactions;
  }

  /** Makes a hospital tub in the animal's room and moves it there, once. */
  @PostMapping("/animals/{id}/tub")
  String hospital(CollectionContext context, @PathVariable long id, Form form, Reply reply) {
    context.require(Role.KEEPER);
    Patients.Patient patient = patients.patient(context, id);
    Census here = books.ledger(context).census(patient.animal().key(), context.today());
    if (here.lines().size() != 1) {
      throw new RefusedException(Messages.text("health.tub-which"));
    }
    Census.Line now = here.lines().get(0);
    UUID clientId = form.clientId();
    Enclosure tub =
        HoldingTub.enclosure(
            patient.resident(),
            shortened(Messages.text("health.tub-of", patient.animal().name())),
            Purpose.HOSPITAL);
    transactions.executeWithoutResult(
        status -> {
          books.hold(context, id);
          EnclosureRecord made =
              designs.create(context, room(context, patient), tub, context.today(), clientId);
          Place to = books.home(made.id());
          if (!to.name().equals(now.place())) {
            books.enter(
                context,
                List.of(
                    new Movement(
                        context.today(),
                        patient.animal().key(),
                        now.count(),
                        Place.kept(now.place()),
                        to,
                        Messages.text("health.looks-wrong"),
                        "")),
                Ids.derived(clientId, "move"),
                Optional.empty());
          }
        });
    return reply.saved(Messages.text("health.in-tub"), context.path("/health"));
  }

  /** Makes an empty quarantine tub for an animal that is to come. */
  @PostMapping("/arrival/tub")
  String quarantine(CollectionContext context, Form form, Reply reply) {
    context.require(Role.KEEPER);
    CareSheet sheet =
        sheets
            .library(context)
            .find(form.typed("species"))
            .orElseThrow(() -> new RefusedException(Messages.text("rearing.choose-species")));
    Resident one = Resident.one(sheet);
    Enclosure tub =
        HoldingTub.enclosure(
            one,
            shortened(Messages.text("health.quarantine-of", sheet.name())),
            Purpose.QUARANTINE);
    EnclosureRecord made =
        designs.create(context, form.id("room"), tub, context.today(), form.clientId());
    return reply.saved(
        Messages.text("health.tub-made"), context.path("/enclosures/" + made.id() + "/build"));
  }

  private long room(CollectionContext context, Patients.Patient patient) {
    return patient
        .home()
        .map(home -> home.room().id())
        .orElseGet(
            () ->
                rooms.all(context).stream()
                    .map(Room::id)
                    .findFirst()
                    .orElseThrow(() -> new RefusedException(Messages.text("health.no-room"))));
  }

  private static String shortened(String name) {
    return name.substring(0, Math.min(LONGEST_NAME, name.length()));
  }
}
