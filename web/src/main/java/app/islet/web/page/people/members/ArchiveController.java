package app.islet.web.page.people.members;

import app.islet.core.text.UnreadableException;
import app.islet.web.base.support.Downloads;
import app.islet.web.base.support.Form;
import app.islet.web.base.support.Messages;
import app.islet.web.base.support.RefusedException;
import app.islet.web.base.support.Reply;
import app.islet.web.people.collection.CollectionContext;
import app.islet.web.people.collection.Role;
import app.islet.web.reading.archive.TakeIn;
import app.islet.web.reading.archive.TakeOut;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpHeaders;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;

/** A whole collection as one file, out and in. */
@Controller
@RequestMapping("/c/{collection}/collection")
class ArchiveController {
  private final TakeOut takeOut;
  private final TakeIn takeIn;

  ArchiveController(TakeOut takeOut, TakeIn takeIn) {
    this.takeOut = takeOut;
    this.takeIn = takeIn;
  }

  /** Written whole before the first of it is sent: what arrives is never half of one. */
  @GetMapping("/archive")
  void takeOut(CollectionContext context, HttpServletResponse response) throws IOException {
    context.require(Role.OWNER);
    Path file = Files.createTempFile("islet", ".zip");
    try {
      takeOut.write(context, file);
      String name = "%s %s.zip".formatted(context.collection().name(), context.today());
      response.setContentType("application/zip");
      response.setHeader(HttpHeaders.CONTENT_DISPOSITION, Downloads.named(name));
      response.setContentLengthLong(Files.size(file));
      try (OutputStream out = response.getOutputStream()) {
        Files.copy(file, out);
      }
    } finally {
      Files.delete(file);
    }
  }

  /** Makes a collection of what is in a file; whoever reads it in owns it. */
  @PostMapping("/read-in")
  String readIn(
      CollectionContext context,
      @RequestParam(required = false) @Nullable MultipartFile file,
      Form form,
      Reply reply)
      throws IOException {
    context.require(Role.KEEPER);
    if (file == null) {
      throw new RefusedException(Messages.text("archive.choose"));
    }
    Path copy = Files.createTempFile("islet", ".zip");
    try {
      file.transferTo(copy);
      String slug = takeIn.read(context.person(), copy, form.clientId()).slug();
      return reply.saved(Messages.text("archive.was-read"), "/c/" + slug);
    } catch (UnreadableException e) {
      return reply.done(
          context.path("/collection"), Map.of("archiveProblem", String.valueOf(e.getMessage())));
    } finally {
      Files.delete(copy);
    }
  }
}
