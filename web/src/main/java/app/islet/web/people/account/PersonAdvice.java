package app.islet.web.people.account;

import app.islet.core.quantity.UnitSystem;
import app.islet.web.base.support.Units;
import java.security.Principal;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;

/** Gives every page the person and their units, also where no collection is in the address. */
@ControllerAdvice(annotations = Controller.class)
class PersonAdvice {
  private final PersonRepository people;

  PersonAdvice(PersonRepository people) {
    this.people = people;
  }

  @ModelAttribute
  void person(
      @Nullable Principal principal,
      @PathVariable(required = false) @Nullable String collection,
      Model model) {
    // With a collection in the address, whoever is a member is known from the membership.
    Person person =
        principal == null || collection != null
            ? null
            : people.findByLogin(principal.getName()).orElse(null);
    if (person != null) {
      model.addAttribute("person", person);
    }
    model.addAttribute("u", new Units(person == null ? UnitSystem.METRIC : person.units()));
  }
}
