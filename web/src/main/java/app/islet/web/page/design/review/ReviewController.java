package app.islet.web.page.design.review;

import app.islet.core.animal.Resident;
import app.islet.core.geometry.Grid;
import app.islet.core.plan.Purchase;
import app.islet.core.review.Acceptance;
import app.islet.core.review.Outlook;
import app.islet.core.review.Severity;
import app.islet.core.review.Step;
import app.islet.core.review.Verdict;
import app.islet.core.text.English;
import app.islet.web.base.drawing.SectionDrawing;
import app.islet.web.base.figure.DesignFigures;
import app.islet.web.base.finding.FindingList;
import app.islet.web.base.finding.FindingView;
import app.islet.web.base.support.Form;
import app.islet.web.base.support.RefusedException;
import app.islet.web.base.support.Reply;
import app.islet.web.base.support.Units;
import app.islet.web.people.collection.CollectionContext;
import app.islet.web.people.collection.Role;
import app.islet.web.reading.snapshot.EnclosureSnapshot;
import app.islet.web.reading.snapshot.Snapshots;
import app.islet.web.store.enclosure.Acceptances;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** The Review step: what is wrong, for whom, why, what puts it right, and what fails later. */
@Controller
@RequestMapping("/c/{collection}/enclosures/{id}")
class ReviewController {
  private static final int MONTHS_AHEAD = 36;

  private final Snapshots snapshots;
  private final Acceptances acceptances;
  private final Outlooks outlooks;

  ReviewController(Snapshots snapshots, Acceptances acceptances, Outlooks outlooks) {
    this.snapshots = snapshots;
    this.acceptances = acceptances;
    this.outlooks = outlooks;
  }

  /**
   * @param show the only severity wanted, in small letters; all where empty
   */
  @GetMapping("/review")
  String review(
      CollectionContext context,
      @PathVariable long id,
      @RequestParam(defaultValue = "") String show,
      Model model) {
    return page(context, snapshots.get(context, id), show, model);
  }

  /** The whole judgement on paper. */
  @GetMapping("/report")
  String report(CollectionContext context, @PathVariable long id, Model model) {
    EnclosureSnapshot state = snapshots.get(context, id);
    page(context, state, "", model);
    Grid grid = state.assessment().geometry().grid().orElseGet(() -> Grid.of(state.design()));
    model.addAttribute(
        "figures",
        DesignFigures.of(
            state.assessment(), grid, state.residents().stream().findFirst(), context.units()));
    model.addAttribute("judgedOn", English.day(state.day()));
    return "review/report";
  }

  /** Findings of one step of the work. */
  record Group(String step, List<FindingView> findings) {}

  /**
   * @param value what the address says; empty for all
   */
  record Filter(String words, String value, long count, boolean chosen) {}

  /** Something the design takes. */
  record Buy(String thing, String size, String state, boolean present) {
    private static Buy of(Purchase p, Units u) {
      String state = p.present() ? "in the design" : "still to buy";
      return new Buy(p.thing(), u.text(p.size()), state, p.present());
    }
  }

  private String page(
      CollectionContext context, EnclosureSnapshot state, String show, Model model) {
    Units u = context.units();
    FindingList findings = FindingList.of(state.assessment().review(), u);
    List<FindingView> shown =
        findings.all().stream().filter(f -> show.isEmpty() || f.css().equals(show)).toList();
    model.addAttribute("state", state);
    model.addAttribute("open", findings.open());
    model.addAttribute("verdict", u.text(Verdict.of(state.assessment().review()).sentence()));
    model.addAttribute("groups", groups(shown));
    model.addAttribute("filters", filters(findings, show));
    model.addAttribute(
        "svg",
        SectionDrawing.working(
            state.assessment(), context.system(), state.design().vessel().widthCm() / 2));
    model.addAttribute(
        "shopping", state.assessment().shopping().stream().map(p -> Buy.of(p, u)).toList());
    model.addAttribute(
        "later",
        outlooks.of(context, state, MONTHS_AHEAD).events().stream().map(e -> later(e, u)).toList());
    model.addAttribute("byOwnGrowth", names(state, true));
    model.addAttribute("byAverage", names(state, false));
    model.addAttribute("tellsLater", Outlook.canTell(state.assessment().situation()));
    model.addAttribute("latestAskAgain", context.today().plusYears(1));
    model.addAttribute("usualAskAgain", context.today().plusMonths(3));
    return "review/review";
  }

