package app.islet.web.base.support;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.springframework.core.MethodParameter;
import org.springframework.stereotype.Component;
import org.springframework.web.bind.support.WebDataBinderFactory;
import org.springframework.web.context.request.NativeWebRequest;
import org.springframework.web.method.support.HandlerMethodArgumentResolver;
import org.springframework.web.method.support.ModelAndViewContainer;
import org.springframework.web.servlet.support.RequestContextUtils;

/** Makes the {@link Reply} of a request. */
@Component
class ReplyResolver implements HandlerMethodArgumentResolver {
  @Override
  public boolean supportsParameter(MethodParameter parameter) {
    return parameter.getParameterType() == Reply.class;
  }

  @Override
  public Object resolveArgument(
      MethodParameter parameter,
      @Nullable ModelAndViewContainer mav,
      NativeWebRequest request,
      @Nullable WebDataBinderFactory binders) {
    HttpServletRequest asked =
        Objects.requireNonNull(request.getNativeRequest(HttpServletRequest.class));
    HttpServletResponse answer =
        Objects.requireNonNull(request.getNativeResponse(HttpServletResponse.class));
    return new Reply(
        answer, RequestContextUtils.getOutputFlashMap(asked), Outcome.of(asked), wantsJson(asked));
  }

  private static boolean wantsJson(HttpServletRequest asked) {
    String accept = asked.getHeader("Accept");
    return accept != null && accept.startsWith("application/json");
  }
}
