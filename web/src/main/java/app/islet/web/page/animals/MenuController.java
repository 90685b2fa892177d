package app.islet.web.page.animals;

import app.islet.core.animal.Resident;
import app.islet.core.care.FoodKeeping;
import app.islet.core.care.OwnMenu;
import app.islet.core.feeding.Rotation;
import app.islet.core.livestock.Appetite;
import app.islet.core.livestock.LifeEvent;
import app.islet.core.plan.Completion;
import app.islet.core.plan.DayList;
import app.islet.core.plan.DueTask;
import app.islet.core.plan.Feeding;
import app.islet.core.plan.Helping;
import app.islet.core.plan.MealAnswers;
import app.islet.core.plan.MealTasks;
import app.islet.core.plan.Plan;
import app.islet.core.text.English;
import app.islet.web.base.support.Field;
import app.islet.web.base.support.Form;
import app.islet.web.base.support.Messages;
import app.islet.web.base.support.Reply;
import app.islet.web.base.support.Units;
import app.islet.web.people.collection.CollectionContext;
import app.islet.web.people.collection.Role;
import app.islet.web.reading.snapshot.EnclosureSnapshot;
import app.islet.web.reading.snapshot.MealLog;
import app.islet.web.store.animal.Animal;
import app.islet.web.store.animal.Animals;
import app.islet.web.store.animal.Menus;
import app.islet.web.store.rearing.BatchState;
import app.islet.web.store.tasks.TaskEntry;
import app.islet.web.store.tasks.TaskLog;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.format.TextStyle;
import java.time.temporal.TemporalAdjusters;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** What an animal is fed: its menu, and the days each food falls on. */
@Controller
@RequestMapping("/c/{collection}/animals/{id}/food")
class MenuController {
  private static final int WEEKS = 4;
  private static final int WEEK = 7;

  /** Of the rounds, meals of a fortnight are kept at hand. */
  private static final int MEALS_SHOWN_DAYS = 14;

  /** So far ahead the next turn of a food is looked for. */
  private static final int AHEAD = 62;

  private final Subjects subjects;
  private final Animals animals;
  private final Menus menus;
  private final TaskLog rounds;
  private final MealLog log;

  MenuController(Subjects subjects, Animals animals, Menus menus, TaskLog rounds, MealLog log) {
    this.rounds = rounds;
    this.log = log;
    this.subjects = subjects;
    this.animals = animals;
    this.menus = menus;
  }

  /**
   * A day of the weeks to come.
   *
   * @param foods with how much of each
   */
  record Day(String day, List<String> foods, boolean today, boolean past) {}

  /** A day of the week, and whether nothing is fed on it. */
  record FastDay(String day, String words, boolean fasting) {}

  /** A week of them. */
  record Week(List<Day> days) {}

  @GetMapping
  String show(
      CollectionContext context,
      @PathVariable long id,
      @RequestParam(defaultValue = "0") long like,
      Model model) {
    Subject s = subjects.get(context, id);
    Resident from = like == 0 ? s.resident() : subjects.get(context, like).resident();
    Map<String, String> typed =
        MenuForm.typed(from.foods(), from.ownMenu().map(OwnMenu::fasting).orElse(Set.of()));
    typed.put("clientId", UUID.randomUUID().toString());
    typed.put("reason", from.ownMenu().map(OwnMenu::reason).orElse(""));
    return page(context, s, model, new Form(typed, context.system()));
  }

  private String page(CollectionContext context, Subject s, Model model, Form form) {
    Resident r = s.resident();
    Plan plan = MealTasks.plan(List.of(r), context.today());
    model.addAttribute("animal", s.animal());
    model.addAttribute("here", s.isHere());
    model.addAttribute("stage", r.stage().name());
    model.addAttribute("own", r.ownMenu().isPresent());
    model.addAttribute("rows", MenuForm.rows(form));
    model.addAttribute("roles", MenuForm.roles());
    model.addAttribute("fasting", fasting(form));
    model.addAttribute("reason", form.typed("reason"));
    model.addAttribute("reasonError", Optional.ofNullable(form.error("reason")).orElse(""));
    model.addAttribute("refusedMenu", Optional.ofNullable(form.error("menu")).orElse(""));
    model.addAttribute("clientId", form.typed("clientId"));
    model.addAttribute("likes", likes(context, s.animal()));
    model.addAttribute("answers", answers(context, s, plan));
    model.addAttribute("appetite", appetite(s));
    model.addAttribute("meals", meals(context, s));
    model.addAttribute("tubs", inTubs(s, context.units()));
    model.addAttribute("sum", plan.feedings().stream().map(f -> f.sum().words()).findFirst());
    model.addAttribute("weeks", weeks(plan, context.today(), context.units()));
    return "animals/food";
  }

