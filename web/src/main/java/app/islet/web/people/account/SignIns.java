package app.islet.web.people.account;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.List;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.core.userdetails.User;
import org.springframework.security.web.context.HttpSessionSecurityContextRepository;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.stereotype.Component;

/** Signs somebody in who has shown otherwise who they are: by a link of their own. */
@Component
public class SignIns {
  private static final Logger LOG = LoggerFactory.getLogger(SignIns.class);

  private final SecurityContextRepository visits = new HttpSessionSecurityContextRepository();

  /** Begins a visit of its own: what was known of the browser before is not carried into it. */
  public void enter(String login, HttpServletRequest request, HttpServletResponse response) {
    request.getSession();
    request.changeSessionId();
    Visits.remember(request);
    SecurityContext visit = SecurityContextHolder.createEmptyContext();
    visit.setAuthentication(
        UsernamePasswordAuthenticationToken.authenticated(
            User.withUsername(login).password("").build(), null, List.of()));
    SecurityContextHolder.setContext(visit);
    visits.saveContext(visit, request, response);
    LOG.info("{} signed in, from {}", login, request.getRemoteAddr());
  }
}
