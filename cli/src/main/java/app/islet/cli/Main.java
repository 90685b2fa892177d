package app.islet.cli;

import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;

/**
 * Entry point of {@code ./islet check}, {@code calc}, {@code propose}, {@code ledger}, {@code plan}
 * and {@code triage}.
 */
public final class Main {
  static final int OK = 0;
  static final int UNREADABLE = 2;

  private Main() {}

  public static void main(String[] args) {
    Locale.setDefault(Locale.ENGLISH);
    PrintStream out = new PrintStream(System.out, false, StandardCharsets.UTF_8);
    PrintStream err = new PrintStream(System.err, false, StandardCharsets.UTF_8);
    int code = run(List.of(args), LocalDate.now(), out, err);
    out.flush();
    err.flush();
    System.exit(code);
  }

  static int run(List<String> args, LocalDate today, PrintStream out, PrintStream err) {
    String command = args.isEmpty() ? "" : args.get(0);
    List<String> rest = args.isEmpty() ? args : args.subList(1, args.size());
    return switch (command) {
      case "check" -> CheckCommand.run(rest, today, out, err);
      case "calc" -> CalcCommand.run(rest, out, err);
      case "ledger" -> LedgerCommand.run(rest, out, err);
      case "plan" -> PlanCommand.run(rest, today, out, err);
      case "propose" -> ProposeCommand.run(rest, today, out, err);
      case "triage" -> TriageCommand.run(rest, out, err);
      default -> {
        err.println(
            "usage: check FILE.json | calc ID key=value ... | calc --batch FILE | propose SPECIES STAGE COUNT ... | propose --list | ledger FILE.csv | plan FILE.json | triage SPECIES STAGE SIGN[,SIGN...]; got "
                + Arrays.toString(args.toArray()));
        yield UNREADABLE;
      }
    };
  }
}
