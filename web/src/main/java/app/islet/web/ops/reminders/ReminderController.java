package app.islet.web.ops.reminders;

import app.islet.web.base.support.Form;
import app.islet.web.base.support.Messages;
import app.islet.web.base.support.Reply;
import app.islet.web.people.collection.CollectionContext;
import app.islet.web.people.collection.Role;
import java.util.Optional;
import java.util.regex.Pattern;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;

/** How one wants to be reminded of a collection. */
@Controller
@RequestMapping("/c/{collection}/reminders")
class ReminderController {
  private static final int LAST_HOUR = 23;
  private static final int MAX_MAIL = 200;

  /** Near enough: whether it arrives the first message tells. */
  private static final Pattern MAIL = Pattern.compile("[^@\\s<>,;]+@[^@\\s<>,;]+");

  private final Reminders reminders;
  private final Messenger messenger;

  ReminderController(Reminders reminders, Messenger messenger) {
    this.reminders = reminders;
    this.messenger = messenger;
  }

  @GetMapping
  String show(CollectionContext context, Form form, Model model) {
    context.require(Role.KEEPER);
    return page(reminders.get(context), form, model);
  }

  private String page(Reminder shown, Form form, Model model) {
    model.addAttribute("reminder", shown);
    model.addAttribute("mailTyped", form.all().getOrDefault("mail", shown.mail()));
    model.addAttribute("mailError", form.error("mail"));
    model.addAttribute("hasMail", messenger.hasMail());
    model.addAttribute("webhook", messenger.webhookHost());
    return "reminders/reminders";
  }

  @PostMapping
  String save(CollectionContext context, Form form, Reply reply, Model model) {
    context.require(Role.KEEPER);
    String mail = form.typed("mail");
    if (!mail.isEmpty() && (mail.length() > MAX_MAIL || !MAIL.matcher(mail).matches())) {
      form.refuse("mail", Messages.text("reminders.mail-wanted"));
    }
    Reminder wanted =
        new Reminder(
            mail,
            form.flag("webhook"),
            form.flag("urgent"),
            hour(form, "digestHour"),
            hour(form, "quietFrom")
                .flatMap(
                    from ->
                        hour(form, "quietUntil").map(until -> new Reminder.Quiet(from, until))));
    if (form.hasErrors()) {
      return reply.refused(page(wanted, form, model));
    }
    reminders.save(context, wanted);
    return reply.saved(Messages.text("reminders.saved"), context.path("/reminders"));
  }

  private static Optional<Integer> hour(Form form, String field) {
    return form.typed(field).isEmpty()
        ? Optional.empty()
        : Optional.of(form.whole(field, 0, LAST_HOUR, 0));
  }
}
