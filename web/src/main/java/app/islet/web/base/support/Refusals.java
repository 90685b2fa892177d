package app.islet.web.base.support;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.time.DateTimeException;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.DataAccessResourceFailureException;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.http.HttpStatus;
import org.springframework.jdbc.UncategorizedSQLException;
import org.springframework.orm.jpa.JpaSystemException;
import org.springframework.transaction.CannotCreateTransactionException;
import org.springframework.web.bind.MissingServletRequestParameterException;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.method.annotation.MethodArgumentTypeMismatchException;
import org.springframework.web.multipart.MultipartException;
import org.springframework.web.multipart.support.MissingServletRequestPartException;

/** Answers what cannot be read or kept with a status and a sentence, never as a fault of ours. */
@ControllerAdvice
class Refusals {
  static final String SENTENCE = Refusals.class.getName() + ".sentence";

  private static final Logger LOG = LoggerFactory.getLogger(Refusals.class);

  @ExceptionHandler
  void refused(RefusedException e, HttpServletRequest request, HttpServletResponse response)
      throws IOException {
    answer(HttpStatus.UNPROCESSABLE_ENTITY, e.getMessage(), request, response);
  }

  @ExceptionHandler
  void missing(
      MissingServletRequestParameterException e,
      HttpServletRequest request,
      HttpServletResponse response)
      throws IOException {
    answer(
        HttpStatus.UNPROCESSABLE_ENTITY,
        "\"%s\" was not sent. Load the page again and send it once more."
            .formatted(e.getParameterName()),
        request,
        response);
  }

  /** No browser sends a form of a page like this. */
  @ExceptionHandler({MultipartException.class, MissingServletRequestPartException.class})
  void noFile(Exception e, HttpServletRequest request, HttpServletResponse response)
      throws IOException {
    LOG.info("A form with a file that cannot be read: {}", e.getMessage());
    answer(
        HttpStatus.UNPROCESSABLE_ENTITY,
        "The file did not arrive whole. Choose it and send it once more.",
        request,
        response);
  }

  /** A number in an address that is none names nothing; elsewhere it was sent wrongly. */
  @ExceptionHandler
  void unreadable(
      MethodArgumentTypeMismatchException e,
      HttpServletRequest request,
      HttpServletResponse response)
      throws IOException {
    if (e.getParameter().hasParameterAnnotation(PathVariable.class)) {
      answer(HttpStatus.NOT_FOUND, "There is no such page.", request, response);
    } else {
      answer(
          HttpStatus.UNPROCESSABLE_ENTITY,
          "What was sent as \"%s\" cannot be read.".formatted(e.getName()),
          request,
          response);
    }
  }

  @ExceptionHandler
  void impossibleDay(DateTimeException e, HttpServletRequest request, HttpServletResponse response)
      throws IOException {
    LOG.info("a day that cannot be calculated with", e);
    answer(
        HttpStatus.UNPROCESSABLE_ENTITY,
        "A day in it is too far away to calculate with.",
        request,
        response);
  }

  /** The last line of defence: whatever the store refuses is told, and logged to be looked into. */
  @ExceptionHandler
  void notKept(
      DataIntegrityViolationException e, HttpServletRequest request, HttpServletResponse response)
      throws IOException {
    if (Outage.isNumberGivenTwice(e)) {
      away(e, request, response);
      return;
    }
    LOG.warn("the store refused what was sent", e);
    answer(
        HttpStatus.CONFLICT,
        "This could not be saved: something like it was saved at the same moment, or it is outside"
            + " what can be kept. Look at the page again.",
        request,
        response);
  }

  /** The data cannot be reached: whatever was sent was not saved. */
  @ExceptionHandler({
    CannotCreateTransactionException.class,
    DataAccessResourceFailureException.class
  })
  void away(Exception e, HttpServletRequest request, HttpServletResponse response)
      throws IOException {
    LOG.error("The database does not answer: {}", e.getMessage());
    answer(
        HttpStatus.SERVICE_UNAVAILABLE,
        Outage.of(e).orElse(Outage.AWAY).sentence(),
        request,
        response);
  }

  /** The data is there and takes nothing more: a full disk, a copy that can only be read. */
  @ExceptionHandler({JpaSystemException.class, UncategorizedSQLException.class})
  void closed(RuntimeException e, HttpServletRequest request, HttpServletResponse response)
      throws IOException {
    Outage outage = Outage.of(e).orElseThrow(() -> e);
    LOG.error("The database takes nothing more: {}", e.getMessage());
    answer(HttpStatus.SERVICE_UNAVAILABLE, outage.sentence(), request, response);
  }

  private static void answer(
      HttpStatus status, String sentence, HttpServletRequest request, HttpServletResponse response)
      throws IOException {
    request.setAttribute(SENTENCE, sentence);
    response.sendError(status.value());
  }
}
