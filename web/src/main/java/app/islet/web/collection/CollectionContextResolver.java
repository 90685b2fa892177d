package app.islet.web.collection;

import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.core.MethodParameter;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.stereotype.Component;
import org.springframework.web.bind.support.WebDataBinderFactory;
import org.springframework.web.context.request.NativeWebRequest;
import org.springframework.web.context.request.RequestAttributes;
import org.springframework.web.method.support.HandlerMethodArgumentResolver;
import org.springframework.web.method.support.ModelAndViewContainer;
import org.springframework.web.server.ResponseStatusException;
import org.springframework.web.servlet.HandlerMapping;

/**
 * Makes the {@link CollectionContext} of a request, or answers 404: whoever is not a member learns
 * nothing, not even that it exists.
 */
@Component
class CollectionContextResolver implements HandlerMethodArgumentResolver {
  private final CollectionContexts places;

  CollectionContextResolver(CollectionContexts places) {
    this.places = places;
  }

  @Override
  public boolean supportsParameter(MethodParameter parameter) {
    return parameter.getParameterType() == CollectionContext.class;
  }

  @Override
  public Object resolveArgument(
      MethodParameter parameter,
      @Nullable ModelAndViewContainer mav,
      NativeWebRequest request,
      @Nullable WebDataBinderFactory binders) {
    Authentication authentication = SecurityContextHolder.getContext().getAuthentication();
    Map<?, ?> variables =
        (Map<?, ?>)
            request.getAttribute(
                HandlerMapping.URI_TEMPLATE_VARIABLES_ATTRIBUTE, RequestAttributes.SCOPE_REQUEST);
    Object slug = variables == null ? null : variables.get("collection");
    CollectionContext place =
        authentication == null || slug == null
            ? null
            : places.find(authentication.getName(), slug.toString()).orElse(null);
    if (place == null) {
      throw new ResponseStatusException(HttpStatus.NOT_FOUND);
    }
    if (mav != null) {
      mav.addAttribute("place", place);
      mav.addAttribute("person", place.person());
      mav.addAttribute("u", place.units());
    }
    return place;
  }
}
