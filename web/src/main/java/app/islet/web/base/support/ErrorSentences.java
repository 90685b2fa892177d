package app.islet.web.base.support;

import java.util.Map;
import org.springframework.boot.web.error.ErrorAttributeOptions;
import org.springframework.boot.webmvc.error.DefaultErrorAttributes;
import org.springframework.stereotype.Component;
import org.springframework.web.context.request.RequestAttributes;
import org.springframework.web.context.request.WebRequest;

/** Puts the sentence of a refusal on the error page, and into the JSON of the API. */
@Component
class ErrorSentences extends DefaultErrorAttributes {
  @Override
  public Map<String, Object> getErrorAttributes(WebRequest request, ErrorAttributeOptions options) {
    Map<String, Object> attributes = super.getErrorAttributes(request, options);
    Object sentence = request.getAttribute(Refusals.SENTENCE, RequestAttributes.SCOPE_REQUEST);
    if (sentence != null) {
      attributes.put("sentence", sentence);
    }
    return attributes;
  }
}
