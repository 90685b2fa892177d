package app.islet.cli;

import app.islet.core.calculator.Batch;
import app.islet.core.calculator.Calculators;
import app.islet.core.calculator.RefusedException;
import java.io.IOException;
import java.io.PrintStream;
import java.nio.charset.CharacterCodingException;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** Runs one calculator on {@code key=value} words, or many from a file of JSON lines. */
final class CalcCommand {
  private CalcCommand() {}

  static int run(List<String> args, PrintStream out, PrintStream err) {
    if (args.isEmpty()) {
      err.println(
          "calc takes a calculator and its inputs, as in: ./islet calc tank-volume lengthCm=90 widthCm=45 heightCm=45");
      return Main.UNREADABLE;
    }
    return args.get(0).equals("--batch")
        ? batch(args.subList(1, args.size()), out, err)
        : one(args, out, err);
  }

  private static int one(List<String> args, PrintStream out, PrintStream err) {
    try {
      out.println(
          Batch.json(
              args.get(0), Calculators.run(args.get(0), pairs(args.subList(1, args.size())))));
      return Main.OK;
    } catch (RefusedException e) {
      err.println(e.getMessage());
      return Main.UNREADABLE;
    }
  }

  private static Map<String, String> pairs(List<String> words) {
    Map<String, String> pairs = new LinkedHashMap<>();
    for (String word : words) {
      int at = word.indexOf('=');
      if (at < 1) {
        throw new RefusedException("", "\"%s\" is not of the form key=value".formatted(word));
      }
      if (pairs.put(word.substring(0, at), word.substring(at + 1)) != null) {
        throw new RefusedException(
            word.substring(0, at), "%s is given twice".formatted(word.substring(0, at)));
      }
    }
    return pairs;
  }

  private static int batch(List<String> args, PrintStream out, PrintStream err) {
    if (args.size() != 1) {
      err.println("calc --batch takes one file of JSON lines");
      return Main.UNREADABLE;
    }
    try {
      Files.readAllLines(Path.of(args.get(0))).stream().map(Batch::answer).forEach(out::println);
      return Main.OK;
    } catch (NoSuchFileException e) {
      err.println(args.get(0) + ": there is no such file");
    } catch (CharacterCodingException e) {
      err.println(args.get(0) + ": this is not a text file in UTF-8");
    } catch (IOException e) {
      err.println(args.get(0) + ": this cannot be read: " + e.getMessage());
    }
    return Main.UNREADABLE;
  }
}
