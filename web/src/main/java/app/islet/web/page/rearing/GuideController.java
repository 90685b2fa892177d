package app.islet.web.page.rearing;

import app.islet.core.care.CareSheet;
import app.islet.core.quantity.Dimension;
import app.islet.core.quantity.Quantity;
import app.islet.core.quantity.Range;
import app.islet.core.rearing.Housing;
import app.islet.core.rearing.Milestone;
import app.islet.core.rearing.RearingGuide;
import app.islet.web.base.support.Messages;
import app.islet.web.base.support.NotFoundException;
import app.islet.web.base.support.Units;
import app.islet.web.people.collection.CollectionContext;
import app.islet.web.store.care.CareSheetStore;
import java.util.List;
import java.util.Locale;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;

/** The guide of a species, to be read before there is a batch. */
@Controller
@RequestMapping("/c/{collection}/rearing/guides/{species}")
class GuideController {
  private final CareSheetStore sheets;

  GuideController(CareSheetStore sheets) {
    this.sheets = sheets;
  }

  /** A stage in a row. */
  record Row(
      String name, String signs, String days, String food, List<String> dangers, String basis) {}

  @GetMapping
  String show(CollectionContext context, @PathVariable String species, Model model) {
    CareSheet sheet =
        sheets
            .library(context)
            .find(species)
            .orElseThrow(() -> new NotFoundException("no care sheet " + species));
    RearingGuide guide =
        RearingGuide.of(sheet)
            .orElseThrow(() -> new NotFoundException("no rearing guide for " + species));
    Units u = context.units();
    model.addAttribute("sheet", sheet);
    model.addAttribute("counted", guide.young().begins());
    model.addAttribute("rows", guide.milestones().stream().map(m -> row(sheet, m, u)).toList());
    model.addAttribute("housing", guide.housing().stream().map(h -> housing(h, u)).toList());
    model.addAttribute("water", guide.changes().water());
    model.addAttribute("regroup", guide.changes().regroup());
    model.addAttribute("losses", guide.outcome().losses());
    model.addAttribute(
        "survive",
        Messages.text(
            "rearing.guide-survive",
            Math.round(guide.outcome().percent().min()),
            Math.round(guide.outcome().percent().max()),
            guide.outcome().basis().words()));
    return "batches/guide";
  }

  private static Row row(CareSheet sheet, Milestone m, Units u) {
    double head = sheet.body().headShare() * m.lengthCm();
    String at =
        m.timing().atC().isPresent()
            ? "; " + Messages.text("rearing.guide-at", u.celsius(m.timing().atC().getAsDouble()))
            : "";
    return new Row(
        m.name(),
        m.signs(),
        days(m.timing().days()) + at,
        String.join("; ", m.care().foods().stream().map(f -> u.text(f.meal(1, head))).toList()),
        m.care().dangers().stream().map(d -> d.kind().words() + ": " + d.action()).toList(),
        m.timing().basis().words());
  }

  private static String days(Range days) {
    String from = plain(days.min());
    String to = plain(days.max());
    return from.equals(to) ? from : Messages.text("rearing.guide-range", from, to);
  }

  private static String plain(double days) {
    return days < 10 && days != Math.rint(days)
        ? String.format(Locale.ROOT, "%.1f", days)
        : String.valueOf(Math.round(days));
  }

  private static String housing(Housing h, Units u) {
    String line =
        Messages.text(
            "rearing.guide-housing-line",
            h.kind().words(),
            h.most(),
            u.text(new Quantity(Dimension.VOLUME, h.litresEach())),
            u.text(Quantity.percent(h.changePercent())),
            StageCare.every(h.changeDays()));
    return h.flushes() > 0
        ? line + " " + Messages.text("rearing.guide-flushes", h.flushes())
        : line;
  }
}
