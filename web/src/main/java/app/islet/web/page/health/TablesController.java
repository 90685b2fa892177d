package app.islet.web.page.health;

import app.islet.core.health.HealthTables;
import app.islet.core.health.Sign;
import app.islet.core.text.UnreadableException;
import app.islet.web.base.support.Form;
import app.islet.web.base.support.Messages;
import app.islet.web.base.support.NotFoundException;
import app.islet.web.base.support.Reply;
import app.islet.web.people.collection.CollectionContext;
import app.islet.web.people.collection.Role;
import app.islet.web.store.health.HealthTableStore;
import app.islet.web.store.health.OwnHealthTable;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;

/** What the answers are made of, row by row with its basis: read, taken out, copied and changed. */
@Controller
@RequestMapping("/c/{collection}/health/tables")
class TablesController {
  private static final int LONGEST_REASON = 200;

  private final HealthTableStore store;

  TablesController(HealthTableStore store) {
    this.store = store;
  }

  /** A table in the list. */
  record Line(String name, boolean own, String reason) {}

  @GetMapping
  String show(CollectionContext context, Model model) {
    HealthTables tables = store.tables(context);
    model.addAttribute("tables", tables);
    model.addAttribute("steps", tables.stepWords());
    model.addAttribute(
        "words", tables.signs().stream().collect(Collectors.toMap(Sign::id, Sign::words)));
    Map<String, OwnHealthTable> own =
        store.own(context).stream()
            .collect(Collectors.toMap(OwnHealthTable::name, Function.identity()));
    model.addAttribute(
        "lines",
        HealthTables.names().stream()
            .map(
                name ->
                    new Line(
                        name,
                        own.containsKey(name),
                        Optional.ofNullable(own.get(name)).map(OwnHealthTable::reason).orElse("")))
            .toList());
    return "health/tables";
  }

  @GetMapping("/{name}.yaml")
  ResponseEntity<String> file(CollectionContext context, @PathVariable String name) {
    require(name);
    return ResponseEntity.ok()
        .header("Content-Type", "application/yaml;charset=UTF-8")
        .header("Content-Disposition", "attachment; filename=\"" + name + ".yaml\"")
        .body(store.text(context, name));
  }

  @GetMapping("/{name}")
  String edit(CollectionContext context, @PathVariable String name, Model model) {
    context.require(Role.KEEPER);
    require(name);
    return page(context, name, store.text(context, name), "", List.of(), model);
  }

  @PostMapping("/{name}")
  String save(
      CollectionContext context, @PathVariable String name, Form form, Model model, Reply reply) {
    context.require(Role.KEEPER);
    require(name);
    String yaml = form.typed("text").replace("\r\n", "\n");
    String reason = form.typed("reason");
    if (reason.isEmpty()) {
      form.refuse("reason", Messages.text("health.tables.why"));
      model.addAttribute("noReason", form.error("reason"));
      return reply.refused(page(context, name, yaml, reason, List.of(), model));
    }
    try {
      store.save(
          context, name, yaml, reason.substring(0, Math.min(LONGEST_REASON, reason.length())));
    } catch (UnreadableException e) {
      return reply.refused(page(context, name, yaml, reason, e.problems(), model));
    }
    return reply.saved(Messages.text("health.tables.saved"), context.path("/health/tables"));
  }

  @PostMapping("/{name}/back")
  String back(CollectionContext context, @PathVariable String name, Model model, Reply reply) {
    require(name);
    try {
      store.takeOut(context, name);
    } catch (UnreadableException e) {
      return reply.refused(page(context, name, store.text(context, name), "", e.problems(), model));
    }
    return reply.saved(Messages.text("health.tables.back"), context.path("/health/tables"));
  }

  private String page(
      CollectionContext context,
      String name,
      String text,
      String reason,
      List<?> problems,
      Model model) {
    model.addAttribute("name", name);
    model.addAttribute("text", text);
    model.addAttribute("reason", reason);
    model.addAttribute("problems", problems);
    model.addAttribute(
        "own", store.own(context).stream().anyMatch(table -> table.name().equals(name)));
    return "health/table";
  }

  private static void require(String name) {
    if (!HealthTables.names().contains(name)) {
      throw new NotFoundException("there is no table " + name);
    }
  }
}
