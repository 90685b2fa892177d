package app.islet.web.page.people.setup;

import app.islet.core.quantity.UnitSystem;
import app.islet.web.base.support.Field;
import app.islet.web.base.support.Fields;
import app.islet.web.base.support.Form;
import app.islet.web.base.support.NotFoundException;
import app.islet.web.base.support.Reply;
import app.islet.web.people.account.Logins;
import app.islet.web.people.account.People;
import app.islet.web.people.account.Person;
import app.islet.web.people.collection.NewCollections;
import java.time.ZoneId;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;

/** The first visit: makes the owner and the collection. Afterwards this page is gone. */
@Controller
@RequestMapping("/setup")
class SetupController {
  private final People people;
  private final NewCollections collections;

  SetupController(People people, NewCollections collections) {
    this.people = people;
    this.collections = collections;
  }

  @GetMapping
  String show(Model model) {
    requireFirst();
    return page(model, new Form(Map.of("zone", ZoneId.systemDefault().getId()), UnitSystem.METRIC));
  }

  @PostMapping
  String create(Form form, Model model, Reply reply) {
    requireFirst();
    String name = form.text("name", 60, "your name");
    String login = Logins.read(form);
    String password = Logins.password(form, login, name);
    String collection = form.text("collection", 60, "a name for the collection");
    ZoneId zone = form.zone("zone");
    if (form.hasErrors()) {
      return reply.refused(page(model, form));
    }
    UnitSystem units = form.typed("units").equals("US") ? UnitSystem.US : UnitSystem.METRIC;
    collections.first(
        () -> {
          Person owner = people.register(login, name, password);
          people.prefer(login, units, Person.Theme.AUTO);
          return collections.create(collection, zone, owner);
        });
    return reply.done("/login?made");
  }

  private static String page(Model model, Form form) {
    Fields fields = Fields.of(form, "setup");
    model.addAttribute(
        "fields",
        List.of(
            fields.text("collection"),
            fields.text("name"),
            fields.text("login"),
            fields.password("password"),
            fields.select(
                "units",
                List.of(
                    new Field.Option("METRIC", "cm, litres, °C"),
                    new Field.Option("US", "inches, US gallons, °F"))),
            fields.text("zone")));
    return "setup/setup";
  }

  private void requireFirst() {
    if (people.any()) {
      throw new NotFoundException("somebody has been here already");
    }
  }
}
