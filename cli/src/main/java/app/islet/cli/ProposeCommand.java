package app.islet.cli;

import app.islet.core.animal.Heads;
import app.islet.core.animal.Resident;
import app.islet.core.animal.Size;
import app.islet.core.care.CareLibrary;
import app.islet.core.care.CareSheet;
import app.islet.core.care.Stage;
import app.islet.core.document.DocumentWriter;
import app.islet.core.document.EnclosureDocument;
import app.islet.core.enclosure.Site;
import app.islet.core.proposal.Proposal;
import app.islet.core.proposal.Proposer;
import app.islet.core.proposal.Wish;
import app.islet.core.quantity.UnitSystem;
import java.io.PrintStream;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * Prints an enclosure document made for some animals and a room: 0 one that passes, 1 none can
 * pass, 2 not understood.
 */
final class ProposeCommand {
  private static final int NONE = 1;
  private static final String EXAMPLE =
      "propose takes a species, a stage and how many, as in: ./islet propose slider hatchling 1 summerC=25 winterC=18 --for grown";
  private static final int MAX = 1000;

  private ProposeCommand() {}

  /** What was asked, or a sentence on what is wrong with it. */
  private static final class NotUnderstood extends RuntimeException {
    private static final long serialVersionUID = 1;

    NotUnderstood(String sentence) {
      super(sentence);
    }
  }

  static int run(List<String> args, LocalDate today, PrintStream out, PrintStream err) {
    if (args.equals(List.of("--list"))) {
      CareLibrary.bundled()
          .all()
          .forEach(s -> s.stages().forEach(t -> out.println(s.id() + " " + t.id())));
      return Main.OK;
    }
    try {
      return propose(args, today, out, err);
    } catch (NotUnderstood e) {
      err.println(e.getMessage());
      return Main.UNREADABLE;
    }
  }

  private static int propose(List<String> args, LocalDate today, PrintStream out, PrintStream err) {
    List<String> names = new ArrayList<>();
    Map<String, String> options = new HashMap<>();
    boolean grown = false;
    for (int n = 0; n < args.size(); n++) {
      String word = args.get(n);
      if (word.equals("--for")) {
        n++;
        grown = isGrown(n < args.size() ? args.get(n) : "");
      } else if (word.contains("=")) {
        options.put(word.replaceFirst("=.*$", ""), word.replaceFirst("^[^=]*=", ""));
      } else {
        names.add(word);
      }
    }
    if (names.size() != 3) {
      throw new NotUnderstood(EXAMPLE);
    }
    Resident who = who(names);
    boolean chiller = chiller(options.remove("chiller"));
    double summer = temperature("summerC", options.remove("summerC"), 25);
    double winter = temperature("winterC", options.remove("winterC"), 18);
    if (!options.isEmpty()) {
      throw new NotUnderstood(
          "propose knows summerC, winterC and chiller, not " + String.join(", ", options.keySet()));
    }
    if (winter > summer) {
      throw new NotUnderstood(
          "the coldest night (winterC) cannot be warmer than the warmest day (summerC)");
    }
    Wish wish =
        new Wish(
            who.words(),
            List.of(who),
            Site.room(summer, winter),
            today,
            new Wish.Limits(Double.POSITIVE_INFINITY, Double.POSITIVE_INFINITY, chiller));
    Optional<Proposal> proposal = grown ? Proposer.grown(wish) : Proposer.now(wish);
    if (proposal.isEmpty()) {
      err.println(refusal(wish));
      return NONE;
    }
    out.print(
        DocumentWriter.write(new EnclosureDocument(proposal.get().design(), wish.residents())));
    return Main.OK;
  }

  private static boolean isGrown(String aim) {
    if (!aim.equals("now") && !aim.equals("grown")) {
      throw new NotUnderstood("--for is now or grown, not \"%s\"".formatted(aim));
    }
    return aim.equals("grown");
  }

  private static Resident who(List<String> names) {
    CareSheet sheet =
        CareLibrary.bundled()
            .find(names.get(0))
            .orElseThrow(
                () ->
                    new NotUnderstood(
                        "there is no species \"%s\"; ./islet propose --list says which there are"
                            .formatted(names.get(0))));
    Stage stage =
        sheet
            .stage(names.get(1))
            .orElseThrow(
                () ->
                    new NotUnderstood(
                        "%s has no stage \"%s\"; it has %s"
                            .formatted(
                                sheet.id(),
                                names.get(1),
                                sheet.stages().stream()
                                    .map(Stage::id)
                                    .collect(Collectors.joining(", ")))));
    return Resident.described(
            sheet, Heads.of(count(names.get(2))), Size.UNKNOWN, Optional.of(stage.id()))
        .named(sheet.plural());
  }

  private static int count(String text) {
    if (!text.matches("\\d{1,4}") || Integer.parseInt(text) < 1 || Integer.parseInt(text) > MAX) {
      throw new NotUnderstood(
          "how many is a whole number from 1 to %d, not \"%s\"".formatted(MAX, text));
    }
    return Integer.parseInt(text);
  }

  private static boolean chiller(@Nullable String text) {
    if (text != null && !text.equals("yes") && !text.equals("no")) {
      throw new NotUnderstood("chiller is yes or no, not \"%s\"".formatted(text));
    }
    return !"no".equals(text);
  }

  private static double temperature(String name, @Nullable String text, double fallback) {
    if (text == null) {
      return fallback;
    }
    if (!text.matches("-?\\d{1,3}([.,]\\d+)?")) {
      throw new NotUnderstood("%s is a temperature in °C, not \"%s\"".formatted(name, text));
    }
    double c = Double.parseDouble(text.replace(',', '.'));
    if (c < -20 || c > 50) {
      throw new NotUnderstood("%s is -20 to 50 °C, not %s".formatted(name, text));
    }
    return c;
  }

  private static String refusal(Wish wish) {
    String who = wish.residents().get(0).words();
    return Proposer.obstacle(wish)
        .map(
            f ->
                "No enclosure passes for %s in this room. %s"
                    .formatted(who, f.what().text(UnitSystem.METRIC)))
        .orElse("No enclosure passes for %s in this room.".formatted(who));
  }
}
