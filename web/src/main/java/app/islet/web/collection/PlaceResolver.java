package app.islet.web.collection;

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

import java.time.Clock;
import java.time.LocalDate;
import java.util.Map;

/**
 * Makes the {@link Place} of a request, or answers 404: whoever is not a member learns nothing, not
 * even that it exists.
 */
@Component
class PlaceResolver implements HandlerMethodArgumentResolver {
    private final MembershipRepository memberships;
    private final Clock clock;

    PlaceResolver(MembershipRepository memberships, Clock clock) {
        this.memberships = memberships;
        this.clock = clock;
    }

    @Override
    public boolean supportsParameter(MethodParameter parameter) {
        return parameter.getParameterType() == Place.class;
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
                                HandlerMapping.URI_TEMPLATE_VARIABLES_ATTRIBUTE,
                                RequestAttributes.SCOPE_REQUEST);
        Object slug = variables == null ? null : variables.get("collection");
        Membership member =
                authentication == null || slug == null
                        ? null
                        : memberships.find(authentication.getName(), slug.toString()).orElse(null);
        if (member == null) {
            throw new ResponseStatusException(HttpStatus.NOT_FOUND);
        }
        Place place =
                new Place(
                        member.person(),
                        member.collection(),
                        member.role(),
                        LocalDate.now(clock.withZone(member.collection().zone())));
        if (mav != null) {
            mav.addAttribute("place", place);
            mav.addAttribute("person", place.person());
            mav.addAttribute("u", place.units());
        }
        return place;
    }
}
