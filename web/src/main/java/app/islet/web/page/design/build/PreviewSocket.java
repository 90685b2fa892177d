package app.islet.web.page.design.build;

import app.islet.web.base.support.Form;
import app.islet.web.base.support.Fragments;
import app.islet.web.people.account.Visits;
import app.islet.web.people.collection.CollectionContext;
import app.islet.web.people.collection.CollectionContexts;
import java.io.IOException;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Component;
import org.springframework.web.server.ResponseStatusException;
import org.springframework.web.socket.CloseStatus;
import org.springframework.web.socket.TextMessage;
import org.springframework.web.socket.WebSocketSession;
import org.springframework.web.socket.handler.TextWebSocketHandler;
import tools.jackson.core.JacksonException;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.ObjectMapper;

/**
 * Answers the questions of a drag over one open line: a request of its own for each would cost as
 * much as its answer. A question is the form as a JSON object, an answer the piece of page that a
 * request for the preview would get.
 *
 * <p>Who signed out or is no longer a member loses the line within five seconds; what the page then
 * asks by requests is refused as any request is.
 */
@Component
class PreviewSocket extends TextWebSocketHandler {
  /** Room for a form of a thousand parts. */
  private static final int MAX_CHARACTERS = 1_000_000;

  private static final Duration ASKED_AGAIN_AFTER = Duration.ofSeconds(5);
  private static final TypeReference<Map<String, String>> FORM = new TypeReference<>() {};

  private final Preview preview;
  private final Fragments pieces;
  private final CollectionContexts contexts;
  private final Visits visits;
  private final ObjectMapper json;
  private final Clock clock;

  PreviewSocket(
      Preview preview,
      Fragments pieces,
      CollectionContexts contexts,
      Visits visits,
      ObjectMapper json,
      Clock clock) {
    this.preview = preview;
    this.pieces = pieces;
    this.contexts = contexts;
    this.visits = visits;
    this.json = json;
    this.clock = clock;
  }

  /**
   * Who opened a line, and about what.
   *
   * @param csrf what the forms in the answers must carry
   */
  record Caller(String login, String visit, String collection, long enclosure, String csrf) {
    private static final String KEY = "caller";

    void keepIn(Map<String, Object> attributes) {
      attributes.put(KEY, this);
    }

    private static Caller of(WebSocketSession line) {
      return (Caller) line.getAttributes().get(KEY);
    }
  }

  private record Standing(CollectionContext context, Instant until) {
    private static final String KEY = "standing";
  }

  @Override
  public void afterConnectionEstablished(WebSocketSession line) {
    line.setTextMessageSizeLimit(MAX_CHARACTERS);
  }

  @Override
  protected void handleTextMessage(WebSocketSession line, TextMessage question) throws IOException {
    Optional<CollectionContext> context = context(line);
    if (context.isEmpty()) {
      line.close(CloseStatus.POLICY_VIOLATION);
      return;
    }
    Caller caller = Caller.of(line);
    try {
      Preview.Piece piece =
          preview.of(
              context.get(),
              caller.enclosure(),
              new Form(json.readValue(question.getPayload(), FORM), context.get().system()));
      Map<String, Object> model = new HashMap<>(piece.model());
      model.put("csrf", caller.csrf());
      line.sendMessage(new TextMessage(pieces.make(Preview.TEMPLATE, piece.fragment(), model)));
    } catch (JacksonException e) {
      line.close(CloseStatus.BAD_DATA.withReason("a question is a JSON object of words"));
    } catch (ResponseStatusException e) {
      line.close(CloseStatus.POLICY_VIOLATION);
    }
  }

  private Optional<CollectionContext> context(WebSocketSession line) {
    Standing known = (Standing) line.getAttributes().get(Standing.KEY);
    Instant now = clock.instant();
    if (known != null && now.isBefore(known.until())) {
      return Optional.of(known.context());
    }
    Caller caller = Caller.of(line);
    Optional<CollectionContext> context =
        visits.seen(caller.visit())
            ? contexts.find(caller.login(), caller.collection()).filter(CollectionContext::isMember)
            : Optional.empty();
    context.ifPresent(
        p -> line.getAttributes().put(Standing.KEY, new Standing(p, now.plus(ASKED_AGAIN_AFTER))));
    return context;
  }
}
