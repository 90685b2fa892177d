package app.islet.web.base.support;

import app.islet.web.people.account.Person;
import app.islet.web.people.collection.AnimalCollection;
import app.islet.web.people.collection.CollectionContexts;
import app.islet.web.reading.archive.TakeIn;
import app.islet.web.reading.archive.TakeOut;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.UUID;

/** The demo as somebody's own, to change at will. */
public final class Demo {
  private Demo() {}

  public static AnimalCollection copyFor(Person owner) {
    Islet islet = Islet.running();
    try {
      Path file = Files.createTempFile("demo", ".zip");
      try {
        islet
            .bean(TakeOut.class)
            .write(
                islet.bean(CollectionContexts.class).find("mill", "weir-mill").orElseThrow(), file);
        return islet.bean(TakeIn.class).read(owner, file, UUID.randomUUID());
      } finally {
        Files.delete(file);
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
