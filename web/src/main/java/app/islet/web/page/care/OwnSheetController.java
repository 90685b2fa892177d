package app.islet.web.page.care;

import app.islet.core.care.CareSheet;
import app.islet.core.care.SheetDraft;
import app.islet.core.care.SheetNumber;
import app.islet.core.quantity.Quantity;
import app.islet.core.text.English;
import app.islet.core.text.Problem;
import app.islet.core.text.UnreadableException;
import app.islet.web.base.support.Field;
import app.islet.web.base.support.Fields;
import app.islet.web.base.support.Form;
import app.islet.web.base.support.NotTextException;
import app.islet.web.base.support.Reply;
import app.islet.web.base.support.TextFiles;
import app.islet.web.people.collection.CollectionContext;
import app.islet.web.people.collection.Role;
import app.islet.web.store.care.CareSheetStore;
import app.islet.web.store.care.OwnSheet;
import java.io.IOException;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;
import org.springframework.web.server.ResponseStatusException;

/**
 * Care sheets of a collection's own: copied, their numbers changed with a reason, read from files.
 */
@Controller
@RequestMapping("/c/{collection}/care")
class OwnSheetController {
  private static final String REASON = "reason";

  private final CareSheetStore sheets;

  OwnSheetController(CareSheetStore sheets) {
    this.sheets = sheets;
  }

  @PostMapping("/{id}/copy")
  String copy(
      CollectionContext context, @PathVariable String id, @RequestParam String name, Reply reply) {
    context.require(Role.KEEPER);
    if (name.isBlank() || name.strip().length() > 60) {
      return reply.notDone(
          "Give the copy a name of 1 to 60 characters.", context.path("/care/" + id));
    }
    return "redirect:"
        + context.path("/care/" + sheets.copy(context, id, name.strip()) + "/numbers");
  }

  /**
   * Numbers of one group of a sheet.
   *
   * @param basis what they rest on, as written in the sheet
   */
  record Group(String name, String basis, List<Field> fields, boolean wrong) {}

  @GetMapping("/{id}/numbers")
  String numbers(CollectionContext context, @PathVariable String id, Model model) {
    context.require(Role.KEEPER);
    SheetDraft draft = own(context, id);
    Form form = new Form(typed(draft, context), context.system());
    return page(context, id, draft, form, model);
  }

  @PostMapping("/{id}/numbers")
  String save(
      CollectionContext context, @PathVariable String id, Form form, Model model, Reply reply) {
    context.require(Role.KEEPER);
    SheetDraft draft = own(context, id);
    Map<String, Double> changed = changed(draft, form);
    if (!changed.isEmpty() && form.typed(REASON).isEmpty()) {
      form.refuse(REASON, "Say why: whoever reads the sheet later will ask.");
    }
    if (form.typed(REASON).length() > 150) {
      form.refuse(REASON, "At most 150 characters, please.");
    }
    if (!form.hasErrors() && !changed.isEmpty()) {
      try {
        sheets.save(context, draft.with(changed, form.typed(REASON)).yaml(), form.typed(REASON));
      } catch (UnreadableException e) {
        e.problems().forEach(problem -> refuse(form, changed, problem));
      }
    }
    if (form.hasErrors()) {
      return reply.refused(page(context, id, draft, form, model));
    }
    return reply.saved(
        changed.isEmpty()
            ? "Nothing was changed."
            : English.count(changed.size(), "number changed.", "numbers changed."),
        context.path("/care/" + id));
  }

  private static Map<String, Double> changed(SheetDraft draft, Form form) {
    Map<String, Quantity> exact = new LinkedHashMap<>();
    draft.numbers().forEach(n -> exact.put(n.path(), new Quantity(n.dimension(), n.value())));
    form.keepExact(exact);
    Map<String, Double> changed = new LinkedHashMap<>();
    for (SheetNumber n : draft.numbers()) {
      double value = form.number(n.path(), n.dimension(), -1_000_000, 1_000_000);
      if (form.error(n.path()) == null && value != n.value()) {
        changed.put(n.path(), value);
      }
    }
    return changed;
  }

  /** A problem stands beside the changed number it is about, or the first of its group. */
  private static void refuse(Form form, Map<String, Double> changed, Problem problem) {
    String at =
        changed.keySet().stream()
            .filter(path -> path.startsWith(problem.path()))
            .findFirst()
            .orElse(changed.keySet().iterator().next());
    form.refuse(at, problem.sentence());
  }

  private SheetDraft own(CollectionContext context, String id) {
    List<OwnSheet> history = sheets.history(context, id);
    if (history.isEmpty()) {
      throw new ResponseStatusException(HttpStatus.NOT_FOUND);
    }
    return SheetDraft.of(id + ".yaml", history.get(0).yaml());
  }

  private static Map<String, String> typed(SheetDraft draft, CollectionContext context) {
    Map<String, String> typed = new LinkedHashMap<>();
    draft
        .numbers()
        .forEach(n -> typed.put(n.path(), Form.shown(n.value(), n.dimension(), context.system())));
    return typed;
  }

  private String page(
      CollectionContext context, String id, SheetDraft draft, Form form, Model model) {
    Map<String, List<SheetNumber>> byGroup = new LinkedHashMap<>();
    draft.numbers().forEach(n -> byGroup.computeIfAbsent(n.group(), g -> new ArrayList<>()).add(n));
    model.addAttribute("sheet", sheets.library(context).find(id).orElseThrow());
    model.addAttribute(
        "groups",
        byGroup.entrySet().stream()
            .map(
                e ->
                    new Group(
                        e.getKey(),
                        e.getValue().get(0).basis(),
                        e.getValue().stream().map(n -> field(n, form, context)).toList(),
                        e.getValue().stream().anyMatch(n -> form.error(n.path()) != null)))
            .toList());
    model.addAttribute("reason", Fields.of(form, "sheet").text(REASON));
    return "caresheet/numbers";
  }

  private static Field field(SheetNumber n, Form form, CollectionContext context) {
    return Field.of(form, n.path(), n.name(), "number", n.dimension().unit(context.system()), "");
  }

  @GetMapping("/import")
  String importForm(CollectionContext context, Model model) {
    context.require(Role.KEEPER);
    model.addAttribute("problems", List.of());
    return "caresheet/import";
  }

  /** Reads a sheet from a file or from text; refused whole, with every line and reason. */
  @PostMapping("/import")
  String importSheet(
      CollectionContext context,
      @RequestParam(required = false) MultipartFile file,
      @RequestParam(defaultValue = "") String text,
      Model model,
      Reply reply)
      throws IOException {
    context.require(Role.KEEPER);
    String yaml = text;
    try {
      if (file != null && !file.isEmpty()) {
        yaml = TextFiles.utf8(file);
      }
      CareSheet sheet = sheets.save(context, yaml, "read from a file");
      return reply.saved(
          sheet.name() + " is among your care sheets.", context.path("/care/" + sheet.id()));
    } catch (UnreadableException e) {
      model.addAttribute("problems", e.problems());
    } catch (NotTextException e) {
      model.addAttribute("problems", List.of(new Problem("", 1, e.getMessage())));
    }
    model.addAttribute("text", yaml);
    return reply.refused("caresheet/import");
  }
}
