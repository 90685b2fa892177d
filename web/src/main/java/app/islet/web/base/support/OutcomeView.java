package app.islet.web.base.support;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.View;
import tools.jackson.databind.ObjectMapper;

/**
 * Writes what became of a form as {@code {"sentence": "...", "errors": {"field": "..."}}}; the
 * status tells whether it was done.
 */
@Component(Outcome.VIEW)
class OutcomeView implements View {
  private static final String TYPE = "application/json";

  private final ObjectMapper json;

  OutcomeView(ObjectMapper json) {
    this.json = json;
  }

  @Override
  public String getContentType() {
    return TYPE;
  }

  @Override
  public void render(
      @Nullable Map<String, ?> model, HttpServletRequest request, HttpServletResponse response)
      throws Exception {
    response.setContentType(TYPE);
    Map<String, String> errors =
        request.getAttribute(Form.SENT) instanceof Form form ? form.errors() : Map.of();
    json.writeValue(
        response.getOutputStream(),
        Map.of("sentence", Outcome.of(request).sentence(), "errors", errors));
  }
}