  /** One food today. */
  record AnswerView(String food, String amount, String state, String words, String before) {}

  /** May it have that today? */
  private List<AnswerView> answers(CollectionContext context, Subject s, Plan plan) {
    Optional<EnclosureSnapshot> in = s.isHere() ? s.livingIn() : Optional.empty();
    if (in.isEmpty()) {
      return List.of();
    }
    LocalDate today = context.today();
    List<Completion> history = history(context, s).stream().map(TaskEntry::completion).toList();
    boolean fed =
        s.events().stream().anyMatch(e -> e.kind() == LifeEvent.Kind.FED && e.day().equals(today));
    List<List<DueTask>> lists =
        DayList.coming(today, AHEAD, plan, in.get().record().startedOn(), history);
    return MealAnswers.of(plan, today, lists, history, fed).stream()
        .map(answer -> view(answer, today, context.units()))
        .toList();
  }

  /** The last meals, the newest first. */
  private List<String> meals(CollectionContext context, Subject s) {
    return log.of(context, s.snapshot()).stream()
        .filter(meal -> meal.day().isAfter(context.today().minusDays(MEALS_SHOWN_DAYS)))
        .map(meal -> English.shortWeekday(meal.day()) + ": " + LifeWords.of(meal) + note(meal))
        .toList();
  }

  private static String note(LifeEvent meal) {
    return meal.note().isEmpty() ? "" : ", " + meal.note();
  }

  /** What it is given in its tubs by the guide of its batch; empty where it lives in none. */
  private static List<String> inTubs(Subject s, Units u) {
    Map<String, List<String>> tubs = new LinkedHashMap<>();
    for (BatchState.TubNow tub : s.snapshot().tubs()) {
      String meal =
          s.snapshot().batch().orElseThrow().meals(tub).stream()
              .map(u::text)
              .collect(Collectors.joining("; "));
      tubs.computeIfAbsent(meal, m -> new ArrayList<>()).add(String.valueOf(tub.record().number()));
    }
    return tubs.entrySet().stream()
        .map(
            e ->
                e.getValue().size() == 1
                    ? Messages.text("menu.in-tub", e.getValue().get(0), e.getKey())
                    : Messages.text("menu.in-each-tub", English.list(e.getValue()), e.getKey()))
        .toList();
  }

  private List<TaskEntry> history(CollectionContext context, Subject s) {
    long id = s.livingIn().orElseThrow().id();
    return rounds.lastAndOn(List.of(id), context.today()).getOrDefault(id, List.of());
  }

  private static AnswerView view(MealAnswers.Answer answer, LocalDate today, Units u) {
    String state = answer.state().name().toLowerCase(Locale.ROOT);
    String next = answer.next().map(English::weekday).orElse("");
    return new AnswerView(
        answer.helping().food(),
        u.text(answer.helping().words(1)),
        Messages.text("meal." + state),
        switch (answer.state()) {
          case DUE -> "";
          case GIVEN -> Messages.text("meal.given-words");
          case FED ->
              Messages.text("meal.fed-words")
                  + (next.isEmpty() ? "" : " " + Messages.text("meal.later-words", next));
          case TOO_SOON -> Messages.text("meal.too-soon-words", next);
          case LATER -> next.isEmpty() ? "" : Messages.text("meal.later-words", next);
        },
        answer.state() == MealAnswers.State.DUE
            ? FoodKeeping.of(answer.helping().food()).flatMap(FoodKeeping::before).orElse("")
            : "");
  }

