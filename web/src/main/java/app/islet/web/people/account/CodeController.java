package app.islet.web.people.account;

import app.islet.web.base.support.Fields;
import app.islet.web.base.support.Form;
import app.islet.web.base.support.Messages;
import app.islet.web.base.support.Reply;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import java.io.IOException;
import java.time.Duration;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.web.authentication.AuthenticationSuccessHandler;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;

/** Asks for the second step, of whoever typed the right password a moment ago. */
@Controller
@RequestMapping(CodeController.ADDRESS)
class CodeController {
  static final String ADDRESS = "/login/code";

  private static final Logger LOG = LoggerFactory.getLogger(CodeController.class);

  /** Whose password was right, in a visit that is nobody's yet. */
  private static final String LOGIN = "second-step-of";

  private static final String SEAL = "second-step-seal";

  private static final Duration PATIENCE = Duration.ofMinutes(10);

  private final SecondStep steps;
  private final SignInGuard guard;
  private final SignIns signIns;
  private final AuthenticationSuccessHandler entered;

  CodeController(
      SecondStep steps, SignInGuard guard, SignIns signIns, AuthenticationSuccessHandler entered) {
    this.steps = steps;
    this.guard = guard;
    this.signIns = signIns;
    this.entered = entered;
  }

  /** Notes that somebody's password was right; who was signed in before is no more. */
  static void expect(SecondStepWantedException wanted, HttpServletRequest request) {
    Optional.ofNullable(request.getSession(false)).ifPresent(HttpSession::invalidate);
    HttpSession visit = request.getSession();
    visit.setMaxInactiveInterval((int) PATIENCE.toSeconds());
    visit.setAttribute(LOGIN, wanted.login());
    visit.setAttribute(SEAL, wanted.passwordSeal());
  }

  private Optional<String> expected(HttpServletRequest request) {
    return Optional.ofNullable(request.getSession(false))
        .filter(v -> Visits.lasted(v).compareTo(PATIENCE) < 0)
        .map(v -> (String) v.getAttribute(LOGIN));
  }

  @GetMapping
  String ask(HttpServletRequest request, Form form, Model model) {
    return expected(request).isPresent() ? page(form, model) : "redirect:/";
  }

  private static String page(Form form, Model model) {
    model.addAttribute("fields", List.of(Fields.of(form, "step").code("code")));
    return "account/code";
  }

  @PostMapping
  @Nullable String enter(
      HttpServletRequest request, HttpServletResponse response, Form form, Model model, Reply reply)
      throws IOException, ServletException {
    Optional<String> login = expected(request);
    if (login.isEmpty()) {
      return reply.done("/");
    }
    String address = request.getRemoteAddr();
    Duration wait = guard.take(login.get(), address);
    if (!wait.isZero()) {
      return reply.done("/login?wait=" + TooManyTriesException.minutes(wait));
    }
    String seal = (String) request.getSession().getAttribute(SEAL);
    if (!steps.passes(login.get(), seal, form.typed("code"))) {
      LOG.warn("Second step refused, from {}", address);
      form.refuse("code", Messages.text("account.step.wrong"));
      return reply.refused(page(form, model));
    }
    guard.right(login.get(), address);
    request.getSession().invalidate();
    signIns.enter(login.get(), request, response);
    entered.onAuthenticationSuccess(
        request, response, SecurityContextHolder.getContext().getAuthentication());
    return null;
  }
}
