package app.islet.web.base.support;

import app.islet.core.text.PlainText;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.Arrays;
import org.springframework.core.MethodParameter;
import org.springframework.web.method.HandlerMethod;
import org.springframework.web.servlet.HandlerInterceptor;

/**
 * Refuses what has characters in it that no database keeps. A {@link Form} says so beside the
 * field; whatever else is sent is refused here.
 */
final class PlainParameters implements HandlerInterceptor {
  @Override
  public boolean preHandle(
      HttpServletRequest request, HttpServletResponse response, Object handler) {
    if (handler instanceof HandlerMethod method && !readsForm(method)) {
      request.getParameterMap().values().stream()
          .flatMap(Arrays::stream)
          .filter(text -> !PlainText.isPlain(text))
          .findAny()
          .ifPresent(
              text -> {
                throw new RefusedException(
                    "Something in it has a character that cannot be written; please type it anew.");
              });
    }
    return true;
  }

  private static boolean readsForm(HandlerMethod method) {
    return Arrays.stream(method.getMethodParameters())
        .map(MethodParameter::getParameterType)
        .anyMatch(type -> type == Form.class);
  }
}
