package app.islet.web.people.collection;

import app.islet.core.quantity.UnitSystem;
import app.islet.web.base.support.Form;
import java.util.LinkedHashMap;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.core.MethodParameter;
import org.springframework.stereotype.Component;
import org.springframework.web.bind.support.WebDataBinderFactory;
import org.springframework.web.context.request.NativeWebRequest;
import org.springframework.web.context.request.RequestAttributes;
import org.springframework.web.method.support.HandlerMethodArgumentResolver;
import org.springframework.web.method.support.ModelAndViewContainer;

/** Reads what was sent as a {@link Form} in the units of whoever sent it. */
@Component
class FormResolver implements HandlerMethodArgumentResolver {
  private final CollectionContextResolver contexts;

  FormResolver(CollectionContextResolver contexts) {
    this.contexts = contexts;
  }

  @Override
  public boolean supportsParameter(MethodParameter parameter) {
    return parameter.getParameterType() == Form.class;
  }

  @Override
  public Object resolveArgument(
      MethodParameter parameter,
      @Nullable ModelAndViewContainer mav,
      NativeWebRequest request,
      @Nullable WebDataBinderFactory binders) {
    Map<String, String> typed = new LinkedHashMap<>();
    request.getParameterMap().forEach((id, values) -> typed.put(id, values[0]));
    UnitSystem units =
        contexts.of(request).map(CollectionContext::system).orElse(UnitSystem.METRIC);
    Form form = new Form(typed, units);
    request.setAttribute(Form.SENT, form, RequestAttributes.SCOPE_REQUEST);
    return form;
  }
}
