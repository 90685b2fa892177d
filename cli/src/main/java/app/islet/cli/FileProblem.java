package app.islet.cli;

import java.io.IOException;
import java.nio.charset.CharacterCodingException;
import java.nio.file.NoSuchFileException;

/** Why a file cannot be read, in a sentence. */
final class FileProblem {
  private FileProblem() {}

  static String sentence(String file, IOException e) {
    if (e instanceof NoSuchFileException) {
      return file + ": there is no such file";
    }
    return e instanceof CharacterCodingException
        ? file + ": this is not a text file in UTF-8"
        : file + ": this cannot be read: " + e.getMessage();
  }
}
