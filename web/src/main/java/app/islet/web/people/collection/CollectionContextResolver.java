package app.islet.web.people.collection;

import app.islet.web.base.support.EnclosureStep;
import app.islet.web.base.support.NotFoundException;
import jakarta.servlet.http.HttpServletRequest;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.core.MethodParameter;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.stereotype.Component;
import org.springframework.web.bind.support.WebDataBinderFactory;
import org.springframework.web.context.request.NativeWebRequest;
import org.springframework.web.context.request.RequestAttributes;
import org.springframework.web.method.support.HandlerMethodArgumentResolver;
import org.springframework.web.method.support.ModelAndViewContainer;
import org.springframework.web.servlet.HandlerMapping;

/**
 * Makes the {@link CollectionContext} of a request, or answers 404: whoever is not a member learns
 * nothing, not even that it exists.
 */
@Component
class CollectionContextResolver implements HandlerMethodArgumentResolver {
  private static final Logger LOG = LoggerFactory.getLogger(CollectionContextResolver.class);
  private static final String KEY = CollectionContext.class.getName();

  private final CollectionContexts contexts;

  CollectionContextResolver(CollectionContexts contexts) {
    this.contexts = contexts;
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
    CollectionContext context = of(request).orElse(null);
    if (context == null) {
      LOG.warn("A page of a collection that {} is not in was asked for", request.getRemoteUser());
      throw new NotFoundException("no such collection for whoever asks");
    }
    HttpServletRequest asked =
        Objects.requireNonNull(request.getNativeRequest(HttpServletRequest.class));
    LinkedPages.require(context, asked.getServletPath());
    if (mav != null) {
      mav.addAttribute("context", context);
      mav.addAttribute("person", context.person());
      mav.addAttribute("u", context.units());
      mav.addAttribute("enclosureSteps", EnclosureStep.values());
    }
    return context;
  }

  /** Looked up once a request; empty where there is none, or not for whoever asks. */
  Optional<CollectionContext> of(NativeWebRequest request) {
    Object known = request.getAttribute(KEY, RequestAttributes.SCOPE_REQUEST);
    if (known instanceof CollectionContext context) {
      return Optional.of(context);
    }
    Authentication authentication = SecurityContextHolder.getContext().getAuthentication();
    Map<?, ?> variables =
        (Map<?, ?>)
            request.getAttribute(
                HandlerMapping.URI_TEMPLATE_VARIABLES_ATTRIBUTE, RequestAttributes.SCOPE_REQUEST);
    Object slug = variables == null ? null : variables.get("collection");
    if (authentication == null || slug == null) {
      return Optional.empty();
    }
    Optional<CollectionContext> found = contexts.find(authentication.getName(), slug.toString());
    found.ifPresent(context -> request.setAttribute(KEY, context, RequestAttributes.SCOPE_REQUEST));
    return found;
  }
}
