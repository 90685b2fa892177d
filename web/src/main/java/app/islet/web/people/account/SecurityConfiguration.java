package app.islet.web.people.account;

import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.boot.security.autoconfigure.actuate.web.servlet.EndpointRequest;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.annotation.Order;
import org.springframework.security.authentication.ProviderManager;
import org.springframework.security.authentication.dao.DaoAuthenticationProvider;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.userdetails.User;
import org.springframework.security.core.userdetails.UserDetailsService;
import org.springframework.security.core.userdetails.UsernameNotFoundException;
import org.springframework.security.crypto.factory.PasswordEncoderFactories;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.authentication.AuthenticationFailureHandler;
import org.springframework.security.web.authentication.AuthenticationSuccessHandler;
import org.springframework.security.web.authentication.SavedRequestAwareAuthenticationSuccessHandler;
import org.springframework.security.web.authentication.logout.HeaderWriterLogoutHandler;
import org.springframework.security.web.authentication.logout.LogoutHandler;
import org.springframework.security.web.context.SecurityContextHolderFilter;
import org.springframework.security.web.csrf.CsrfFilter;
import org.springframework.security.web.header.writers.ClearSiteDataHeaderWriter;
import org.springframework.security.web.header.writers.ClearSiteDataHeaderWriter.Directive;
import org.springframework.security.web.header.writers.ReferrerPolicyHeaderWriter.ReferrerPolicy;
import org.springframework.security.web.savedrequest.CookieRequestCache;
import org.springframework.security.web.savedrequest.RequestCache;

/**
 * Who may see what before a collection is even asked for: everything but the door needs a sign-in.
 * A visit is kept once somebody has signed in, never before.
 */
@Configuration
class SecurityConfiguration {
  private static final String CONTENT_SECURITY =
      "default-src 'self'; img-src 'self' data:; "
          + "object-src 'none'; base-uri 'none'; frame-ancestors 'none'; form-action 'self'";

  /** The camera photographs the animals; nothing else of the device is asked for. */
  private static final String PERMISSIONS =
      "camera=(self), geolocation=(), microphone=(), payment=(), usb=(), bluetooth=()";

  /** Photos that a browser has kept are not for whoever sits down there next. */
  private static final LogoutHandler FORGOTTEN =
      new HeaderWriterLogoutHandler(new ClearSiteDataHeaderWriter(Directive.CACHE));

  /** Health and metrics answer on their own port alone, which is on loopback. */
  @Bean
  @Order(0)
  SecurityFilterChain watched(HttpSecurity http) throws Exception {
    return http.securityMatcher(EndpointRequest.toAnyEndpoint())
        .authorizeHttpRequests(requests -> requests.anyRequest().permitAll())
        .build();
  }

  @Bean
  SecurityFilterChain filters(
      HttpSecurity http,
      RequestCache asked,
      UserDetailsService people,
      PasswordEncoder passwords,
      SignInGuard guard,
      SecondStep steps,
      AuthenticationSuccessHandler entered)
      throws Exception {
    return http.authorizeHttpRequests(
            requests ->
                requests
                    .requestMatchers(
                        "/login",
                        CodeController.ADDRESS,
                        "/setup",
                        "/error",
                        "/files-*/**",
                        "/favicon.svg",
                        "/icons/**",
                        "/help/*",
                        "/join/*",
                        "/join/*/new",
                        "/reset/*",
                        "/service-worker.js",
                        "/api/calculators/**",
                        "/calendar/*")
                    .permitAll()
                    .anyRequest()
                    .authenticated())
        // This one alone: a second behind it would look at what the guard has refused.
        .authenticationManager(new ProviderManager(signIn(people, passwords, guard, steps)))
        .requestCache(cache -> cache.requestCache(asked))
        .csrf(csrf -> csrf.csrfTokenRepository(OwnCookies.token()))
        .exceptionHandling(refusals -> refusals.accessDeniedHandler(new RefusedAccess()))
        .formLogin(
            form -> form.loginPage("/login").successHandler(entered).failureHandler(refused()))
        .logout(logout -> logout.addLogoutHandler(FORGOTTEN).logoutSuccessUrl("/login?logout"))
        .addFilterBefore(new AbsoluteLimit(), SecurityContextHolderFilter.class)
        .addFilterBefore(new UploadSizes(), CsrfFilter.class)
        .headers(
            headers ->
                headers
                    .contentSecurityPolicy(policy -> policy.policyDirectives(CONTENT_SECURITY))
                    .referrerPolicy(policy -> policy.policy(ReferrerPolicy.SAME_ORIGIN))
                    .permissionsPolicyHeader(policy -> policy.policy(PERMISSIONS)))
        .build();
  }

  /** What a stranger wanted to see is kept with them, not here. */
  @Bean
  RequestCache asked() {
    CookieRequestCache pages = new CookieRequestCache();
    pages.setRequestMatcher(
        request ->
            request.getMethod().equals("GET")
                && String.valueOf(request.getHeader("Accept")).contains("text/html"));
    return pages;
  }

  @Bean
  AuthenticationSuccessHandler entered(RequestCache asked) {
    SavedRequestAwareAuthenticationSuccessHandler handler = new Entered();
    handler.setRequestCache(asked);
    handler.setDefaultTargetUrl("/");
    return handler;
  }

  private static AuthenticationFailureHandler refused() {
    return (request, response, why) -> {
      String next = "/login?error";
      if (why instanceof TooManyTriesException tries) {
        next = "/login?wait=" + tries.minutes();
      } else if (why instanceof SecondStepWantedException wanted) {
        CodeController.expect(wanted, request);
        next = CodeController.ADDRESS;
      }
      response.sendRedirect(request.getContextPath() + next);
    };
  }

  private static GuardedSignIn signIn(
      UserDetailsService people, PasswordEncoder passwords, SignInGuard guard, SecondStep steps) {
    DaoAuthenticationProvider provider = new DaoAuthenticationProvider(people);
    provider.setPasswordEncoder(passwords);
    return new GuardedSignIn(provider, guard, steps);
  }

  @Bean
  PasswordEncoder passwordEncoder() {
    return new WholePasswords(PasswordEncoderFactories.createDelegatingPasswordEncoder());
  }

  @Bean
  UserDetailsService userDetails(PersonRepository people) {
    return login ->
        people
            .findByLogin(GuardedSignIn.login(login))
            .map(
                person ->
                    User.withUsername(person.login())
                        .password(person.passwordHash())
                        .disabled(person.isDisabled())
                        .build())
            .orElseThrow(() -> new UsernameNotFoundException("no such sign-in"));
  }

  /** Notes which browser it is, and leads to what was asked for. */
  private static final class Entered extends SavedRequestAwareAuthenticationSuccessHandler {
    @Override
    public void onAuthenticationSuccess(
        HttpServletRequest request, HttpServletResponse response, Authentication who)
        throws ServletException, IOException {
      Visits.remember(request);
      super.onAuthenticationSuccess(request, response, who);
    }
  }
}