  /** What to make of refused food; empty where it eats. */
  private static String appetite(Subject s) {
    return Appetite.of(s.resident(), s.events(), s.today())
        .map(
            a ->
                Messages.text(
                    "appetite." + a.verdict().name().toLowerCase(Locale.ROOT),
                    English.count(a.days(), "day"),
                    English.count(a.normalDays(), "day")))
        .orElse("");
  }

  private static List<FastDay> fasting(Form form) {
    return Arrays.stream(DayOfWeek.values())
        .map(
            day ->
                new FastDay(
                    day.name(),
                    day.getDisplayName(TextStyle.SHORT, Locale.ENGLISH),
                    form.flag("fast" + day.name())))
        .toList();
  }

  /** Others of its species, whose menu may be copied. */
  private List<Field.Option> likes(CollectionContext context, Animal animal) {
    return animals.all(context).stream()
        .filter(a -> !a.id().equals(animal.id()) && a.species().equals(animal.species()))
        .map(a -> new Field.Option(String.valueOf(a.id()), a.name()))
        .toList();
  }

  /** From the Monday of this week, as if all is given on its day. */
  private static List<Week> weeks(Plan plan, LocalDate today, Units u) {
    Optional<Feeding> feeding = plan.feedings().stream().findFirst();
    if (feeding.isEmpty() || !feeding.get().rotation().holds()) {
      return List.of();
    }
    LocalDate monday = today.with(TemporalAdjusters.previousOrSame(DayOfWeek.MONDAY));
    List<Rotation.Day> days = feeding.get().rotation().days(monday, WEEKS * WEEK, List.of());
    List<Week> weeks = new ArrayList<>();
    for (int week = 0; week < WEEKS; week++) {
      weeks.add(
          new Week(
              days.subList(week * WEEK, (week + 1) * WEEK).stream()
                  .map(day -> day(day, plan, today, u))
                  .toList()));
    }
    return weeks;
  }

  private static Day day(Rotation.Day day, Plan plan, LocalDate today, Units u) {
    return new Day(
        English.shortWeekday(day.day()),
        day.foods().stream()
            .map(key -> plan.helpings().get(key))
            .map((Helping h) -> h.food() + ", " + u.text(h.words(day.share())))
            .toList(),
        day.day().equals(today),
        day.day().isBefore(today));
  }

  @PostMapping
  String save(
      CollectionContext context, @PathVariable long id, Form form, Model model, Reply reply) {
    context.require(Role.KEEPER);
    Subject s = subjects.get(context, id);
    OwnMenu menu = MenuForm.read(form, s.resident().stage().id(), context.today());
    if (!form.hasErrors()) {
      Plan plan = MealTasks.plan(List.of(s.resident().fed(menu)), context.today());
      plan.feedings().stream()
          .map(Feeding::rotation)
          .flatMap(rotation -> rotation.broken().stream())
          .findFirst()
          .ifPresent(conflict -> form.refuse("menu", named(conflict, plan)));
    }
    if (form.hasErrors()) {
      return reply.refused(page(context, s, model, form));
    }
    menus.change(context, id, menu, form.clientId());
    return reply.saved(Messages.text("menu.saved"), path(context, id));
  }

  /** The sentence with the names of foods, which it knows by the keys of their tasks. */
  private static String named(Rotation.Conflict conflict, Plan plan) {
    Helping helping = plan.helpings().get(conflict.food());
    return helping == null
        ? conflict.why()
        : conflict.why().replace(conflict.food(), helping.food());
  }

  /** Back to what the sheet says. */
  @PostMapping("/sheet")
  String sheet(CollectionContext context, @PathVariable long id, Form form, Reply reply) {
    context.require(Role.KEEPER);
    Subject s = subjects.get(context, id);
    menus.change(
        context,
        id,
        new OwnMenu(s.resident().stage().id(), List.of(), Set.of(), context.today(), ""),
        form.clientId());
    return reply.saved(Messages.text("menu.as-sheet-saved"), path(context, id));
  }

  private static String path(CollectionContext context, long id) {
    return context.path("/animals/" + id + "/food");
  }
}