  /** Whose growth is told from their own lengths, or is not. */
  private static String names(EnclosureSnapshot state, boolean own) {
    return English.list(
        state.residents().stream()
            .filter(r -> r.size().growth().isPresent() == own)
            .map(Resident::name)
            .toList());
  }

  private static List<Group> groups(List<FindingView> shown) {
    return Arrays.stream(Step.values())
        .map(
            step ->
                new Group(
                    step.word(), shown.stream().filter(f -> f.step().equals(step.word())).toList()))
        .filter(group -> !group.findings().isEmpty())
        .toList();
  }

  private static List<Filter> filters(FindingList findings, String show) {
    List<Filter> filters = new ArrayList<>();
    filters.add(new Filter("All", "", findings.all().size(), show.isEmpty()));
    for (Severity severity : Severity.values()) {
      String value = severity.word().toLowerCase(Locale.ROOT);
      filters.add(new Filter(severity.word(), value, findings.count(value), show.equals(value)));
    }
    return filters;
  }

  /** Lives with a finding for a while. */
  @PostMapping("/accept")
  String accept(
      CollectionContext context, @PathVariable long id, Form form, Model model, Reply reply) {
    context.require(Role.KEEPER);
    String reason = form.text("reason", 300, "a reason, for whoever asks later");
    Optional<LocalDate> until = form.date("askAgain");
    if (until.isEmpty() && !form.hasErrors()) {
      form.refuse("askAgain", "Say from which day to ask again.");
    }
    until
        .filter(day -> !day.isAfter(context.today()) || day.isAfter(context.today().plusYears(1)))
        .ifPresent(
            day -> form.refuse("askAgain", "A day from tomorrow to a year from now, please."));
    EnclosureSnapshot state = snapshots.get(context, id);
    if (form.hasErrors()) {
      model.addAttribute("accepting", new Accepting(form));
      return reply.refused(page(context, state, "", model));
    }
    String rule = form.typed("rule");
    String who = form.typed("who");
    Severity severity = acceptable(state, rule, who);
    acceptances.accept(
        context, id, new Acceptance(rule, who, severity, reason, until.orElseThrow()));
    return reply.saved("Accepted for now.", address(context, id));
  }

  /** How bad a finding is that may be put off. */
  private static Severity acceptable(EnclosureSnapshot state, String rule, String who) {
    return state.assessment().review().findings().stream()
        .filter(f -> f.rule().equals(rule) && f.who().equals(who))
        .map(f -> f.severity())
        .min(Comparator.naturalOrder())
        .filter(severity -> severity == Severity.WRONG || severity == Severity.WATCH)
        .orElseThrow(
            () ->
                new RefusedException(
                    "A Danger cannot be put off, a Note need not be, and what is no longer found"
                        + " is settled."));
  }

  /** What was typed to accept one finding, kept while something in it is wrong. */
  record Accepting(Form form) {
    public boolean isOf(FindingView finding) {
      return form.typed("rule").equals(finding.rule()) && form.typed("who").equals(finding.who());
    }

    public String sentence() {
      return String.join(" ", form.errors().values());
    }
  }

  @PostMapping("/reopen")
  String reopen(CollectionContext context, @PathVariable long id, Form form, Reply reply) {
    acceptances.reopen(context, id, form.typed("rule"), form.typed("who"));
    return reply.saved("Reopened.", address(context, id));
  }

  private static String address(CollectionContext context, long id) {
    return context.path("/enclosures/" + id + "/review");
  }

  /** What fails first as the residents grow. */
  record Later(String when, String severity, String css, String what) {}

  private static Later later(Outlook.Event e, Units u) {
    String severity = e.finding().severity().word();
    return new Later(
        English.month(e.day()),
        severity,
        severity.toLowerCase(Locale.ROOT),
        u.text(e.finding().what()));
  }
}
