package app.islet.web.page.design.proposal;

import app.islet.core.care.AnimalGroup;
import app.islet.core.care.CareSheet;
import app.islet.core.enclosure.Site;
import app.islet.web.people.collection.CollectionContext;
import app.islet.web.people.collection.Role;
import app.islet.web.store.build.BuildLog;
import app.islet.web.store.care.CareSheetStore;
import app.islet.web.store.enclosure.Room;
import app.islet.web.store.enclosure.Rooms;
import java.util.List;
import java.util.stream.Stream;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** The first question: who? And up to four of them side by side. */
@Controller
@RequestMapping("/c/{collection}/new")
class WhoController {
  private static final int MAX_COMPARED = 4;

  private final CareSheetStore sheets;
  private final Rooms rooms;
  private final BuildLog buildLog;
  private final Fits fits;

  WhoController(CareSheetStore sheets, Rooms rooms, BuildLog buildLog, Fits fits) {
    this.sheets = sheets;
    this.rooms = rooms;
    this.buildLog = buildLog;
    this.fits = fits;
  }

  /** Cards of one group of animals. */
  record Group(String name, List<SpeciesCard> cards) {}

  @GetMapping
  String who(CollectionContext context, Model model) {
    context.require(Role.KEEPER);
    Power power = new Power(buildLog.tariff(context));
    Site site = site(context);
    List<CareSheet> all = List.copyOf(sheets.library(context).all());
    model.addAttribute(
        "groups",
        Stream.of(AnimalGroup.values())
            .map(group -> new Group(group.plural(), cards(context, all, group, site, power)))
            .filter(group -> !group.cards().isEmpty())
            .toList());
    model.addAttribute("room", roomWords(context));
    return "proposal/who";
  }

  private List<SpeciesCard> cards(
      CollectionContext context, List<CareSheet> all, AnimalGroup group, Site site, Power power) {
    return all.stream()
        .filter(sheet -> sheet.group() == group)
        .map(sheet -> fits.of(sheet, site, true, context.today()))
        .map(fit -> SpeciesCard.of(fit, power, context.units()))
        .toList();
  }

  /** Up to four species side by side. */
  @GetMapping("/compare")
  String compare(
      CollectionContext context,
      @RequestParam(defaultValue = "") List<String> species,
      Model model) {
    context.require(Role.KEEPER);
    Power power = new Power(buildLog.tariff(context));
    Site site = site(context);
    model.addAttribute(
        "columns",
        species.stream()
            .distinct()
            .flatMap(id -> sheets.library(context).find(id).stream())
            .limit(MAX_COMPARED)
            .map(sheet -> fits.of(sheet, site, true, context.today()))
            .map(fit -> FitView.of(fit, site, power, context.units()))
            .toList());
    model.addAttribute("room", roomWords(context));
    return "proposal/compare";
  }

  private Site site(CollectionContext context) {
    return rooms.all(context).stream().findFirst().map(Room::site).orElse(Asked.USUAL);
  }

  private String roomWords(CollectionContext context) {
    Site site = site(context);
    String where =
        rooms.all(context).stream().findFirst().map(Room::name).orElse("An ordinary room");
    return "%s: %s on the warmest day, %s in the coldest night"
        .formatted(
            where,
            context.units().celsius(site.warmestC()),
            context.units().celsius(site.coldestC()));
  }
}
